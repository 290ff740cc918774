import { parsePlacement } from '@hornblende/core/formats';
import { screen } from '@testing-library/dom';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import PlacedImport from '../../../src/features/service/PlacedImport.vue';
import { useService } from '../../../src/stores/service';
import { asked } from '../../fake-computer';
import { stubPartServer } from '../../part-server';
import { mounted, type Mounted } from '../mounted';

const placement = (name: string): object =>
  parsePlacement({
    ...{
      format: 'hornblende-service',
      version: 1,
      name,
      materials: [{ material: 'petg' }],
      since: '2021-05-01',
    },
    place: { where: 'garden' },
  });
const row = (line: number, verdict: string, change: object = {}): object => ({
  ...{ line, name: `Hook ${line}`, verdict, twin: '', looks: [], problems: [], placement: null },
  ...change,
});
const table = {
  columns: [
    { heading: 'What', as: 'name' },
    { heading: 'filament', as: 'material' },
  ],
  problems: [],
  notes: ['Day and month stand the one way or the other: taken as day first.'],
  rows: [
    row(2, 'add', { placement: placement('Hook 2') }),
    row(3, 'double', { twin: 'as Hook 1, placed already', placement: placement('Hook 3') }),
    row(4, 'reject', { name: '', problems: [{ field: 'since', value: 'soon', message: 'must be a date' }] }),
    row(5, 'add', {
      placement: placement('Hook 5'),
      looks: [{ at: '2025-08-02', verdict: 'failed', mode: 'broken' }],
    }),
  ],
};
let pinia: Pinia;
let view: Mounted;

beforeEach(async () => {
  stubPartServer({}, { '/api/placements': [] });
  pinia = createPinia();
  setActivePinia(pinia);
  view = mounted(PlacedImport, {}, { pinia, emits: ['close'] });
  await vi.waitFor(() => screen.getByTestId('placed-import'));
});
const typed = async (): Promise<void> => {
  await view.type(screen.getByLabelText('Rows with their headings'), 'What\tfilament\nHook 2\tPETG');
  await vi.waitFor(() => expect(asked('placed')).toHaveLength(1));
};
const rows = (): string[] =>
  screen.getAllByTestId('placed-import-row').map(li => li.textContent.replace(/\s+/g, ' ').trim());
const button = (): HTMLButtonElement => screen.getByTestId('placed-import-write');

describe('many parts placed at once', () => {
  it('shows what becomes of each row before any is placed, what cannot be read first', async () => {
    expect(button().disabled).toBe(true);
    await typed();
    asked('placed')[0]!.answer(table);
    await vi.waitFor(() => expect(rows()).toHaveLength(4));
    expect(rows()[0]).toMatch(/line 4 without a name ?○ since “soon” must be a date/);
    expect(rows()[1]).toMatch(/line 3 Hook 3.*◐ left out: as Hook 1, placed already/);
    expect(rows()[2]).toMatch(
      /line 2 Hook 2 PETG, medium, since 1 May 2021, garden ?● placed; nobody has looked yet/,
    );
    expect(rows()[3]).toMatch(/● placed; broken on 2 Aug 2025/);
    expect(screen.getByTestId('placed-import-columns').textContent).toContain('“What” as name');
    expect(screen.getByTestId('placed-import-columns').textContent).not.toContain('as filament');
    expect(screen.getByTestId('placed-import-counts').textContent).toMatch(
      /2 to place.*1 there.*1 that cannot/s,
    );
    expect(button().textContent).toContain('Place 2 parts, leave out 2');
  });

  it('places those that can be, and takes them back', async () => {
    await typed();
    asked('placed')[0]!.answer(table);
    await vi.waitFor(() => expect(button().disabled).toBe(false));
    const service = useService();
    const place = vi.spyOn(service, 'importAll').mockResolvedValue(['a', 'b']);
    const back = vi.spyOn(service, 'undoImport').mockResolvedValue(0);
    await view.press(button());
    await vi.waitFor(() => expect(screen.getByText('2 parts are placed.')).toBeTruthy());
    expect(place.mock.calls[0]![0].map(p => p.placement.name)).toEqual(['Hook 2', 'Hook 5']);
    await view.press(screen.getByText('Take it back'));
    await vi.waitFor(() => expect(back).toHaveBeenCalledWith(['a', 'b']));
  });

  it('keeps what was typed where they could not be placed, and says why', async () => {
    await typed();
    asked('placed')[0]!.answer(table);
    await vi.waitFor(() => expect(button().disabled).toBe(false));
    vi.spyOn(useService(), 'importAll').mockRejectedValue(new Error('The disk is full.'));
    await view.press(button());
    await vi.waitFor(() => expect(screen.getByText('The disk is full.')).toBeTruthy());
    expect(rows()).toHaveLength(4);
  });

  it('asks how much somebody else’s count, and weighs them by that', async () => {
    await typed();
    expect(asked('placed')[0]!.question).toMatchObject({ origin: '', weight: 1 });
    await view.type(screen.getByLabelText('Whose records, if not yours'), 'Lena');
    await vi.waitFor(() => expect(asked('placed').at(-1)!.question).toMatchObject({ origin: 'Lena' }));
    expect(asked('placed').at(-1)!.question).toMatchObject({ weight: 0.5 });
    expect(screen.getByLabelText('How much each counts, 0 to 1')).toBeTruthy();
  });

  it('says why rows could not be read', async () => {
    await typed();
    asked('placed')[0]!.fail('the worker ended');
    await vi.waitFor(() => expect(screen.getByText('It could not be read: the worker ended')).toBeTruthy());
  });
});
