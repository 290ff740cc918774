import type { Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import SurePanel from '../../../src/features/rank/SurePanel.vue';
import { asked } from '../../fake-computer';
import { mounted, type Mounted } from '../mounted';
import { openedPart } from '../opened-part';

const chance = (material: string, pFirst: number, pFits: number): object => ({
  ...{ material, name: material.toUpperCase(), family: material, pFirst, pFits, seFirst: 0.003 },
  places: [],
});
const drawn = {
  ...{ draws: 20000, seed: 1, none: 0 },
  candidates: [chance('asa', 0.713, 0.98), chance('petg', 0.28, 0.8), chance('pla', 0.002, 0.01)],
};
let pinia: Pinia;
let view: Mounted;

beforeEach(async () => {
  pinia = await openedPart({ heat: { setting: 'outdoors' }, sun: 'full' });
  view = mounted(SurePanel, { first: 'asa', selected: null }, { pinia, emits: ['select'] });
  expect(view.getByRole('status').textContent).toContain('Waiting until the brief rests');
  await vi.waitFor(() => expect(asked('robustness')).toHaveLength(1), 10_000);
});
const cells = (): string[][] =>
  view
    .getAllByRole('row')
    .slice(1)
    .map(r => [...r.querySelectorAll('th,td')].map(c => c.textContent.replace(/\s+/g, ' ').trim()));

describe('how sure a ranking is', () => {
  it('says of each filament in how many draws it is first, and in how many it passes', async () => {
    asked('robustness')[0]!.answer(drawn);
    await vi.waitFor(() => view.getByTestId('sure-words'));
    expect(cells().map(row => row.slice(0, 3))).toEqual([
      ['ASA', '71 %', '98 %'],
      ['PETG', '28 %', '80 %'],
      ['PLA', 'under 1 %', '1 %'],
    ]);
    await view.press(view.getByRole('button', { name: 'PETG' }));
    expect(view.said.select).toEqual([['petg']]);
  });

  it('leaves out what passes in no draw', async () => {
    asked('robustness')[0]!.answer({ ...drawn, candidates: [...drawn.candidates, chance('pp', 0, 0)] });
    await vi.waitFor(() => view.getByTestId('sure-words'));
    expect(cells()).toHaveLength(3);
  });

  it('stops when told to, and tries again when told to', async () => {
    asked('robustness')[0]!.progress(1, 4);
    await vi.waitFor(() => view.getByRole('button', { name: 'Stop' }));
    await view.press(view.getByRole('button', { name: 'Stop' }));
    expect(asked('robustness')[0]!.cancelled).toBe(true);
    await view.press(view.getByRole('button', { name: 'Try the ranking in 20 000 draws' }));
    expect(asked('robustness')).toHaveLength(2);
  });

  it('says why it could not be worked out', async () => {
    asked('robustness')[0]!.fail('out of memory');
    await vi.waitFor(() => view.getByText(/could not be worked out: out of memory/));
    await view.press(view.getByRole('button', { name: 'Try again' }));
    expect(asked('robustness')).toHaveLength(2);
  });
});
