import type { StoredPrint } from '@hornblende/core/api';
import { parsePrintEntry, type PrintEntry } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { usePrints } from '../../src/stores/prints';

const entry = (fields: object = {}): PrintEntry =>
  parsePrintEntry({
    format: 'hornblende-print',
    version: 1,
    outcome: 'well',
    at: '2026-05-01T10:00:00Z',
    part: 'Foot',
    printerId: 'a',
    material: 'petg',
    family: 'petg',
    grams: 20,
    ...fields,
  });
let kept: StoredPrint[];
let shelfAsked: number;
let away: boolean;

beforeEach(() => {
  setActivePinia(createPinia());
  kept = [];
  shelfAsked = 0;
  away = false;
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (away) return Promise.reject(new TypeError('fetch failed'));
    if (path.startsWith('/api/spools')) {
      shelfAsked++;
      return Promise.resolve(Response.json([]));
    }
    if (init?.method === 'DELETE') {
      kept = kept.filter(p => !path.endsWith(p.id));
      return Promise.resolve(new Response(null, { status: 204 }));
    }
    if (init?.method === 'POST') {
      const { print } = JSON.parse(String(init.body)) as { print: PrintEntry };
      const saved = { id: `p${kept.length + 1}`, print, revision: 1, updatedAt: '' };
      kept.push(saved);
      return Promise.resolve(Response.json(saved, { status: 201 }));
    }
    return Promise.resolve(Response.json(kept));
  });
});

describe('the log of prints', () => {
  it('is fetched, and a new print stands first', async () => {
    const prints = usePrints();
    kept = [{ id: 'p0', print: entry(), revision: 1, updatedAt: '' }];
    await prints.load();
    expect(prints.state).toBe('ready');
    const saved = await prints.add(entry({ part: 'Jig' }));
    expect(prints.entries.map(p => p.part)).toEqual(['Jig', 'Foot']);
    await prints.remove(saved);
    expect(prints.entries.map(p => p.part)).toEqual(['Foot']);
  });
  it('brings the shelf up to date only where something came off a spool', async () => {
    const prints = usePrints();
    await prints.add(entry());
    expect(shelfAsked).toBe(0);
    const saved = await prints.add(entry({ spoolId: 's1' }));
    expect(shelfAsked).toBe(1);
    await prints.remove(saved);
    expect(shelfAsked).toBe(2);
  });
  it('says so when it cannot be fetched', async () => {
    away = true;
    const prints = usePrints();
    await expect(prints.load()).rejects.toThrow('cannot be reached');
    expect(prints.state).toBe('failed');
  });
});
