import { parsePrinter } from '@hornblende/core/formats';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import LadderPanel from '../../../src/features/drills/LadderPanel.vue';
import { asked } from '../../fake-computer';
import { stubPartServer } from '../../part-server';
import { mounted, type Mounted } from '../mounted';

const coupon = { kind: 'tower', numbers: { topC: 230 }, shows: 'at what nozzle temperature layers hold' };
const rung = (family: string, change: object = {}): object => ({
  ...{ family, name: family.toUpperCase(), difficulty: 2, asks: [], well: 0, failed: 0, blocked: '' },
  ...{ opens: [], fits: [], coupon, ...change },
});
const printer = {
  id: 'm1',
  revision: 1,
  profile: parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Shed' }),
};

async function ladder(printers: object[], answer: object): Promise<Mounted> {
  stubPartServer({}, { '/api/printers': printers, '/api/parts': [], '/api/prints': [] });
  const view = mounted(LadderPanel);
  await vi.waitFor(() => expect(asked('ladder')).toHaveLength(1));
  asked('ladder')[0]!.answer(answer);
  await vi.waitFor(() => expect(view.queryByRole('status')).toBeNull());
  return view;
}
const rows = (view: Mounted): string[] =>
  view.queryAllByRole('listitem').map(li => li.textContent.replace(/\s+/g, ' ').trim());

describe('the ladder of filaments', () => {
  beforeEach(() => vi.unstubAllGlobals());
  const rungs = [
    rung('pla', { well: 3, failed: 1, difficulty: 1 }),
    rung('petg', { failed: 2, opens: ['p1', 'p2'], asks: ['a dry spool'] }),
    rung('asa', { difficulty: 4, fits: ['p3'] }),
    rung('peek', { blocked: 'nozzle to 260 °C only' }),
  ];

  it('says what went well, what each asks, and what it would open', async () => {
    const view = await ladder([printer], { rungs, next: { family: 'asa', why: 'Three parts want it.' } });
    const [pla, petg, asa, peek] = rows(view);
    expect(pla).toMatch(/PLA ?1\.0 ?● 3 well, 1 failed ?asks for nothing/);
    expect(petg).toMatch(/◐ 2 failed ?a dry spool ?opens 2/);
    expect(asa).toMatch(/○ not yet ?asks for nothing ?fits 1/);
    expect(peek).toMatch(/○ not here ?nozzle to 260 °C only/);
    // The hardest that can be printed here has the longest bar; what cannot has none.
    const widths = [...view.element.querySelectorAll<HTMLElement>('.bar > span')].map(b => b.style.width);
    expect([widths[0], widths[2], widths[3]]).toEqual(['25%', '100%', '0px']);
  });

  it('says which to learn next and why, and with what coupon', async () => {
    const view = await ladder([printer], { rungs, next: { family: 'asa', why: 'Three parts want it.' } });
    const next = view.getByTestId('ladder-next');
    expect(next.textContent).toContain('ASA');
    expect(next.textContent).toContain('Three parts want it.');
    expect(next.querySelector('a[download]')!.getAttribute('href')).toBe('/api/coupons/tower.stl?topC=230');
  });

  it('shows sixteen at first, and all when asked to', async () => {
    const many = Array.from({ length: 20 }, (_, n) => rung(`f${n}`));
    const view = await ladder([printer], { rungs: many, next: null });
    expect(rows(view)).toHaveLength(16);
    await view.press(view.getByRole('button', { name: 'All 20 filaments' }));
    expect(rows(view)).toHaveLength(20);
  });

  it('asks for a printer where there is none', async () => {
    const view = await ladder([], { rungs, next: null });
    expect(view.getByTestId('ladder-empty').textContent).toContain('say which one you have');
    expect(rows(view)).toEqual([]);
  });

  it('says why it could not be worked out, and asks again', async () => {
    stubPartServer({}, { '/api/printers': [printer], '/api/parts': [], '/api/prints': [] });
    const view = mounted(LadderPanel);
    await vi.waitFor(() => expect(asked('ladder')).toHaveLength(1));
    asked('ladder')[0]!.fail('the worker ended');
    await vi.waitFor(() => expect(view.getByRole('alert').textContent).toContain('the worker ended'));
    await view.press(view.getByRole('button', { name: 'Try again' }));
    await vi.waitFor(() => expect(asked('ladder')).toHaveLength(2));
  });
});
