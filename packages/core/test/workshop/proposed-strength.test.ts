import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { parseInput } from '../../src/input/parse.js';
import { typical } from '../../src/materials/family.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import type { Grade } from '../../src/materials/grade.js';
import { families, familyByKey } from '../../src/materials/library.js';
import {
  strengthAllowable,
  StrengthAllowableInput,
  strengthInput,
} from '../../src/models/strength-allowable.js';
import { decide } from '../../src/records/decide.js';
import { DecisionInput } from '../../src/records/decision-input.js';
import { recordDrift } from '../../src/records/record-drift.js';
import { calculate } from '../../src/registry.js';
import { rank } from '../../src/score/rank.js';
import { familiesHere } from '../../src/workshop/here.js';
import { isUnscaled, ModelScales, scaledFamilies } from '../../src/workshop/model-scales.js';
import { proposedStrength } from '../../src/workshop/proposed-strength.js';
import { parseWorkshop } from '../../src/workshop/settings.js';

const petg = familyByKey('petg')!;
const library = typical(petg, 'yieldMPa');
/** A grade of PETG whose bars were pulled. */
const pulled = (key: string, times: number | null, change: object = {}): Grade =>
  parseGrade({
    format: 'hornblende-grade',
    version: 1,
    ...{ key, name: `Grade ${key}`, maker: key, family: 'petg' },
    ...(times === null ? {} : { measured: { yieldMPa: { typical: library * times } } }),
    ...change,
  });
const scales = (factor: number): ModelScales =>
  Object.assign(new ModelScales(), { strengths: [{ family: 'petg', factor }] });

describe('what several makers’ grades say of their family’s strength', () => {
  it('is nothing of one of them, of those put away, or where they agree with the library', () => {
    expect(proposedStrength(petg, [pulled('a', 0.8)])).toBeNull();
    expect(proposedStrength(petg, [pulled('a', 0.8), pulled('b', 0.8, { archived: true })])).toBeNull();
    expect(proposedStrength(petg, [pulled('a', 1), pulled('b', 1)])).toBeNull();
    expect(proposedStrength(familyByKey('asa')!, [pulled('a', 0.8), pulled('b', 0.8)])).toBeNull();
  });

  it('moves it as the normal hierarchical model has it, by hand for two and four makers', () => {
    // w = 1/(0.03² + 0.12²) each, prior 1/0.1²: μ = Σ w·ln 0.8/(100 + Σ w)
    const w = 1 / (0.03 ** 2 + 0.12 ** 2);
    const mu = (n: number): number => (n * w * Math.log(0.8)) / (100 + n * w);
    const two = proposedStrength(petg, [pulled('a', 0.8), pulled('b', 0.8)])!;
    expect(two.factor).toBeCloseTo(Math.exp(mu(2)), 2);
    expect(two.low).toBeLessThan(two.factor);
    const four = proposedStrength(
      petg,
      ['a', 'b', 'c', 'd'].map(k => pulled(k, 0.8)),
    )!;
    expect(four.factor).toBeCloseTo(Math.exp(mu(4)), 2);
    expect(four.factor).toBeLessThan(two.factor);
    expect(four.high - four.low).toBeLessThan(two.high - two.low);
    expect(four.grades.map(g => g.key)).toEqual(['a', 'b', 'c', 'd']);
  });

  it('lies between the library and what was measured, whatever that is', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.5, max: 0.95, noNaN: true }), { minLength: 2, maxLength: 6 }),
        all => {
          const found = proposedStrength(
            petg,
            all.map((x, i) => pulled(`g${i}`, x)),
          );
          if (!found) return;
          expect(found.factor).toBeGreaterThanOrEqual(Math.min(...all) - 0.005);
          expect(found.factor).toBeLessThan(1);
        },
      ),
      { numRuns: 60, seed: 29 },
    );
  });
});

