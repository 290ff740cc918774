import { parseSpool } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { useRankFilters, type RankFilters } from '../../../src/features/rank/useRankFilters';
import { useDraft } from '../../../src/features/part/draft';
import { useShelf } from '../../../src/stores/shelf';
import { stubPartServer } from '../../part-server';

const spool = (id: string, fields: object): object => ({
  id,
  spool: parseSpool({ format: 'hornblende-spool', version: 1, ...fields }),
  revision: 1,
  updatedAt: '',
});
let scope: EffectScope;
let filters: RankFilters;

async function begin(brief: Record<string, unknown>, spools: object[]): Promise<void> {
  setActivePinia(createPinia());
  stubPartServer(brief, { '/api/spools': spools });
  await Promise.all([useDraft().open('p1'), useShelf().load()]);
  scope = effectScope();
  filters = scope.run(() => useRankFilters())!;
  filters.onlyShelf.value = true;
  await nextTick();
}
beforeEach(() => {
  vi.unstubAllGlobals();
});
afterEach(() => scope.stop());
const long = new Date(Date.now() - 90 * 86_400_000).toISOString();

describe('the best of the shelf', () => {
  it('names it, how far behind, and that there is enough', async () => {
    await begin({ quantity: 2 }, [
      spool('a', { material: 'abs', leftG: 400 }),
      spool('b', { material: 'pc', leftG: 400 }),
    ]);
    expect(filters.shown.value.map(c => c.material).sort()).toEqual(['abs', 'pc']);
    const top = useDraft().brief && filters.best.value;
    expect(filters.shelfWords.value).toMatch(
      new RegExp(
        `^Best from the shelf: ${top!.name}, (as good as|\\d\\.\\d\\d behind) .+; 400 g is enough\\.$`,
      ),
    );
  });
  it('says when there is not enough, and when it has to be dried', async () => {
    await begin({ quantity: 50 }, [
      spool('a', { material: 'petg', leftG: 90, events: [{ kind: 'opened', at: long }] }),
    ]);
    expect(filters.shelfWords.value).toMatch(
      /but 90 g is not enough for the [\d.]+ g wanted; dry it first\.$/,
    );
  });
  it('says when nothing on it fits, and when it is empty', async () => {
    await begin({ heat: { setting: 'near-source', sourceC: 90 } }, [spool('a', { material: 'pla' })]);
    expect(filters.best.value).toBeNull();
    expect(filters.shelfWords.value).toMatch(/^Nothing on the shelf fits; .+ would have to be bought\.$/);
    scope.stop();
    await begin({}, []);
    expect(filters.shelfWords.value).toBe('The shelf is empty.');
    filters.clear();
    await nextTick();
    expect(filters.shelfWords.value).toBe('');
    expect(filters.shown.value).toHaveLength(55);
  });
  it('asks for a colour and a maker of the spools', async () => {
    await begin({}, [
      spool('a', { material: 'abs', leftG: 400, colour: 'black', maker: 'Tarnbeck' }),
      spool('b', { material: 'petg', leftG: 300, colour: 'red', maker: 'Skerrow' }),
      spool('c', { material: 'petg', leftG: 5, colour: 'black', maker: 'Skerrow' }),
      spool('d', { material: 'asa', leftG: 0, colour: 'gold' }),
    ]);
    expect(filters.colours.value).toEqual(['black', 'red']);
    expect(filters.makers.value).toEqual(['Skerrow', 'Tarnbeck']);
    const shown = (): string[] => filters.shown.value.map(c => c.material).sort();
    filters.colour.value = 'black';
    await nextTick();
    expect(shown()).toEqual(['abs', 'petg']);
    filters.maker.value = 'Skerrow';
    await nextTick();
    expect(shown()).toEqual(['petg']);
    expect(filters.shelfWords.value).toContain('5 g');
    filters.maker.value = 'Tarnbeck';
    filters.colour.value = 'red';
    await nextTick();
    expect(shown()).toEqual([]);
    expect(filters.shelfWords.value).toBe('No spool on the shelf is of that colour and maker.');
    filters.clear();
    await nextTick();
    expect(filters.colour.value).toBe('');
    expect(shown()).toHaveLength(55);
  });
  it('in step-up gives the place, for the order is not that of the scores', async () => {
    await begin({ school: 'step-up' }, [spool('a', { material: 'pa6-cf' })]);
    expect(filters.shelfWords.value).toMatch(/^Best from the shelf: PA6-CF, number \d+ of the ranking;/);
  });
});
