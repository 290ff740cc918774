import type { DecisionSummary } from '@hornblende/core/api';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import RecordCard from '../../../src/features/decision/RecordCard.vue';
import { mounted, type Mounted } from '../mounted';

const decision = (change: Partial<DecisionSummary> = {}): DecisionSummary => ({
  ...{ id: 'd1', partId: 'p1', firstChoice: 'asa', secondChoice: 'petg', reason: 'It holds in the sun.' },
  ...{ decidedBy: 'Ada', decidedAt: '2026-03-14T09:30:00Z', withdrawn: null },
  ...change,
});
const SAME = { differs: false, firstThen: 'asa', firstNow: 'asa', methodThen: 'a', methodNow: 'a' };
let drift: object;
let isAway: boolean;
beforeEach(() => {
  isAway = false;
  drift = { ...SAME, data: [], candidates: [] };
  vi.stubGlobal('fetch', () =>
    isAway ? Promise.reject(new TypeError('away')) : Promise.resolve(Response.json(drift)),
  );
});
const card = (change: object = {}): Mounted =>
  mounted(RecordCard, { decision: decision(), opened: null, latest: false, ...change }, { emits: ['open'] });
const said = (view: Mounted): string => view.element.textContent.replace(/\s+/g, ' ');
const ask = (view: Mounted): Promise<void> =>
  view.press(view.getByRole('button', { name: 'Would today’s data answer the same?' }));

describe('a decision as it stands', () => {
  it('says what was chosen, by whom and why, and gives the record in three formats', () => {
    const view = card();
    expect(said(view)).toMatch(/14 Mar 2026.*, Ada ?ASA, then PETG.*It holds in the sun\./);
    const links = view.getAllByRole('link').map(a => a.getAttribute('href'));
    const at = '/api/parts/p1/decisions/d1/record';
    expect(links).toEqual([`${at}.html?open=true`, `${at}.html`, `${at}.md`, `${at}.json`]);
  });

  it('fetches its record when it is unfolded, and no sooner', async () => {
    const view = card();
    expect(view.queryByRole('status')).toBeNull();
    await view.press(view.getByRole('button', { name: 'Unfold' }));
    expect(view.said.open).toHaveLength(1);
    expect(view.getByRole('status').textContent).toContain('Fetching the record');
    await view.press(view.getByRole('button', { name: 'Fold' }));
    expect(view.queryByRole('status')).toBeNull();
  });

  it('says that today’s library gives the same answer', async () => {
    const view = card();
    await ask(view);
    await vi.waitFor(() => expect(view.getByTestId('drift').textContent).toContain('● Today’s library'));
  });

  it('names what would lead today, and what changed, but for a long tail', async () => {
    const one = (n: number): object => ({
      ...{ material: 'petg', label: `Property ${n}`, then: n, now: null, unit: 'MPa' },
    });
    drift = {
      ...{ ...SAME, differs: true, firstNow: 'petg' },
      candidates: [
        {
          material: 'petg',
          name: 'PETG',
          then: { status: 'fits', score: 0.5 },
          now: { status: 'fits', score: 0.9 },
        },
        { material: 'new', name: 'New', then: null, now: { status: 'out', score: 0.1 } },
      ],
      data: Array.from({ length: 8 }, (_, n) => one(n)),
    };
    const view = card({ latest: true });
    const lines = await vi.waitFor(() => view.getByTestId('drift').textContent.replace(/\s+/g, ' '));
    expect(lines).toContain('◐ Library data changed since: PETG would lead now, ASA led then.');
    expect(lines).toContain('PETG: 0.50 ● fits → 0.90 ● fits');
    expect(lines).toContain('New: not there → 0.10 ○ out');
    expect(lines).toContain('PETG property 5 5 → none MPa; and 2 more.');
    expect(lines).not.toContain('property 6');
  });

  it('says so where an earlier method worked it out', async () => {
    drift = {
      ...SAME,
      methodThen: 'older',
      data: [{ material: 'asa', label: 'Price', then: 1, now: 2, unit: '€' }],
    };
    drift = { ...drift, candidates: [] };
    const view = card({ latest: true });
    await vi.waitFor(() => expect(view.getByTestId('drift').textContent).toContain('by an earlier method'));
  });

  it('says that today’s answer could not be fetched, and asks again', async () => {
    isAway = true;
    const view = card();
    await ask(view);
    await vi.waitFor(() => expect(said(view)).toContain('Today’s answer could not be fetched.'));
    isAway = false;
    await ask(view);
    await vi.waitFor(() => view.getByTestId('drift'));
    expect(said(view)).not.toContain('could not be fetched');
  });

  it('stays after it was withdrawn, with who withdrew it and why, and cannot be withdrawn again', () => {
    const withdrawn = { at: '2026-04-01T10:00:00Z', by: 'Ben', reason: 'Wrong part.' };
    const view = card({ decision: decision({ withdrawn } as never) });
    expect(view.getByTestId('withdrawn').textContent.replace(/\s+/g, ' ')).toContain(
      'Withdrawn 1 Apr 2026 by Ben: Wrong part.',
    );
    expect(view.queryByRole('button', { name: 'Withdraw' })).toBeNull();
  });
});
