import { describe, expect, it } from 'vitest';
import { extremeOf, families, familyByKey, propertyDefinitions, retentionAt, type PropertyName } from '../src/index.js';

/** Ranges that general polymer knowledge would accept for a typical value; independent of the library's own tables. */
const sane: Record<string, Partial<Record<PropertyName, [number, number]>>> = {
  pla: { densityGcm3: [1.2, 1.28], tgC: [53, 65], hdt045C: [50, 60], modulusMPa: [2300, 3800], charpy23KJm2: [1.5, 5], tmC: [145, 180], waterUptakePct: [0.2, 1.5] },
  'pla-tough': { densityGcm3: [1.15, 1.28], hdt045C: [48, 60], charpy23KJm2: [4, 30], modulusMPa: [1500, 3000] },
  petg: { densityGcm3: [1.23, 1.3], tgC: [70, 88], hdt045C: [62, 78], modulusMPa: [1400, 2400], charpy23KJm2: [3, 15] },
  abs: { densityGcm3: [1.02, 1.09], tgC: [95, 115], hdt045C: [85, 105], hdt18C: [75, 98], charpy23KJm2: [10, 30], alphaPerK: [70e-6, 110e-6] },
  asa: { densityGcm3: [1.04, 1.1], tgC: [95, 115], hdt045C: [85, 106], charpy23KJm2: [8, 30], uvHalfDoseMJm2: [1500, 6000] },
  pc: { densityGcm3: [1.17, 1.23], tgC: [140, 152], hdt045C: [120, 145], modulusMPa: [1800, 2600], alphaPerK: [60e-6, 78e-6] },
  pa12: { densityGcm3: [0.99, 1.05], tmC: [170, 185], waterUptakePct: [0.5, 2.2], modulusMPa: [800, 1900], alphaPerK: [80e-6, 140e-6] },
  'pa6-cf': { densityGcm3: [1.1, 1.3], modulusMPa: [3500, 10000], hdt18C: [100, 210], waterUptakePct: [2, 8], alphaPerK: [10e-6, 50e-6] },
  pp: { densityGcm3: [0.88, 0.93], tmC: [130, 170], waterUptakePct: [0, 0.1], tgC: [-25, 5], uvHalfDoseMJm2: [80, 500] },
  'tpu-95a': { densityGcm3: [1.1, 1.26], shoreA: [93, 97], modulusMPa: [15, 120], elongationPct: [250, 800] },
  'tpu-85a': { densityGcm3: [1.05, 1.25], shoreA: [83, 88], modulusMPa: [8, 40], elongationPct: [300, 900] },
  pva: { densityGcm3: [1.15, 1.35], waterUptakePct: [10, 100] },
};

describe('typical values', () => {
  it.each(Object.entries(sane).flatMap(([key, props]) => Object.entries(props).map(([name, range]) => [key, name as PropertyName, range] as const)))('%s %s lies in %j', (key, name, [low, high]) => {
    const p = familyByKey(key)?.properties[name];
    expect(p?.typical).toBeGreaterThanOrEqual(low);
    expect(p?.typical).toBeLessThanOrEqual(high);
  });
});

describe('what practitioners act on follows from the data', () => {
  const of = (key: string, name: PropertyName): number => familyByKey(key)!.properties[name]!.typical;
  it('toughened PLA keeps its low heat limit', () => {
    expect(of('pla-tough', 'charpy23KJm2')).toBeGreaterThan(2 * of('pla', 'charpy23KJm2'));
    expect(of('pla-tough', 'hdt045C')).toBeLessThanOrEqual(of('pla', 'hdt045C'));
  });
  it('copolyesters weld their layers best, filled ones worst', () => {
    expect(of('petg', 'zRatio')).toBeGreaterThan(of('abs', 'zRatio'));
    expect(of('abs', 'zRatio')).toBeGreaterThan(of('pa6-cf', 'zRatio'));
  });
  it('ASA keeps in the sun where ABS does not', () => expect(of('asa', 'uvHalfDoseMJm2')).toBeGreaterThan(5 * of('abs', 'uvHalfDoseMJm2')));
  it('carbon fibre adds stiffness, heat and flatness, and costs impact', () => {
    expect(of('pa6-cf', 'modulusMPa')).toBeGreaterThan(3 * of('pa12', 'modulusMPa'));
    expect(of('pa6-cf', 'alphaPerK')).toBeLessThan(of('pa12', 'alphaPerK') / 2);
    expect(of('pa6-cf', 'charpy23KJm2')).toBeLessThan(of('pa12', 'charpy23KJm2'));
    expect(familyByKey('pa6-cf')?.flags.abrasive).toBe(true);
  });
  it('PP is light, dry, hinges and sticks to almost nothing', () => {
    expect(of('pp', 'densityGcm3')).toBeLessThan(0.95);
    expect(familyByKey('pp')?.flags.hinge).toBe('lasting');
    expect(familyByKey('pp')?.adhesion['smooth-pei']?.bare).toBeLessThan(30);
  });
  it('nylon 12 drinks less than nylon 6', () => expect(of('pa12', 'waterUptakePct')).toBeLessThan(of('pa6-cf', 'waterUptakePct') / 2));
  it('no spool is dried above where it softens', () => {
    for (const f of families) expect(f.properties.dryC!.typical, f.key).toBeLessThan(f.properties.spoolLimitC!.typical + 1e-9);
  });
});

describe('ranges', () => {
  it('the worst and the best spool bracket the typical one', () => {
    for (const f of families) for (const [name, def] of Object.entries(propertyDefinitions)) {
      const [w, t, b] = [extremeOf(f, 'worst'), f, extremeOf(f, 'best')].map(x => x.properties[name as PropertyName]?.typical ?? null);
      if (t === null) { expect(w).toBeNull(); continue; }
      expect(Math.min(w!, b!), `${f.key} ${def.label}`).toBeLessThanOrEqual(t!);
      expect(Math.max(w!, b!)).toBeGreaterThanOrEqual(t!);
    }
    expect(extremeOf(families[0]!, 'worst')).toBe(extremeOf(families[0]!, 'worst'));
  });
  it('retention is read between its points and held flat beyond', () => {
    const points = [[0, 1.2], [20, 1], [60, 0.2]] as const;
    expect(retentionAt(points, -40)).toBe(1.2);
    expect(retentionAt(points, 10)).toBeCloseTo(1.1, 9);
    expect(retentionAt(points, 40)).toBeCloseTo(0.6, 9);
    expect(retentionAt(points, 90)).toBe(0.2);
    expect(retentionAt([], 20)).toBe(1);
  });
});
