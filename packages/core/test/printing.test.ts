import { describe, expect, it } from 'vitest';
import { families, familyByKey } from '../src/materials/library.js';
import { bestAdhesion } from '../src/print/adhesion.js';
import { asksOf, demands, difficultyOf } from '../src/print/difficulty.js';
import { printEconomics } from '../src/print/economics.js';
import { storedModulusMPa } from '../src/print/stored-modulus.js';
import { rank } from '../src/score/rank.js';
import { successWorking } from '../src/score/score-working.js';
import { parsePrinter, type Printer } from '../src/workshop/printer.js';
import { brief, candidate, enclosedPrinter, openPrinter } from './cases.js';

const family = (key: string): (typeof families)[number] => familyByKey(key)!;
const printer = (change: Partial<Printer>): Printer => parsePrinter({ ...enclosedPrinter, ...change });
/** The verdict and rescue of one printing check. */
function check(p: Printer, key: string, id: string): { verdict: string; rescue: string | null } | undefined {
  return candidate(rank(brief(), { printer: p }), key).gates.find(g => g.id === `printability.${id}`);
}

describe('each check', () => {
  it('nozzle: below the window fails, in its lower half is marginal', () => {
    expect(check(printer({ nozzleMaxC: 250 }), 'pc', 'nozzle')?.verdict).toBe('fail');
    expect(check(printer({ nozzleMaxC: 270 }), 'pc', 'nozzle')?.verdict).toBe('marginal');
    expect(check(printer({ nozzleMaxC: 290 }), 'pc', 'nozzle')?.verdict).toBe('pass');
  });
  it('liner: only where there is one, and it is about fumes', () => {
    expect(check(printer({ linerLimitC: null }), 'pc', 'liner')).toBeUndefined();
    const lined = candidate(rank(brief(), { printer: printer({ linerLimitC: 240 }) }), 'pc');
    expect(lined.gates.find(g => g.id === 'printability.liner')?.why).toMatch(/fumes are harmful/);
    expect(lined.cautions.join()).toMatch(/Never above 240 °C/);
  });
  it('bed: PLA gets by on a cold plate, ABS does not', () => {
    expect(check(printer({ bedMaxC: 0 }), 'pla', 'bed')).toMatchObject({
      verdict: 'marginal',
      rescue: expect.stringMatching(/glue or tape/) as string,
    });
    expect(check(printer({ bedMaxC: 60 }), 'abs', 'bed')?.verdict).toBe('fail');
    expect(check(printer({ bedMaxC: 85 }), 'abs', 'bed')?.verdict).toBe('marginal');
  });
  it('air: by the chance that this part lifts or splits, never by a bare temperature', () => {
    const slab = { geometry: { xMm: 150, yMm: 150, zMm: 20 } };
    const air = (chamberC: number, key: string, fields: object = slab): string | undefined =>
      candidate(
        rank(brief(fields as Record<string, unknown>), { printer: printer({ chamberC }) }),
        key,
      ).gates.find(g => g.id === 'printability.chamber')?.verdict;
    expect([air(45, 'abs'), air(36, 'abs'), air(28, 'abs')]).toEqual(['pass', 'marginal', 'fail']);
    // A small part forgives, a tall one splits.
    expect(air(28, 'abs', { geometry: { xMm: 25, yMm: 25, zMm: 25 } })).toBe('pass');
    expect(air(28, 'pc', { geometry: { xMm: 25, yMm: 25, zMm: 200 } })).toBe('fail');
  });
  it('drive: hard flexibles slowly through a tube, soft ones not', () => {
    expect(check(printer({ drive: 'bowden' }), 'tpu-95a', 'drive')?.verdict).toBe('marginal');
    expect(check(printer({ drive: 'bowden' }), 'tpu-85a', 'drive')).toMatchObject({
      verdict: 'fail',
      rescue: 'passes with a direct drive',
    });
    expect(check(printer({ drive: 'bowden' }), 'petg', 'drive')?.verdict).toBe('pass');
  });
  it('dryer: nylon without one is a gamble on a fresh bag, with a cool one too', () => {
    expect(check(printer({ dryerMaxC: null }), 'pa12', 'dryer')?.verdict).toBe('marginal');
    expect(check(printer({ dryerMaxC: 50 }), 'pa12', 'dryer')?.verdict).toBe('marginal');
    expect(check(printer({ dryerMaxC: 70 }), 'pa12', 'dryer')?.verdict).toBe('pass');
    expect(check(printer({ dryerMaxC: null }), 'petg', 'dryer')?.verdict).toBe('pass');
  });
  it('ventilation: styrene in a closed room is marginal and cautioned', () => {
    expect(check(printer({ ventilation: 'none' }), 'asa', 'ventilation')?.verdict).toBe('marginal');
    expect(candidate(rank(brief(), { printer: enclosedPrinter }), 'asa').cautions.join()).toMatch(/styrene/);
    expect(check(printer({ ventilation: 'none' }), 'pla', 'ventilation')?.verdict).toBe('pass');
  });
});

