import { newEntrant, newReading, parseTrial, type Trial } from '@hornblende/core/formats';
import { describe, expect, it, vi } from 'vitest';
import { computed } from 'vue';
import BenchSheet from '../../../src/features/trial/BenchSheet.vue';
import TrialInRanking from '../../../src/features/trial/TrialInRanking.vue';
import { mounted } from '../mounted';

const at = '2026-11-20T10:00:00Z';
const read = (value: number): ReturnType<typeof newReading> => newReading({ criterion: 'size', value, at });
const trial: Trial = parseTrial({
  format: 'hornblende-trial',
  version: 1,
  name: 'Three',
  partId: 'p1',
  replicates: 2,
  criteria: [
    { id: 'size', label: 'Off its drawing', unit: 'mm', signed: true, lessIsBetter: true, limit: 0.2 },
  ],
  entrants: [
    newEntrant({ material: 'petg', readings: [read(0.1), read(-0.1)] }),
    newEntrant({ material: 'pla', readings: [read(-0.5)], baseline: true }),
    newEntrant({ material: 'elsewhere-1', foreign: { name: 'Turned brass', priceEach: 19, needs: '' } }),
  ],
});
const names: Record<string, string> = { petg: 'PETG', pla: 'PLA', 'elsewhere-1': 'Turned brass' };
const live = (more: object = {}): object => ({
  asked: computed(() => trial),
  trial: computed(() => trial),
  nameOf: (key: string) => names[key],
  ...more,
});

describe('the sheet of a trial', () => {
  it('has a row each, its means by size, what breaks a limit marked, and whoever is there to lose', () => {
    const view = mounted(BenchSheet, { live: live(), here: { material: 'petg', criterion: 'size' } });
    const [petg, pla, brass] = [...view.element.querySelectorAll('tbody tr')].map(r =>
      r.textContent.replace(/\s+/g, ' '),
    );
    expect(petg).toMatch(/0\.1\s*2 of 2/);
    expect(petg).not.toContain('○');
    expect(pla).toContain('printed to lose');
    expect(pla).toMatch(/0\.5\s*1 of 2\s*○/);
    expect(brass).toContain('Turned brass');
    expect(
      view.getByRole('button', { name: 'PETG, Off its drawing: 0.1, 2 of 2' }).getAttribute('aria-pressed'),
    ).toBe('true');
  });

  it('lets any cell be picked, and a row leave with its reason', async () => {
    const changeEntrant = vi.fn();
    const view = mounted(BenchSheet, { live: live({ changeEntrant }), here: null }, { emits: ['pick'] });
    await view.press(view.getByRole('button', { name: /^Turned brass, Off its drawing/ }));
    expect(view.said.pick).toEqual([[{ material: 'elsewhere-1', criterion: 'size' }]]);
    await view.press(view.getByRole('button', { name: 'Take PLA out of the trial' }));
    await view.type(view.getByLabelText('Why PLA is out'), 'It creeps.');
    await view.press(view.getByRole('button', { name: 'Put it out' }));
    expect(changeEntrant).toHaveBeenCalledWith('pla', { eliminated: 'It creeps.' });
    expect(view.queryByLabelText('Why PLA is out')).toBeNull();
  });

  it('says how a row was printed otherwise, and takes that back', async () => {
    const changeEntrant = vi.fn();
    const view = mounted(BenchSheet, { live: live({ changeEntrant }), here: null });
    await view.press(view.getByRole('button', { name: 'PLA was printed otherwise' }));
    await view.type(view.getByLabelText('How the pieces of PLA differ from the others'), 'Thicker layers.');
    await view.press(view.getByRole('button', { name: 'Keep it' }));
    expect(changeEntrant).toHaveBeenCalledWith('pla', { differs: 'Thicker layers.' });
    await view.press(view.getByRole('button', { name: 'PETG was printed otherwise' }));
    await view.press(view.getByRole('button', { name: 'Keep it' }));
    expect(changeEntrant).toHaveBeenLastCalledWith('petg', { differs: '' });
  });
});

describe('the answer of a trial in the brief’s ranking', () => {
  const candidate = (material: string): object => ({
    material,
    status: 'fits',
    score: 0.9,
    doubt: 0,
    gates: [{ id: 'heat', verdict: 'fail', why: 'It softens at 50 °C.' }],
  });
  const found = {
    standings: [
      { material: 'petg', candidate: candidate('petg'), rank: 1, outOfTrial: null },
      { material: 'pla', candidate: candidate('pla'), rank: null, outOfTrial: 'it was printed to lose' },
      { material: 'abs', candidate: candidate('abs'), rank: null, outOfTrial: null },
    ],
    firstChoice: 'petg',
    secondChoice: null,
    byModels: 'pla',
    beliefs: [],
    settled: ['accuracy'],
    toModels: ['heat', 'cost'],
  };
  const shown = (worth: object[]): ReturnType<typeof mounted> =>
    mounted(TrialInRanking, {
      live: live({ inRanking: computed(() => found), worth: computed(() => worth) }),
    });

  it('says who comes first, what the library alone would have said, and why the others are out', () => {
    const view = shown([]);
    const text = view.element.textContent.replace(/\s+/g, ' ');
    expect(text).toContain('PETG comes first for this part');
    expect(text).toContain('By the library alone it would have been PLA.');
    expect(text).toMatch(/Readings decide accuracy\. The models decide heat, cost\./);
    const standings = view.getAllByTestId('trial-standing').map(s => s.textContent);
    expect(standings[1]).toContain('it was printed to lose');
    expect(standings[2]).toContain('It softens at 50 °C.');
  });

  it('says which reading is worth its minutes, or that one may stop', () => {
    const worth = { material: 'petg', criterion: 'size', gain: 0.05, minutes: 2, gainPerMinute: 0.025 };
    expect(shown([worth]).getByTestId('trial-next').textContent).toContain(
      'off its drawing of PETG, about 2 min',
    );
    expect(shown([{ ...worth, gain: 0.0001 }]).getByTestId('trial-next').textContent).toContain(
      'you may stop',
    );
  });
});
