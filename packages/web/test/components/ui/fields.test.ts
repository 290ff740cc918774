import { fireEvent } from '@testing-library/dom';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick } from 'vue';
import { useSettings } from '../../../src/stores/settings';
import { provideFormProblems, type FormProblems } from '../../../src/ui/form-problems';
import DateField from '../../../src/ui/DateField.vue';
import NumberInput from '../../../src/ui/NumberInput.vue';
import QuantityInput from '../../../src/ui/QuantityInput.vue';
import SearchField from '../../../src/ui/SearchField.vue';
import TextField from '../../../src/ui/TextField.vue';
import TitleInput from '../../../src/ui/TitleInput.vue';
import { mounted, type Mounted } from '../mounted';

const UPDATE = 'update:modelValue';
let pinia: Pinia;
beforeEach(() => {
  localStorage.clear();
  pinia = createPinia();
  setActivePinia(pinia);
});

/** Leaves a field, as Tab does. */
async function leave(field: Element): Promise<void> {
  await fireEvent.blur(field);
  await nextTick();
}
const textOf = (field: Element): string => (field as HTMLInputElement).value;

describe('a number', () => {
  const limits = { label: 'Walls', min: 1, max: 20, integer: true };
  const walls = (more: object = {}): Mounted =>
    mounted(NumberInput, { modelValue: 3, ...limits, ...more }, { emits: [UPDATE], pinia });

  it('is taken as it is typed', async () => {
    const page = walls();
    await page.type(page.getByLabelText('Walls'), '5');
    expect(page.said[UPDATE]).toEqual([[5]]);
    expect(page.getByRole('status').textContent).toBe('');
  });
  it.each(['2.5', '21', 'three', '0'])(
    'that cannot be used stays, is named, and changes nothing: %s',
    async typed => {
      const page = walls();
      const field = page.getByLabelText('Walls');
      await page.type(field, typed);
      expect(page.said[UPDATE]).toEqual([]);
      expect(page.getByRole('status').textContent).toBe(
        `“${typed}” is not allowed here: a whole number from 1 to 20`,
      );
      expect(field.getAttribute('aria-invalid')).toBe('true');
      await leave(field);
      expect(textOf(field)).toBe(typed);
    },
  );
  it('emptied and left goes back to what it stands for when nothing is said', async () => {
    const kept = walls();
    const field = kept.getByLabelText('Walls');
    await kept.type(field, '');
    expect(kept.said[UPDATE]).toEqual([]);
    await leave(field);
    expect(textOf(field)).toBe('3');

    const back = walls({ fallback: 2 });
    await back.type(back.getByLabelText('Walls'), '');
    await leave(back.getByLabelText('Walls'));
    expect(back.said[UPDATE]).toEqual([[2]]);
    expect(textOf(back.getByLabelText('Walls'))).toBe('2');
  });
  it('may be nothing where that is allowed', async () => {
    const page = walls({ nullable: true });
    await page.type(page.getByLabelText('Walls'), '');
    expect(page.said[UPDATE]).toEqual([[null]]);
  });
  it('that is a share is typed as hundredths or as it stands', async () => {
    const page = mounted(
      NumberInput,
      { modelValue: 0.2, label: 'Infill', min: 0, max: 1, percent: true },
      { emits: [UPDATE], pinia },
    );
    const field = page.getByLabelText('Infill');
    expect(textOf(field)).toBe('20 %');
    for (const typed of ['40', '40 %', '0,4']) await page.type(field, typed);
    expect(page.said[UPDATE]).toEqual([[0.4], [0.4], [0.4]]);
  });
  it('follows a change from elsewhere, and forgets what was wrong', async () => {
    const page = walls();
    const field = page.getByLabelText('Walls');
    await page.type(field, 'three');
    await page.give({ modelValue: 4 });
    expect(textOf(field)).toBe('4');
    expect(page.getByRole('status').textContent).toBe('');
  });
});

describe('a quantity', () => {
  const arm = { modelValue: 60, dimension: 'length', label: 'Arm', min: 1, max: 1000 };
  const field = (page: Mounted): Element => page.getByLabelText('Arm');

  it('is read in any unit of its kind, says what it understood, and is stored in its own', async () => {
    const page = mounted(QuantityInput, arm, { emits: [UPDATE], pinia });
    expect(textOf(field(page))).toBe('60 mm');
    await fireEvent.focus(field(page));
    await page.type(field(page), '2 in');
    expect(page.said[UPDATE]!.map(([v]) => Math.round(10 * (v as number)) / 10)).toEqual([50.8]);
    expect(page.getByRole('status').textContent).toContain('50.8 mm');
  });
  it('outside its limits is named with what is allowed, and changes nothing', async () => {
    const page = mounted(QuantityInput, arm, { emits: [UPDATE], pinia });
    await page.type(field(page), '2 m');
    expect(page.getByRole('status').textContent).toMatch(/out of range; allowed: 1 mm to 1000 mm/);
    await page.type(field(page), '5 kg');
    expect(page.getByRole('status').textContent).not.toBe('');
    expect(page.said[UPDATE]).toEqual([]);
  });
  it('typed as it stands changes nothing: what is shown is rounded', async () => {
    const page = mounted(QuantityInput, { ...arm, modelValue: 60.00001 }, { emits: [UPDATE], pinia });
    await page.type(field(page), '60 mm');
    expect(page.said[UPDATE]).toEqual([]);
  });
  it('with a range sends both ends, and one end where they are alike', async () => {
    const page = mounted(
      QuantityInput,
      { modelValue: 40, dimension: 'force', label: 'Force', ranged: true, low: null },
      { emits: [UPDATE, 'range'], pinia },
    );
    const force = page.getByLabelText('Force');
    await page.type(force, '30 to 50 N');
    await page.type(force, '45 N');
    expect(page.said.range).toEqual([
      [30, 50],
      [null, 45],
    ]);
  });
  it('is shown in the reader’s units, and stored the same', async () => {
    useSettings().units = 'us';
    const page = mounted(QuantityInput, { ...arm, modelValue: 25.4 }, { emits: [UPDATE], pinia });
    expect(textOf(field(page))).toBe('1 in');
    await page.type(field(page), '2');
    expect(page.said[UPDATE]!.map(([v]) => Math.round(10 * (v as number)) / 10)).toEqual([50.8]);
  });
});

