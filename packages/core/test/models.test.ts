import { describe, expect, it } from 'vitest';
import { calculate, models, InputError } from '../src/index.js';

const finger = { thicknessMm: 2, undercutMm: 1.2, lengthMm: 12 };
const knock = { energyJ: 2, widthMm: 20, heightMm: 6 };
const modulus = { low: 1700, typical: 2000, high: 2300 };

/** The result of a model, by name. */
function result(id: string, input: object): Record<string, number> {
  return calculate(id, input).result as Record<string, number>;
}

/** A published check value. */
type Check = [id: string, input: object, output: string, value: number, tolerance: number];

/** Printed sections: sides 1.35 mm and top and bottom 0.8 mm unless said; stiffness, strength and mass over solid. */
const printedSections: [object, number, number, number][] = [
  [{ widthMm: 20, heightMm: 6 }, 0.6725, 0.7005, 0.4925],
  [{ widthMm: 20, heightMm: 15 }, 0.408, 0.4451, 0.3818],
  [{ widthMm: 20, heightMm: 10, walls: 0, topBottomMm: 0, infill: 0.8 }, 0.64, 0.7155, 0.8],
  [{ widthMm: 20, heightMm: 10, walls: 1, topBottomMm: 0.2, infill: 0.8 }, 0.6958, 0.7848, 0.8166],
];

