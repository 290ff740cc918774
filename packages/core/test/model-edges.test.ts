import { describe, expect, it } from 'vitest';
import { parseInput } from '../src/input/parse.js';
import { typical, type Chemical } from '../src/materials/family.js';
import { families, familyByKey } from '../src/materials/library.js';
import { accuracyGauge, AccuracyGaugeInput, MeasuredSize } from '../src/models/accuracy-gauge.js';
import { flexSoak } from '../src/models/flex-soak.js';
import { FlexStripInput, flexStrip } from '../src/models/flex-strip.js';
import { WeatherInput } from '../src/models/heat-year.js';
import { loadBeam } from '../src/models/load-beam.js';
import { answer } from '../src/models/model.js';
import { answerRanged } from '../src/models/ranged.js';
import { safeDryingC } from '../src/models/spool-moisture.js';
import { strengthAllowableModel } from '../src/models/strength-allowable.js';
import type { Robustness } from '../src/score/draws/robustness.js';
import { robustnessWords } from '../src/score/draws/robustness-words.js';
import { scoreRobustness } from '../src/score/draws/score-robustness.js';
import { contextOf } from '../src/score/context.js';
import { gateNumbers, type Gate } from '../src/score/gate.js';
import { chemicalsReading } from '../src/score/gates/chemicals.js';
import { surfaceEase } from '../src/score/gates/surface.js';
import { lightness } from '../src/score/gates/wear.js';
import { marginChance } from '../src/score/holds.js';
import { brief } from './cases.js';

// Edges at which a model turns: each was once moved on purpose without any test telling.

