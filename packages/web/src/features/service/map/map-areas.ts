import type { PlaceMap } from '@hornblende/core/formats';

/** A place drawn on a map. */
export type Area = PlaceMap['areas'][number];
/** A rectangle on a map, in shares of it. */
export type Box = Omit<Area, 'name'>;

/** The smallest place that can be drawn, as a share of the map. */
const LEAST = 0.06;
/** Shares are kept to a tenth of a thousandth: finer than anybody draws. */
const rounded = (share: number): number => Math.round(share * 1e4) / 1e4;
const within = (value: number, low: number, high: number): number =>
  rounded(Math.min(high, Math.max(low, value)));

/** A point, held on the map. */
export function onMap(x: number, y: number): { x: number; y: number } {
  return { x: within(x, 0, 1), y: within(y, 0, 1) };
}

/** A place moved, held on the map. */
export function moved<T extends Box>(area: T, dx: number, dy: number): T {
  return { ...area, x: within(area.x + dx, 0, 1 - area.width), y: within(area.y + dy, 0, 1 - area.height) };
}

/** A place with its lower right corner moved, held on the map and large enough to be seen. */
export function resized<T extends Box>(area: T, dx: number, dy: number): T {
  return {
    ...area,
    width: within(area.width + dx, LEAST, 1 - area.x),
    height: within(area.height + dy, LEAST, 1 - area.y),
  };
}

/** The rectangle between two corners; null where it is too small to have been meant. */
export function between(from: { x: number; y: number }, to: { x: number; y: number }): Box | null {
  const x = Math.min(from.x, to.x);
  const y = Math.min(from.y, to.y);
  const width = Math.abs(to.x - from.x);
  const height = Math.abs(to.y - from.y);
  if (width < LEAST || height < LEAST) return null;
  return {
    x: rounded(x),
    y: rounded(y),
    width: within(width, LEAST, 1 - x),
    height: within(height, LEAST, 1 - y),
  };
}

/** A name for a place that is drawn anew: the first that parts are said to be at and that is not drawn yet. */
export function freshName(wheres: readonly string[], areas: readonly Area[]): string {
  const drawn = new Set(areas.map(a => a.name));
  const waiting = wheres.find(w => !drawn.has(w));
  if (waiting !== undefined) return waiting;
  let n = areas.length + 1;
  while (drawn.has(`Place ${n}`)) n++;
  return `Place ${n}`;
}

/** The space left between places that are laid out by themselves. */
const GAP = 0.03;

/** Places that are laid out by themselves: of more, nobody would find one. */
const MOST_LAID_OUT = 60;

/**
 * A first map: the places that parts are said to be at, in rows, to be moved where they belong.
 * @param all their names, those that matter most first
 */
export function mapOfPlaces(name: string, all: readonly string[]): PlaceMap {
  const wheres = all.slice(0, MOST_LAID_OUT);
  const columns = Math.max(1, Math.ceil(Math.sqrt(wheres.length)));
  const rows = Math.max(1, Math.ceil(wheres.length / columns));
  const width = (1 - GAP) / columns - GAP;
  const height = (1 - GAP) / rows - GAP;
  return {
    format: 'hornblende-map',
    version: 1,
    name,
    proportion: 1.6,
    photo: null,
    areas: wheres.map((where, n) => ({
      name: where,
      x: rounded(GAP + (n % columns) * (width + GAP)),
      y: rounded(GAP + Math.floor(n / columns) * (height + GAP)),
      width: rounded(width),
      height: rounded(height),
    })),
    spots: [],
  };
}
