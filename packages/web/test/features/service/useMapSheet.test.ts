import type { StoredMap } from '@hornblende/core/api';
import { parsePlaceMap, type PlaceMap } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { effectScope, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../../src/api/client';
import { ApiError } from '../../../src/api/request';
import { useMapSheet, type MapSheetState } from '../../../src/features/service/map/useMapSheet';
import { useMaps } from '../../../src/stores/maps';

const told: string[] = [];
const failed: unknown[] = [];
vi.mock('../../../src/ui/useFeedback', () => ({
  useFeedback: () => ({ tell: (t: string) => told.push(t), fail: (e: unknown) => failed.push(e) }),
}));

const map = (name: string, areas: PlaceMap['areas'] = []): PlaceMap =>
  parsePlaceMap({ format: 'hornblende-map', version: 1, name, areas });
const pond = { name: 'Pond', x: 0.1, y: 0.1, width: 0.3, height: 0.3 };
const stored = (change: Partial<StoredMap> = {}): StoredMap => ({
  ...{ id: 'm', map: map('Garden'), revision: 1, updatedAt: '2026-11-01T00:00:00Z' },
  ...change,
});

let scope: EffectScope;
let sheet: MapSheetState;
beforeEach(async () => {
  vi.restoreAllMocks();
  told.length = failed.length = 0;
  setActivePinia(createPinia());
  vi.spyOn(api, 'maps').mockResolvedValue([stored()]);
  await useMaps().load();
  scope = effectScope();
  sheet = scope.run(() => useMapSheet(stored()))!;
});
afterEach(() => scope.stop());
/** A server that takes every map, and numbers its revisions. */
const takesAll = (): ReturnType<typeof vi.fn> =>
  vi
    .spyOn(api, 'saveMap')
    .mockImplementation(({ id, map: m, revision }) =>
      Promise.resolve(stored({ id, map: m, revision: revision + 1 })),
    );

describe('a map that is drawn on', () => {
  it('is saved by itself, each save upon the one before it', async () => {
    const save = takesAll();
    sheet.change({ areas: [pond] });
    expect(sheet.saveState.value).toBe('waiting');
    await sheet.flush();
    sheet.change({ name: 'Yard' });
    await sheet.flush();
    expect(sheet.saveState.value).toBe('saved');
    expect(save.mock.calls.map(([m]) => [m.revision, m.map.name, m.map.areas.length])).toEqual([
      [1, 'Garden', 1],
      [2, 'Yard', 1],
    ]);
    await sheet.flush();
    expect(save).toHaveBeenCalledTimes(2);
  });
  it('takes each change back, and does it again, and saves that as well', async () => {
    const save = takesAll();
    sheet.change({ areas: [pond] });
    sheet.change({ name: 'Yard' });
    expect([sheet.canUndo.value, sheet.canRedo.value]).toEqual([true, false]);
    sheet.undo();
    sheet.undo();
    expect(sheet.map.value).toMatchObject({ name: 'Garden', areas: [] });
    expect([sheet.canUndo.value, sheet.canRedo.value]).toEqual([false, true]);
    sheet.redo();
    await sheet.flush();
    expect(save.mock.calls.at(-1)![0].map).toMatchObject({ name: 'Garden', areas: [pond] });
  });
  it('shows what was drawn elsewhere meanwhile, with what stood here one step back', async () => {
    const conflict = new ApiError(409, [{ field: 'revision', value: 1, message: 'is not the newest' }]);
    vi.spyOn(api, 'saveMap').mockRejectedValue(conflict);
    vi.spyOn(api, 'maps').mockResolvedValue([stored({ map: map('Theirs'), revision: 7 })]);
    sheet.change({ name: 'Mine' });
    await sheet.flush();
    expect(sheet.map.value.name).toBe('Theirs');
    expect([told.length, failed.length]).toEqual([1, 0]);
    expect(sheet.saveState.value).toBe('saved');
    const save = takesAll();
    sheet.undo();
    expect(sheet.map.value.name).toBe('Mine');
    await sheet.flush();
    expect(save.mock.calls.at(-1)![0]).toMatchObject({ revision: 7, map: { name: 'Mine' } });
  });
  it('says that it is not saved while the server is away, and is once it is back', async () => {
    vi.spyOn(api, 'saveMap').mockRejectedValueOnce(new TypeError('fetch failed'));
    sheet.change({ name: 'Yard' });
    await sheet.flush();
    expect([sheet.saveState.value, failed.length]).toEqual(['failed', 1]);
    takesAll();
    await sheet.flush();
    expect(sheet.saveState.value).toBe('saved');
  });
  it('follows what is drawn elsewhere, and goes back no further than that', async () => {
    const save = takesAll();
    sheet.change({ name: 'Yard' });
    sheet.follow(map('Theirs'));
    expect(sheet.map.value.name).toBe('Yard');
    await sheet.flush();
    sheet.follow(map('Theirs'));
    expect([sheet.map.value.name, sheet.canUndo.value]).toEqual(['Theirs', false]);
    sheet.change({ areas: [pond] });
    sheet.undo();
    expect(sheet.map.value).toMatchObject({ name: 'Theirs', areas: [] });
    expect(save).toHaveBeenCalledTimes(1);
  });
  it('is saved when its page is left', async () => {
    const save = takesAll();
    sheet.change({ name: 'Yard' });
    scope.stop();
    await vi.waitFor(() => expect(save).toHaveBeenCalledTimes(1));
  });
});