describe('edges of models', () => {
  it('a margin without a spread holds or not, and an endless one always holds', () => {
    expect([0.5, 0, -0.5].map(margin => marginChance(margin, 0))).toEqual([1, 1, 0]);
    expect(marginChance(Infinity, 5)).toBe(1);
  });
  it('a spool is dried below where it softens, by three kelvins at least', () => {
    for (const f of families) {
      expect(safeDryingC(f), f.key).toBeLessThanOrEqual(typical(f, 'spoolLimitC') - 3);
      expect(safeDryingC(f), f.key).toBeLessThanOrEqual(typical(f, 'dryC'));
    }
    const petg = familyByKey('petg')!;
    const { spoolLimitC } = petg.properties;
    const soft = {
      ...petg,
      properties: { ...petg.properties, spoolLimitC: { ...spoolLimitC!, typical: 60 } },
    };
    expect(safeDryingC(soft)).toBe(57);
  });
  it('cells are closed up to a twentieth of water, open from four tenths, and partly open between', () => {
    // 10 cm³ of a plastic of 1.2 g/cm³ that weighs 6 g: half of it is room, 5 cm³.
    const cells = (filledShare: number): string =>
      flexSoak({ dryG: 6, wetG: 6 + filledShare * 5 * 0.998, volumeCm3: 10, solidGcm3: 1.2, hours: 24 })
        .cells;
    expect([0.04, 0.06, 0.39, 0.41].map(cells)).toEqual(['closed', 'partly open', 'partly open', 'open']);
  });
  it('a strip is one line thick at least', () => {
    const strip = Object.assign(new FlexStripInput(), {
      ...{ modulusMPa: 2000, lengthMm: 20, widthMm: 10, forceN: 0.01, bendMm: 2, lineMm: 0.45 },
    });
    const { thicknessMm, walls } = flexStrip(strip);
    expect(thicknessMm).toBeLessThan(0.45);
    expect(walls.map(w => w.lines)).toEqual([1, 2]);
  });
  it('a beam that bends by more than a fifth of its span says so, and no other', () => {
    const warned = (forceN: number): boolean =>
      answer(loadBeam, {
        ...{ case: 'cantilever', forceN, lengthMm: 100, widthMm: 10, heightMm: 4, modulusMPa: 2000 },
      }).warnings.some(w => w.includes('a fifth of the span'));
    // F L³/(3 E I) with I = 10 · 4³/12: 20 mm at 6.4 N.
    expect([6.3, 6.5].map(warned)).toEqual([false, true]);
  });
  it('the minutes of a held load stand in its working', () => {
    const steps = answer(strengthAllowableModel, {
      ...{ family: 'petg', temperatureC: 23, hours: 2, cycles: 1, wallMm: 2 },
    }).steps;
    expect(steps.find(s => s.symbol === 'k_time')!.substituted).toContain('log₁₀(120)');
  });
  it('a range from high to low is refused, one of no width is not', () => {
    const beam = { case: 'cantilever', lengthMm: 100, widthMm: 10, heightMm: 4, modulusMPa: 2000 };
    expect(() => answerRanged(loadBeam, { ...beam, forceN: { low: 2, high: 1 } })).toThrow('low not above');
    expect(answerRanged(loadBeam, { ...beam, forceN: { low: 2, high: 2 } }).result).toEqual(
      answer(loadBeam, { ...beam, forceN: 2 }).result,
    );
    const none = { ...beam, forceN: { low: 0, high: 1 } };
    expect(answerRanged(loadBeam, none).ranges.deflectionMm!.low).toBe(0);
  });
  it('a gauge whose holes alone are small has them to blame, and its outsides nothing', () => {
    const sizes = [20, 40, 60, 80].flatMap(nominalMm => [
      Object.assign(new MeasuredSize(), { kind: 'outside', nominalMm, measuredMm: nominalMm }),
      Object.assign(new MeasuredSize(), { kind: 'hole', nominalMm, measuredMm: nominalMm - 0.3 }),
    ]);
    const found = accuracyGauge(Object.assign(new AccuracyGaugeInput(), { sizes }));
    expect(found.holeMm.value).toBeCloseTo(0.3, 1);
    expect(Math.abs(found.outsideMm.value)).toBeLessThan(0.05);
  });
  it('a surface of which nothing is wished is at ease, and a little work leaves eight tenths', () => {
    const pla = familyByKey('pla')!;
    expect(surfaceEase(pla, [])).toBe(1);
    const satin = families.find(f => f.flags.sheen === 'satin')!;
    expect(surfaceEase(satin, ['matt'])).toBe(0.8);
  });
  it('how sure the first choice is, is said of a hundred draws', () => {
    const draw = (material: string, pFirst: number): Robustness['candidates'][number] => ({
      ...{ material, name: material.toUpperCase(), family: material, pFirst, pFits: 1 },
      ...{ seFirst: 0, seFits: 0, rankAcceptability: [] },
    });
    const r = {
      draws: 100,
      seed: 1,
      school: 'weighted',
      candidates: [draw('asa', 0.84), draw('petg', 0.16)],
    };
    expect(robustnessWords(r as Robustness, 'asa')).toBe('leads in 84 of 100 draws; PETG in 16');
    expect(robustnessWords(r as Robustness, 'pla')).toBe(
      'nothing fits as things are; ASA leads in 84 of 100 draws',
    );
  });

  it('a wet hand for a morning is short, a thousand hours are as good as for ever', () => {
    const pc = familyByKey('pc')!;
    const chemical = (Object.keys(pc.chemicals) as Chemical[]).find(c => pc.chemicals[c] === 'fair')!;
    const borne = (hours: number | null): number => {
      const asked = brief({ contact: { chemicals: [chemical], hours } });
      return chemicalsReading(contextOf(asked, null), pc);
    };
    expect(borne(8)).toBe(2);
    expect(borne(1000)).toBe(borne(null));
    expect(borne(900)).toBeGreaterThan(borne(null));
  });
  it('rubbing is light up to 0.01 MPa·m/s, and not at all from 0.05', () => {
    const light = (wearPressureMPa: number): number =>
      lightness(contextOf(brief({ wear: 'sliding', wearPressureMPa, wearSpeedMs: 0.1 }), null));
    expect(light(0.1)).toBe(1);
    expect(light(0.5)).toBe(0);
    expect(light(0.49)).toBeGreaterThan(0);
  });
  it('a chance of lifting under one in a hundred is said so, and one of that is a figure', () => {
    const shown = (have: number): string =>
      gateNumbers({
        ...({ id: 'printability.chamber', unit: 'chance of lifting' } as Gate),
        have,
        need: 0.3,
      });
    expect(shown(0.009)).toMatch(/^less than 1 of at most 30 in 100/);
    expect(shown(0.015)).toMatch(/^1\.5 of at most 30 in 100/);
  });
  it('a year of weather whose clock is not given runs at the sun’s', () => {
    const year = { airC: Array<number>(8760).fill(20), ghiWm2: Array<number>(8760).fill(0) };
    const weather = { ...year, windMs: Array<number>(8760).fill(1) };
    const kept = parseInput(WeatherInput, weather);
    expect([kept.latitudeDeg, kept.longitudeDeg, kept.timezoneH]).toEqual([45, 0, 0]);
  });
  it('draws without a seed are those of the seed 1', () => {
    const asked = { brief: { format: 'hornblende-brief', version: 1, name: 'Hook' }, draws: 50 };
    expect(answer(scoreRobustness, asked).result).toEqual(
      answer(scoreRobustness, { ...asked, seed: 1 }).result,
    );
    expect(answer(scoreRobustness, asked).inputs).toMatchObject({ seed: 1 });
  });
});
