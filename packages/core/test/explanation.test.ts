import { describe, expect, it } from 'vitest';
import { rulers } from '../src/advice/rulers.js';
import { conditionsOf } from '../src/brief/conditions.js';
import { familyByKey } from '../src/materials/library.js';
import { assess } from '../src/score/assess.js';
import { contextOf } from '../src/score/context.js';
import { impliedWeights } from '../src/score/criteria.js';
import { deflectionCurve } from '../src/score/deflection-curve.js';
import { rank } from '../src/score/rank.js';
import { scoreWorking } from '../src/score/score-working.js';
import { weakest, weightedMean } from '../src/score/score.js';
import { brief, candidate, enclosedPrinter } from './cases.js';

const outdoors = brief({
  heat: { setting: 'outdoors' },
  sun: 'full',
  water: 'rain',
  looks: { colour: 'dark' },
  loads: [{ kind: 'sustained', case: 'cantilever', forceN: 4, lengthMm: 60, widthMm: 20, heightMm: 8 }],
});
const ranking = rank(outdoors, { printer: enclosedPrinter });

describe('reasons', () => {
  it('up to three for, and one against from another criterion', () => {
    for (const c of ranking.candidates.filter(x => x.rank !== null)) {
      expect(c.for.length).toBeLessThanOrEqual(3);
      expect(c.against.length).toBeLessThanOrEqual(1);
      // A number must not speak on both sides.
      const subject = (s: string): string => s.split(/[:;,]| \d/)[0]!.replace(/^Only |^Softens /, '');
      for (const a of c.against) expect(c.for.map(subject)).not.toContain(subject(a));
    }
  });
  it('what is out says every gate it fails', () => {
    for (const c of ranking.candidates.filter(x => x.rank === null))
      expect(c.against).toEqual(c.gates.filter(g => g.verdict === 'fail').map(g => g.why));
  });
  it('each is a sentence with a number or a plain word', () => {
    for (const c of ranking.candidates)
      for (const s of [...c.for, ...c.against]) expect(s).toMatch(/^[A-Z].*\.$/);
  });
});

describe('scores', () => {
  it('the working adds up to the score, in each school', () => {
    for (const school of ['weighted', 'weakest-link', 'step-up'] as const) {
      const r = rank(outdoors, { printer: enclosedPrinter, school });
      for (const c of r.candidates) {
        const steps = scoreWorking(c, school);
        const score = steps.find(s => s.symbol === 'score')!;
        expect(score.value).toBeCloseTo(
          school === 'weakest-link' ? weakest(c.criteria) : weightedMean(c.criteria),
          12,
        );
        if (school === 'weighted') expect(score.value).toBeCloseTo(c.score, 12);
      }
    }
  });
  it('weakest-link is never above the mean, and orders by the worst', () => {
    const r = rank(outdoors, { printer: enclosedPrinter, school: 'weakest-link' });
    const running = r.candidates.filter(c => c.rank !== null);
    for (const c of running) expect(c.score).toBeLessThanOrEqual(weightedMean(c.criteria) + 1e-12);
    for (let i = 1; i < running.length; i++)
      expect(running[i]!.rating).toBeLessThanOrEqual(running[i - 1]!.rating + 1e-9);
  });
  it('step-up takes the easiest among those that stand as well', () => {
    const r = rank(outdoors, { printer: enclosedPrinter, school: 'step-up' });
    const running = r.candidates.filter(c => c.rank !== null);
    const sorted = [...running].sort(
      (a, b) => a.standing - b.standing || a.printing.difficulty - b.printing.difficulty,
    );
    expect(running.map(c => c.material)).toEqual(sorted.map(c => c.material));
  });
  it('nothing weighed is no score', () => {
    expect(weightedMean([])).toBe(0);
    expect(weightedMean([{ weight: 0, desirability: 1 }])).toBe(0);
    expect(
      weakest([
        { weight: 0, desirability: 0.1 },
        { weight: 1, desirability: 0.6 },
      ]),
    ).toBe(0.6);
  });
  it('a weight moves the score towards its criterion', () => {
    const heavy = rank(
      brief({
        ...(JSON.parse(JSON.stringify(outdoors)) as Record<string, unknown>),
        weights: { cost: 5, heat: 0 },
      }),
      { printer: enclosedPrinter },
    );
    const before = candidate(ranking, 'pa6-cf');
    const after = candidate(heavy, 'pa6-cf');
    expect(after.score).toBeLessThan(before.score);
  });
});

