import type { StoredTrial } from '@hornblende/core/api';
import { newReading, parseTrial, type Trial, type TrialReading } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useTrials } from '../../src/stores/trials';
import { stubBrowserStore } from '../browser-store';

const trial = (values: number[] = []): Trial =>
  parseTrial({
    format: 'hornblende-trial',
    version: 1,
    name: 'Two',
    criteria: [{ id: 'mass', label: 'Mass' }],
    entrants: [{ material: 'asa', readings: values.map(reading) }, { material: 'pla' }],
  });
const reading = (value: number): TrialReading =>
  newReading({
    criterion: 'mass',
    value,
    at: `2026-11-20T10:00:${String(Math.round(value) % 60).padStart(2, '0')}Z`,
  });
const valuesOf = (t: Trial): number[] => t.entrants[0]!.readings.map(r => r.value);

let stored: StoredTrial;
let away: boolean;
let saves: number;
/** Trials that the server refuses, by id. */
let unwanted: Set<string>;

beforeEach(() => {
  setActivePinia(createPinia());
  stubBrowserStore();
  vi.stubGlobal('window', globalThis);
  stored = { id: 't1', trial: trial(), revision: 1, updatedAt: '' };
  away = false;
  saves = 0;
  unwanted = new Set();
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (away) return Promise.reject(new TypeError('fetch failed'));
    if (init?.method === 'PUT' && unwanted.has(path.split('/').at(-1)!)) {
      const errors = [{ field: 'trial.name', value: '', message: 'must be text' }];
      return Promise.resolve(Response.json({ errors }, { status: 400 }));
    }
    if (init?.method === 'PUT') {
      saves++;
      const asked = JSON.parse(String(init.body)) as { trial: Trial; revision: number };
      if (asked.revision !== stored.revision)
        return Promise.resolve(Response.json({ errors: [], current: stored }, { status: 409 }));
      stored = { ...stored, trial: asked.trial, revision: stored.revision + 1 };
      return Promise.resolve(Response.json(stored));
    }
    if (init?.method === 'DELETE') return Promise.resolve(new Response(null, { status: 204 }));
    return Promise.resolve(Response.json(path.endsWith('/t1') ? stored : [stored]));
  });
});

describe('a trial that the server refuses', () => {
  it('waits with the reason, holds up no other, and is sent again when that is asked for', async () => {
    const trials = useTrials();
    await trials.load();
    const other = { ...stored, id: 't0' };
    trials.list.unshift(other);
    unwanted.add('t0');
    trials.change('t0', trial([7]));
    trials.change('t1', trial([1]));
    await trials.flush();
    expect(valuesOf(stored.trial)).toEqual([1]);
    expect(trials.refused).toEqual({ t0: 'trial.name must be text' });
    expect(trials.saving).toBe('waiting');
    unwanted.clear();
    stored = { ...other };
    trials.retry('t0');
    await trials.flush();
    expect(trials.refused).toEqual({});
    expect(trials.waiting).toBe(0);
  });

  it('is given up for what the server has', async () => {
    const trials = useTrials();
    await trials.load();
    unwanted.add('t1');
    trials.change('t1', trial([7]));
    await trials.flush();
    await trials.giveUp('t1');
    expect(valuesOf(trials.list[0]!.trial)).toEqual([]);
    expect(trials.waiting).toBe(0);
  });

  it('an error while it is fetched leaves it waiting, not saving for ever', async () => {
    const trials = useTrials();
    await trials.load();
    stored = { ...stored, revision: 5 };
    const { fetch } = globalThis;
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) =>
      init?.method === 'PUT' ? fetch(path, init) : Promise.reject(new TypeError('fetch failed')),
    );
    trials.change('t1', trial([7]));
    await trials.flush();
    expect(trials.saving).toBe('waiting');
    vi.stubGlobal('fetch', fetch);
    await trials.flush();
    expect(trials.saving).toBe('saved');
    expect(valuesOf(stored.trial)).toEqual([7]);
  });
});

describe('trials', () => {
  it('save every reading, one after another', async () => {
    const trials = useTrials();
    await trials.load();
    for (const n of [1, 2, 3]) trials.change('t1', trial(Array.from({ length: n }, (_, i) => i + 1)));
    await trials.flush();
    expect(valuesOf(stored.trial)).toEqual([1, 2, 3]);
    expect(trials.saving).toBe('saved');
    expect(trials.list[0]!.revision).toBe(stored.revision);
  });
  it('keep what is read while the server is away, and save it when it is back', async () => {
    const trials = useTrials();
    await trials.load();
    away = true;
    trials.change('t1', trial([7]));
    await trials.flush();
    expect(trials.saving).toBe('waiting');
    expect(valuesOf(trials.list[0]!.trial)).toEqual([7]);
    // The page is opened anew: what was read is in the browser's store.
    away = false;
    setActivePinia(createPinia());
    const again = useTrials();
    await again.load();
    expect(valuesOf(again.list[0]!.trial)).toEqual([7]);
    expect(valuesOf(stored.trial)).toEqual([7]);
    expect(again.saving).toBe('saved');
  });
  it('join with what another desk read meanwhile', async () => {
    const trials = useTrials();
    await trials.load();
    stored = { ...stored, trial: trial([5]), revision: 2 };
    trials.change('t1', trial([9]));
    await trials.flush();
    expect(valuesOf(stored.trial).sort()).toEqual([5, 9]);
    expect(saves).toBe(2);
  });
  it('are gone when they are removed, and leave nothing to save', async () => {
    const trials = useTrials();
    await trials.load();
    away = true;
    trials.change('t1', trial([4]));
    await trials.flush();
    away = false;
    await trials.remove('t1');
    expect(trials.list).toEqual([]);
    await trials.flush();
    expect(saves).toBe(0);
  });
});