const checks: Check[] = [
  [
    'heat.surface',
    { ambientC: 30, irradianceWm2: 900, absorptivity: 0.9, windMs: 1, exposedSides: 2 },
    'surfaceC',
    60.1,
    0.05,
  ],
  [
    'heat.surface',
    { ambientC: 30, irradianceWm2: 900, absorptivity: 0.9, exposedSides: 1 },
    'surfaceC',
    86.3,
    0.05,
  ],
  ['heat.surface', { ambientC: 30, irradianceWm2: 900, absorptivity: 0.25 }, 'surfaceC', 36.9, 0.05],
  ['heat.vehicle', { ambientC: 33, irradianceWm2: 850, absorptivity: 0.9 }, 'cabinC', 54.25, 0.01],
  ['heat.vehicle', { ambientC: 33, irradianceWm2: 850, absorptivity: 0.9 }, 'sunlitC', 80.6, 0.05],
  ['heat.allowable', { unloadedC: 98, hdt045C: 93, hdt18C: 85, stressMPa: 0.9 }, 'allowableC', 89.0, 0.05],
  ['heat.allowable', { unloadedC: 98, hdt045C: 93, hdt18C: 85, stressMPa: 0.1 }, 'allowableC', 96.4, 0.05],
  ['heat.allowable', { unloadedC: 98, hdt045C: 93, hdt18C: 85, stressMPa: 3 }, 'allowableC', 85, 1e-9],
  [
    'heat.allowable',
    { unloadedC: 98, hdt045C: 93, hdt18C: 85, stressMPa: 0.01, sustainedHours: 2000 },
    'allowableC',
    88,
    1e-9,
  ],
  ['heat.allowable', { unloadedC: 90, hdt045C: 55, hdt18C: 30, stressMPa: 50 }, 'allowableC', 30, 1e-9],
  [
    'load.beam',
    { case: 'cantilever', forceN: 30, lengthMm: 60, widthMm: 20, heightMm: 6, modulusMPa: 2000 },
    'stressMPa',
    15,
    1e-9,
  ],
  [
    'load.beam',
    { case: 'cantilever', forceN: 30, lengthMm: 60, widthMm: 20, heightMm: 6, modulusMPa: 2000 },
    'deflectionMm',
    3,
    1e-9,
  ],
  [
    'load.beam',
    { case: 'simply-supported', forceN: 100, lengthMm: 100, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
    'stressMPa',
    15,
    1e-9,
  ],
  [
    'load.beam',
    { case: 'simply-supported', forceN: 100, lengthMm: 100, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
    'deflectionMm',
    1.25,
    1e-9,
  ],
  [
    'load.beam',
    { case: 'fixed-fixed', forceN: 100, lengthMm: 100, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
    'stressMPa',
    7.5,
    1e-9,
  ],
  [
    'load.beam',
    { case: 'fixed-fixed', forceN: 100, lengthMm: 100, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
    'deflectionMm',
    0.3125,
    1e-9,
  ],
  [
    'load.beam',
    { case: 'tension', forceN: 1000, lengthMm: 100, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
    'deflectionMm',
    0.5,
    1e-9,
  ],
  // Euler: π²·2000·833.3/200² = 411.2 N
  [
    'load.beam',
    { case: 'compression', forceN: 100, lengthMm: 200, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
    'bucklingN',
    411.23,
    0.01,
  ],
  // Square bar in torsion: α = 0.2082 (Timoshenko and Goodier, table), so τ = 1000/(0.2082·1000), σ = √3·τ
  [
    'load.beam',
    { case: 'torsion', forceN: 10, lengthMm: 100, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
    'stressMPa',
    (Math.sqrt(3) * 1000) / 208.2,
    0.01,
  ],
  ['load.snap-fit', { thicknessMm: 2, undercutMm: 1.2, lengthMm: 12 }, 'strainPct', 2.5, 1e-9],
  ['load.deceleration', { massKg: 0.05, decelerationG: 20 }, 'forceN', 9.81, 0.005],
  ['load.drop', { massKg: 1, heightM: 1 }, 'energyJ', 9.80665, 1e-9],
  ['impact.drop', { energyJ: 2, widthMm: 20, heightMm: 6 }, 'severityKJm2', 2.5, 1e-9],
  ['uv.dose', { ghiKWhm2Year: 1500, exposure: 'full', years: 5 }, 'doseMJm2', 1350, 1e-9],
  ['uv.retained', { doseMJm2: 1350, halfDoseMJm2: 3000 }, 'retained', 0.732, 0.0005],
  ['uv.retained', { doseMJm2: 3000, halfDoseMJm2: 1000, colour: 'black' }, 'retained', 0.5, 1e-9],
  [
    'warp.bow',
    { alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 40, heightMm: 10, lengthMm: 150 },
    'bowMm',
    0.6116,
    0.00005,
  ],
  [
    'warp.bow',
    { alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 40, heightMm: 10, lengthMm: 150 },
    'meanStrain',
    1.263e-3,
    5e-7,
  ],
  [
    'warp.bow',
    { alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 25, heightMm: 10, lengthMm: 150 },
    'bowMm',
    0.7881,
    0.00005,
  ],
  [
    'warp.bow',
    { alphaPerK: 68e-6, solidificationC: 60, bedC: 60, chamberC: 28, heightMm: 10, lengthMm: 150 },
    'bowMm',
    0.1766,
    0.00005,
  ],
  [
    'warp.bow',
    {
      alphaPerK: 68e-6,
      solidificationC: 60,
      bedC: 60,
      chamberC: 28,
      heightMm: 6,
      lengthMm: 220,
      solidFraction: 0.4,
    },
    'bowMm',
    0.4581,
    0.00005,
  ],
  ['warp.free', { alphaPerK: 1e-4, fromC: 120, toC: 20, lengthMm: 100 }, 'contractionMm', 1, 1e-9],
  ['flex.indentation', { hardness: 70 }, 'depthMm', 0.75, 1e-9],
  ['flex.modulus', { scale: 'A', hardness: 70 }, 'modulusMPa', 5.52, 0.01],
  ['flex.modulus', { scale: 'D', hardness: 50 }, 'modulusMPa', 10 ** (0.0235 * 100 - 0.6403), 1e-9],
  [
    'creep.strain',
    { stressMPa: 10, modulusMPa: 2000, a: 0.1, n: 0.25, k: 0.09, hours: 10000 },
    'strainPct',
    1,
    1e-9,
  ],
  [
    'section.printed',
    { widthMm: 10, heightMm: 10, walls: 0, topBottomMm: 0, infill: 0.5 },
    'stiffnessRatio',
    0.25,
    1e-9,
  ],
  [
    'section.printed',
    { widthMm: 10, heightMm: 10, walls: 3, topBottomMm: 1, infill: 1 },
    'massRatio',
    1,
    1e-9,
  ],
  ...printedSections.flatMap(([input, stiffness, strength, mass]): Check[] => [
    ['section.printed', input, 'stiffnessRatio', stiffness, 0.00005],
    ['section.printed', input, 'strengthRatio', strength, 0.00005],
    ['section.printed', input, 'massRatio', mass, 0.00005],
  ]),
  ['heat.ageing', { indexC: 65, partC: 80, years: 5 }, 'halfYears', 4.033, 0.0005],
  ['heat.ageing', { indexC: 65, partC: 80, years: 5 }, 'retained', 0.4235, 0.00005],
  ['heat.ageing', { indexC: 70, partC: 60, hoursADay: 6, years: 8 }, 'retained', 0.941, 0.00005],
  ['heat.allowable', { unloadedC: 96, hdt045C: 93, hdt18C: 85, stressMPa: 0.9 }, 'allowableC', 89.0, 0.05],
  [
    'heat.allowable',
    { unloadedC: 96, hdt045C: 93, hdt18C: 85, stressMPa: 0.9, sustainedHours: 10 },
    'allowableC',
    89 - 3.47,
    0.01,
  ],
  [
    'heat.allowable',
    { unloadedC: 96, hdt045C: 93, hdt18C: 85, stressMPa: 0.9, sustainedHours: 100 },
    'allowableC',
    89 - 6.68,
    0.01,
  ],
  [
    'heat.allowable',
    { structure: 'semi-crystalline', unloadedC: 143, hdt045C: 105, hdt18C: 52, stressMPa: 3 },
    'allowableC',
    143,
    1e-9,
  ],
  ['load.snap-fit', { ...finger, cycles: 100, oncePct: 4, repeatedPct: 2.4 }, 'allowedPct', 2.933, 0.0005],
  ['load.snap-fit', { ...finger, cycles: 2e5, oncePct: 4, repeatedPct: 2.4 }, 'allowedPct', 1.019, 0.0005],
  ['load.snap-fit', { ...finger, cycles: 1e7, oncePct: 4, repeatedPct: 2.4 }, 'allowedPct', 0.6, 1e-9],
  ['load.snap-fit', { ...finger, oncePct: 4, repeatedPct: 2.4 }, 'allowedPct', 4, 1e-9],
  ['impact.drop', { ...knock, notchedKJm2: 16, unnotchedKJm2: 90 }, 'toughnessKJm2', 26.86, 0.005],
  ['impact.drop', { ...knock, notchedKJm2: 5, unnotchedKJm2: 22, notchWeight: 1 }, 'toughnessKJm2', 5, 1e-9],
  ['air.room', { printers: 2, rateUgMin: 60, roomM3: 45, airChangesPerH: 1 }, 'concentrationUgM3', 160, 1e-9],
  [
    'air.room',
    { printers: 5, rateUgMin: 60, roomM3: 45, airChangesPerH: 0.5 },
    'concentrationUgM3',
    800,
    1e-9,
  ],
  [
    'air.room',
    { printers: 1, rateUgMin: 60, roomM3: 20, airChangesPerH: 0.5, capturedShare: 0.8 },
    'concentrationUgM3',
    72,
    1e-9,
  ],
  [
    'air.room',
    { printers: 2, rateUgMin: 60, roomM3: 45, airChangesPerH: 1, filterCadrM3H: 100 },
    'concentrationUgM3',
    49.66,
    0.005,
  ],
  ['trial.posterior', { ...modulus, readings: [2300, 2250, 2380], instrumentSd: 20 }, 'mean', 2297.2, 0.05],
  ['trial.posterior', { ...modulus, readings: [2300, 2250, 2380], instrumentSd: 20 }, 'sd', 37.07, 0.005],
  ['trial.posterior', { ...modulus, readings: [] }, 'mean', 2000, 1e-9],
  ['water.life', { halfLife23Y: 200, waterC: 65, years: 5 }, 'halfYears', 1.982, 0.0006],
  ['water.life', { halfLife23Y: 2, waterC: 15, years: 5, wetShare: 0.2 }, 'halfYears', 24.08, 0.006],
  ['water.life', { halfLife23Y: 20, waterC: 60, years: 5, hoursADay: 8 }, 'halfYears', 1.03, 0.0006],
  ['water.life', { halfLife23Y: 2, waterC: 26, years: 5 }, 'halfYears', 1.438, 0.0006],
  ['water.life', { waterC: 26, years: 5 }, 'retained', 1, 0],
  [
    'load.clamp',
    { a: 0.08, n: 0.22, k: 0.055, temperatureC: 23, hours: 43800 },
    'shareLeft',
    0.5435,
    0.00005,
  ],
  ['uv.dose', { ghiKWhm2Year: 1500, exposure: 'full', years: 5, glass: 'window' }, 'doseMJm2', 472.5, 1e-9],
  ['uv.dose', { ghiKWhm2Year: 1500, exposure: 'full', years: 5, glass: 'laminated' }, 'doseMJm2', 67.5, 1e-9],
  [
    'print.economics',
    { volumeCm3: 10, solidFraction: 0.5, densityGcm3: 1.24, pricePerKg: 25, maxFlowMm3s: 12 },
    'massG',
    6.2,
    1e-9,
  ],
  // Enough is enough: a surplus earns nothing.
  ['score.desirability', { value: 20, unacceptable: 0, comfortable: 20 }, 'desirability', 1, 1e-12],
  ['score.desirability', { value: 80, unacceptable: 0, comfortable: 20 }, 'desirability', 1, 1e-12],
  // Cost by ratios: at the same as plain PLA 1, at √8 times half way, at eight times 0.
  ['score.desirability', { value: 1, unacceptable: 8, comfortable: 1, log: true }, 'desirability', 1, 1e-12],
  [
    'score.desirability',
    { value: Math.sqrt(8), unacceptable: 8, comfortable: 1, log: true },
    'desirability',
    0.75,
    1e-12,
  ],
  ['score.desirability', { value: 8, unacceptable: 8, comfortable: 1, log: true }, 'desirability', 0, 1e-12],
  ['score.desirability', { value: 5, unacceptable: 0, comfortable: 20 }, 'desirability', 0.4375, 1e-12],
  ['score.desirability', { value: 10, unacceptable: 0, comfortable: 20 }, 'desirability', 0.75, 1e-12],
  ['score.desirability', { value: 2, unacceptable: 1, comfortable: 0 }, 'desirability', 0, 1e-9],
];

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
