import { newReading, parseTrial, type Trial } from '@hornblende/core/formats';
import { benchCriterion, trialCriterionOf } from '@hornblende/core/trials';
import { describe, expect, it, vi } from 'vitest';
import { computed, ref } from 'vue';
import ForeignForm from '../../../src/features/trial/ForeignForm.vue';
import EntrantWords from '../../../src/features/trial/EntrantWords.vue';
import ReadingFactsForm from '../../../src/features/trial/ReadingFactsForm.vue';
import TakenReadings from '../../../src/features/trial/TakenReadings.vue';
import TrialAside from '../../../src/features/trial/TrialAside.vue';
import { mounted } from '../mounted';

const at = '2026-11-20T10:00:00Z';
const criterion = (id: string): ReturnType<typeof trialCriterionOf> => trialCriterionOf(benchCriterion(id)!);
const facts = { broke: null, door: null, state: null, thicknessMm: null };

describe('what is said of a piece', () => {
  it('is asked where it tells something, and nowhere else', async () => {
    const view = mounted(ReadingFactsForm, { criterion: criterion('mass'), modelValue: facts });
    expect(view.queryAllByRole('combobox')).toEqual([]);
    await view.give({ criterion: criterion('lift') });
    expect(view.getAllByRole('combobox')).toHaveLength(2);
    await view.give({ criterion: criterion('movement') });
    expect(view.getByLabelText('Strip’s thickness, mm')).toBeTruthy();
  });

  it('says how it broke, and can say nothing again', async () => {
    const view = mounted(
      ReadingFactsForm,
      { criterion: criterion('break'), modelValue: facts },
      { emits: ['update:modelValue'] },
    );
    await view.choose('How it gave way', 'broke at a hole or a corner');
    expect(view.said['update:modelValue']).toEqual([[{ ...facts, broke: 'at-hole' }]]);
    await view.give({ modelValue: { ...facts, broke: 'at-hole' } });
    await view.choose('How it gave way', 'not said');
    expect(view.said['update:modelValue']![1]).toEqual([facts]);
  });
});

describe('the readings of a cell', () => {
  it('stand with their sign, what was said of the piece and its photograph; each can be struck', async () => {
    const sha256 = 'b'.repeat(64);
    const readings = [
      newReading({ criterion: 'size', value: 0.2, at, door: 'closed', photos: [{ sha256, caption: '' }] }),
      newReading({ criterion: 'size', value: -0.1, at, struck: true }),
    ];
    const strike = vi.fn();
    const entrant = { material: 'pla' };
    const view = mounted(TakenReadings, {
      live: { strike },
      entrant,
      criterion: criterion('size'),
      readings,
    });
    const [first, second] = view.getAllByRole('listitem');
    expect(first!.textContent).toContain('+0.2 mm');
    expect(first!.textContent).toContain('door closed');
    expect(view.getByRole('img').getAttribute('src')).toBe(`/api/photos/${sha256}`);
    expect(second!.textContent).toContain('-0.1 mm');
    await view.press(view.getByRole('button', { name: 'Let it count' }));
    expect(strike).toHaveBeenCalledWith('pla', readings[1]);
  });
});

describe('what leaves and what joins', () => {
  it('leaves with a reason only', async () => {
    const words = { label: 'Why PLA is out', deed: 'Put it out', stay: 'Leave it in' };
    const view = mounted(EntrantWords, words, { emits: ['said', 'stay'] });
    const out = view.getByRole('button', { name: 'Put it out' });
    expect((out as HTMLButtonElement).disabled).toBe(true);
    await view.type(view.getByLabelText('Why PLA is out'), '  It sags. ');
    await view.press(out);
    expect(view.said.said).toEqual([['It sags.']]);
    await view.press(view.getByRole('button', { name: 'Leave it in' }));
    expect(view.said.stay).toHaveLength(1);
  });

  it('joins from elsewhere with a name at least', async () => {
    const view = mounted(ForeignForm, {}, { emits: ['add'] });
    const add = view.getByRole('button', { name: 'Set it beside them' });
    expect((add as HTMLButtonElement).disabled).toBe(true);
    await view.type(view.getByLabelText('From elsewhere'), 'Turned brass');
    await view.type(view.getByLabelText(/^Price each/), '19');
    await view.press(add);
    expect(view.said.add).toEqual([[{ name: 'Turned brass', priceEach: 19, needs: '' }]]);
    expect((view.getByLabelText('From elsewhere') as HTMLInputElement).value).toBe('');
  });
});

describe('what a trial tells besides', () => {
  const trial: Trial = parseTrial({
    format: 'hornblende-trial',
    version: 1,
    name: 'Doors',
    criteria: [criterion('lift'), criterion('break')],
    entrants: [
      {
        material: 'asa',
        readings: [
          { criterion: 'lift', value: 1.2, at, door: 'open' },
          { criterion: 'lift', value: 0.3, at, door: 'closed' },
          { criterion: 'break', value: 200, at, broke: 'between-layers' },
        ],
      },
    ],
  });
  const live = (inRanking: object | null): object => ({
    asked: computed(() => trial),
    inRanking: ref(inRanking),
    nameOf: () => 'ASA',
  });

  it('is how corners lifted by the door, the least marked, and how pieces gave way', () => {
    const view = mounted(TrialAside, { live: live(null) });
    const row = view.getByTestId('trial-lifts').querySelectorAll('tbody td');
    expect([...row].map(td => td.textContent.replace(/\s+/g, ' ').trim())).toEqual([
      'ASA',
      '1.20 mm off the plate, 1 read',
      'not tried',
      '0.30 mm off the plate, 1 read ● least',
    ]);
    expect(view.getByTestId('trial-broke').textContent).toContain('1 of 1 split between layers');
    expect(view.queryByTestId('trial-foreign')).toBeNull();
  });

  it('is what comes from elsewhere, with its price, what it asks, and what it broke', () => {
    const foreign = [
      {
        material: 'elsewhere-1',
        name: 'Brass',
        priceEach: null,
        needs: 'a lathe',
        broken: [],
        read: 1,
        of: 2,
      },
      {
        material: 'elsewhere-2',
        name: 'Resin',
        priceEach: 3,
        needs: '',
        broken: ['too soft'],
        read: 0,
        of: 2,
      },
    ];
    const view = mounted(TrialAside, { live: live({ foreign, moved: [] }) });
    const text = view.getByTestId('trial-foreign').textContent;
    expect(text).toMatch(/Brass, price not known\.\s+It asks a lathe\./);
    expect(text).toMatch(/Resin, \S?3 each/);
    expect(text).toContain('○ too soft');
  });
});