describe('a date', () => {
  const since = { modelValue: '2026-03-14', label: 'Since' };

  it.each([
    ['2025-11-02', '2025-11-02'],
    ['2.11.2025', '2025-11-02'],
    ['Nov 2, 2025', '2025-11-02'],
    ['May 2024', '2024-05-01'],
    ['2023', '2023-01-01'],
  ])('is read as people write it: %s', async (typed, stored) => {
    const page = mounted(DateField, since, { emits: [UPDATE], pinia });
    const field = page.getByLabelText('Since');
    (field as HTMLInputElement).value = typed;
    await leave(field);
    expect(page.said[UPDATE]!.at(-1)).toEqual([stored]);
  });
  it('that is none, or comes too late, is named and changes nothing', async () => {
    const page = mounted(DateField, { ...since, latest: '2026-06-30' }, { emits: [UPDATE], pinia });
    const field = page.getByLabelText('Since');
    (field as HTMLInputElement).value = 'last summer';
    await leave(field);
    expect(page.getByRole('alert').textContent).toBe('“last summer” is no date; type it like 2026-03-14');
    (field as HTMLInputElement).value = '2026-07-01';
    await leave(field);
    expect(page.getByRole('alert').textContent).toBe('must not be after 30 Jun 2026');
    expect(page.said[UPDATE]!.filter(([v]) => v !== since.modelValue)).toEqual([]);
  });
});

describe('a name', () => {
  it('can be typed over; emptied it says so, changes nothing, and comes back', async () => {
    const page = mounted(
      TitleInput,
      { modelValue: 'Latch', label: 'Name of the part', thing: 'A part' },
      { emits: [UPDATE], pinia },
    );
    const field = page.getByLabelText('Name of the part');
    await page.type(field, ' ');
    expect(page.getByRole('status').textContent).toBe(
      'A part needs a name: it stays “Latch” until it has another.',
    );
    await leave(field);
    expect(textOf(field)).toBe('Latch');
    await page.type(field, 'Hinge');
    expect(page.said[UPDATE]).toEqual([['Hinge']]);
  });
});

describe('a line of text', () => {
  it('in a form is not wrong before somebody was there, or tried to save', async () => {
    let form: FormProblems | undefined;
    const Form = defineComponent({
      setup() {
        form = provideFormProblems();
        return () => [
          h(TextField, { modelValue: '', label: 'Maker', problem: 'A maker is needed.' }),
          h(TextField, { modelValue: '', label: 'Name', problem: 'A name is needed.' }),
        ];
      },
    });
    const page = mounted(Form, {}, { pinia });
    const said = (): (string | null)[] => page.getAllByRole('status').map(s => s.textContent);
    expect(said()).toEqual(['', '']);
    await leave(page.getByLabelText('Name'));
    expect(said()).toEqual(['', 'A name is needed.']);
    // Whoever saves is led to the first field that is wrong.
    expect(form!.standing.value.map(s => s.label)).toEqual(['Maker', 'Name']);
    expect(form!.focusFirst()).toBe(true);
    await nextTick();
    expect(document.activeElement).toBe(page.getByLabelText('Maker'));
    expect(said()).toEqual(['A maker is needed.', 'A name is needed.']);
  });
  it('without a form says at once what is wrong', async () => {
    const page = mounted(
      TextField,
      { modelValue: '', label: 'Maker', problem: 'A maker is needed.' },
      { emits: [UPDATE], pinia },
    );
    expect(page.getByRole('status').textContent).toBe('A maker is needed.');
    await page.type(page.getByLabelText('Maker'), 'Tarnbeck');
    expect(page.said[UPDATE]).toEqual([['Tarnbeck']]);
  });
  it('that finds is called by what it finds', async () => {
    const page = mounted(SearchField, { modelValue: '', label: 'Find a part' }, { emits: [UPDATE], pinia });
    await page.type(page.getByLabelText('Find a part'), 'latch');
    expect(page.said[UPDATE]).toEqual([['latch']]);
  });
});