describe('a family that is judged by it', () => {
  it('is as much stronger or weaker, and so are grades that do not state their own', () => {
    const quiet = gradeFamily(pulled('quiet', null));
    const measured = gradeFamily(pulled('own', 0.7));
    const [f, q, m, other] = scaledFamilies([petg, quiet, measured, familyByKey('asa')!], scales(0.9));
    expect(typical(f!, 'yieldMPa')).toBeCloseTo(0.9 * library, 9);
    expect(typical(q!, 'yieldMPa')).toBeCloseTo(0.9 * library, 9);
    expect(typical(m!, 'yieldMPa')).toBeCloseTo(0.7 * library, 9);
    expect(typical(other!, 'yieldMPa')).toBe(typical(familyByKey('asa')!, 'yieldMPa'));
    expect(f!.properties.yieldMPa!.source).toContain('moved by what this workshop measured');
    expect(isUnscaled(scales(0.9))).toBe(false);
  });

  it('carries less in the ranking, by just that', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Arm',
      loads: [{ kind: 'short', case: 'cantilever', forceN: 8, lengthMm: 60, widthMm: 20, heightMm: 8 }],
    });
    const margin = (here: ReturnType<typeof familiesHere>): number => {
      const { candidates } = rank(brief, { families: here });
      return candidates.find(c => c.material === 'petg')!.gates.find(g => g.id === 'strength')!
        .have as number;
    };
    const usual = parseWorkshop({ format: 'hornblende-workshop', version: 1 });
    const weak = parseWorkshop({
      format: 'hornblende-workshop',
      version: 1,
      scales: { strengths: [{ family: 'petg', factor: 0.5 }] },
    });
    expect(margin(familiesHere(families, weak)) / margin(familiesHere(families, usual))).toBeCloseTo(0.5, 3);
  });

  it('says the same in the working behind the number', () => {
    const [weak] = scaledFamilies([petg], scales(0.5));
    const usual = Object.assign(new StrengthAllowableInput(), { temperatureC: 40 });
    const { family: _family, values: _values, retained: _retained, ...conditions } = usual;
    const said = (f: typeof petg): number =>
      (calculate('strength.allowable', strengthInput(f, conditions)).result as { allowableMPa: number })
        .allowableMPa;
    expect(said(weak!)).toBeCloseTo(strengthAllowable(weak!, conditions).allowableMPa, 9);
    expect(said(weak!) / said(petg)).toBeCloseTo(0.5, 9);
    expect(strengthInput(petg, conditions)).not.toHaveProperty('values');
    expect(strengthInput(weak!, conditions).values).toEqual({ yieldMPa: 0.5 * library });
  });

  it('stands in the premises of a decision, and in what is worked out from them again', () => {
    const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Arm' });
    const { material } = rank(brief).candidates[0]!;
    const input = parseInput(DecisionInput, { firstChoice: material, reason: 'It holds.', decidedBy: 'Ada' });
    const record = decide(
      input,
      { brief, given: {}, printer: null, weather: null, grades: [], scales: scales(0.9) },
      { at: '2026-05-01T10:00:00Z', draws: 200, seed: 1 },
    );
    expect(record.premises.scales!.strengths).toEqual([{ family: 'petg', factor: 0.9 }]);
    const strengthOf = (factor: number): unknown =>
      recordDrift(record, families, [], scales(factor)).data.filter(d => d.property === 'yieldMPa');
    expect(strengthOf(0.9)).toEqual([]);
    expect(strengthOf(0.5)).toMatchObject([{ material: 'petg', then: 0.9 * library, now: 0.5 * library }]);
  });

  it('is refused out of its limits, by field', () => {
    const bad = (factor: number): unknown =>
      parseWorkshop({
        format: 'hornblende-workshop',
        version: 1,
        scales: { strengths: [{ family: 'petg', factor }] },
      });
    expect(() => bad(0)).toThrow(/strengths\[0\]\.factor/);
  });
});
