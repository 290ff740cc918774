import type { ListedPlacement } from '@hornblende/core/api';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import DueList from '../../../src/features/service/DueList.vue';
import { useService } from '../../../src/stores/service';
import { mounted, type Mounted } from '../mounted';

const part = (id: string, where: string, inDays: number | null, because: string[] = []): ListedPlacement =>
  ({
    ...{ id, seen: [], revision: 1 },
    due: inDays === null ? null : { inDays, on: '2026-12-01', because },
    placement: { name: `Part ${id}`, code: '', place: { where }, materials: [{ material: 'pla', share: 1 }] },
    standing: { verdict: 'fine', ended: false, mode: null, years: 2, seenYears: 1, looks: 1 },
  }) as unknown as ListedPlacement;

beforeEach(() => setActivePinia(createPinia()));
function listOf(...parts: ListedPlacement[]): Mounted {
  const pinia = createPinia();
  setActivePinia(pinia);
  useService().list = parts;
  return mounted(DueList, {}, { pinia });
}
const rows = (view: Mounted): string[] =>
  view.queryAllByTestId('due-row').map(r => r.querySelector('b')!.textContent);

describe('what is to be looked at', () => {
  it('is a list to walk with: by place, within each what is longest overdue first', () => {
    const view = listOf(
      part('a', 'Yard', 2),
      part('b', 'Pond', -5, ['it was worn']),
      part('c', 'Yard', -1),
      part('d', 'Pond', 0),
      part('e', 'Pond', null),
    );
    expect(view.getAllByRole('heading').map(h => h.textContent)).toEqual(['Pond', 'Yard']);
    expect(rows(view)).toEqual(['Part b', 'Part d', 'Part c', 'Part a']);
    const [overdue, today] = view.getAllByTestId('due-row');
    expect(overdue!.textContent).toContain('5 days ago');
    expect(overdue!.textContent).toContain('sooner, since it was worn');
    expect(overdue!.querySelector('.out')).not.toBeNull();
    expect(today!.textContent).toContain('today');
    expect(today!.querySelector('.out')).toBeNull();
  });
  it('keeps what comes later folded, until it is asked for', async () => {
    const view = listOf(part('a', 'Yard', 3), part('b', 'Yard', 8), part('c', 'Yard', 200));
    expect(rows(view)).toEqual(['Part a']);
    await view.press(view.getByRole('button', { name: '2 more come later' }));
    expect(rows(view)).toEqual(['Part a', 'Part b', 'Part c']);
    await view.press(view.getByRole('button', { name: 'Only this week' }));
    expect(rows(view)).toEqual(['Part a']);
  });
  it('says so where nothing is due', () => {
    expect(listOf(part('a', 'Yard', null)).getByText('Nothing is due within a week.')).toBeTruthy();
  });
});
