import { parseTrial, type Trial, type TrialReading } from '@hornblende/core/formats';
import { withReading, type OpenTrial } from '@hornblende/core/trials';
import { fireEvent } from '@testing-library/dom';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import OpenTrialView from '../../../src/features/trial/OpenTrialView.vue';
import { mounted, type Mounted } from '../mounted';

let kept: Trial;
let isAway = false;
/** The answer is lost on its way back: the workshop has the reading. */
let isLost = false;
let view: Mounted;
/** Lets answers that are there already arrive, turn by turn. */
const settled = async (): Promise<void> => {
  for (let turn = 0; turn < 20; turn++) await new Promise(done => setTimeout(done));
};
const opened = async (trials: OpenTrial[]): Promise<void> => {
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (path === '/api/bench') return Promise.resolve(Response.json(trials));
    if (isAway) return Promise.reject(new TypeError('away'));
    const { material, reading } = JSON.parse(String(init?.body)) as {
      material: string;
      reading: TrialReading;
    };
    kept = withReading(kept, material, reading);
    if (isLost) return Promise.reject(new TypeError('lost'));
    return Promise.resolve(Response.json(kept));
  });
  view = mounted(OpenTrialView);
  await settled();
};
const text = (): string => view.element.textContent.replace(/\s+/g, ' ');
const take = async (value: string): Promise<void> => {
  await view.type(view.getByLabelText('Mass, g'), value);
  await view.press(view.getByRole('button', { name: /Take it$/ }));
  await settled();
};

beforeEach(() => {
  isAway = isLost = false;
  kept = parseTrial({
    format: 'hornblende-trial',
    version: 1,
    name: 'Hooks',
    replicates: 1,
    criteria: [{ id: 'mass', label: 'Mass', unit: 'g' }],
    entrants: [{ material: 'asa' }, { material: 'petg' }],
  });
});
const hooks = (): OpenTrial => ({ id: 't1', trial: kept, names: { asa: 'ASA', petg: 'PETG' } });

describe('a trial that is read away from the desk', () => {
  it('says where one is, takes a figure, goes on to the next, and says when all is read', async () => {
    await opened([hooks()]);
    expect(text()).toContain('piece 1 of 1');
    await take('12,4');
    expect(view.getByTestId('last-reading').textContent).toMatch(/Taken: (ASA|PETG), mass: 12.4 g/);
    await take('13');
    expect(text()).toContain('Everything is read that was planned');
    expect(kept.entrants.map(e => e.readings.length)).toEqual([1, 1]);
  });
  it('takes the last figure back', async () => {
    await opened([hooks()]);
    await take('12.4');
    await view.press(view.getByRole('button', { name: 'Undo' }));
    await settled();
    expect(view.queryByTestId('last-reading')).toBeNull();
    expect(kept.entrants.flatMap(e => e.readings)).toMatchObject([{ value: 12.4, struck: true }]);
  });
  it('asks about what is no figure, and keeps what was typed while the workshop is away', async () => {
    await opened([hooks()]);
    await take('heavy');
    expect(view.getByTestId('reading-problem').textContent).not.toBe('');
    isAway = true;
    await take('12.4');
    expect(view.getByTestId('reading-problem').textContent).toContain('It is not kept yet');
    expect((view.getByLabelText('Mass, g') as HTMLInputElement).value).toBe('12.4');
    isAway = false;
    await view.press(view.getByRole('button', { name: /Take it$/ }));
    await settled();
    expect(text()).toContain('mass: 12.4 g');
  });
  it('sends a reading again as it was where its answer was lost: it is one reading', async () => {
    await opened([hooks()]);
    isLost = true;
    await take('12.4');
    expect(view.getByTestId('reading-problem').textContent).toContain('It is not kept yet');
    isLost = false;
    await view.press(view.getByRole('button', { name: /Take it$/ }));
    await settled();
    expect(kept.entrants.flatMap(e => e.readings)).toHaveLength(1);
    expect(text()).toContain('mass: 12.4 g');
  });
  it('asks for what a reading is worth nothing without, and sends it along', async () => {
    kept = {
      ...kept,
      criteria: [{ ...kept.criteria[0]!, id: 'movement', label: 'Hours to move', unit: 'h' }],
    };
    await opened([hooks()]);
    await view.type(view.getByLabelText('Hours to move, h'), '40');
    await view.press(view.getByRole('button', { name: /Take it$/ }));
    expect(view.getByTestId('reading-problem').textContent).toContain('say how thick the strip is');
    const thickness = view.getByLabelText(/Strip’s thickness/);
    await view.type(thickness, '2');
    await fireEvent.blur(thickness);
    await view.press(view.getByRole('button', { name: /Take it$/ }));
    await settled();
    expect(kept.entrants.flatMap(e => e.readings)).toMatchObject([{ value: 40, thicknessMm: 2 }]);
  });
  it('says where none is open', async () => {
    await opened([]);
    expect(text()).toContain('No trial is open');
  });
});
