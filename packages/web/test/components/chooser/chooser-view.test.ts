import { chooserNeeds, type ChooserCell, type ChooserPick } from '@hornblende/core/advice';
import { parsePrinter } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import CellAnswer from '../../../src/features/chooser/CellAnswer.vue';
import ChooserView from '../../../src/features/chooser/ChooserView.vue';
import ComesFirst from '../../../src/features/chooser/ComesFirst.vue';
import { askedJobs } from '../../fake-computer';
import { mounted, type Mounted } from '../mounted';

const pick = (name: string, status: ChooserPick['status'] = 'fits'): ChooserPick => ({
  ...{ material: name.toLowerCase(), family: name.toLowerCase(), name, status },
  ...{ score: 0.9, why: `${name} is easy to print.` },
});
const cell = (first: ChooserPick | null, second: ChooserPick | null = null): ChooserCell => ({
  ...{ first, second },
  letsIn: first ? null : { name: 'PLA', words: ['softer than 98 Shore A'] },
});
const profile = parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Shed bench' });
const stored = { id: 'm1', profile, isDefault: true, revision: 1, updatedAt: '2026-01-01T00:00:00Z' };
const posted = vi.fn();
/** Lets answers that are there already arrive, turn by turn. */
const settled = async (): Promise<void> => {
  for (let turn = 0; turn < 20; turn++) await new Promise(done => setTimeout(done));
};

beforeEach(() => {
  posted.mockClear();
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (init?.method === 'POST') {
      posted(path, JSON.parse(String(init.body)));
      return Promise.resolve(Response.json({ id: 'p9' }, { status: 201 }));
    }
    if (path.startsWith('/api/printers')) return Promise.resolve(Response.json([stored]));
    if (path === '/api/workshop')
      return Promise.resolve(
        Response.json({ settings: { allowed: [], scales: {}, roomRhPct: 50 }, quotes: {} }),
      );
    return Promise.resolve(Response.json([]));
  });
  setActivePinia(createPinia());
});
const text = (view: Mounted): string => view.element.textContent.replace(/\s+/g, ' ');
/** What the chooser answers: PETG first for all but rubber, for which nothing is. */
const row = (id: string): ChooserCell =>
  id === 'rubber' ? cell(null) : cell(pick('PETG'), pick('ABS', 'marginal'));
const answers = chooserNeeds.map(({ id }) => ({ need: id, cells: [row(id)], shelf: cell(pick('PLA')) }));
/** Answers what the chooser asks, until it asks no more: it asks anew as machines and shelf arrive. */
async function answered(): Promise<void> {
  await vi.waitFor(() => expect(askedJobs.some(j => j.name === 'chooser')).toBe(true), { timeout: 60_000 });
  for (let given = 0; given < askedJobs.length;) {
    for (; given < askedJobs.length; given++) askedJobs[given]!.answer(answers);
    await settled();
  }
}

describe('what to reach for', () => {
  it('says what it is at, then a row a need, a column a machine, and the shelf', async () => {
    const view = mounted(ChooserView);
    expect(text(view)).toContain(`Ranking ${chooserNeeds.length} usual parts…`);
    await answered();
    expect(view.getAllByRole('columnheader').map(h => h.textContent)).toEqual([
      'What is needed',
      'Shed bench',
      'From the shelf',
    ]);
    expect(view.getAllByTestId('chooser-row')).toHaveLength(chooserNeeds.length);
    expect(view.getByRole('button', { name: 'Knocks, Shed bench: ● PETG, then ◐ ABS' })).toBeTruthy();
    expect(view.getByRole('button', { name: /^Bends like rubber, Shed bench: ○ nothing here/ })).toBeTruthy();
  });

  it('opens an answer for its reasons, one at a time, and closes it again', async () => {
    const view = mounted(ChooserView);
    await answered();
    const knocks = view.getByRole('button', { name: /^Knocks, Shed bench/ });
    await view.press(knocks);
    expect(view.getByTestId('chooser-answer').textContent).toContain('PETG is easy to print.');
    await view.press(view.getByRole('button', { name: /^Bends like rubber, Shed bench/ }));
    expect(view.getAllByTestId('chooser-answer')).toHaveLength(1);
    expect(view.getByTestId('chooser-answer').textContent).toContain('softer than 98 Shore A');
    await view.press(view.getByRole('button', { name: /^Bends like rubber, Shed bench/ }));
    expect(view.queryByTestId('chooser-answer')).toBeNull();
  });

  it('begins a part from an answer, on its machine, with what was filled in marked', async () => {
    const [need] = chooserNeeds.filter(n => n.id === 'knocks');
    const view = mounted(CellAnswer, {
      need,
      cell: cell(pick('PETG')),
      column: { name: 'Shed bench', printerId: 'm1' },
    });
    await view.press(view.getByRole('button', { name: 'Begin a part like this' }));
    await vi.waitFor(() => expect(posted).toHaveBeenCalled(), { timeout: 60_000 });
    expect(posted).toHaveBeenCalledWith('/api/parts', expect.objectContaining({ printerId: 'm1' }));
    const [[, body]] = posted.mock.calls as unknown as [[string, { brief: Record<string, unknown> }]];
    expect(body.brief).toMatchObject({ name: 'Knocks', filledIn: ['loads'], loads: need!.brief.loads });
  });

  it('says on the page of a family what it comes first for', async () => {
    const view = mounted(ComesFirst, { family: 'petg' });
    await answered();
    expect(text(view)).toContain('Comes first here for: a first print; lies in the sun');
    expect(text(view)).not.toContain('bends like rubber');
    await view.give({ family: 'abs' });
    expect(text(view)).toContain('Second for: a first print');
    await view.give({ family: 'peek' });
    expect(view.queryByTestId('comes-first')).toBeNull();
  });
});
