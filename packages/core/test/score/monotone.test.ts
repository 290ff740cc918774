import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HOURS_A_YEAR } from '../../src/lib/physical-constants.js';
import type { Brief } from '../../src/brief/brief.js';
import { consequences, waters } from '../../src/brief/choices.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { colours } from '../../src/materials/colours.js';
import { exposures } from '../../src/models/uv-dose.js';
import { standingOf, type Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';

const number = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

/** Briefs in which every kind of load may occur, in numbers that parts have. */
const plain = fc.record({
  format: fc.constant('hornblende-brief'),
  version: fc.constant(1),
  name: fc.constant('Anything'),
  lifeYears: number(0.1, 15),
  ifItFails: fc.constantFrom(...consequences),
  heat: fc.record({ setting: fc.constant('custom'), partC: number(10, 130), partMinC: fc.constant(0) }),
  sun: fc.constantFrom(...exposures),
  water: fc.constantFrom(...waters),
  looks: fc.record({ colour: fc.constantFrom(...colours) }),
  geometry: fc.record({ wallMm: number(1, 8) }),
  print: fc.record({ walls: fc.integer({ min: 1, max: 6 }), infill: number(0.05, 0.9) }),
  loads: fc.array(
    fc.oneof(
      fc.record({
        kind: fc.constantFrom('sustained', 'short', 'cyclic'),
        case: fc.constantFrom('cantilever', 'fixed-fixed', 'tension', 'compression'),
        forceN: number(1, 150),
        lengthMm: number(20, 80),
        widthMm: number(8, 40),
        heightMm: number(4, 25),
        acrossLayers: fc.boolean(),
      }),
      fc.record({
        kind: fc.constant('sustained'),
        case: fc.constantFrom('clamp', 'direct-stress'),
        stressMPa: number(0.2, 15),
      }),
      fc.record({
        kind: fc.constant('impact'),
        case: fc.constant('drop'),
        massKg: number(0.05, 2),
        heightM: number(0.2, 1.5),
        widthMm: number(8, 40),
        heightMm: number(4, 25),
        acrossLayers: fc.boolean(),
      }),
      fc.record({
        kind: fc.constantFrom('short', 'cyclic'),
        case: fc.constant('snap-fit'),
        thicknessMm: number(1, 3),
        undercutMm: number(0.2, 2),
        lengthMm: number(8, 30),
        acrossLayers: fc.boolean(),
      }),
    ),
    { minLength: 1, maxLength: 3 },
  ),
});
const briefs: fc.Arbitrary<Brief> = plain.map(parseBrief);

/** Gates that say nothing of what the change is about: they may well get easier (a lighter print lifts less). */
const aside = /^(printability|mass|cost|build|looks|flex|float)/;

/** Each family's worst verdict in service, as a number: the less the better. */
function standings(b: Brief, only: (g: Gate) => boolean = () => true): Map<string, number> {
  const worst = (gates: readonly Gate[]): number =>
    Math.max(0, ...gates.filter(g => !aside.test(g.id) && only(g)).map(standingOf));
  return new Map(rank(b).candidates.map(c => [c.material, worst(c.gates)]));
}

/** Holds that a change never lets a family stand better. */
function neverHelps(worse: (b: Brief, by: number) => Brief): void {
  fc.assert(
    fc.property(briefs, number(0.05, 1), (b, by) => {
      const before = standings(b);
      for (const [key, standing] of standings(worse(b, by)))
        expect(standing, key).toBeGreaterThanOrEqual(before.get(key)!);
    }),
    { numRuns: 20, seed: 20261126 },
  );
}

describe('what is worse never helps', () => {
  it('hotter', () =>
    neverHelps((b, by) => ({ ...b, heat: { ...b.heat, partC: (b.heat.partC ?? 0) + 40 * by } })));
  it('longer', () => neverHelps((b, by) => ({ ...b, lifeYears: b.lifeYears * (1 + 3 * by) })));
  it('heavier', () =>
    neverHelps((b, by) => ({
      ...b,
      loads: b.loads.map(l => ({
        ...l,
        forceN: l.forceN === null ? null : l.forceN * (1 + by),
        stressMPa: l.stressMPa === null ? null : l.stressMPa * (1 + by),
        massKg: l.massKg === null ? null : l.massKg * (1 + by),
        undercutMm: l.undercutMm === null ? null : l.undercutMm * (1 + by),
      })),
    })));
  it('fewer walls', () => neverHelps(b => ({ ...b, print: { ...b.print, walls: b.print.walls - 1 } })));
  it('less infill', () =>
    neverHelps((b, by) => ({ ...b, print: { ...b.print, infill: b.print.infill * (1 - by) } })));
  it('thinner skins', () =>
    neverHelps(b => ({ ...b, print: { ...b.print, topLayers: 1, bottomLayers: 1 } })));
  it('more cycles', () =>
    neverHelps((b, by) => ({
      ...b,
      loads: b.loads.map(l => ({ ...l, cycles: (l.kind === 'cyclic' ? 1e4 : 1) * 10 ** (4 * by) })),
    })));
  it('held for longer', () =>
    neverHelps((b, by) => ({
      ...b,
      loads: b.loads.map(l =>
        l.kind === 'sustained' ? { ...l, hours: b.lifeYears * HOURS_A_YEAR * (1 + 3 * by) } : l,
      ),
    })));
  it('a sharp inner corner', () =>
    neverHelps(b => ({ ...b, geometry: { ...b.geometry, innerRadiusMm: 0 } })));
  it('more sun', () => neverHelps(b => ({ ...b, sun: 'full' })));
  it('no glass before it', () => neverHelps(b => ({ ...b, heat: { ...b.heat, glass: 'none' } })));
  it('more hours a day', () => neverHelps(b => ({ ...b, heat: { ...b.heat, hoursADay: 24 } })));
  it('graver', () => neverHelps(b => ({ ...b, ifItFails: 'injures' })));
  it('a larger factor of safety', () => neverHelps((b, by) => ({ ...b, safety: (b.safety ?? 3) + 3 * by })));
  it('across the layers rather than along', () =>
    fc.assert(
      fc.property(briefs, b => {
        const laid = (acrossLayers: boolean): Brief => ({
          ...b,
          loads: b.loads.map(l => ({ ...l, acrossLayers })),
        });
        const along = standings(laid(false));
        for (const [key, standing] of standings(laid(true)))
          expect(standing, key).toBeGreaterThanOrEqual(along.get(key)!);
      }),
      { numRuns: 16, seed: 20261126 },
    ));
  it('a knock or a snap in the cold', () =>
    fc.assert(
      fc.property(briefs, number(-30, 10), (b, coldC) => {
        const felt = (g: Gate): boolean =>
          g.id === 'impact' || (g.id === 'strength' && g.unit === '% strain');
        const at = (partMinC: number): Brief => ({ ...b, heat: { ...b.heat, partC: 30, partMinC } });
        const mild = standings(at(23), felt);
        for (const [key, standing] of standings(at(coldC), felt))
          expect(standing, key).toBeGreaterThanOrEqual(mild.get(key)!);
      }),
      { numRuns: 16, seed: 20261126 },
    ));
  it('wet for more of the time', () => {
    let warm = 0;
    fc.assert(
      fc.property(briefs, b => {
        const left = (water: Brief['water']): Map<string, number> =>
          new Map(
            rank({ ...b, water }).candidates.map(c => [
              c.material,
              c.criteria.find(k => k.id === 'water')!.value,
            ]),
          );
        const rain = left('rain');
        if (b.heat.partC! < 35) return;
        warm++;
        for (const [key, share] of left('immersed')) expect(share, key).toBeLessThanOrEqual(rain.get(key)!);
      }),
      { numRuns: 12, seed: 20261126 },
    );
    expect(warm).toBeGreaterThan(3);
  });
  it('standing in water rather than dry', () =>
    fc.assert(
      fc.property(briefs, b => {
        const strength = (g: Gate): boolean => g.id === 'strength';
        const dry = standings({ ...b, water: 'dry' }, strength);
        for (const [key, standing] of standings({ ...b, water: 'immersed' }, strength))
          expect(standing, key).toBeGreaterThanOrEqual(dry.get(key)!);
      }),
      { numRuns: 16, seed: 20261126 },
    ));
});

describe('a margin', () => {
  it('of heat falls as the stress grows, at every stress', () => {
    const margin = (stressMPa: number): number[] =>
      rank(
        parseBrief({
          format: 'hornblende-brief',
          version: 1,
          name: 'x',
          loads: [{ kind: 'short', case: 'direct-stress', stressMPa }],
        }),
      )
        .candidates.sort((a, b) => (a.material < b.material ? -1 : 1))
        .map(c => c.criteria.find(k => k.id === 'heat')!.value);
    const stresses = [0.01, 0.05, 0.2, 0.45, 1, 1.7, 1.8, 1.9, 3, 10, 40];
    const margins = stresses.map(margin);
    margins
      .slice(1)
      .forEach((row, i) => row.forEach((m, j) => expect(m).toBeLessThanOrEqual(margins[i]![j]! + 1e-9)));
  });
});
