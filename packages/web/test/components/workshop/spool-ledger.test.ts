import { parseSpool, type Spool } from '@hornblende/core/formats';
import { familyByKey } from '@hornblende/core/materials';
import { screen } from '@testing-library/dom';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import SpoolLedger from '../../../src/features/workshop/SpoolLedger.vue';
import { useShelf, type ShelfRow } from '../../../src/stores/shelf';
import { stubPartServer } from '../../part-server';
import { mounted, type Mounted } from '../mounted';

const events = [
  { kind: 'opened', at: '2026-11-01T08:00:00Z' },
  { kind: 'printed', at: '2026-11-02T08:00:00Z', grams: 120, note: 'two hooks' },
];
const spool = (change: object = {}): Spool =>
  parseSpool({
    ...{ format: 'hornblende-spool', version: 1, code: 'A7', material: 'petg', colour: 'grey', netG: 1000 },
    ...{ events, ...change },
  });
let pinia: Pinia;
let view: Mounted;

async function opened(kept: Spool): Promise<void> {
  stubPartServer({}, { '/api/spools': [{ id: 's1', revision: 3, spool: kept }], '/api/faults': [] });
  pinia = createPinia();
  setActivePinia(pinia);
  await useShelf().load();
  const row: ShelfRow = useShelf().rows[0]!;
  view = mounted(SpoolLedger, { row }, { pinia, emits: ['close'] });
  await vi.waitFor(() => screen.getByTestId('ledger'));
}
const lines = (): string[] =>
  [...screen.getByTestId('ledger').querySelectorAll('.events li')].map(li =>
    li.textContent.replace(/\s+/g, ' ').trim(),
  );

describe('the ledger of a spool', () => {
  beforeEach(() => vi.unstubAllGlobals());

  it('says what is left and what happened, the latest first', async () => {
    await opened(spool());
    expect(screen.getByTestId('ledger').textContent).toMatch(/880 ?g left/);
    expect(lines()[0]).toMatch(/2 Nov 2026.*120 g.*two hooks/);
    expect(lines()[1]).toMatch(/1 Nov 2026/);
    expect(document.body.textContent).toContain(`${familyByKey('petg')!.name}, grey · A7`);
  });

  it('warns where less is left than was said', async () => {
    await opened(spool({ lowG: 900 }));
    expect(screen.getByTestId('ledger').textContent).toContain('◐ low');
  });

  it('says that it is taken as dry where nothing happened', async () => {
    await opened(spool({ events: [] }));
    expect(screen.getByTestId('ledger').textContent).toContain('taken as sealed and dry');
  });

  it('says so where its grade is gone, and works out no water', async () => {
    await opened(spool({ material: 'gone-grade' }));
    expect(screen.queryByTestId('moisture')).toBeNull();
    expect(screen.getByTestId('ledger').textContent).toContain('no longer in the library');
  });

  it('strikes an entry, and says what was wrong where it cannot', async () => {
    await opened(spool());
    const save = vi.spyOn(useShelf(), 'save').mockRejectedValueOnce(new Error('The disk is full.'));
    const strike = screen.getByLabelText(/^Strike: .*120/);
    await view.press(strike);
    await vi.waitFor(() => expect(screen.getByText('The disk is full.')).toBeTruthy());
    save.mockResolvedValueOnce(undefined as never);
    await view.press(strike);
    await vi.waitFor(() => expect(screen.queryByText('The disk is full.')).toBeNull());
    expect((save.mock.lastCall![0] as Spool).events.map(e => e.kind)).toEqual(['opened']);
  });
});
