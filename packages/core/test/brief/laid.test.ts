import { describe, expect, it } from 'vitest';
import { briefChanges } from '../../src/brief/brief-changes.js';
import { boxLays, laidBrief, pullOf, type LaidShape } from '../../src/brief/laid.js';
import type { LoadField } from '../../src/brief/load-field.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { onceSaid } from '../../src/brief/saying.js';
import { solidFractionOf } from '../../src/brief/solid-fraction.js';

const brief = parseBrief({
  format: 'hornblende-brief',
  version: 1,
  name: 'Arm',
  geometry: { xMm: 10, yMm: 10, zMm: 10, solidFraction: 0.9 },
  loads: [
    {
      kind: 'short',
      case: 'cantilever',
      forceN: 10,
      lengthMm: 50,
      widthMm: 10,
      heightMm: 6,
      heldAtMm: [0, 5, 5],
      actsAtMm: [50, 5, 5],
    },
    { kind: 'short', case: 'tension', forceN: 10, widthMm: 5, heightMm: 5, acrossLayers: true },
  ],
});
const shares = Array.from({ length: 48 }, () => 0.25);
const lay = (up: LaidShape['up'], z = 12): LaidShape => ({
  up,
  xMm: 60.123,
  yMm: 20,
  zMm: z,
  volumeMm3: 8000,
  sharpCorners: [1, 2],
  support: { volumeMm3: 500, bridgeMm: 4 },
  deepShares: shares,
  footFill: [1, 1, 0.9, 0.8, 0.7, 0.6],
});

describe('a brief with its shape laid', () => {
  it('takes sizes, corners, supports and depth, and marks them as the file’s', () => {
    const laid = laidBrief(brief, lay([0, 0, 1]), 'arm.stl', 3.2);
    expect(laid.geometry).toMatchObject({
      xMm: 60.12,
      zMm: 12,
      wallMm: 3.2,
      volumeCm3: 8,
      sharpCorners: 2,
      // What was said of it stays said.
      solidFraction: 0.9,
      file: 'arm.stl',
      up: [0, 0, 1],
      supportCm3: 0.5,
      bridgeMm: 4,
    });
    expect(laid.geometry.fromFile).toContain('volumeCm3');
    expect(parseBrief(JSON.parse(JSON.stringify(laid)))).toEqual(laid);
    // 1 − 0.25·(1 − 0.2)
    const unsaid = { ...laid, geometry: { ...laid.geometry, solidFraction: null } };
    expect(solidFractionOf(unsaid)).toBeCloseTo(0.8, 9);
  });
  it('takes over what is known of each load on the shape lying so, and leaves alone what is not', () => {
    const field = { of: 'known', alongMPa: 2, betweenMPa: 1, deflectionTimesModulus: 900 } as LoadField;
    const before = { ...field, of: 'before' };
    const worked = { ...brief, loads: brief.loads.map(l => ({ ...l, field: before })) };
    const laid = laidBrief(worked, { ...lay([0, 0, 1]), fields: [field, null] });
    expect(laid.loads.map(l => l.field?.of)).toEqual(['known', 'before']);
    expect(laidBrief(worked, lay([0, 0, 1])).loads.map(l => l.field?.of)).toEqual(['before', 'before']);
  });
  it('keeps the radii that its file is to get, until another file comes', () => {
    const fillets = [{ atMm: [8, 5, 8] as [number, number, number], radiusMm: 3 }];
    const asked = { ...brief, geometry: { ...brief.geometry, file: 'arm.stl', fillets } };
    expect(laidBrief(asked, lay([1, 0, 0])).geometry.fillets).toEqual(fillets);
    expect(laidBrief(asked, lay([0, 0, 1]), 'arm-2.stl').geometry.fillets).toEqual([]);
  });
  it('turns loads with the part: by their places, else as they are taken to run now', () => {
    expect(laidBrief(brief, lay([0, 0, 1])).loads.map(l => l.acrossLayers)).toEqual([false, true]);
    // The second pulls along what was up, and that lies now.
    expect(laidBrief(brief, lay([1, 0, 0])).loads.map(l => l.acrossLayers)).toEqual([true, false]);
    // Leaning by 20° the layers still carry; by 30° they decide.
    const leaning = (deg: number): boolean[] => {
      const a = (deg * Math.PI) / 180;
      return laidBrief(brief, lay([Math.sin(a), 0, Math.cos(a)])).loads.map(l => l.acrossLayers);
    };
    expect(leaning(20)[0]).toBe(false);
    expect(leaning(30)[0]).toBe(true);
  });
  it('has no pull where both ends are one place or one is not said', () => {
    expect(pullOf({ heldAtMm: [1, 1, 1], actsAtMm: [1, 1, 1] })).toBeNull();
    expect(pullOf({ heldAtMm: null, actsAtMm: [1, 1, 1] })).toBeNull();
    expect(pullOf({ heldAtMm: [0, 0, 0], actsAtMm: [0, 3, 0] })).toEqual([0, 1, 0]);
  });
  it('stops being the file’s where it is said by hand', () => {
    const laid = laidBrief(brief, lay([0, 0, 1]), 'arm.stl');
    const longer = { ...laid, geometry: { ...laid.geometry, xMm: 80 } };
    const said = onceSaid(laid, longer, 'geometry.xMm');
    expect(said.geometry.fromFile).not.toContain('xMm');
    expect(said.geometry.fromFile).toContain('yMm');
    expect(said.geometry.deepShares).toBeNull();
    expect(said.geometry.footFill).toBeNull();
    const corners = onceSaid(laid, laid, 'geometry.sharpCorners');
    expect(corners.geometry.deepShares).toEqual(shares);
  });
  it('tells of a lay as one change, not of each number of it', () => {
    const paths = briefChanges(
      laidBrief(brief, lay([0, 0, 1]), 'a.stl'),
      laidBrief(brief, lay([1, 0, 0]), 'a.stl'),
    ).map(c => c.path);
    expect(paths).toContain('geometry.up');
    expect(new Set(paths).size).toBe(paths.length);
  });
  it('turns a part of which only sizes are known by its sides', () => {
    const plain = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'x',
      geometry: { xMm: 60, yMm: 40, zMm: 10 },
    });
    const onEnd = laidBrief(plain, boxLays(plain)[2]!);
    expect(onEnd.geometry).toMatchObject({
      xMm: 40,
      yMm: 10,
      zMm: 60,
      volumeCm3: null,
      file: null,
      up: null,
      fromFile: [],
    });
  });
  it('refuses a direction that is none, and depths that are too few', () => {
    const bad = { ...brief, geometry: { ...brief.geometry, up: [0, 0], deepShares: [1] } };
    expect(() => parseBrief(JSON.parse(JSON.stringify(bad)))).toThrow(
      /geometry.up.*3 numbers[\s\S]*deepShares.*48/,
    );
  });
});
