import type { SearchHit } from '@hornblende/core/api';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, ref, type Ref } from 'vue';
import { useFindings } from '../../src/app/useFindings';
import { useCurrentPart } from '../../src/stores/current-part';

const hit = (kind: SearchHit['kind'], id: string, title: string, place = ''): SearchHit => ({
  kind,
  id,
  title,
  place,
  away: false,
});
/** What the server finds, by the words asked for. */
let kept: Record<string, SearchHit[]>;
/** Answers that are held back, by their words. */
let held: Record<string, Promise<void>>;
let asked: URL[];

beforeEach(() => {
  setActivePinia(createPinia());
  kept = { '': [hit('parts', 'p1', 'Newest part')] };
  held = {};
  asked = [];
  vi.stubGlobal('fetch', async (path: string): Promise<Response> => {
    const url = new URL(path, 'http://localhost');
    const words = url.searchParams.get('words')!;
    asked.push(url);
    await held[words];
    const hits = kept[words];
    return hits
      ? Response.json(hits.filter(h => h.kind === url.searchParams.get('kinds')))
      : Response.json({ errors: [{ field: '(server)', value: null, message: 'is away' }] }, { status: 500 });
  });
});

function finding(words: Ref<string>): ReturnType<typeof useFindings> {
  return effectScope().run(() => useFindings(words))!;
}
const told = ({ groups }: ReturnType<typeof useFindings>): Record<string, string[]> =>
  Object.fromEntries(groups.value.map(g => [g.heading, g.findings.map(f => `${f.title} ${f.to}`)]));

describe('what words lead to', () => {
  it('is the newest part and the pages, where there are no words', async () => {
    const found = finding(ref(''));
    await vi.waitFor(() => expect(told(found).Parts).toEqual(['Newest part /parts/p1/brief']));
    expect(told(found).Pages).toContain('Library /library');
    expect(told(found).Filaments).toBeUndefined();
    // None that wants an address of its own.
    expect(found.groups.value.flatMap(g => g.findings).filter(f => /[:*]/.test(f.to))).toEqual([]);
    expect(asked.map(url => url.searchParams.get('kinds'))).toEqual(['parts', 'placements']);
  });
  it('is a part, a part in service with its place, a filament, and a page by what else it is called', async () => {
    kept.float = [
      hit('parts', 'f', 'Drinking-trough float'),
      hit('placements', 's', 'Float', 'North trough'),
    ];
    kept.asa = [];
    const words = ref('float');
    const found = finding(words);
    await vi.waitFor(() => expect(found.busy.value).toBe(false));
    expect(told(found)).toMatchObject({
      Parts: ['Drinking-trough float /parts/f/brief'],
      'In service': ['Float /service/s'],
    });
    expect(found.groups.value[1]?.findings[0]?.beside).toBe('North trough');
    words.value = 'asa';
    await vi.waitFor(() => expect(told(found).Parts).toBeUndefined());
    expect(told(found).Filaments).toContain('ASA /library/asa');
  });
  it('is a page of the part that is open, with its name beside it', async () => {
    kept.card = [];
    useCurrentPart().$patch({ id: 'p9', name: 'Bracket' });
    const found = finding(ref('card'));
    await vi.waitFor(() => expect(found.busy.value).toBe(false));
    expect(found.groups.value.find(g => g.heading === 'Pages')?.findings).toEqual([
      { to: '/parts/p9/card', title: 'Print card', beside: 'Bracket' },
    ]);
  });
  it('is that of the last words, whichever answer comes last', async () => {
    let release!: () => void;
    held.slow = new Promise(resolve => (release = resolve));
    kept.slow = [hit('parts', 'slow', 'Slow')];
    kept.quick = [hit('parts', 'quick', 'Quick')];
    const words = ref('slow');
    const found = finding(words);
    words.value = 'quick';
    await vi.waitFor(() => expect(told(found).Parts).toEqual(['Quick /parts/quick/brief']));
    release();
    await new Promise(resolve => setTimeout(resolve));
    expect(told(found).Parts).toEqual(['Quick /parts/quick/brief']);
  });
  it('says why it could not be looked for, and still leads to filaments and pages', async () => {
    const found = finding(ref('workshop'));
    await vi.waitFor(() => expect(found.failed.value).toContain('is away'));
    expect(found.busy.value).toBe(false);
    expect(told(found).Pages?.[0]).toContain('/workshop');
  });
});
