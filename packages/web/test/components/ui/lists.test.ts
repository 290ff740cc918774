import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, ref, type Component } from 'vue';
import { useWorkshop } from '../../../src/stores/workshop';
import DataTable from '../../../src/ui/DataTable.vue';
import FormulaText from '../../../src/ui/FormulaText.vue';
import LessonList from '../../../src/ui/LessonList.vue';
import OwnFactsForm from '../../../src/ui/OwnFactsForm.vue';
import PageState from '../../../src/ui/PageState.vue';
import RestoredNotice from '../../../src/ui/RestoredNotice.vue';
import RowList from '../../../src/ui/RowList.vue';
import Segments from '../../../src/ui/Segments.vue';
import StatusMark from '../../../src/ui/StatusMark.vue';
import TickList from '../../../src/ui/TickList.vue';
import WaitsNotice from '../../../src/ui/WaitsNotice.vue';
import { mounted } from '../mounted';

const UPDATE = 'update:modelValue';
beforeEach(() => {
  localStorage.clear();
  setActivePinia(createPinia());
});

/** A component with something in its slot. */
const holding = (component: Component, props: object, slot: (given: never) => unknown): Component =>
  defineComponent({ render: () => h(component, props, { default: slot as () => unknown }) });

describe('where something is fetched', () => {
  it('says that it is on its way, that it failed, that there is none; else shows it', async () => {
    const page = mounted(PageState, { state: 'loading', what: 'the shelf' }, { emits: ['retry'] });
    expect(page.getByRole('status', { name: 'Fetching the shelf' })).toBeTruthy();
    await page.give({ state: 'failed', error: 'the server is away' });
    expect(page.getByRole('alert').textContent).toContain(
      'It was not possible to fetch the shelf: the server is away.',
    );
    await page.press(page.getByRole('button'));
    expect(page.said.retry).toHaveLength(1);
    await page.give({
      state: 'missing',
      missing: { title: 'There is no such part', to: '/parts', back: 'All parts' },
    });
    expect(page.getByRole('link', { name: 'All parts' }).getAttribute('href')).toBe('/parts');
    const ready = mounted(holding(PageState, { state: 'ready', what: 'the shelf' }, () => 'six spools'));
    expect(ready.element.textContent).toBe('six spools');
  });
});

describe('small signs', () => {
  it('a standing has a sign and a word', () => {
    expect(mounted(StatusMark, { status: 'fits' }).element.textContent).toBe('● fits');
    expect(mounted(StatusMark, { status: 'out' }).element.textContent).toMatch(/out$/);
  });
  it('a formula has its subscripts low and its powers high', () => {
    const { element } = mounted(FormulaText, { text: 'σ_b = F·L/h^2' });
    expect(element.querySelector('sub')?.textContent).toBe('b');
    expect(element.querySelector('sup')?.textContent).toBe('2');
  });
  it('lessons say when, what and what to do; none, nothing', () => {
    const lesson = { what: 'It lifted at two corners', remedy: 'Give it a brim', at: '2026-05-04T10:00:00Z' };
    const page = mounted(LessonList, { lessons: [lesson] });
    expect(page.getByRole('listitem').textContent).toMatch(
      /4 May 2026: It lifted at two corners\. Give it a brim\./,
    );
    expect(mounted(LessonList, { lessons: [] }).queryByRole('list')).toBeNull();
  });
  it('what waits is said only while it waits', () => {
    const pinia = createPinia();
    setActivePinia(pinia);
    expect(mounted(WaitsNotice, {}, { pinia }).queryByTestId('settings-wait')).toBeNull();
    vi.spyOn(useWorkshop(), 'isAway', 'get').mockReturnValue(true);
    expect(mounted(WaitsNotice, {}, { pinia }).getByTestId('settings-wait').textContent).toContain(
      'saved when it is back',
    );
  });
  it('what was typed before can be thrown away', async () => {
    const discard = vi.fn();
    const restored = ref(true);
    const page = mounted(RestoredNotice, { kept: { restored, discard } });
    await page.press(page.getByRole('button', { name: 'Begin anew' }));
    expect(discard).toHaveBeenCalledOnce();
  });
});

