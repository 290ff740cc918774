import type { Xyz } from '@hornblende/core/geometry';

/** Faces of a part's box, in the axes of its file. */
export const faceNames = {
  x0: 'its left end (−X)',
  x1: 'its right end (+X)',
  y0: 'its front (−Y)',
  y1: 'its back (+Y)',
  z0: 'its underside (−Z)',
  z1: 'its top (+Z)',
} as const;
/** A face of a part's box. */
export type FaceName = keyof typeof faceNames;

/** The middle of a face. */
export function placeOn(face: FaceName, low: Xyz, high: Xyz): Xyz {
  const axis = { x: 0, y: 1, z: 2 }[face[0] as 'x' | 'y' | 'z'];
  const middle = low.map((l, k) => (l + high[k]!) / 2) as [number, number, number];
  middle[axis] = face[1] === '0' ? low[axis]! : high[axis]!;
  return middle.map(v => Number(v.toFixed(2))) as [number, number, number];
}

/** The face whose middle a place is; null where it is none's. */
export function faceOf(at: Xyz, low: Xyz, high: Xyz): FaceName | null {
  const same = (face: FaceName): boolean => {
    const place = placeOn(face, low, high);
    return at.every((v, k) => Math.abs(v - place[k]!) < 0.05);
  };
  return (Object.keys(faceNames) as FaceName[]).find(same) ?? null;
}
