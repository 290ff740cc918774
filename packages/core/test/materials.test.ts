import { describe, expect, it } from 'vitest';
import { extremeOf } from '../src/materials/extreme.js';
import { families, familyByKey } from '../src/materials/library.js';
import { propertyDefinitions } from '../src/materials/property-definitions.js';
import { propertyDefinition, propertyNames, type PropertyName } from '../src/materials/property.js';
import { retentionAt } from '../src/materials/retention.js';

/** Ranges that general polymer knowledge would accept for a typical value; independent of the library's own tables. */
const sane: Record<string, Partial<Record<PropertyName, [number, number]>>> = {
  pla: {
    densityGcm3: [1.2, 1.28],
    tgC: [53, 65],
    hdt045C: [50, 60],
    modulusMPa: [2300, 3800],
    charpy23KJm2: [1.5, 5],
    tmC: [145, 180],
    waterUptakePct: [0.2, 1.5],
  },
  'pla-tough': {
    densityGcm3: [1.15, 1.28],
    hdt045C: [48, 60],
    charpy23KJm2: [4, 30],
    modulusMPa: [1500, 3000],
  },
  petg: {
    densityGcm3: [1.23, 1.3],
    tgC: [70, 88],
    hdt045C: [62, 78],
    modulusMPa: [1400, 2400],
    charpy23KJm2: [3, 15],
  },
  abs: {
    densityGcm3: [1.02, 1.09],
    tgC: [95, 115],
    hdt045C: [85, 105],
    hdt18C: [75, 98],
    charpy23KJm2: [10, 30],
    alphaPerK: [70e-6, 110e-6],
  },
  asa: {
    densityGcm3: [1.04, 1.1],
    tgC: [95, 115],
    hdt045C: [85, 106],
    charpy23KJm2: [8, 30],
    uvHalfDoseMJm2: [1500, 6000],
  },
  pc: {
    densityGcm3: [1.17, 1.23],
    tgC: [140, 152],
    hdt045C: [120, 145],
    modulusMPa: [1800, 2600],
    alphaPerK: [60e-6, 78e-6],
  },
  pa12: {
    densityGcm3: [0.99, 1.05],
    tmC: [170, 185],
    waterUptakePct: [0.5, 2.2],
    modulusMPa: [800, 1900],
    alphaPerK: [80e-6, 140e-6],
  },
  'pa6-cf': {
    densityGcm3: [1.1, 1.3],
    modulusMPa: [3500, 10000],
    hdt18C: [100, 210],
    waterUptakePct: [2, 8],
    alphaPerK: [10e-6, 50e-6],
  },
  pp: {
    densityGcm3: [0.88, 0.93],
    tmC: [130, 170],
    waterUptakePct: [0, 0.1],
    tgC: [-25, 5],
    uvHalfDoseMJm2: [80, 500],
  },
  'tpu-95a': { densityGcm3: [1.1, 1.26], shoreA: [93, 97], modulusMPa: [15, 120], elongationPct: [250, 800] },
  'tpu-85a': { densityGcm3: [1.05, 1.25], shoreA: [83, 88], modulusMPa: [8, 40], elongationPct: [300, 900] },
  'tpu-60a': { shoreA: [55, 65], modulusMPa: [1.5, 8], elongationPct: [400, 1200] },
  'tpu-64d': { shoreD: [60, 68], modulusMPa: [150, 600], densityGcm3: [1.15, 1.28] },
  'tpu-foam': { densityGcm3: [0.4, 1.2], shoreA: [45, 85] },
  pva: { densityGcm3: [1.15, 1.35], waterUptakePct: [10, 100] },
  bvoh: { densityGcm3: [1.1, 1.3], waterUptakePct: [10, 100] },
  pvb: { densityGcm3: [1.05, 1.13], tgC: [50, 72], hdt045C: [48, 65] },
  'pla-cf': { modulusMPa: [3500, 9000], densityGcm3: [1.2, 1.36], hdt045C: [50, 65] },
  'pla-ht': { hdt045C: [50, 60], tgC: [53, 68] },
  'pla-foam': { densityGcm3: [0.4, 1.2], modulusMPa: [400, 2500] },
  'pla-wood': { densityGcm3: [1, 1.3], yieldMPa: [20, 45] },
  'pla-metal': { densityGcm3: [1.6, 4.2] },
  'pla-iron': { densityGcm3: [1.6, 2.2], yieldMPa: [15, 45] },
  'pla-ceramic': { densityGcm3: [1.35, 1.85], modulusMPa: [2500, 6500] },
  'petg-cf': { modulusMPa: [3000, 7500], hdt045C: [66, 85] },
  'copolyester-ht': { tgC: [95, 118], hdt045C: [80, 105], densityGcm3: [1.15, 1.25] },
  'pet-cf': { modulusMPa: [4000, 11000], densityGcm3: [1.28, 1.45], tmC: [235, 260] },
  'asa-cf': { modulusMPa: [3000, 8000], densityGcm3: [1.06, 1.18] },
  hips: { densityGcm3: [1.02, 1.08], tgC: [85, 105], waterUptakePct: [0.02, 0.3] },
  'pc-blend': { densityGcm3: [1.08, 1.22], hdt18C: [85, 118], charpy23KJm2: [12, 60] },
  'pa-copolymer': { tmC: [175, 210], waterUptakePct: [2.5, 9], modulusMPa: [600, 2200] },
  pa6: { tmC: [214, 226], waterUptakePct: [7, 11], densityGcm3: [1.1, 1.16], hdt18C: [45, 80] },
  'pa6-gf': { modulusMPa: [2500, 8000], densityGcm3: [1.2, 1.42], hdt18C: [90, 210] },
  'pa12-cf': { modulusMPa: [2500, 8000], waterUptakePct: [0.5, 1.8], densityGcm3: [1.02, 1.18] },
  'pp-light': { densityGcm3: [0.55, 0.88] },
  peek: {
    tgC: [140, 152],
    tmC: [334, 346],
    hdt18C: [138, 170],
    modulusMPa: [2800, 4300],
    densityGcm3: [1.26, 1.33],
  },
  pei: { tgC: [178, 220], hdt18C: [145, 205], densityGcm3: [1.24, 1.36] },
};

