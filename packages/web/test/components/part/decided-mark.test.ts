import type { DecisionSummary } from '@hornblende/core/api';
import type { Candidate } from '@hornblende/core/score';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import DecidedMark from '../../../src/features/part/DecidedMark.vue';
import { useLatestDecisions } from '../../../src/stores/latest-decisions';
import { mounted, type Mounted } from '../mounted';

const decision = (change: Partial<DecisionSummary> = {}): DecisionSummary => ({
  id: 'd1',
  partId: 'p1',
  firstChoice: 'asa',
  secondChoice: null,
  reason: 'It holds.',
  decidedBy: 'Ada',
  decidedAt: '2026-03-14T09:30:00Z',
  withdrawn: null,
  ...change,
});
const candidate = (material: string, name: string, family = material): Candidate =>
  ({ material, name, family }) as Candidate;
let kept: DecisionSummary[];

beforeEach(() => {
  kept = [];
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json(kept)));
});
async function marked(first: Candidate | null): Promise<Mounted> {
  const pinia = createPinia();
  setActivePinia(pinia);
  const view = mounted(DecidedMark, { partId: 'p1', first }, { pinia });
  await vi.waitFor(() => expect(useLatestDecisions().of('p1')?.id ?? null).toBe(kept[0]?.id ?? null));
  await nextTick();
  return view;
}

describe('where a part stands with its decision', () => {
  it('asks for one while there is none', async () => {
    const view = await marked(candidate('asa', 'ASA'));
    expect(view.queryByTestId('decided-mark')).toBeNull();
    expect(view.getByRole('link').textContent).toBe('Record the decision');
  });

  it('says what was decided and when, and leads on to the print', async () => {
    kept = [decision()];
    const view = await marked(candidate('asa', 'ASA'));
    expect(view.getByTestId('decided-mark').textContent).toBe('Decided: ASA, 14 Mar 2026');
    expect(view.getByRole('link').getAttribute('href')).toBe('/parts/p1/card');
  });

  it('takes another grade of the family that was decided for no difference', async () => {
    kept = [decision()];
    const view = await marked(candidate('fell-asa', 'Fell ASA', 'asa'));
    expect(view.getByTestId('decided-mark').textContent).not.toContain('today');
  });

  it('says what comes first today where that is something else, and asks to decide again', async () => {
    kept = [decision()];
    const view = await marked(candidate('petg', 'PETG'));
    expect(view.getByTestId('decided-mark').textContent).toBe(
      'Decided: ASA, 14 Mar 2026; today PETG comes first',
    );
    expect(view.getByRole('link', { name: 'Decide again' }).getAttribute('href')).toBe('/parts/p1/decision');
  });

  it('goes by the newest that stands: one that was withdrawn is none', () => {
    setActivePinia(createPinia());
    const latest = useLatestDecisions();
    const gone = decision({
      id: 'd2',
      withdrawn: { at: '2026-04-01T10:00:00Z', reason: 'Wrong part' } as never,
    });
    latest.note('p1', [gone, decision()]);
    expect(latest.of('p1')?.id).toBe('d1');
    latest.note('p1', [gone]);
    expect(latest.of('p1')).toBeNull();
  });
});
