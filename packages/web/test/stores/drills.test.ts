import type { DrillAnswer } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { stubBrowserStore } from '../browser-store';
import { useDrills } from '../../src/stores/drills';

const answer = (id: string, change: Partial<DrillAnswer> = {}): DrillAnswer => ({
  format: 'hornblende-drill-answer',
  version: 1,
  id,
  kind: 'proof',
  seed: 1,
  sure: 0.7,
  right: true,
  at: '2026-11-20T10:00:00Z',
  who: '',
  ...change,
});
let kept: DrillAnswer[];
let away: boolean;
let refuses: boolean;

beforeEach(() => {
  setActivePinia(createPinia());
  stubBrowserStore();
  kept = [];
  away = false;
  refuses = false;
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (away) return Promise.reject(new TypeError('fetch failed'));
    if (refuses && init?.method === 'PUT')
      return Promise.resolve(
        Response.json({ errors: [{ field: 'id', value: null, message: 'is taken' }] }, { status: 409 }),
      );
    if (init?.method === 'PUT') {
      const { answer: sent } = JSON.parse(String(init.body)) as { answer: DrillAnswer };
      if (!kept.some(a => a.id === sent.id)) kept.push(sent);
      return Promise.resolve(Response.json(sent));
    }
    if (init?.method === 'DELETE') {
      const who = new URLSearchParams(path.split('?')[1]).get('who');
      kept = kept.filter(a => a.who !== who);
      return Promise.resolve(Response.json({ forgotten: 1 }));
    }
    return Promise.resolve(Response.json(kept));
  });
});

describe('answers to drills', () => {
  it('are sent as they are given, and stand among those of whoever sits here', async () => {
    const drills = useDrills();
    kept = [answer('old', { who: 'Ida' })];
    await drills.load();
    drills.add(answer('a'));
    await drills.flush();
    expect(kept.map(a => a.id)).toEqual(['old', 'a']);
    expect(drills.mine.map(a => a.id)).toEqual(['a']);
    expect(drills.people).toEqual(['Ida']);
    drills.who = 'Ida';
    expect(drills.mine.map(a => a.id)).toEqual(['old']);
  });

  it('wait while the server is away, count meanwhile, and come once', async () => {
    const drills = useDrills();
    away = true;
    drills.add(answer('a'));
    drills.add(answer('b'));
    await drills.flush();
    expect(drills.waiting.map(a => a.id)).toEqual(['a', 'b']);
    expect(drills.mine).toHaveLength(2);
    away = false;
    await drills.load();
    expect(drills.waiting).toEqual([]);
    expect(kept.map(a => a.id)).toEqual(['a', 'b']);
    expect(drills.mine).toHaveLength(2);
  });

  it('that the server refuses for good are not tried for ever', async () => {
    const drills = useDrills();
    refuses = true;
    drills.add(answer('a'));
    await drills.flush();
    expect(drills.waiting).toEqual([]);
  });

  it('are forgotten for whoever sits here, and say when they cannot be fetched', async () => {
    const drills = useDrills();
    kept = [answer('a'), answer('b', { who: 'Ida' })];
    await drills.load();
    await drills.forget();
    expect(drills.mine).toEqual([]);
    expect(kept.map(a => a.id)).toEqual(['b']);
    away = true;
    await expect(drills.load()).rejects.toThrow();
    expect(drills.state).toBe('failed');
  });
});
