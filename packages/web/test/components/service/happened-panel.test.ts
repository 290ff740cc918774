import type { ListedHappened, ServiceEvidence } from '@hornblende/core/api';
import { reliability } from '@hornblende/core/lib';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import HappenedPanel from '../../../src/features/service/HappenedPanel.vue';
import PlacedWhy from '../../../src/features/service/PlacedWhy.vue';
import { mounted } from '../mounted';

vi.mock('../../../src/charts/ChartFrame.vue', () => ({
  default: { props: ['option', 'label'], template: '<i />' },
}));

const row = (id: string, change: Partial<ListedHappened> = {}): ListedHappened => ({
  ...{ id, name: `Foot ${id}`, material: 'petg', predicted: 'holds', by: [], failed: false, mode: null },
  ...{ years: 2, verdict: 'right', pHolds: 0.9, claims: [], foreseenBy: [], weight: 1 },
  ...change,
});
const missed = row('a', { failed: true, mode: 'cracked', verdict: 'missed', years: 0.5 });
const evidence: ServiceEvidence = {
  ...{ groups: [], parts: {}, field: [], calibration: { holds: reliability([]), biases: [] } },
  record: { missed: 1, 'too dark': 0, foreseen: 0, right: 2, 'no claim': 0, 'too soon': 0 },
};
let isAway: boolean;

beforeEach(() => {
  isAway = false;
  vi.stubGlobal('fetch', (path: string): Promise<Response> => {
    if (isAway) return Promise.resolve(Response.json({ errors: [] }, { status: 500 }));
    const url = new URL(path, 'http://localhost');
    if (url.pathname === '/api/service/evidence') return Promise.resolve(Response.json(evidence));
    if (url.pathname === '/api/placements/a/happened') return Promise.resolve(Response.json(missed));
    if (url.pathname === '/api/placements/b/happened') return Promise.resolve(Response.json(null));
    if (url.searchParams.has('after')) return Promise.resolve(Response.json([row('c')]));
    const Link = '</api/service/happened?after=b>; rel="next"';
    return Promise.resolve(Response.json([missed, row('b')], { headers: { Link } }));
  });
});

describe('predictions checked', () => {
  it('counts all of them, shows those that teach most, and more when asked', async () => {
    const view = mounted(HappenedPanel);
    const rows = await view.findAllByTestId('happened-row');
    expect(view.element.textContent).toContain('Of 3 parts that tell, the models had 2 right, missed 1.');
    expect(rows.map(r => r.textContent!.replace(/\s+/g, ' ').trim())).toEqual([
      expect.stringMatching(/^Foot a ?PETG ?holds ?cracked after 6 months ?○ missed$/),
      expect.stringMatching(/^Foot b ?PETG ?holds ?stands after 2(\.0)? years ?● right$/),
    ]);
    await view.press(view.getByRole('button', { name: 'More parts' }));
    await vi.waitFor(() => expect(view.getAllByTestId('happened-row')).toHaveLength(3));
    expect(view.queryByRole('button', { name: 'More parts' })).toBeNull();
  });
  it('says that it could not be had, and has it when it is tried again', async () => {
    isAway = true;
    const view = mounted(HappenedPanel);
    const again = await view.findByRole('button', { name: /again/i });
    isAway = false;
    await view.press(again);
    expect(await view.findAllByTestId('happened-row')).toHaveLength(2);
  });
});

describe('why a part failed', () => {
  it('is asked for that part alone, and is not there where nothing is said', async () => {
    const view = mounted(PlacedWhy, { id: 'a' });
    const why = await view.findByTestId('placed-why');
    expect(why.textContent).toContain('it is cracked, and the models do not say why');
    await view.give({ id: 'b' });
    await vi.waitFor(() => expect(view.queryByTestId('placed-why')).toBeNull());
  });
});
