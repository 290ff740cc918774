import { Choice, ListOf, Nested, Quantity, Text } from '../input/fields.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { PhotoRef, photoProblems } from '../records/photo-ref.js';

/** Places that a map may have. */
const MOST_AREAS = 100;
/** Parts that may be put on a map one by one. */
const MOST_SPOTS = 2000;

/** A place drawn on a map: a rectangle, as shares of the map’s width and height from its upper left corner. */
export class MapArea {
  @Text({ maxLength: 120, doc: 'What it is called: parts whose place is called so stand in it.' })
  name!: string;
  @Quantity({ min: 0, max: 1, doc: 'Its left edge, as a share of the map’s width.' }) x!: number;
  @Quantity({ min: 0, max: 1, doc: 'Its upper edge, as a share of the map’s height.' }) y!: number;
  @Quantity({ min: 0.01, max: 1, doc: 'Its width, as a share of the map’s.' }) width!: number;
  @Quantity({ min: 0.01, max: 1, doc: 'Its height, as a share of the map’s.' }) height!: number;
}

/** A part in service that was put on a map where it is. */
export class MapSpot {
  @Text({ maxLength: 60, doc: 'The part in service.' }) placementId!: string;
  @Quantity({ min: 0, max: 1, doc: 'How far from the left, as a share of the map’s width.' }) x!: number;
  @Quantity({ min: 0, max: 1, doc: 'How far from the top, as a share of the map’s height.' }) y!: number;
}

/** `hornblende-map/1`: a garden, a shop or a shelf drawn by hand, with the places on it and the parts in them. */
export class PlaceMap {
  @Choice(['hornblende-map'], { doc: 'Always hornblende-map.' }) format!: 'hornblende-map';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 120, doc: 'What it is called.' }) name!: string;
  @Quantity({ min: 0.25, max: 4, optional: true, doc: 'Its width as a multiple of its height; default 1.6.' })
  proportion = 1.6;
  @Nested(() => PhotoRef, {
    optional: true,
    nullable: true,
    doc: 'A photograph or a drawn plan beneath it; default null: a blank sheet.',
  })
  photo: PhotoRef | null = null;
  @ListOf(() => MapArea, { max: MOST_AREAS, optional: true, doc: 'The places on it; default none.' })
  areas: MapArea[] = [];
  @ListOf(() => MapSpot, {
    max: MOST_SPOTS,
    optional: true,
    doc: 'Parts that were put where they are; the others stand in the area of their place; default none.',
  })
  spots: MapSpot[] = [];
}

/** Shares of a map are sums of rounded figures: what is over the edge by less than this is on it. */
const ROUNDING = 1e-6;

/** Reads a map: defaults filled in, unknown fields refused. @throws InputError */
export function parsePlaceMap(plain: unknown): PlaceMap {
  const map = parseInput(PlaceMap, plain);
  const problems: Problem[] = map.photo
    ? photoProblems([map.photo]).map(p => ({ ...p, field: 'photo.sha256' }))
    : [];
  for (const [n, { x, y, width, height }] of map.areas.entries()) {
    if (x + width > 1 + ROUNDING)
      problems.push({
        field: `areas[${n}].width`,
        value: width,
        message: `must end on the map, at most ${1 - x}`,
      });
    if (y + height > 1 + ROUNDING)
      problems.push({
        field: `areas[${n}].height`,
        value: height,
        message: `must end on the map, at most ${1 - y}`,
      });
  }
  problems.push(
    ...twice(
      map.areas.map(a => a.name),
      n => `areas[${n}].name`,
    ),
    ...twice(
      map.spots.map(s => s.placementId),
      n => `spots[${n}].placementId`,
    ),
  );
  if (problems.length) throw new InputError(problems);
  return map;
}

/** Values that stand in a list more than once. */
function twice(values: readonly string[], field: (n: number) => string): Problem[] {
  return values.flatMap((value, n) =>
    values.indexOf(value) === n ? [] : [{ field: field(n), value, message: 'stands there twice' }],
  );
}
