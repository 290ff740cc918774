import type { MapArea, PlaceMap } from './place-map.js';

/** A part in service as a map takes it: which one, and what its place is called. */
export interface OnMap {
  id: string;
  where: string;
}

/** Where a part stands on a map, as shares of its width and height. */
export interface MapMark {
  id: string;
  x: number;
  y: number;
  /** Whether it was put there, rather than laid into the area of its place. */
  put: boolean;
  /** The width that it has for its name, as a share of the map’s. */
  room: number;
}

/** The parts of a map, and those that have no place on it. */
export interface MapMarks {
  marks: MapMark[];
  /** Ids of parts that were not put on the map and whose place is not drawn. */
  off: string[];
}

/**
 * Where each part stands on a map: where it was put, else in rows within the area that is called like its place.
 * @param parts in the order in which they are laid into an area
 */
export function mapMarks(
  { areas, spots, proportion }: Pick<PlaceMap, 'areas' | 'spots' | 'proportion'>,
  parts: readonly OnMap[],
): MapMarks {
  const put = new Map(spots.map(s => [s.placementId, s]));
  const marks = parts.flatMap(({ id }): MapMark[] => {
    const spot = put.get(id);
    return spot ? [{ id, x: spot.x, y: spot.y, put: true, room: ROOM_WHERE_PUT }] : [];
  });
  const rest = parts.filter(p => !put.has(p.id));
  for (const area of areas) {
    const within = rest.filter(p => p.where === area.name);
    marks.push(
      ...inRows(area, within.length, proportion).map((at, n): MapMark => ({
        id: within[n]!.id,
        ...at,
        put: false,
      })),
    );
  }
  const drawn = new Set(areas.map(a => a.name));
  return { marks, off: rest.filter(p => !drawn.has(p.where)).map(p => p.id) };
}

/** The width for the name of a part that was put on the map, as a share of the map’s. */
const ROOM_WHERE_PUT = 0.14;

/** The upper part of an area that its name takes. */
const NAME_SHARE = 0.28;

/**
 * So many marks in rows below an area's name, as far apart as they can stand. Of all numbers of columns the one is
 * taken that leaves most room about each.
 */
function inRows(
  { x, y, width, height }: MapArea,
  count: number,
  proportion: number,
): Pick<MapMark, 'x' | 'y' | 'room'>[] {
  if (!count) return [];
  const top = y + NAME_SHARE * height;
  const tall = (1 - NAME_SHARE) * height;
  // Room about each mark in one unit of length: the map's height.
  const room = (columns: number): number =>
    Math.min((width * proportion) / columns, tall / Math.ceil(count / columns));
  let columns = 1;
  for (let n = 2; n <= count; n++) if (room(n) > room(columns)) columns = n;
  const rows = Math.ceil(count / columns);
  return Array.from({ length: count }, (_, n) => ({
    x: x + (width * ((n % columns) + 0.5)) / columns,
    y: top + (tall * (Math.floor(n / columns) + 0.5)) / rows,
    room: width / columns,
  }));
}