describe('lists of a form', () => {
  it('boxes are kept in the order in which they were ticked', async () => {
    const options = [
      { value: 'a', label: 'Outdoors' },
      { value: 'b', label: 'In water' },
    ];
    const page = mounted(TickList, { legend: 'Where', options, modelValue: ['b'] }, { emits: [UPDATE] });
    await page.press(page.getByLabelText('Outdoors'));
    await page.press(page.getByLabelText('In water'));
    expect(page.said[UPDATE]).toEqual([[['b', 'a']], [[]]]);
  });
  it('one of a few is chosen in sight', async () => {
    const page = mounted(
      Segments,
      {
        label: 'View',
        modelValue: 'table',
        options: [
          { value: 'table', label: 'Table' },
          { value: 'plot', label: 'Plot' },
        ],
      },
      { emits: [UPDATE] },
    );
    expect(page.getByRole('radiogroup', { name: 'View' })).toBeTruthy();
    await page.press(page.getByLabelText('Plot'));
    expect(page.said[UPDATE]).toEqual([['plot']]);
  });
  it('rows are added and taken away by name', async () => {
    const page = mounted(
      RowList,
      { rows: ['first', 'second'], add: 'Add a load', removing: (row: string) => `Remove the ${row}` },
      { emits: ['add', 'remove'] },
    );
    await page.press(page.getByRole('button', { name: 'Remove the second' }));
    await page.press(page.getByRole('button', { name: /Add a load/ }));
    expect(page.said.remove).toEqual([[1]]);
    expect(page.said.add).toHaveLength(1);
  });
  it('a table says each cell’s column to whoever reads it as a list', () => {
    const rows = [{ id: 'x', g: 12 }];
    const columns = [
      { key: 'id', title: 'Code' },
      { key: 'g', title: 'Grams', number: true },
    ];
    const { element, getAllByTestId } = mounted(DataTable, {
      columns,
      rows,
      rowKey: (row: { id: string }) => row.id,
      label: 'Spools',
      rowTestid: 'spool',
      rowClass: () => 'on',
    });
    expect(getAllByTestId('spool')[0]!.className).toContain('on');
    expect([...element.querySelectorAll('td')].map(td => td.getAttribute('data-label'))).toEqual([
      'Code',
      'Grams',
    ]);
  });
});

describe('what one knows oneself of a grade or a spool', () => {
  it('is nothing until something is stated, and nothing again once it is taken back', async () => {
    const page = mounted(
      OwnFactsForm,
      { modelValue: { ...plain, fumes: 'low' }, what: 'spool' },
      { emits: [UPDATE] },
    );
    await page.choose('Fumes', 'styrene: extract');
    expect(page.said[UPDATE]!.at(-1)![0]).toMatchObject({ fumes: 'styrene' });
    await page.choose('Fumes', 'as the library says');
    expect(page.said[UPDATE]!.at(-1)![0]).toBeNull();
  });
  it('takes peelings off a plate, each with its plate and energy', async () => {
    const held = { plate: 'smooth-pei', adhesive: null, energyJm2: 120 };
    const page = mounted(
      OwnFactsForm,
      { modelValue: { ...plain, holds: [held] }, what: 'grade' },
      { emits: [UPDATE] },
    );
    await page.type(page.getByLabelText('J/m²'), '150');
    expect(page.said[UPDATE]!.at(-1)![0]).toMatchObject({ holds: [{ ...held, energyJm2: 150 }] });
    await page.press(page.getByRole('button', { name: /^Remove the peeling from/ }));
    expect(page.said[UPDATE]!.at(-1)![0]).toBeNull();
    await page.press(page.getByRole('button', { name: /Add a peeling/ }));
    expect(page.said[UPDATE]!.at(-1)![0]).toMatchObject({ holds: [held, { energyJm2: 100 }] });
  });
});

/** Facts of which none is stated. */
const plain = {
  drive: null,
  fumes: null,
  support: null,
  abrasive: null,
  fibrePct: null,
  finish: null,
  holds: [],
};
