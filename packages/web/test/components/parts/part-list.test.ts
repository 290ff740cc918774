import type { ListedPart } from '@hornblende/core/api';
import { describe, expect, it } from 'vitest';
import PartList from '../../../src/features/parts/PartList.vue';
import type { Standing } from '../../../src/workers/jobs/standings';
import { mounted, type Mounted } from '../mounted';

const part = (id: string, decided: string | null = null): ListedPart =>
  ({
    ...{ id, name: `Part ${id}`, updatedAt: '2026-11-20T09:00:00Z' },
    decision: decided && { firstChoice: decided, decidedAt: '2026-03-14T09:00:00Z' },
  }) as unknown as ListedPart;
const standing = (id: string, change: Partial<Standing> = {}): Standing => ({
  ...{ id, count: 7, untouched: false, decided: null },
  first: { material: 'petg', family: 'petg', name: 'PETG', status: 'fits', why: 'Bears 12 K more.' },
  ...change,
});
function rows(
  parts: ListedPart[],
  standings: Standing[],
  more: object = {},
): { view: Mounted; said: string[] } {
  const view = mounted(PartList, {
    ...{ title: 'To decide', decided: false, parts, provisional: new Set<string>() },
    standings: new Map(standings.map(s => [s.id, s])),
    ...more,
  });
  return { view, said: view.getAllByTestId('part-row').map(r => r.textContent.replace(/\s+/g, ' ')) };
}

describe('parts of the list', () => {
  it('say who leads today and why, once that is worked out', () => {
    const { said } = rows(
      [part('a'), part('b'), part('c'), part('d')],
      [standing('b'), standing('c', { first: null, count: 0 }), standing('d', { untouched: true })],
    );
    expect(said[0]).toContain('…');
    expect(said[1]).toMatch(/PETG.*fits.*Bears 12 K more\./);
    expect(said[2]).toContain('○ nothing fits');
    expect(said[3]).toContain('Its brief says nothing but its name.');
  });
  it('mark what hangs on a question that is still open', () => {
    const { view } = rows([part('a'), part('b')], [standing('a'), standing('b')], {
      provisional: new Set(['b']),
    });
    expect(view.getAllByTestId('provisional-row')).toHaveLength(1);
    expect(view.getAllByTestId('part-row')[1]!.textContent).toContain('provisional');
  });
  it('that are decided say so, and whether another leads today: another spool of it does not', () => {
    const decided = { name: 'Fell PETG', family: 'petg' };
    const asa = { material: 'asa', family: 'asa', name: 'ASA', status: 'fits' as const, why: '' };
    const { said } = rows(
      [part('a', 'fell-petg'), part('b', 'fell-petg'), part('c', 'fell-petg')],
      [standing('a', { decided }), standing('b', { decided, first: asa })],
      { decided: true, title: 'Decided' },
    );
    expect(said[0]).toMatch(/Fell PETG 14 Mar 2026.*still the first of 7 in the running/);
    expect(said[1]).toContain('◐ today ASA leads');
    expect(said[2]).toContain('fell-petg');
  });
});
