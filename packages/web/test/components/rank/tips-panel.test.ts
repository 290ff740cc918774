import { parseBrief } from '@hornblende/core/brief';
import { families } from '@hornblende/core/materials';
import { rank } from '@hornblende/core/score';
import type { Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useDraft } from '../../../src/features/part/draft';
import TipsPanel from '../../../src/features/rank/TipsPanel.vue';
import { asked, type AskedJob } from '../../fake-computer';
import { mounted, type Mounted } from '../mounted';
import { openedPart } from '../opened-part';

const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Jig', looks: { finish: 'fair' } });
const ranking = rank(brief, { families });
const tip = (sentence: string, lifeYears: number): object => ({
  ...{ kind: 'requirement', id: 'life', from: 5, to: lifeYears, unit: 'a', sentence, distance: 0.1 },
  ...{ leads: 'petg', leadsName: 'PETG', brief: { ...brief, lifeYears }, printer: null },
});
const near = tip('If it had to last 9 years instead of 5, PETG would lead.', 9);
const far = tip('If it had to last 40 years instead of 5, ASA would lead.', 40);

let pinia: Pinia;
beforeEach(async () => {
  pinia = await openedPart({ looks: { finish: 'fair' } });
});
const panel = (): Mounted => mounted(TipsPanel, { ranking }, { pinia });
const job = (n = 0): AskedJob => asked('advice')[n]!;

describe('what would change the first choice', () => {
  it('is shown as it is found, before the last dial is turned', async () => {
    const view = panel();
    expect(view.getByRole('status').textContent).toContain('Turning every dial');
    job().progress(1, 6, { tips: [near], hints: [] });
    await vi.waitFor(() => expect(view.getByText(/last 9 years/)).toBeTruthy());
    expect(view.getByRole('status')).toBeTruthy();
    job().answer({ tips: [near, far], hints: [] });
    await vi.waitFor(() => expect(view.getByText(/last 40 years/)).toBeTruthy());
    expect(view.queryByRole('status')).toBeNull();
  });
  it('can be tried beside what is, and only becomes part of the brief when it is taken', async () => {
    const view = panel();
    job().answer({ tips: [near], hints: [] });
    await vi.waitFor(() => view.getByRole('button', { name: /^Try it/ }));
    await view.press(view.getByRole('button', { name: /^Try it/ }));
    expect(useDraft().brief!.lifeYears).toBe(brief.lifeYears);
    await view.press(view.getByRole('button', { name: 'Take it into the brief' }));
    expect(useDraft().brief!.lifeYears).toBe(9);
  });
  it('says where no single change does, and where it could not be worked out', async () => {
    const view = panel();
    job().answer({ tips: [], hints: [] });
    await vi.waitFor(() => expect(view.getByText(/No single change within reason/)).toBeTruthy());
    await view.give({ ranking: { ...ranking } });
    job(1).fail('out of memory');
    await vi.waitFor(() => expect(view.getByText(/could not be worked out: out of memory/)).toBeTruthy());
    await view.press(view.getByRole('button', { name: 'Try again' }));
    expect(asked('advice')).toHaveLength(3);
  });
  it('stops when told to, and is looked for again', async () => {
    const view = panel();
    job().progress(1, 6, { tips: [near], hints: [] });
    await vi.waitFor(() => view.getByText(/last 9 years/));
    await view.press(view.getByRole('button', { name: 'Stop' }));
    expect(job().cancelled).toBe(true);
    expect(view.queryByText(/last 9 years/)).toBeNull();
    await view.press(view.getByRole('button', { name: 'Look for what would change this' }));
    expect(asked('advice')).toHaveLength(2);
  });
});
