import { describe, expect, it } from 'vitest';
import { familyByKey } from '../../src/materials/library.js';
import { rank } from '../../src/score/rank.js';
import {
  briefAsPlaced,
  happened,
  happenedTally,
  modelRecord,
  modelRecordWords,
  type Happened,
} from '../../src/service/happened.js';
import {
  modelBiases,
  modelCalibration,
  shiftOf,
  type ModelOutcome,
} from '../../src/service/model-calibration.js';
import { chance } from '../../src/lib/random.js';
import { normalCdf } from '../../src/lib/normal.js';
import { placed } from './placed.js';

/** Parts of a workshop whose model of heat says so much too much, K: each fails by chance, as it really stands. */
function workshop(seed: number, tooBrightK: number, parts = 40): ModelOutcome[] {
  const source = chance(seed);
  for (let i = 0; i < 8; i++) source.uniform();
  return Array.from({ length: parts }, () => {
    const margin = -10 + 40 * source.uniform();
    const sigma = 3 + 3 * source.uniform();
    return { margin, sigma, failed: source.uniform() > normalCdf((margin - tooBrightK) / sigma) };
  });
}
const found = (tooBrightK: number, wanted: string): number =>
  Array.from(
    { length: 100 },
    (_, seed) => modelBiases({ heat: workshop(seed + 1, tooBrightK) })[0]!.promises,
  ).filter(p => p === wanted).length;

/** The shift by the definition, one outcome at a time: the mean of what is believed on a grid of its own. */
function shiftByDefinition(outcomes: readonly ModelOutcome[], priorSd: number): number {
  const deltas = Array.from({ length: 401 }, (_, i) => -4 * priorSd + (8 * priorSd * i) / 400);
  const logs = deltas.map(delta =>
    outcomes.reduce(
      (sum, { margin, sigma, failed }) => {
        const holds = normalCdf((margin + delta) / sigma);
        return sum + Math.log(Math.max(1e-9, failed ? 1 - holds : holds));
      },
      -((delta / priorSd) ** 2) / 2,
    ),
  );
  const most = Math.max(...logs);
  const weights = logs.map(l => Math.exp(l - most));
  const whole = weights.reduce((a, b) => a + b, 0);
  return deltas.reduce((sum, delta, i) => sum + (delta * weights[i]!) / whole, 0);
}

describe('which model is off, by parts in service', () => {
  it('is the same to a hundredth of a spread where thousands are counted together', () => {
    for (const seed of [3, 11, 29]) {
      const outcomes = workshop(seed, 4, 6000);
      expect(shiftOf(outcomes, 12).shift).toBeCloseTo(shiftByDefinition(outcomes, 12), 1);
      expect(shiftOf(outcomes, 12).shift).toBeGreaterThan(-4.5);
      expect(shiftOf(outcomes, 12).shift).toBeLessThan(-3.5);
      const few = outcomes.slice(0, 900);
      expect(shiftOf(few, 12).shift).toBeCloseTo(shiftByDefinition(few, 12), 3);
    }
  });

  it('finds a model that is 10 K too bright in 9 of 10 workshops of forty parts, and one as much too dark', () => {
    expect(found(10, 'too much')).toBeGreaterThanOrEqual(90);
    expect(found(-10, 'too little')).toBeGreaterThanOrEqual(90);
  });
  it('accuses a model that is right in hardly one of ten', () => {
    expect(found(0, 'what came')).toBeGreaterThanOrEqual(90);
  });
  it('names about how much: the interval holds the truth, and few parts move it little', () => {
    const many = shiftOf(workshop(7, 10, 400), 12);
    expect(many.low).toBeLessThan(-10);
    expect(many.high).toBeGreaterThan(-10);
    expect(Math.abs(many.shift + 10)).toBeLessThan(2);
    const one = shiftOf([{ margin: 8, sigma: 4, failed: true }], 12);
    expect(one.shift).toBeLessThan(0);
    expect(one.low).toBeLessThan(one.shift);
    expect(shiftOf([], 12).shift).toBeCloseTo(0, 9);
  });
  it('tells a ratio as a factor, and those that are off first', () => {
    const bright = Array.from({ length: 30 }, (_, i) => ({ margin: 0.7, sigma: 0.2, failed: i % 2 === 0 }));
    const right = Array.from({ length: 60 }, () => ({ margin: 20, sigma: 3, failed: false }));
    const [first, second] = modelBiases({ heat: right, uv: bright });
    expect(first).toMatchObject({ model: 'uv', promises: 'too much', failures: 15 });
    // Half of them failed where a margin of ln 2 was claimed: about half of what it has is there.
    expect(first!.factor).toBeGreaterThan(0.45);
    expect(first!.factor).toBeLessThan(0.6);
    expect(second).toMatchObject({ model: 'heat', factor: null, failures: 0 });
  });
});

