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
    if (init?.method === 'PUT') {
      const { fault, revision } = JSON.parse(String(init.body)) as { fault: Fault; revision: number };
      const there = kept.find(f => path.endsWith(f.id))!;
      if (there.revision !== revision)
        return Promise.resolve(Response.json({ errors: [], current: there }, { status: 409 }));
      const saved = { ...there, fault, revision: revision + 1 };
      kept = kept.map(f => (f.id === saved.id ? saved : f));
      return Promise.resolve(Response.json(saved));
    }
    const one = kept.find(f => path.endsWith(f.id));
    if (one) return Promise.resolve(Response.json(one));
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

  it('that another desk went on with since is joined, also once the list was fetched anew', async () => {
    const faults = useFaults();
    await faults.load();
    const { id } = await faults.add(fault(null));
    const own = await faults.keep(id, fault(null));
    // Another desk saw something besides; then this one is opened again, with its own older copy.
    kept = kept.map(f => ({
      ...f,
      fault: { ...f.fault, symptoms: ['strings', 'ringing'] },
      revision: f.revision + 1,
    }));
    setActivePinia(createPinia());
    const again = useFaults();
    await again.load();
    const joined = await again.keep(id, own.fault);
    expect(joined.fault.symptoms).toEqual(['strings', 'ringing']);
    // Taken over, what is taken back here is taken back.
    again.takenOver(joined);
    expect((await again.keep(id, own.fault)).fault.symptoms).toEqual(['strings']);
  });

  it('what was joined and is all here already can be taken back afterwards', async () => {
    const faults = useFaults();
    await faults.load();
    const { id } = await faults.add(fault(null));
    const own = await faults.keep(id, fault(null));
    // Another desk changes something else; this one presses, is joined to that, and presses again.
    kept = kept.map(f => ({ ...f, revision: f.revision + 1 }));
    const both = { ...own.fault, symptoms: ['strings' as const, 'ringing' as const] };
    expect((await faults.keep(id, both)).fault.symptoms).toEqual(['strings', 'ringing']);
    expect((await faults.keep(id, own.fault)).fault.symptoms).toEqual(['strings']);
  });
});