describe('implied weights', () => {
  const of = (fields: Record<string, unknown>): Record<string, number> =>
    impliedWeights(contextOf(brief(fields), null));
  it('follow what the brief says', () => {
    expect(of({ sun: 'full' }).uv).toBe(3);
    expect(of({ sun: 'reflected' }).uv).toBe(1);
    expect(of({ toleranceMm: 0.1 }).accuracy).toBe(4);
    expect(of({ looks: { finish: 'fine' } }).finish).toBe(4);
    expect(of({ flex: { want: 'hinge' } }).flex).toBe(4);
    expect(of({ maxMassG: 10 }).mass).toBe(2);
    expect(of({ water: 'immersed' }).moisture).toBe(3);
    expect(
      of({ ifItFails: 'injures', loads: [{ kind: 'short', case: 'direct-stress', stressMPa: 1 }] }).strength,
    ).toBe(4);
    const hot = { heat: { setting: 'custom', partC: 60 } };
    expect(of(hot).heat).toBe(3);
    expect(of({ ...hot, loads: [{ kind: 'short', case: 'direct-stress', stressMPa: 1 }] }).heat).toBe(4);
    expect(of({ ...hot, purpose: 'decorative' }).heat).toBe(2);
    expect(of({ geometry: { xMm: 200 } }).warp).toBe(3);
  });
});

describe('deflection over the life', () => {
  const held = contextOf(outdoors, enclosedPrinter).loads[0]!;
  const asa = familyByKey('asa')!;
  it('rises on a log axis from the elastic deflection to that of the creep gate', () => {
    const creepC = assess(contextOf(outdoors, enclosedPrinter), asa).loads[0]!.creepC;
    const curve = deflectionCurve(asa, held, creepC);
    expect(curve[0]?.hours).toBeCloseTo(0.1, 12);
    expect(curve.at(-1)?.hours).toBeCloseTo(held.hours, 6);
    for (let i = 1; i < curve.length; i++) expect(curve[i]!.mm).toBeGreaterThan(curve[i - 1]!.mm);
    expect((100 * curve.at(-1)!.mm) / held.spanMm!).toBeCloseTo(
      candidate(ranking, 'asa').gates.find(g => g.id === 'creep')!.have as number,
      9,
    );
  });
  it('is nothing for a load that is not held', () =>
    expect(deflectionCurve(asa, { ...held, kind: 'short' }, 20)).toEqual([]));
});

describe('margin rulers', () => {
  const list = rulers(outdoors, { printer: enclosedPrinter }, ['asa', 'petg', 'pla']);
  it('one for each requirement that applies, in its own unit', () => {
    expect(list.map(r => r.id)).toEqual(['heat', 'uv', 'strength', 'creep', 'warp', 'cost']);
    expect(list[0]).toMatchObject({ unit: '°C', better: 'more', need: conditionsOf(outdoors).partMaxC });
  });
  it('each bar from poor to fine, in the order asked for, agreeing with the ranking', () => {
    for (const r of list) {
      expect(r.bars.map(b => b.material)).toEqual(['asa', 'petg', 'pla']);
      for (const b of r.bars) {
        expect(b.low).toBeLessThanOrEqual(b.typical);
        expect(b.high).toBeGreaterThanOrEqual(b.typical);
      }
    }
    expect(list[0]!.bars[0]!.typical).toBe(candidate(ranking, 'asa').gates.find(g => g.id === 'heat')?.have);
  });
  it('none where nothing is asked', () =>
    expect(rulers(brief(), {}, ['pla']).map(r => r.id)).toEqual(['heat', 'warp', 'cost']));
});