describe('what was said against what happened', () => {
  const pla = familyByKey('pla')!;
  const of = (...parts: Parameters<typeof placed>[0][]): Happened[] =>
    parts.flatMap(p => happened(placed({ ...p, material: 'pla' }), pla, null) ?? []);
  const car = { material: 'pla', heat: 'closed-vehicle', years: 1 } as const;
  const shelf = { material: 'pla', heat: 'indoors', years: 3 } as const;

  it('puts a part into the bin of its chance, and counts who held', () => {
    const { holds } = modelCalibration(
      of(shelf, shelf, shelf, { ...car, verdict: 'failed', mode: 'deformed' }),
    );
    expect(holds.answers).toBe(4);
    expect(holds.points.map(p => [p.hit, p.answers])).toEqual([
      [0, 1],
      [1, 3],
    ]);
    expect(holds.brier).toBeLessThan(0.05);
  });
  it('puts a failure down to the model least at ease about it, and to no other', () => {
    const { biases } = modelCalibration(of({ ...shelf, verdict: 'failed', mode: 'deformed' }, shelf));
    const heat = biases.find(b => b.model === 'heat')!;
    expect(heat).toMatchObject({ parts: 2, failures: 1 });
    expect(heat.shift).toBeLessThan(0);
    const gnawed = modelCalibration(of({ ...shelf, verdict: 'failed', mode: 'chewed' }));
    expect(gnawed.biases).toEqual([]);
    expect(gnawed.holds.answers).toBe(1);
  });
  it('leaves out what is too young to tell', () => {
    expect(modelCalibration(of({ ...shelf, years: 0.05 })).holds.answers).toBe(0);
  });
  it('counts somebody else’s part for as much as it was given, in chances, models and the record', () => {
    const half = { ...shelf, weight: 0.5, origin: 'Fell growers' };
    const { holds, biases } = modelCalibration(of(half, half, shelf));
    expect(holds.answers).toBe(2);
    const own = modelCalibration(of(shelf, shelf)).biases.find(b => b.model === 'heat')!;
    expect(biases.find(b => b.model === 'heat')!.shift).toBeCloseTo(own.shift, 9);
    const list = happenedTally(of(half, half, half, shelf));
    expect(modelRecord(list)).toMatchObject({ telling: 2.5, right: 2.5 });
    expect(modelRecordWords(list)).toContain('Of 2.5 parts that tell, the models had 2.5 right');
  });
  it('says the chance that the ranking says, of what only holds baked as well', () => {
    for (const [material, partMaxC] of [
      ['pla-ht', 60],
      ['pet-cf', 100],
      ['petg', 62],
    ] as const) {
      const family = familyByKey(material)!;
      const part = placed({ material, heat: 'indoors', partMaxC, years: 2 });
      const [ranked] = rank(briefAsPlaced(part, null), { families: [family] }).candidates;
      expect(happened(part, family, null)!.pHolds).toBeCloseTo(ranked!.pHolds!, 12);
    }
  });
});
