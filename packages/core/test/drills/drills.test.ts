import { describe, expect, it } from 'vitest';
import { parseDrillAnswer } from '../../src/drills/drill-answer.js';
import { drillKinds, type Drill, type DrillKind } from '../../src/drills/drill.js';
import { drillMake, kindOfSeed, makeDrill, seedOfWord } from '../../src/drills/make-drill.js';
import { InputError } from '../../src/input/input-error.js';
import { familyByKey } from '../../src/materials/library.js';
import { flexIndentation } from '../../src/models/flex-indentation.js';
import { answer } from '../../src/models/model.js';
import { printedSection, SectionPrintedInput } from '../../src/models/section-printed.js';
import { calculate } from '../../src/registry.js';
import type { Ranking } from '../../src/score/candidate.js';
import type { TriageResult } from '../../src/triage/triage-rank.js';

const seeds = (many: number): number[] => Array.from({ length: many }, (_, n) => n * 7 + 3);
/** Kinds whose answers take a ranking each are asked less often here. */
const many: Partial<Record<DrillKind, number>> = { 'first-filament': 25, 'first-gate': 40, caution: 50 };
const drillsOf = (kind: DrillKind): Drill[] => seeds(many[kind] ?? 200).map(seed => makeDrill(seed, kind));
const rightOf = (d: Drill): string => d.options[d.right]!;
const numberIn = (text: string): number => Number(/-?\d+(\.\d+)?/.exec(text)![0]);
const result = <T>(d: Drill, n = 0): T => calculate(d.refs[n]!.model, d.refs[n]!.inputs).result as T;

describe.each(drillKinds)('drills of %s', kind => {
  const drills = drillsOf(kind);

  it('have one clear answer among options that differ', () => {
    for (const d of drills) {
      expect(new Set(d.options).size).toBe(d.options.length);
      expect(d.options.length).toBeGreaterThanOrEqual(2);
      expect(d.options.length).toBeLessThanOrEqual(4);
      expect(rightOf(d)).toBeTruthy();
      expect(d.margin.off).toBeGreaterThanOrEqual(d.margin.tolerance);
      expect(`${d.question} ${d.given.join()} ${d.options.join()} ${d.why}`).not.toMatch(
        /undefined|NaN|null/,
      );
    }
  });

  it('open workings that run', () => {
    for (const d of drills.slice(0, 12)) {
      expect(d.refs.length).toBeGreaterThan(0);
      for (const { model, inputs } of d.refs)
        expect(() => calculate(model, JSON.parse(JSON.stringify(inputs)))).not.toThrow();
    }
  });

  it('do not give the answer away by its place', () => {
    const places = drills.map(d => d.right);
    const most = Math.max(...[0, 1, 2, 3].map(p => places.filter(x => x === p).length));
    expect(most / drills.length).toBeLessThan(kind === 'walls-or-infill' ? 0.95 : 0.7);
    expect(new Set(places).size).toBeGreaterThan(1);
  });

  it('come again by their seed', () => {
    const [d] = drills;
    expect(makeDrill(d!.seed, kind)).toEqual(d);
    expect(makeDrill(d!.seed + 1, kind)).not.toEqual({ ...d, seed: d!.seed + 1 });
  });
});

