import { describe, expect, it } from 'vitest';
import { InputError } from '../src/input/input-error.js';
import { calculate, models } from '../src/registry.js';
import { checks } from './model-checks.js';

/** The result of a model, by name. */
function result(id: string, input: object): Record<string, number> {
  return calculate(id, input).result as Record<string, number>;
}

describe('models against their check values', () => {
  it.each(checks)('%s %j → %s', (id, input, output, value, tolerance) => {
    expect(Math.abs((result(id, input)[output] ?? NaN) - value)).toBeLessThanOrEqual(tolerance);
  });

  it('lift-off of the published bow case stores 24.9 J/m², and with a bed at 60 °C 76.6', () => {
    const bow = result('warp.bow', {
      alphaPerK: 90e-6,
      solidificationC: 105,
      bedC: 100,
      chamberC: 40,
      heightMm: 10,
      lengthMm: 150,
    });
    const lift = result('warp.lift-off', {
      modulusMPa: 2000,
      meanStrain: bow.meanStrain,
      heightMm: 10,
      adhesionJm2: 24.92,
    });
    expect(lift.energyJm2).toBeCloseTo(24.9, 1);
    expect(lift.pLift).toBeCloseTo(0.5, 3);
    const colder = result('warp.bow', {
      alphaPerK: 90e-6,
      solidificationC: 105,
      bedC: 60,
      chamberC: 40,
      heightMm: 10,
      lengthMm: 150,
    });
    const energy = { modulusMPa: 2000, meanStrain: colder.meanStrain, heightMm: 10, adhesionJm2: 100 };
    expect(result('warp.lift-off', energy).energyJm2).toBeCloseTo(76.6, 1);
  });

  it('strength.allowable multiplies its factors', () => {
    const answer = calculate('strength.allowable', {
      family: 'pla',
      temperatureC: 40,
      acrossLayers: true,
      hours: 1000,
      cycles: 1,
      uvDoseMJm2: 0,
      wet: false,
    });
    const r = answer.result as { allowableMPa: number; yieldMPa: number; factors: Record<string, number> };
    expect(r.factors.k_T).toBeCloseTo(0.75, 9);
    expect(r.factors.k_dir).toBeCloseTo(0.65, 9);
    expect(r.factors.k_time).toBeCloseTo(1 - 0.095 * Math.log10(60000), 9);
    expect(r.allowableMPa).toBeCloseTo(
      Object.values(r.factors).reduce((p, k) => p * k, r.yieldMPa),
      9,
    );
  });

  it('finds the time at which a creep strain is reached', () => {
    const r = result('creep.strain', {
      stressMPa: 10,
      modulusMPa: 2000,
      a: 0.1,
      n: 0.25,
      k: 0.09,
      hours: 10,
      limitPct: 1,
    });
    expect(r.hoursToLimit).toBeCloseTo(10000, -1);
  });
});

describe('every model', () => {
  it.each(models.map(m => [m.id, m] as const))('%s has a title, a source and a documented input', (_, m) => {
    expect(m.title.length).toBeGreaterThan(5);
    expect(m.source.length).toBeGreaterThan(3);
    expect(m.validity).toMatch(/\.$/);
  });

  it('answers with inputs, result and working', () => {
    const a = calculate('uv.dose', { ghiKWhm2Year: 1500, exposure: 'part', years: 2 });
    expect(a).toMatchObject({ model: 'uv.dose', inputs: { exposure: 'part' }, warnings: [] });
    expect(a.steps.at(-1)).toMatchObject({ symbol: 'D', unit: 'MJ/m²', value: 270 });
  });

  it.each([
    ['ambientC', { ambientC: 'hot', irradianceWm2: 900, absorptivity: 0.9 }],
    ['ambientC', { ambientC: NaN, irradianceWm2: 900, absorptivity: 0.9 }],
    ['irradianceWm2', { ambientC: 30, irradianceWm2: 1e12, absorptivity: 0.9 }],
    ['absorptivity', { ambientC: 30, irradianceWm2: 900 }],
    ['wind', { ambientC: 30, irradianceWm2: 900, absorptivity: 0.9, wind: 3 }],
    ['windMs', { ambientC: 30, irradianceWm2: 900, absorptivity: 0.9, windMs: null }],
  ])('refuses a bad %s by name', (field, input) => {
    let problems: { field: string; message: string }[] = [];
    try {
      calculate('heat.surface', input);
    } catch (e) {
      if (e instanceof InputError) problems = e.problems;
    }
    expect(problems.map(p => p.field)).toEqual([field]);
    expect(problems[0]?.message).toMatch(/must be|is not a field/);
  });

  it('refuses an unknown model and input that is no object', () => {
    expect(() => calculate('heat.death', {})).toThrow(/no model/);
    expect(() => calculate('uv.dose', [1])).toThrow(InputError);
  });
});
