import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { parseInput } from '../../src/input/parse.js';
import { families, familyByKey } from '../../src/materials/library.js';
import { decide } from '../../src/records/decide.js';
import { DecisionInput } from '../../src/records/decision-input.js';
import { rank } from '../../src/score/rank.js';
import { happened } from '../../src/service/happened.js';
import type { ModelBias } from '../../src/service/model-calibration.js';
import { acceptedScales, proposedScale } from '../../src/service/proposed-scale.js';
import { familiesHere } from '../../src/workshop/here.js';
import { ModelScales, scaledFamilies } from '../../src/workshop/model-scales.js';
import { parseWorkshop } from '../../src/workshop/settings.js';
import { placed } from '../service/placed.js';

const scales = (change: Partial<ModelScales>): ModelScales => Object.assign(new ModelScales(), change);
const asa = familyByKey('asa')!;

describe('a workshop that moves the models', () => {
  it('changes nothing where it moves nothing: the very same families', () => {
    expect(scaledFamilies(families, new ModelScales())).toBe(families);
    expect(acceptedScales(new ModelScales())).toEqual([]);
  });

  it('moves what a model has over what it needs by just so much', () => {
    const sunny = placed({
      material: 'asa',
      heat: 'outdoors',
      sun: 'full',
      years: 4,
    });
    const claim = (change: Partial<ModelScales>, model: string): number => {
      const [family] = scaledFamilies([asa], scales(change));
      return happened(sunny, family!, null)!.claims.find(c => c.model === model)!.margin;
    };
    expect(claim({ heatK: -6 }, 'heat') - claim({}, 'heat')).toBeCloseTo(-6, 6);
    expect(claim({ uv: 0.5 }, 'uv') - claim({}, 'uv')).toBeCloseTo(Math.log(0.5), 6);
    // One is no matter of the other.
    expect(claim({ uv: 0.5 }, 'heat')).toBe(claim({}, 'heat'));
  });

  it('leaves what the field says of life outdoors as it is: that is own evidence already', () => {
    const [family] = scaledFamilies([asa], scales({ uv: 0.5 }));
    const life = (f: typeof asa): number =>
      f.properties.uvHalfDoseMJm2!.typical * f.properties.fieldUvFactor!.typical;
    expect(life(family!)).toBeCloseTo(life(asa), 6);
  });

  it('is heeded by what an oven leaves as well', () => {
    const ht = familyByKey('pla-ht')!;
    const [family] = scaledFamilies([ht], scales({ heatK: -10 }));
    const baked = (f: typeof ht): number => f.baked!.properties.hdt045C!.typical;
    expect(baked(family!)).toBeCloseTo(baked(ht) - 10, 9);
  });

  it('never turns a ranking upside down by a colder model: nobody gains heat', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Hook',
      heat: { setting: 'custom', partC: 70 },
      // An oven would be used where it is needed: then it is another filament, as it were.
      print: { bake: 'never' },
    });
    const margins = (heatK: number): Map<string, number> =>
      new Map(
        rank(brief, { families: scaledFamilies(families, scales({ heatK })) }).candidates.map(c => [
          c.material,
          c.criteria.find(k => k.id === 'heat')!.value!,
        ]),
      );
    const usual = margins(0);
    fc.assert(
      fc.property(fc.double({ min: -20, max: -0.5, noNaN: true }), heatK => {
        for (const [key, margin] of margins(heatK)) expect(margin).toBeLessThan(usual.get(key)!);
      }),
      { numRuns: 8 },
    );
  });

  it('keeps to what it allows', () => {
    const here = familiesHere(
      families,
      parseWorkshop({
        format: 'hornblende-workshop',
        version: 1,
        allowed: [{ material: 'petg' }],
        scales: { heatK: -4 },
      }),
    );
    expect(here.map(f => f.key)).toEqual(['petg']);
    expect(here[0]!.properties.hdt045C!.typical).toBe(familyByKey('petg')!.properties.hdt045C!.typical - 4);
    expect(here[0]!.properties.hdt045C!.source).toContain('moved by what this workshop’s parts');
  });

  it('decides by the same ranking, and the record keeps what it was moved by', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Hook',
      heat: { setting: 'custom', partC: 62 },
    });
    const here = scales({ heatK: -8 });
    const first = rank(brief, { families: scaledFamilies(families, here) }).firstChoice!;
    const input = parseInput(DecisionInput, { firstChoice: first, reason: 'It holds.', decidedBy: 'Ada' });
    const record = decide(
      input,
      { brief, given: {}, printer: null, weather: null, grades: [], scales: here },
      { at: '2026-05-01T10:00:00Z', draws: 200, seed: 1 },
    );
    expect(record.ranking.firstChoice).toBe(first);
    expect(record.premises.scales).toEqual(here);
  });
});

describe('what a bias proposes', () => {
  const bias = (change: Partial<ModelBias>): ModelBias => ({
    model: 'heat',
    parts: 40,
    failures: 9,
    shift: -7.26,
    low: -11,
    high: -3,
    factor: null,
    promises: 'too much',
    ...change,
  });

  it('is the middle of what is believed, in kelvins or as a factor; nothing where it fits what came', () => {
    expect(proposedScale(bias({}))).toEqual({ heatK: -7 });
    expect(proposedScale(bias({ model: 'clamp', factor: 0.618 }))).toEqual({ creep: 0.62 });
    expect(proposedScale(bias({ promises: 'what came' }))).toBeNull();
    expect(proposedScale(bias({ shift: -0.4 }))).toBeNull();
  });

  it('once accepted is listed, in the order of the scales', () => {
    expect(acceptedScales(scales({ impact: 1.4, heatK: -7.3 }))).toEqual([
      { name: 'heatK', value: -7.3 },
      { name: 'impact', value: 1.4 },
    ]);
  });
});