describe('footholds', () => {
  it('the strongest that spares the plate wins', () => {
    expect(bestAdhesion(family('petg'), enclosedPrinter)).toMatchObject({
      plate: 'smooth-pei',
      adhesive: 'glue-stick',
    });
    expect(bestAdhesion(family('petg'), printer({ adhesives: [] }))).toMatchObject({
      plate: 'textured-pei',
      adhesive: null,
    });
    const bare = printer({ plates: ['smooth-pei'], adhesives: [] });
    expect(bestAdhesion(family('petg'), bare)?.grips).toBe(true);
    expect(check(bare, 'petg', 'plate')).toMatchObject({ verdict: 'marginal' });
  });
  it('PP wants its own sheet or tape', () => {
    expect(
      check(printer({ plates: ['smooth-pei'], adhesives: ['glue-stick'] }), 'pp', 'plate')?.verdict,
    ).toBe('fail');
    expect(check(printer({ plates: ['pp-sheet'], adhesives: [] }), 'pp', 'plate')?.verdict).toBe('pass');
  });
  it('no plate at all holds nothing', () =>
    expect(check(printer({ plates: [] }), 'pla', 'plate')?.verdict).toBe('fail'));
});

describe('success', () => {
  it('is the product of its factors, and its working says so', () => {
    for (const c of rank(brief(), { printer: enclosedPrinter }).candidates) {
      const product = c.printing.factors.reduce((p, f) => p * f.factor, 0.98);
      expect(c.printing.success).toBeCloseTo(product, 9);
      expect(successWorking(c).at(-1)?.value).toBe(c.printing.success);
    }
  });
  it('a better machine never prints worse', () => {
    const [worse, better] = [openPrinter, enclosedPrinter].map(p => rank(brief(), { printer: p }));
    for (const f of families)
      expect(candidate(better!, f.key).printing.success).toBeGreaterThanOrEqual(
        candidate(worse!, f.key).printing.success - 1e-9,
      );
  });
  it('longer parts lift more, rounded ones less', () => {
    const lift = (geometry: object): number =>
      candidate(rank(brief({ geometry }), { printer: openPrinter }), 'abs').printing.pLift;
    expect(lift({ xMm: 200, zMm: 20 })).toBeGreaterThan(lift({ xMm: 60, zMm: 20 }));
    expect(lift({ xMm: 120, sharpCorners: 0 })).toBeLessThan(lift({ xMm: 120, sharpCorners: 4 }));
  });
  it('an enclosure keeps ABS down', () => {
    const lift = (chamberC: number): number =>
      candidate(rank(brief({ geometry: { xMm: 180, zMm: 25 } }), { printer: printer({ chamberC }) }), 'abs')
        .printing.pLift;
    expect(lift(60)).toBeLessThan(lift(45));
    expect(lift(45)).toBeLessThan(lift(28));
  });
  it('a plastic that is soft while it cools stores less than its stiffness says', () => {
    for (const f of families) expect(storedModulusMPa(f, 40)).toBeLessThan(f.properties.modulusMPa!.typical);
    expect(storedModulusMPa(family('pa12'), 45) / 1300).toBeLessThan(
      storedModulusMPa(family('abs'), 45) / 2100,
    );
  });
});

describe('step-up adds up what a family asks', () => {
  it('in the order in which people come to print them', () => {
    const known = [
      ['pla'],
      ['pla-tough'],
      ['petg'],
      ['copolyester-ht', 'tpu-95a'],
      ['abs', 'asa'],
      ['pc-blend', 'pa12-cf'],
      ['pa12', 'pc', 'pa6'],
      ['pp'],
      ['tpu-85a', 'tpu-60a'],
      ['pei', 'peek'],
    ];
    const of = (key: string): number => difficultyOf(asksOf(family(key), null));
    for (let i = 1; i < known.length; i++)
      expect(
        Math.min(...known[i]!.map(of)),
        `${known[i]!.join(', ')} after ${known[i - 1]!.join(', ')}`,
      ).toBeGreaterThanOrEqual(Math.min(...known[i - 1]!.map(of)));
    expect(of('pei')).toBeGreaterThan(of('tpu-60a'));
  });
  it('nothing of PLA, much of nylon', () => {
    expect(demands(family('pla'))).toEqual([]);
    expect(demands(family('abs'))).toEqual(['warm, still air', 'a dry spool', 'ventilation']);
    expect(demands(family('pa6-cf')).length).toBeGreaterThan(4);
  });
});

describe('economics', () => {
  const input = {
    supportCm3: 0,
    volumeCm3: 20,
    solidFraction: 0.5,
    densityGcm3: 1.2,
    pricePerKg: 25,
    maxFlowMm3s: 12,
    speedMmS: 60,
    lineMm: 0.45,
    layerMm: 0.2,
    heightMm: 20,
    machinePerHour: 0.5,
    labour: 1,
    success: 1,
    timeFactor: 1,
    aidCm3: 0,
    aidHours: 0,
  };
  it('weighs, times and prices by hand', () => {
    const r = printEconomics(input);
    expect(r.massG).toBeCloseTo(12, 9);
    expect(r.flowMm3s).toBeCloseTo(5.4, 9);
    expect(r.hours).toBeCloseTo(((10000 / 5.4) * 1.25 + 200) / 3600, 9);
    expect(r.costEach).toBeCloseTo(0.3 + r.hours * 0.5 + 1, 9);
  });
  it('failed prints are paid by those that succeed', () =>
    expect(printEconomics({ ...input, success: 0.5 }).costEach).toBeCloseTo(
      2 * printEconomics(input).costEach,
      9,
    ));
  it('soft filaments are slow: the melt limit rules', () =>
    expect(printEconomics({ ...input, maxFlowMm3s: 2 }).flowMm3s).toBe(2));
});
