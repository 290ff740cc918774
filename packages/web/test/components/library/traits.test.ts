import { families, familyByKey, traitsIn } from '@hornblende/core/materials';
import { beforeEach, describe, expect, it } from 'vitest';
import { defineComponent } from 'vue';
import TraitLine from '../../../src/features/library/TraitLine.vue';
import TraitPicker from '../../../src/features/library/TraitPicker.vue';
import { useLibrarySearch, type LibrarySearch } from '../../../src/features/library/useLibrarySearch';
import WhatItDoes from '../../../src/features/library/WhatItDoes.vue';
import { mounted } from '../mounted';

beforeEach(() => sessionStorage.clear());

describe('what of a search was understood', () => {
  const { traits } = traitsIn('rubber that floats');

  it('is said with its limit, and can be dropped', async () => {
    const page = mounted(TraitLine, { traits }, { emits: ['drop'] });
    expect(page.element.textContent).toContain('Floats: Lighter than water, solid through.');
    await page.press(page.getByRole('button', { name: 'No longer ask for: Floats' }));
    expect(page.said.drop).toEqual([[traits[1]]]);
  });
  it('is counted on the button that opens everything they do', () => {
    const page = mounted(TraitPicker, { found: traits });
    expect(page.getByRole('button').textContent).toBe('What it does (2)');
    expect(mounted(TraitPicker, { found: [] }).getByRole('button').textContent).toBe('What it does');
  });
});

describe('what a filament does', () => {
  it('leads to the others that do the same', async () => {
    const page = mounted(WhatItDoes, { family: familyByKey('pp') });
    const link = page.getByRole('link', { name: 'floats' });
    expect(link.getAttribute('title')).toBe('Lighter than water, solid through.');
    await page.press(link);
    expect(sessionStorage.getItem('hornblende-library-search')).toBe('floats');
  });
});

describe('finding in the library', () => {
  function searching(): LibrarySearch {
    let found: LibrarySearch | undefined;
    const Host = defineComponent({
      setup() {
        found = useLibrarySearch();
        return () => null;
      },
    });
    mounted(Host);
    return found!;
  }
  const keys = (s: LibrarySearch): string[] => s.rows.value.map(f => f.key);

  it('goes by what they do, by name, or by both', () => {
    const s = searching();
    expect(keys(s)).toHaveLength(families.length);
    s.search.value = 'rubber that floats';
    expect(keys(s).sort()).toEqual(['tpe', 'tpu-foam']);
    s.search.value = 'carbon stiff';
    expect(keys(s)).toContain('pa6-cf');
    expect(keys(s)).not.toContain('pla-cf-nothing');
    // A word that is a name as well finds both.
    s.search.value = 'tough';
    expect(keys(s)).toEqual(expect.arrayContaining(['pla-tough', 'pc']));
    s.search.value = 'nothing like it';
    expect(keys(s)).toEqual([]);
  });
  it('takes and drops what they do from a list', () => {
    const s = searching();
    const [floats] = traitsIn('floats').traits;
    s.search.value = 'rubber';
    s.toggleTrait(floats!);
    expect(s.search.value).toBe('rubber, floats');
    s.toggleTrait(floats!);
    expect(s.search.value).toBe('rubber');
  });
  it('sorts by a derived measure, the most first, and turns on a second press', () => {
    const s = searching();
    s.sort('stiffnessForWeight');
    expect(keys(s)[0]).toMatch(/-cf$/);
    const [most] = keys(s);
    s.sort('stiffnessForWeight');
    expect(keys(s)[0]).not.toBe(most);
  });
  it('puts what lacks a measure last, whichever way', () => {
    const s = searching();
    for (let press = 0; press < 2; press++) {
      s.sort('shoreA');
      expect(s.rows.value.at(-1)!.properties.shoreA).toBeNull();
    }
  });
  it('keeps columns in the order of the library, and at most four to compare', () => {
    const s = searching();
    s.toggleColumn('strengthForPrice', true);
    s.toggleColumn('densityGcm3', true);
    expect(s.columns.value[0]).toBe('densityGcm3');
    expect(s.columns.value.at(-1)).toBe('strengthForPrice');
    for (const key of ['pla', 'petg', 'abs', 'asa', 'pc']) s.pick(key);
    expect(s.picked.value).toEqual(['petg', 'abs', 'asa', 'pc']);
  });
});