describe('typical values', () => {
  it.each(
    Object.entries(sane).flatMap(([key, props]) =>
      Object.entries(props).map(([name, range]) => [key, name as PropertyName, range] as const),
    ),
  )('%s %s lies in %j', (key, name, [low, high]) => {
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
  it('ASA keeps in the sun where ABS does not', () =>
    expect(of('asa', 'uvHalfDoseMJm2')).toBeGreaterThan(5 * of('abs', 'uvHalfDoseMJm2')));
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
  it('nylon 12 drinks less than nylon 6, filled or not', () => {
    expect(of('pa12', 'waterUptakePct')).toBeLessThan(of('pa6', 'waterUptakePct') / 4);
    expect(of('pa12-cf', 'waterUptakePct')).toBeLessThan(of('pa6-cf', 'waterUptakePct') / 2);
  });
  const fibres = families.filter(f => f.filler === 'carbon-fibre' || f.filler === 'glass-fibre');
  it.each(fibres.map(f => [f.key, f] as const))(
    '%s: fibre adds stiffness, sun life and flatness, costs impact and layer welding, and wears brass',
    (_, f) => {
      expect(of(f.key, 'modulusMPa')).toBeGreaterThan(1.5 * of(f.base!, 'modulusMPa'));
      expect(of(f.key, 'hdt045C')).toBeGreaterThan(of(f.base!, 'hdt045C'));
      expect(of(f.key, 'uvHalfDoseMJm2')).toBeGreaterThan(of(f.base!, 'uvHalfDoseMJm2'));
      expect(of(f.key, 'alphaPerK')).toBeLessThan(0.6 * of(f.base!, 'alphaPerK'));
      expect(of(f.key, 'charpy23KJm2')).toBeLessThan(of(f.base!, 'charpy23KJm2'));
      expect(of(f.key, 'zRatio')).toBeLessThan(of(f.base!, 'zRatio'));
      expect(f.flags.finish).toBeGreaterThanOrEqual(familyByKey(f.base!)!.flags.finish);
      expect(f.flags.abrasive).toBe(true);
    },
  );
  it('TPU gets softer, slower, stringier and harder to feed together', () => {
    const row = ['tpu-64d', 'tpu-95a', 'tpu-85a', 'tpu-60a'];
    for (let i = 1; i < row.length; i++) {
      for (const name of ['modulusMPa', 'shoreD', 'maxFlowMm3s', 'hdt045C'] as const)
        expect(of(row[i]!, name), `${row[i]!} ${name}`).toBeLessThan(of(row[i - 1]!, name));
      expect(familyByKey(row[i]!)!.flags.stringing).toBeGreaterThan(
        familyByKey(row[i - 1]!)!.flags.stringing,
      );
      expect(familyByKey(row[i]!)!.windows.retractionMm.high).toBeLessThan(
        familyByKey(row[i - 1]!)!.windows.retractionMm.high,
      );
    }
    expect(row.map(k => familyByKey(k)!.flags.drive)).toEqual(['any', 'slow-bowden', 'direct', 'direct']);
    expect(row.every(k => familyByKey(k)!.flags.support === 'clings')).toBe(true);
  });
  it('foams grow with temperature and then collapse, within their nozzle window', () => {
    for (const f of families) {
      if (!f.flags.foaming) continue;
      const { fromC, peakC, collapseC } = f.flags.foaming;
      expect(
        [
          f.windows.nozzleC.low <= fromC,
          fromC < peakC,
          peakC < collapseC,
          collapseC <= f.windows.nozzleC.high,
        ],
        f.key,
      ).toEqual([true, true, true, true]);
      expect(of(f.key, 'densityGcm3')).toBeLessThan(0.7 * of(f.base!, 'densityGcm3'));
    }
    expect(families.filter(f => f.flags.foaming).map(f => f.key)).toEqual(['pla-foam', 'tpu-foam']);
  });
  it('supports dissolve, char and drink; BVOH may leave a gel', () => {
    expect(
      families
        .filter(f => f.flags.soluble)
        .map(f => [f.key, f.flags.chars, f.flags.moisture, f.flags.residue]),
    ).toEqual([
      ['pva', true, 'high', 'none'],
      ['bvoh', true, 'high', 'gel'],
    ]);
  });
  it('acetone smooths the styrenics, alcohol PVB', () => {
    expect(families.filter(f => f.flags.smoothedBy.includes('acetone')).map(f => f.key)).toEqual([
      'abs',
      'abs-gf',
      'abs-esd',
      'abs-fr',
      'asa',
      'asa-cf',
      'hips',
      'pmma',
    ]);
    expect(families.filter(f => f.flags.smoothedBy.includes('isopropanol')).map(f => f.key)).toEqual(['pvb']);
  });
  it('the looks fillers cost strength, and glow and metal wear brass', () => {
    for (const key of ['pla-wood', 'pla-metal', 'pla-iron', 'pla-ceramic', 'pla-silk', 'pla-glow'])
      expect(of(key, 'yieldMPa'), key).toBeLessThan(0.9 * of('pla', 'yieldMPa'));
    expect(families.filter(f => f.flags.abrasive && f.base === 'pla').map(f => f.key)).toEqual([
      'pla-cf',
      'pla-metal',
      'pla-iron',
      'pla-ceramic',
      'pla-glow',
    ]);
  });
  it('every property is there, or its absence is explained', () => {
    for (const f of families)
      for (const name of propertyNames) {
        const p = f.properties[name];
        if (p === null) {
          expect(propertyDefinition(name).absent, `${f.key}.${name}`).toBeTruthy();
          continue;
        }
        const { min, max } = propertyDefinition(name);
        expect(
          min <= p.low && p.low <= p.typical && p.typical <= p.high && p.high <= max,
          `${f.key}.${name} ${p.low} ${p.typical} ${p.high}`,
        ).toBe(true);
        expect(p.source.length).toBeGreaterThan(8);
      }
  });
  it('softening follows the stress and the structure', () => {
    for (const f of families) {
      expect(of(f.key, 'hdt18C'), f.key).toBeLessThanOrEqual(of(f.key, 'hdt045C'));
      expect(of(f.key, 'hdt045C'), f.key).toBeLessThanOrEqual(of(f.key, 'vicatC'));
      expect(of(f.key, 'strainRepeatedPct'), f.key).toBeLessThan(of(f.key, 'strainOncePct'));
      expect(of(f.key, 'charpyMinus30KJm2'), f.key).toBeLessThanOrEqual(of(f.key, 'charpy23KJm2'));
      expect(of(f.key, 'printWaterPct'), f.key).toBeLessThanOrEqual(
        Math.max(of(f.key, 'waterUptakePct'), 0.1),
      );
    }
  });
  it('no spool is dried above where it softens', () => {
    for (const f of families)
      expect(f.properties.dryC!.typical, f.key).toBeLessThan(f.properties.spoolLimitC!.typical + 1e-9);
  });
});

describe('ranges', () => {
  it('the worst and the best spool bracket the typical one', () => {
    for (const f of families)
      for (const [name, def] of Object.entries(propertyDefinitions)) {
        const [w, t, b] = [extremeOf(f, 'worst'), f, extremeOf(f, 'best')].map(
          x => x.properties[name as PropertyName]?.typical ?? null,
        );
        if (t === null) {
          expect(w).toBeNull();
          continue;
        }
        expect(Math.min(w!, b!), `${f.key} ${def.label}`).toBeLessThanOrEqual(t!);
        expect(Math.max(w!, b!)).toBeGreaterThanOrEqual(t!);
      }
    expect(extremeOf(families[0]!, 'worst')).toBe(extremeOf(families[0]!, 'worst'));
  });
  it('retention is read between its points and held flat beyond', () => {
    const points = [
      [0, 1.2],
      [20, 1],
      [60, 0.2],
    ] as const;
    expect(retentionAt(points, -40)).toBe(1.2);
    expect(retentionAt(points, 10)).toBeCloseTo(1.1, 9);
    expect(retentionAt(points, 40)).toBeCloseTo(0.6, 9);
    expect(retentionAt(points, 90)).toBe(0.2);
    expect(retentionAt([], 20)).toBe(1);
  });
});
