import type { StoredFault } from '@hornblende/core/api';
import { parseFault, type Fault } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useFaults } from '../../src/stores/faults';

const fault = (cause: string | null): Fault =>
  parseFault({
    format: 'hornblende-fault',
    version: 1,
    symptoms: ['strings'],
    end: cause && { cause, at: '2026-11-01' },
  });
let kept: StoredFault[];
let asked: number;

beforeEach(() => {
  setActivePinia(createPinia());
  kept = [];
  asked = 0;
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (init?.method === 'DELETE') {
      kept = kept.filter(f => !path.endsWith(f.id));
      return Promise.resolve(new Response(null, { status: 204 }));
    }
    if (init?.method === 'POST') {
      const sent = (JSON.parse(String(init.body)) as { fault: Fault }).fault;
      const saved = { id: `f${kept.length}`, fault: sent, revision: 1, updatedAt: '' };
      kept = [saved, ...kept];
      return Promise.resolve(Response.json(saved, { status: 201 }));
    }
    asked++;
    return Promise.resolve(Response.json(kept));
  });
});

describe('what went wrong here', () => {
  it('counts as what it turned out to be, as soon as it is kept, and no more once it is taken back', async () => {
    const faults = useFaults();
    await faults.load();
    const saved = await faults.add(fault('wet-filament'));
    await faults.add(fault('wet-filament'));
    await faults.add(fault(null));
    expect(faults.history).toEqual({ 'wet-filament': 2 });
    await faults.remove(saved.id);
    expect(faults.history).toEqual({ 'wet-filament': 1 });
    expect(faults.faults).toHaveLength(2);
  });

  it('is fetched once, however many pages ask for it', async () => {
    const faults = useFaults();
    faults.ensure();
    await vi.waitFor(() => expect(faults.state).toBe('ready'));
    faults.ensure();
    expect(asked).toBe(1);
  });
});
