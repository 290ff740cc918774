import type { StoredFault } from '@hornblende/core/api';
import { parseFault, type Fault } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope, type Ref } from 'vue';
import { isBegun, sheetOf } from '../../../src/features/fix/fix-sheet';
import { useFix, type LiveFix } from '../../../src/features/fix/useFix';
import { useKeptFault, type FaultKept } from '../../../src/features/fix/useKeptFault';
import { useFaults } from '../../../src/stores/faults';
import { stubBrowserStore } from '../../browser-store';

/** A workshop in memory that keeps faults, as the server does. */
let there: Map<string, StoredFault>;
let away: boolean;
let sent: string[];
beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
  stubBrowserStore();
  there = new Map();
  away = false;
  sent = [];
  vi.stubGlobal('fetch', (asked: string, init?: RequestInit): Promise<Response> => {
    if (away) return Promise.reject(new TypeError('away'));
    const id = /^\/api\/faults\/([\w-]+)$/.exec(asked)?.[1];
    const body = init?.body
      ? (JSON.parse(String(init.body)) as { fault: Fault; id?: string; revision?: number })
      : null;
    if (init?.method && init.method !== 'GET') sent.push(init.method);
    if (init?.method === 'DELETE') {
      there.delete(id!);
      return Promise.resolve(new Response(null, { status: 204 }));
    }
    if (body) {
      const key = id ?? body.id!;
      const before = there.get(key);
      if (!before && init?.method === 'PUT')
        return Promise.resolve(Response.json({ errors: [] }, { status: 404 }));
      if (before && body.revision !== before.revision)
        return Promise.resolve(Response.json({ errors: [] }, { status: 409 }));
      const revision = (before?.revision ?? 0) + 1;
      there.set(key, { id: key, fault: parseFault(body.fault), revision, updatedAt: '' });
      return Promise.resolve(Response.json(there.get(key)));
    }
    if (id) return Promise.resolve(Response.json(there.get(id)));
    return Promise.resolve(Response.json(asked.startsWith('/api/faults') ? [...there.values()] : []));
  });
});
let scope: EffectScope;
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});
/** A page that is opened. */
function opened(): { fix: LiveFix; state: Ref<FaultKept> } {
  scope = effectScope();
  return scope.run(() => {
    const fix = useFix();
    return { fix, state: useKeptFault(fix) };
  })!;
}
/** Until what was pressed is sent. */
const rested = async (): Promise<void> => {
  await vi.advanceTimersByTimeAsync(800);
};

describe('the fault in hand', () => {
  it('is kept in the workshop as it goes on, under one id', async () => {
    const { fix, state } = opened();
    await rested();
    expect(state.value).toBe('nothing yet');
    fix.turn('strings');
    await rested();
    expect(state.value).toBe('kept');
    fix.put({ family: 'petg', name: 'Knob' });
    fix.answer('listen-purge', 'no');
    await rested();
    expect([...there.values()]).toMatchObject([
      { revision: 2, fault: { symptoms: ['strings'], context: { family: 'petg' }, of: { name: 'Knob' } } },
    ]);
    expect(sent).toEqual(['POST', 'PUT']);
  });
  it('that was begun elsewhere is gone on with, with all that was known', async () => {
    const { fix } = opened();
    fix.put({ seen: ['popping'], family: 'pa6', spoolState: 'dry', lengthMm: 80, name: 'Gear' });
    fix.answer('bend-filament', 'yes');
    await rested();
    const [stored] = there.values();
    expect(sheetOf(stored!)).toMatchObject({
      ...{ seen: ['popping'], family: 'pa6', spoolState: 'dry', lengthMm: 80, name: 'Gear', id: stored!.id },
      tried: [{ test: 'bend-filament', outcome: 'yes' }],
    });
    fix.clear();
    await rested();
    expect(there.size).toBe(1);
    fix.goOn(stored!);
    fix.turn('jam');
    await rested();
    expect(there.get(stored!.id)!.fault.symptoms).toEqual(['popping', 'jam']);
  });
  it('keeps what another desk saw meanwhile', async () => {
    const { fix } = opened();
    fix.turn('strings');
    await rested();
    const [stored] = there.values();
    const theirs = { ...stored!.fault, symptoms: ['strings', 'gaps'] as Fault['symptoms'] };
    there.set(stored!.id, { ...stored!, fault: theirs, revision: 2 });
    fix.turn('jam');
    await rested();
    expect(there.get(stored!.id)).toMatchObject({
      revision: 3,
      fault: { symptoms: ['strings', 'jam', 'gaps'] },
    });
  });
  it('is removed where all is taken back, and not opened again once it is found', async () => {
    const { fix, state } = opened();
    fix.turn('strings');
    await rested();
    fix.turn('strings');
    fix.turn('strings');
    await rested();
    expect(there.size).toBe(0);
    expect(state.value).toBe('nothing yet');
    fix.turn('gaps');
    await rested();
    const [stored] = there.values();
    const end = { cause: 'flow-off', at: '2026-10-24' };
    there.set(stored!.id, { ...stored!, fault: parseFault({ ...stored!.fault, end }), revision: 2 });
    // This desk has not heard of it.
    fix.turn('jam');
    await rested();
    expect(there.get(stored!.id)).toMatchObject({ revision: 2, fault: { symptoms: ['gaps'] } });
    expect(state.value).toBe('found');
    await useFaults().load();
    fix.turn('strings');
    await rested();
    expect(there.get(stored!.id)!.fault.symptoms).toEqual(['gaps']);
  });
  it('that was removed elsewhere is kept anew where it is gone on with', async () => {
    const { fix, state } = opened();
    fix.turn('strings');
    await rested();
    const [stored] = there.values();
    there.delete(stored!.id);
    fix.turn('jam');
    await rested();
    expect(state.value).toBe('kept');
    expect(there.get(stored!.id)!.fault.symptoms).toEqual(['strings', 'jam']);
  });
  it('waits in the browser while the workshop is away', async () => {
    const { fix, state } = opened();
    await rested();
    away = true;
    fix.turn('strings');
    await rested();
    expect(state.value).toBe('waiting');
    expect(isBegun(fix.sheet.value)).toBe(true);
    away = false;
    fix.turn('gaps');
    await vi.advanceTimersByTimeAsync(0);
    expect(state.value).toBe('saving');
    await rested();
    expect(state.value).toBe('kept');
    expect([...there.values()]).toMatchObject([{ fault: { symptoms: ['strings', 'gaps'] } }]);
  });
});
