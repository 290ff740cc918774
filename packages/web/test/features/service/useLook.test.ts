import type { ListedPlacement } from '@hornblende/core/api';
import { parsePlacement, type Inspection } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { useLook, type OpenLook } from '../../../src/features/service/useLook';
import { useLooksQueue } from '../../../src/stores/looks-queue';
import { stubBrowserStore } from '../../browser-store';

vi.mock('../../../src/ui/photo', () => ({
  lookId: () => 'look-0000-0001',
  shrunk: (file: Blob) => (file.size ? Promise.resolve(file) : Promise.reject(new Error('is no picture'))),
  nameOf: (file: Blob) => Promise.resolve(String(file.size).padStart(64, '0')),
}));
const placed = {
  id: 'p1',
  placement: parsePlacement({
    ...{ format: 'hornblende-service', version: 1, name: 'Gate', since: '2024-05-01' },
    materials: [{ material: 'petg' }],
    place: { where: 'Orchard', load: 'held' },
  }),
} as unknown as ListedPlacement;
let scope: EffectScope;
let look: OpenLook;
let taken: Inspection[];
beforeEach(() => {
  setActivePinia(createPinia());
  stubBrowserStore();
  vi.stubGlobal(
    'URL',
    Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined }),
  );
  taken = [];
  vi.spyOn(useLooksQueue(), 'add').mockImplementation(one => {
    taken.push(one);
    return Promise.resolve();
  });
  scope = effectScope();
  look = scope.run(() => useLook(() => placed))!;
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});
const picture = (size: number): Blob => new Blob(['x'.repeat(size)]);

describe('a look at a part', () => {
  it('asks what its place and load call for, each with its reason', () => {
    expect(look.checks.value.length).toBeGreaterThan(2);
    for (const { id } of look.checks.value) expect(look.why(id).length).toBeGreaterThan(5);
  });
  it('cannot be taken until it says what it comes to, and how it failed', async () => {
    expect(await look.take()).toBe(false);
    expect(look.problem.value).toContain('what it comes to');
    look.draft.value = { ...look.draft.value, verdict: 'failed' };
    expect(await look.take()).toBe(false);
    expect(look.problem.value).toBe('Say how it failed.');
    expect(taken).toEqual([]);
  });
  it('is taken with what was answered alone: no bend of one that is straight, no mode of one that stands', async () => {
    const answers = {
      verdict: 'worn',
      mode: 'cracked',
      straight: 'yes',
      bentMm: 3,
      tight: 'no',
      by: 'Ada',
    } as const;
    look.draft.value = { ...look.draft.value, ...answers };
    expect(await look.take()).toBe(true);
    expect(taken[0]).toMatchObject({
      ...{ id: 'look-0000-0001', placementId: 'p1', verdict: 'worn', mode: null, bentMm: null, loose: true },
    });
    // The next one begins empty, by the same person.
    expect(look.draft.value).toMatchObject({ verdict: '', by: 'Ada' });
  });
  it('takes photographs, six at most, drops one, and says of what is no picture', async () => {
    for (let n = 1; n <= 7; n++) await look.addPhoto(picture(n));
    expect(look.photos.value).toHaveLength(6);
    expect(look.problem.value).toContain('are enough');
    look.dropPhoto(look.photos.value[0]!.name);
    expect(look.photos.value).toHaveLength(5);
    await look.addPhoto(picture(0));
    expect(look.problem.value).toBe('is no picture');
    look.draft.value = { ...look.draft.value, verdict: 'fine' };
    await look.take();
    expect(taken[0]!.photos).toHaveLength(5);
    expect(look.photos.value).toEqual([]);
  });
});
