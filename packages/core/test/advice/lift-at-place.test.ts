import { describe, expect, it } from 'vitest';
import { liftAtPlace } from '../../src/advice/lift-at-place.js';
import { warpOutcome, warpSetup } from '../../src/advice/warp-outcome.js';
import { familyByKey } from '../../src/materials/library.js';
import { brief } from '../cases.js';

const slab = (more: object = {}): Parameters<typeof liftAtPlace>[0] =>
  warpSetup(
    brief({ geometry: { xMm: 150, yMm: 150, zMm: 20, sharpCorners: 4, wallMm: 3 }, ...more }),
    familyByKey('abs')!,
    null,
  );

describe('the chance that a part lets go where it is pulled hardest', () => {
  it('is that of the whole part where the place is as high and as sharp', () => {
    const setup = slab();
    expect(liftAtPlace(setup, { heightMm: 20, atCorner: true }).pLift).toBeCloseTo(
      warpOutcome(setup).pLift,
      12,
    );
  });
  it('is less where the part stands lower there, and along an edge than at a corner', () => {
    const setup = slab();
    const at = (heightMm: number, atCorner: boolean): number =>
      liftAtPlace(setup, { heightMm, atCorner }).pLift;
    expect(at(3, true)).toBeLessThan(at(20, true));
    expect(at(20, false)).toBeLessThan(at(20, true));
  });
  it('falls by a fillet, discs and a brim at a corner, the best first; along an edge only a brim helps', () => {
    const corner = liftAtPlace(slab(), { heightMm: 20, atCorner: true });
    expect(corner.with.map(w => w.id).sort()).toEqual(['brim', 'ears', 'fillet']);
    expect(corner.with.map(w => w.pLift)).toEqual(corner.with.map(w => w.pLift).sort((a, b) => a - b));
    expect(corner.with.every(w => w.pLift < corner.pLift)).toBe(true);
    const edge = liftAtPlace(slab(), { heightMm: 20, atCorner: false });
    expect(edge.with.map(w => w.id)).toEqual(['brim']);
  });
  it('names nothing again that is done already', () => {
    const braced = slab({ print: { aids: ['brim'] } });
    expect(liftAtPlace(braced, { heightMm: 20, atCorner: true }).with.map(w => w.id)).not.toContain('brim');
  });
});
