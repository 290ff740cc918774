import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typical } from '../../src/materials/family.js';
import { familyByKey } from '../../src/materials/library.js';
import { halfDoseOf } from '../../src/score/assess.js';
import { fieldEvidence, withFieldEvidence } from '../../src/service/field-evidence.js';
import { serviceField, ServiceFieldInput, type FieldRecord } from '../../src/service/field-factor.js';
import { placed } from './placed.js';

const field = (records: readonly Partial<FieldRecord>[], priorFactor = 1): ReturnType<typeof serviceField> =>
  serviceField(
    Object.assign(new ServiceFieldInput(), {
      priorFactor,
      records: records.map(r => ({ years: 1, labYears: 1, failed: false, weight: 1, ...r })),
    }),
  );

describe('service.field', () => {
  it('is the library’s word where there are no own parts', () => {
    expect(field([], 1.5).factor).toBeCloseTo(1.5, 10);
    expect(field([], 1.5).ownWeight).toBe(0);
  });

  it('rises with parts that outlive the laboratory, and falls with those that do not', () => {
    const long = Array.from({ length: 6 }, () => ({ years: 4, labYears: 2 }));
    expect(field(long).factor).toBeGreaterThan(2);
    const short = Array.from({ length: 6 }, () => ({ years: 1, labYears: 4, failed: true }));
    expect(field(short).factor).toBeLessThan(0.6);
  });

  it('comes to the true factor with many parts', () => {
    // Lives with their median at three times the laboratory's two years, by quantiles, none censored.
    const n = 400;
    const records = Array.from({ length: n }, (_, k) => ({
      years: 6 * Math.sqrt(-Math.log(1 - (k + 0.5) / n) / Math.LN2),
      labYears: 2,
      failed: true,
    }));
    const r = field(records);
    expect(r.factor).toBeGreaterThan(2.8);
    expect(r.factor).toBeLessThan(3.2);
    expect(r.low).toBeLessThan(3);
    expect(r.high).toBeGreaterThan(3);
    expect(r.ownWeight).toBeGreaterThan(0.98);
  });

  it('never falls by a part standing longer, nor rises by one more failure', () => {
    const some = fc.array(
      fc.record({
        years: fc.double({ min: 0.1, max: 20, noNaN: true }),
        labYears: fc.double({ min: 0.5, max: 30, noNaN: true }),
        failed: fc.boolean(),
      }),
      { maxLength: 20 },
    );
    fc.assert(
      fc.property(some, fc.double({ min: 0.1, max: 10, noNaN: true }), (list, years) => {
        const one = { years, labYears: 3 };
        expect(field([...list, { ...one, years: years + 1 }]).factor).toBeGreaterThanOrEqual(
          field([...list, one]).factor - 1e-9,
        );
        expect(field([...list, { ...one, failed: true }]).factor).toBeLessThanOrEqual(
          field([...list, one]).factor + 1e-9,
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('what own parts say of families outdoors', () => {
  const petg = familyByKey('petg')!;
  const sunny = (years: number, verdict: 'fine' | 'failed' = 'fine'): ReturnType<typeof placed> =>
    placed({ material: 'petg', sun: 'full', years, verdict, mode: verdict === 'failed' ? 'brittle' : null });

  it('moves the field school’s half-dose and leaves the laboratory’s', () => {
    const evidence = fieldEvidence(
      [sunny(9), sunny(9), sunny(8), sunny(10)],
      key => familyByKey(key) ?? null,
    );
    const [family] = withFieldEvidence([petg], evidence);
    expect(halfDoseOf(family!, 'field')).toBeGreaterThan(halfDoseOf(petg, 'field'));
    expect(halfDoseOf(family!, 'laboratory')).toBe(halfDoseOf(petg, 'laboratory'));
    expect(family!.properties.fieldUvFactor!.source).toBe('4 own parts outdoors, 0 failed by the sun');
  });

  it('counts what bent in the heat as no failure of the sun', () => {
    const bent = placed({ material: 'petg', sun: 'full', years: 2, verdict: 'failed', mode: 'deformed' });
    expect(fieldEvidence([bent], () => petg)[0]).toMatchObject({ failures: 0, parts: 1 });
    expect(fieldEvidence([sunny(2, 'failed')], () => petg)[0]).toMatchObject({ failures: 1 });
  });

  it('leaves out what stands in the shade, and what may be one of two', () => {
    const shade = placed({ material: 'petg', sun: 'none', years: 5 });
    const unsure = sunny(5);
    unsure.placement.materials = [
      { material: 'petg', share: 0.5 },
      { material: 'asa', share: 0.5 },
    ];
    expect(fieldEvidence([shade, unsure], () => petg)).toEqual([]);
  });

  it('does not touch families of which there is nothing', () => {
    const asa = familyByKey('asa')!;
    expect(
      withFieldEvidence(
        [asa],
        fieldEvidence([sunny(5)], () => petg),
      )[0],
    ).toBe(asa);
    expect(typical(asa, 'fieldUvFactor')).toBeGreaterThan(0);
  });
});
