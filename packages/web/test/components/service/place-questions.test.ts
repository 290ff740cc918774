import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import PlaceSince from '../../../src/features/service/PlaceSince.vue';
import PlaceWhat from '../../../src/features/service/PlaceWhat.vue';
import PlaceWhere from '../../../src/features/service/PlaceWhere.vue';
import { placingDraft, type PlacingDraft } from '../../../src/features/service/usePlacing';
import { mounted, type Mounted } from '../mounted';

let pinia: Pinia;
/** What the server has: the versions of a part’s design, and nothing else. */
const versions = [
  { revision: 4, savedAt: '2026-03-14T09:20:00Z', brief: {} },
  { revision: 2, savedAt: '2026-02-01T10:00:00Z', brief: {} },
];
beforeEach(() => {
  pinia = createPinia();
  setActivePinia(pinia);
  vi.stubGlobal('fetch', (url: string) =>
    Promise.resolve(Response.json(url.includes('/versions') ? versions : [])),
  );
});

const nothingWrong = (): string => '';
const draft = (more: Partial<PlacingDraft> = {}): PlacingDraft => ({ ...placingDraft(null), ...more });

describe('what a part that goes out is', () => {
  function shown(more: Partial<PlacingDraft> = {}, said: (field: string) => string = nothingWrong): Mounted {
    return mounted(
      PlaceWhat,
      { draft: draft(more), partName: '', said },
      { emits: ['change', 'part', 'print'], pinia },
    );
  }
  it('is asked for in one group, and each answer is told by itself', async () => {
    const page = shown();
    expect(page.getByRole('group', { name: 'What it is' })).toBeTruthy();
    await page.type(page.getByLabelText('What it is called'), 'Latch by the gate');
    await page.choose('What it is made of', 'ASA');
    await page.choose('Or else, if half remembered', 'PETG');
    await page.type(page.getByLabelText('Walls'), '4');
    expect(page.said.change).toEqual([
      [{ name: 'Latch by the gate' }],
      [{ first: 'asa' }],
      [{ other: 'petg' }],
      [{ walls: 4 }],
    ]);
  });
  it('its tag’s code is written large, as labels print it', async () => {
    const page = shown();
    await page.type(page.getByLabelText('Code on its tag'), 'kx7p');
    expect(page.said.change).toEqual([[{ code: 'KX7P' }]]);
  });
  it('may be known after all: then there is no other', async () => {
    const page = shown({ other: 'petg' });
    await page.choose('Or else, if half remembered', 'no, it is known');
    expect(page.said.change).toEqual([[{ other: '' }]]);
  });
  it('says beside a field what is wrong with it', () => {
    const page = shown({}, field => (field === 'name' ? 'a name is needed' : ''));
    expect(page.element.textContent).toContain('a name is needed');
  });
});

describe('where it is', () => {
  it('is asked for in words and by what it meets there', async () => {
    const page = mounted(PlaceWhere, { place: draft().place }, { emits: ['change'], pinia });
    await page.type(page.getByLabelText('Where, in words'), 'upper apiary');
    await page.choose('Sun', 'full sun');
    await page.type(page.getByLabelText('It gets, °C'), '48');
    expect(page.said.change).toEqual([[{ where: 'upper apiary' }], [{ sun: 'full' }], [{ partMaxC: 48 }]]);
  });
});

describe('since when it is out', () => {
  const shown = (more: Partial<PlacingDraft> = {}): Mounted =>
    mounted(PlaceSince, { draft: draft(more), said: nothingWrong }, { emits: ['change'], pinia });

  it('may be from memory, and what a fresh one bore may be known', async () => {
    const page = shown();
    await page.press(page.getByLabelText('from memory'));
    await page.type(page.getByLabelText('A fresh one broke at, N'), '180');
    await page.type(page.getByLabelText('Is to stand, years'), '0');
    expect(page.said.change).toEqual([[{ sinceRough: true }], [{ freshBreakN: 180 }]]);
    expect(page.element.textContent).toContain('“0” is not allowed here: a number from 0.1 to 100');
  });
  it('is of a version of its design where the part is known, the newest first', async () => {
    const page = shown({ partId: 'p1' });
    await vi.waitFor(() =>
      expect(page.queryByRole('combobox', { name: 'Version of its design' })).toBeTruthy(),
    );
    await page.choose('Version of its design', 'version 4, 14 Mar 2026');
    expect(page.said.change).toEqual([[{ partRevision: 4 }]]);
    await page.give({ draft: draft({ partId: 'p1', partRevision: 4 }) });
    await page.choose('Version of its design', 'not known');
    expect(page.said.change!.at(-1)).toEqual([{ partRevision: null }]);
  });
  it('has no version to choose where no part is known', () => {
    expect(shown().queryByRole('combobox', { name: 'Version of its design' })).toBeNull();
  });
});