describe('answers agree with the models, asked again from outside', () => {
  it('part-temperature', () => {
    for (const d of drillsOf('part-temperature'))
      expect(numberIn(rightOf(d))).toBe(Math.round(result<{ surfaceC: number }>(d).surfaceC));
  });
  it('half-depth', () => {
    for (const d of drillsOf('half-depth')) {
      const depth = (h: number): number => flexIndentation.compute({ hardness: h }).result.depthMm;
      const shown = numberIn(/Shore [AD] (\d+)/.exec(d.given[0]!)![1]!);
      const share = depth(numberIn(rightOf(d).slice(7))) / depth(shown);
      expect(share).toBeCloseTo(d.question.includes('twice') ? 2 : 0.5, 9);
    }
  });
  it('proof', () => {
    for (const d of drillsOf('proof')) {
      const n = numberIn(d.given[0]!);
      expect(numberIn(rightOf(d))).toBe(Math.round(100 * 0.05 ** (1 / n)));
    }
  });
  it('durometer', () => {
    for (const d of drillsOf('durometer')) {
      const r = result<{ hardness: number | null; useScale: string }>(d);
      const { scale } = d.refs[0]!.inputs as { scale: string };
      if (r.hardness === null) expect(rightOf(d)).toContain('stack it');
      else if (r.useScale !== scale) expect(rightOf(d)).toBe(`Read it on scale ${r.useScale}`);
      else expect(rightOf(d)).toBe(`Shore ${scale} ${r.hardness}`);
    }
  });
  it('dry-it', () => {
    const says = { dry: /^Print it/, 'dry it first': /^Dry it at/, unusable: /spoiled/ };
    for (const d of drillsOf('dry-it'))
      expect(rightOf(d)).toMatch(says[result<{ state: keyof typeof says }>(d).state]);
  });
  it('walls-or-infill', () => {
    for (const d of drillsOf('walls-or-infill')) {
      const [now, walls, infill] = d.refs.map(r =>
        printedSection(Object.assign(new SectionPrintedInput(), r.inputs)),
      );
      const gain = (s: typeof now): number => {
        const mass = s!.massRatio / now!.massRatio - 1;
        const stiff = s!.stiffnessRatio / now!.stiffnessRatio - 1;
        if (d.question.includes('adds more weight')) return mass;
        return d.question.includes('for the weight') ? stiff / mass : stiff;
      };
      expect(rightOf(d)).toBe(gain(walls) > gain(infill) ? 'Two walls more' : 'Twice the infill');
    }
  });
  it('unit-trap', () => {
    for (const d of drillsOf('unit-trap')) {
      const { unloadedC } = d.refs[0]!.inputs as { unloadedC: number };
      const partC = numberIn(d.given[1]!);
      const bears = result<{ allowableC: number }>(d).allowableC;
      expect(bears).toBeCloseTo(unloadedC, 6);
      expect(rightOf(d)).toContain(partC < bears ? 'it stands' : 'it softens');
    }
  });
  it('first-filament: the first of the whole ranking, and nothing of its rank beside it', () => {
    for (const d of drillsOf('first-filament').slice(0, 8)) {
      const { candidates, firstChoice } = result<Ranking>(d);
      expect(rightOf(d)).toBe(familyByKey(firstChoice!)!.name);
      for (const o of d.options) expect(candidates.some(c => c.name === o)).toBe(true);
    }
  });
  it('cheapest-test', () => {
    for (const d of drillsOf('cheapest-test').slice(0, 60))
      expect(rightOf(d)).toContain(result<TriageResult>(d).nextTests[0]!.how);
  });
  it('lift: the chance is that of the model', () => {
    for (const d of drillsOf('lift').filter(x => x.question.startsWith('How often'))) {
      const { pTrouble } = result<{ pTrouble: number }>(d);
      // What splits besides is trouble as well: never less than the lifting that was asked for.
      const lifts = / less than once /.test(d.why) ? 0 : / once /.test(d.why) ? 1 : numberIn(d.why);
      expect(100 * pTrouble).toBeGreaterThanOrEqual(lifts - 0.51);
      expect((d.refs[0]!.inputs as { family: string }).family).toBeTruthy();
    }
  });
  it('caution: it applies, and none of the others does', () => {
    for (const d of drillsOf('caution').slice(0, 12)) {
      const family = /^Printed in (.+): which/.exec(d.question)![1];
      const own = result<Ranking>(d).candidates.find(c => c.name === family)!.cautions;
      expect(own).toContain(rightOf(d));
      for (const o of d.options) if (o !== rightOf(d)) expect(own).not.toContain(o);
    }
  });
  it('first-gate: that gate alone fails', () => {
    for (const d of drillsOf('first-gate').slice(0, 20)) expect(d.why.startsWith(rightOf(d))).toBe(true);
  });
});

describe('seeds', () => {
  it('stand for kinds, evenly', () => {
    const kinds = Array.from({ length: 2400 }, (_, n) => kindOfSeed(n));
    for (const k of drillKinds) expect(kinds.filter(x => x === k).length).toBeGreaterThan(140);
  });
  it('of a word are those of everybody who says it', () => {
    expect(seedOfWord('Thursday ')).toBe(seedOfWord('thursday'));
    expect(seedOfWord('thursday')).not.toBe(seedOfWord('friday'));
    expect(seedOfWord('')).toBeGreaterThanOrEqual(0);
  });
  it('make drills through the registry, and refuse what is none', () => {
    const made = answer(drillMake, { seed: 12, kind: 'proof' });
    expect(made.result).toEqual(makeDrill(12, 'proof'));
    expect(made.steps[1]).toMatchObject({ symbol: 'margin' });
    expect(() => answer(drillMake, { seed: -1 })).toThrow(InputError);
    expect(() => answer(drillMake, { seed: 1, kind: 'charades' })).toThrow(InputError);
  });
});

describe('answers that are kept', () => {
  const kept = {
    format: 'hornblende-drill-answer',
    version: 1,
    id: 'a-1',
    kind: 'proof',
    seed: 3,
    sure: 0.7,
    right: true,
    at: '2026-11-20T08:00:00Z',
  };
  it('are read with whoever gave them', () => {
    expect(parseDrillAnswer(kept)).toMatchObject({ who: '', sure: 0.7 });
  });
  it('are refused by name', () => {
    const fields = (change: object): string[] => {
      try {
        parseDrillAnswer({ ...kept, ...change });
        return [];
      } catch (e) {
        return (e as InputError).problems.map(p => p.field);
      }
    };
    expect(fields({ sure: 2 })).toEqual(['sure']);
    expect(fields({ kind: 'x' })).toEqual(['kind']);
    expect(fields({ at: 'today', id: 'a/b' })).toEqual(['at', 'id']);
  });
});
