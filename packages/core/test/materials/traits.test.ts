import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  derivedMeasures,
  isDerived,
  measureLabel,
  measureNames,
  measureOf,
} from '../../src/materials/derived.js';
import { families, familyByKey } from '../../src/materials/library.js';
import { traitsIn } from '../../src/materials/trait-search.js';
import { traits, traitsOf } from '../../src/materials/traits.js';

const ids = (search: string): string[] => traitsIn(search).traits.map(t => t.id);
const having = (search: string): string[] =>
  families.filter(f => traitsIn(search).traits.every(t => t.of(f))).map(f => f.key);

describe('what filaments do', () => {
  it.each(traits.map(t => [t.label, t] as const))('%s: some do and some do not', (_, t) => {
    const doing = families.filter(f => t.of(f));
    expect(doing.length).toBeGreaterThan(0);
    expect(doing.length).toBeLessThan(families.length);
    expect(t.means).toMatch(/^[A-Z].*\.$/);
  });
  it('has a name for each, and no name for two', () => {
    const names = traits.flatMap(t => [t.label.toLowerCase(), ...t.also]);
    expect(names.length).toBeGreaterThanOrEqual(150);
    expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([]);
    for (const n of names) expect(n).toBe(n.toLowerCase());
  });
  it.each([
    ['acetone smoothing', 'abs', 'pp'],
    ['floats', 'pp', 'pla'],
    ['living hinge', 'pp', 'pla'],
    ['see-through', 'petg', 'pom'],
    ['good outdoors', 'asa', 'abs'],
    ['esd safe', 'petg-esd', 'petg'],
    ['flame retardant', 'pc-fr', 'pla'],
    ['steam', 'ppsu', 'petg'],
    ['beginners', 'pla', 'pc'],
    ['gears', 'pom', 'tpu-95a'],
    ['wear resistant', 'tpu-95a', 'pla'],
    ['outdoor', 'petg-cf', 'pla-cf'],
    ['no enclosure', 'petg', 'abs'],
    ['rubber', 'tpu-95a', 'pa12'],
    ['food', 'pp', 'abs'],
    ['lightweight', 'pla-foam', 'pla'],
  ])('“%s” finds %s and not %s', (search, found, not) => {
    expect(ids(search)).toHaveLength(1);
    expect(having(search)).toContain(found);
    expect(having(search)).not.toContain(not);
  });
  it('reads several at once, the longest name first, and leaves the rest to the names', () => {
    expect(ids('rubber that floats')).toEqual(['rubber', 'floats']);
    expect(having('rubber that floats')).toEqual(expect.arrayContaining(['tpe', 'tpu-foam']));
    expect(ids('heat resistant, Paintable')).toEqual(['heat', 'paints']);
    expect(ids('does not burn')).toEqual(['flame']);
    expect(traitsIn('Carbon, stiff')).toMatchObject({ words: ['carbon'] });
    expect(traitsIn('the Ridgeline')).toEqual({ traits: [], words: ['the', 'ridgeline'] });
    expect(traitsIn('  ')).toEqual({ traits: [], words: [] });
  });
  it('reads any text without fail, each trait once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.string(), fc.constantFrom(...traits.flatMap(t => t.also))), { maxLength: 6 }),
        parts => {
          const { traits: found } = traitsIn(parts.join(' '));
          expect(new Set(found).size).toBe(found.length);
        },
      ),
    );
  });
  it('tells of PLA and of ASA what people who print say of them', () => {
    const of = (key: string): string[] => traitsOf(familyByKey(key)!).map(t => t.id);
    expect(of('pla')).toEqual(expect.arrayContaining(['easy', 'no-enclosure', 'no-smell', 'cheap']));
    expect(of('pla')).not.toContain('outdoors');
    expect(of('asa')).toEqual(expect.arrayContaining(['outdoors', 'heat', 'acetone']));
    expect(of('asa')).not.toContain('no-enclosure');
  });
});

describe('derived measures', () => {
  it('work out from typical values, and from the worst and best ends', () => {
    const pla = familyByKey('pla')!;
    const { yieldMPa: y, densityGcm3: d, pricePerKg: p } = pla.properties;
    const perWeight = measureOf(pla, 'strengthForWeight')!;
    expect(perWeight.typical).toBeCloseTo(50 / 1.24, 6);
    expect(perWeight.low).toBeCloseTo(y!.low / d!.high, 9);
    expect(perWeight.high).toBeCloseTo(y!.high / d!.low, 9);
    // 50 MPa for a litre that costs 22 · 1.24 = 27.28.
    expect(measureOf(pla, 'strengthForPrice')!.typical).toBeCloseTo(50 / 27.28, 6);
    expect(measureOf(pla, 'strengthForPrice')!.low).toBeCloseTo(y!.low / (p!.high * d!.high), 9);
  });
  it('are in order for every family, and a property is itself', () => {
    for (const f of families)
      for (const name of measureNames) {
        const range = measureOf(f, name);
        if (!range) continue;
        expect(range.low, `${f.key} ${name}`).toBeLessThanOrEqual(range.typical);
        expect(range.typical, `${f.key} ${name}`).toBeLessThanOrEqual(range.high);
        if (!isDerived(name)) expect(range).toBe(f.properties[name]);
      }
  });
  it('put what is stiff for its weight where practice has it', () => {
    const byWeight = [...families].sort(
      (a, b) => measureOf(b, 'stiffnessForWeight')!.typical - measureOf(a, 'stiffnessForWeight')!.typical,
    );
    expect(byWeight.slice(0, 6).every(f => f.filler === 'carbon-fibre' || /-cf$/.test(f.key))).toBe(true);
    expect(measureLabel('stiffnessForPrice')).toBe(derivedMeasures.stiffnessForPrice.label);
    expect(measureLabel('densityGcm3')).toBe('Density');
  });
  it('are missing where a property is', () => {
    const f = { ...families[0]!, properties: { ...families[0]!.properties, pricePerKg: null } };
    expect(measureOf(f, 'strengthForPrice')).toBeNull();
    expect(measureOf(f, 'strengthForWeight')).not.toBeNull();
  });
});
