import { parseTrial, type Trial } from '@hornblende/core/formats';
import { benchCriterion, trialAnswer, trialCriterionOf } from '@hornblende/core/trials';
import { fireEvent } from '@testing-library/dom';
import type { Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, ref, shallowRef } from 'vue';
import TrialAnswer from '../../../src/features/trial/TrialAnswer.vue';
import type { LiveTrial } from '../../../src/features/trial/useTrial';
import { useWorking } from '../../../src/stores/working';
import { mounted, type Mounted } from '../mounted';
import { openedPart } from '../opened-part';

const at = '2026-11-20T10:00:00Z';
const broke = (values: number[]): object[] => values.map(value => ({ criterion: 'break', value, at }));
const trial: Trial = parseTrial({
  ...{ format: 'hornblende-trial', version: 1, name: 'Hooks', partId: 'p1' },
  criteria: [trialCriterionOf(benchCriterion('break')!)],
  entrants: [
    { material: 'asa', readings: broke([200, 205, 198]) },
    { material: 'petg', readings: broke([150, 161, 155]) },
    { material: 'pla', readings: broke([120, 118, 131]), baseline: true },
  ],
});
const names: Record<string, string> = { asa: 'ASA', petg: 'PETG', pla: 'PLA' };
const kept = shallowRef(trial);
const live = {
  asked: kept,
  answer: computed(() => trialAnswer(kept.value)),
  inRanking: ref(null),
  nameOf: (key: string) => names[key]!,
  change: vi.fn((change: Partial<Trial>) => (kept.value = { ...kept.value, ...change })),
  changeEntrant: vi.fn((material: string, change: object) => {
    const entrants = kept.value.entrants.map(e => (e.material === material ? { ...e, ...change } : e));
    kept.value = { ...kept.value, entrants } as Trial;
  }),
} as unknown as LiveTrial;
let pinia: Pinia;
let view: Mounted;

beforeEach(async () => {
  kept.value = trial;
  pinia = await openedPart({ heat: { setting: 'outdoors' } });
  view = mounted(TrialAnswer, { live }, { pinia });
});
const places = (): string[] =>
  view.getAllByTestId('trial-place').map(li => li.textContent.replace(/\s+/g, ' ').trim());

describe('what a trial says', () => {
  it('is who leads and how surely, with what was printed to lose beside them', async () => {
    expect(view.element.querySelector('.lead:not([data-testid])')).toBeTruthy();
    expect(places()[0]).toMatch(/^1 ASA/);
    expect(places()[1]).toMatch(/^2 PETG/);
    expect(places()[2]).toMatch(/PLA.*Printed on purpose to lose/);
    const lead = [...view.element.querySelectorAll('.lead')].at(-1)!;
    expect(lead.textContent.replace(/\s+/g, ' ')).toMatch(
      /ASA leads: the best by the weights .+, before PETG/,
    );
    await view.press(lead.querySelector('button')!);
    expect(useWorking().topic!.refs![0]!.model).toBe('trial.compare');
  });

  it('puts one out for a reason only, and lets it run again', async () => {
    await view.press(view.getByRole('button', { name: 'Put ASA out' }));
    expect(view.queryByRole('button', { name: 'Put ASA out' })).toBeNull();
    await view.type(view.getByLabelText('Why ASA is out'), 'It smells.');
    await view.press(view.getByRole('button', { name: 'Put it out' }));
    expect(live.changeEntrant).toHaveBeenCalledWith('asa', { eliminated: 'It smells.' });
    expect(places().find(p => p.includes('ASA'))).toContain('put out: It smells.');
    expect(places()[0]).toMatch(/^1 PETG/);
    await view.press(view.getByRole('button', { name: 'Let it run again' }));
    expect(places()[0]).toMatch(/^1 ASA/);
  });

  it('is decided with a reason: its first two are offered, and it can be opened again', async () => {
    const decide = view.getByRole('button', { name: 'Decide it' });
    expect((decide as HTMLButtonElement).disabled).toBe(true);
    await view.type(view.getByLabelText('Why'), ' It carries most. ');
    await fireEvent.submit(decide.closest('form')!);
    expect(kept.value.decided).toMatchObject({ first: 'asa', second: 'petg', reason: 'It carries most.' });
    await vi.waitFor(() => view.getByTestId('trial-decided'));
    expect(view.getByTestId('trial-decided').textContent.replace(/\s+/g, ' ')).toContain(
      'ASA, then PETG: It carries most.',
    );
    expect(view.getByRole('link', { name: 'Record it for the part' }).getAttribute('href')).toBe(
      '/parts/p1/decision?first=asa&second=petg',
    );
    await view.press(view.getByRole('button', { name: 'Open it again' }));
    expect(kept.value.decided).toBeNull();
  });

  it('says so where nothing is left', async () => {
    for (const material of ['asa', 'petg']) live.changeEntrant(material, { eliminated: 'Broke.' });
    await vi.waitFor(() => expect(view.element.textContent).toContain('Nothing is left in the running.'));
  });
});
