import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputError } from '../../src/input/input-error.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { gradeKey, parseGrade } from '../../src/materials/grade-parse.js';
import { familyByKey, families } from '../../src/materials/library.js';
import { propertyDefinition, propertyNames, type PropertyName } from '../../src/materials/property.js';
import { rank } from '../../src/score/rank.js';
import { tarnPla as grade } from './tarn-pla.js';
import { brief } from '../cases.js';

describe('a grade on top of a family', () => {
  it('measured beats data sheet beats family', () => {
    const f = gradeFamily(grade({ sheet: { yieldMPa: 55, modulusMPa: 3100 }, measured: { yieldMPa: 47 } }));
    expect(f.properties.yieldMPa).toMatchObject({ typical: 47, confidence: 'measured' });
    expect(f.properties.modulusMPa).toMatchObject({ typical: 3100, confidence: 'standard' });
    expect(f.properties.modulusMPa?.source).toContain('Tarn’s data sheet');
    expect(f.properties.densityGcm3).toEqual(familyByKey('pla')?.properties.densityGcm3);
    expect(f.grade).toEqual({ family: 'pla', maker: 'Tarn', soakedGcm3: null });
  });
  it('a measurement is surer than a data sheet, and both than the family', () => {
    const span = (part: object): number => {
      const p = gradeFamily(grade(part)).properties.yieldMPa!;
      return p.high - p.low;
    };
    const family = familyByKey('pla')!.properties.yieldMPa!;
    expect(span({ sheet: { yieldMPa: 50 } })).toBeCloseTo(0.5 * (family.high - family.low), 9);
    expect(span({ measured: { yieldMPa: 50 } })).toBeCloseTo(0.25 * (family.high - family.low), 9);
    expect(
      gradeFamily(grade({ sheet: { yieldMPa: { low: 44, typical: 50, high: 51 } } })).properties.yieldMPa,
    ).toMatchObject({ low: 44, high: 51 });
  });
  it('one heat deflection moves the others, and strength with it', () => {
    const f = gradeFamily(grade({ sheet: { hdt045C: 95 } }));
    const pla = familyByKey('pla')!;
    expect(f.properties.hdt18C?.typical).toBeCloseTo(pla.properties.hdt18C!.typical + 40, 9);
    expect(f.properties.vicatC?.typical).toBeCloseTo(pla.properties.vicatC!.typical + 40, 9);
    expect(f.properties.hdt18C?.source).toContain('moved by 40.0 K');
    const hot = brief({ heat: { setting: 'near-source', sourceC: 75, hoursADay: 2 } });
    expect(rank(hot, { families: [pla] }).firstChoice).toBeNull();
    expect(rank(hot, { families: [f] }).firstChoice).toBe('tarn-pla');
  });
  it('what the family lacks, a grade may state', () => {
    expect(gradeFamily(grade({ sheet: { shoreA: 90 } })).properties.shoreA).toMatchObject({
      low: 90,
      typical: 90,
      high: 90,
    });
  });
  it('stays within low ≤ typical ≤ high and within what a plastic can be, whatever is stated', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...families),
        fc.constantFrom<PropertyName>(...propertyNames),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.boolean(),
        (base, name, share, own) => {
          const { min, max } = propertyDefinition(name);
          const f = gradeFamily(
            grade({ family: base.key, [own ? 'measured' : 'sheet']: { [name]: min + share * (max - min) } }),
          );
          const p = f.properties[name]!;
          expect(
            min <= p.low && p.low <= p.typical && p.typical <= p.high && p.high <= max,
            `${base.key} ${name} ${p.low} ${p.typical} ${p.high}`,
          ).toBe(true);
          for (const [, r] of f.retention) expect(Number.isFinite(r)).toBe(true);
        },
      ),
    );
  });
  it.each([
    ['a key of a family', { key: 'petg' }, 'key: "petg" is the key of a family'],
    ['a key with capitals', { key: 'Tarn PLA' }, 'key: "Tarn PLA" must be small letters'],
    ['an unknown family', { family: 'unobtainium' }, 'family: "unobtainium" must be one of'],
    [
      'a density of lead',
      { sheet: { densityGcm3: 1240 } },
      'sheet.densityGcm3: 1240 must be a number from 0.2 to 12 g/cm³',
    ],
    ['an unknown property', { measured: { shine: 3 } }, 'measured.shine: 3 is not a property'],
    [
      'ends out of order',
      { sheet: { tgC: { low: 60, typical: 55, high: 70 } } },
      'must run low ≤ typical ≤ high',
    ],
    ['text for a number', { sheet: { tgC: 'warm' } }, 'sheet.tgC: "warm" must be a number'],
    ['a window upside down', { windows: { nozzleC: { low: 230, high: 200 } } }, 'windows.nozzleC'],
    ['an unknown window', { windows: { spin: { low: 1, high: 2 } } }, 'windows.spin'],
    ['a list for values', { sheet: [] }, 'sheet: [] must be an object of properties'],
    ['a field of another format', { colour: 'red' }, 'colour: "red" is not a field of this format'],
  ])('%s is refused by name', (_, fields, said) => {
    expect(() => grade(fields)).toThrow(said);
  });
  it('every problem is told at once', () => {
    try {
      grade({ key: 'Bad Key', family: 'x', sheet: { tgC: 'a', densityGcm3: 99 } });
      expect.unreachable();
    } catch (e) {
      expect((e as InputError).problems).toHaveLength(4);
    }
    expect(() => parseGrade('text')).toThrow('must be an object');
  });
  it('keys are made from names', () => {
    expect(gradeKey('Tarn & Söns', 'PLA+ “Matt”')).toBe('tarn-sons-pla-matt');
    expect(gradeKey('', '  ')).toBe('');
  });
});
