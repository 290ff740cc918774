import type { ListedPlacement, StoredMap } from '@hornblende/core/api';
import { parsePlaceMap } from '@hornblende/core/formats';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../../src/api/client';
import MapPanel from '../../../src/features/service/map/MapPanel.vue';
import { useHealth } from '../../../src/stores/health';
import { useService } from '../../../src/stores/service';
import { mounted, type Mounted } from '../mounted';

const part = (id: string, where: string): ListedPlacement =>
  ({
    ...{ id, seen: [], revision: 1, due: null },
    placement: { name: `Part ${id}`, code: '', place: { where }, materials: [{ material: 'pla', share: 1 }] },
    standing: { verdict: 'fine', ended: false, mode: null, years: 2, seenYears: 1, looks: 1 },
  }) as unknown as ListedPlacement;
const stored = (name: string, areas: object[] = []): StoredMap => ({
  id: name,
  map: parsePlaceMap({ format: 'hornblende-map', version: 1, name, areas }),
  ...{ revision: 1, updatedAt: '2026-11-01T00:00:00Z' },
});
const pond = { name: 'Pond', x: 0.1, y: 0.1, width: 0.4, height: 0.4 };

let pinia: Pinia;
beforeEach(() => {
  vi.restoreAllMocks();
  vi.spyOn(api, 'health').mockResolvedValue({ status: 'ok' } as never);
  pinia = createPinia();
  setActivePinia(pinia);
  useService().list = [part('a', 'Pond'), part('b', 'Pond'), part('c', 'Shed')];
});
async function panel(maps: StoredMap[]): Promise<Mounted> {
  vi.spyOn(api, 'maps').mockResolvedValue(maps);
  const view = mounted(MapPanel, {}, { pinia });
  await vi.waitFor(() => expect(view.element.querySelector('.empty, .board')).not.toBeNull());
  return view;
}

describe('the map of parts in service', () => {
  it('begins from the places that parts are said to be at, ready to be drawn on', async () => {
    const view = await panel([]);
    const add = vi
      .spyOn(api, 'addMap')
      .mockImplementation((map, id) => Promise.resolve({ ...stored(map.name), id, map }));
    await view.press(view.getByRole('button', { name: 'Begin a map' }));
    await vi.waitFor(() => expect(view.getByTestId('map-tools')).toBeTruthy());
    expect(add.mock.calls[0]![0].areas.map(a => a.name)).toEqual(['Pond', 'Shed']);
    expect(view.getAllByTestId('map-mark')).toHaveLength(3);
  });
  it('shows what stands in its places, names what does not, and tells of what is pressed', async () => {
    const view = await panel([stored('Garden', [pond])]);
    expect(view.getAllByTestId('map-mark')).toHaveLength(2);
    expect(view.getByTestId('map-off').textContent).toMatch(/Not on this map:\s*Part c/);
    await view.press(view.getAllByTestId('map-mark')[1]!);
    expect(view.getByTestId('map-chosen').textContent).toContain('Part b');
    expect(view.queryByTestId('map-tools')).toBeNull();
  });
  it('lets one choose among several', async () => {
    const view = await panel([stored('Garden', [pond]), stored('Shelf')]);
    await view.choose('Map', 'Shelf');
    expect(view.queryAllByTestId('map-mark')).toHaveLength(0);
    expect(view.getByTestId('map-off').textContent).toContain('Part a');
  });
  it('is read on a phone, and drawn at the desk', async () => {
    vi.spyOn(api, 'health').mockResolvedValue({ status: 'ok', phone: true } as never);
    await useHealth().first;
    const view = await panel([stored('Garden', [pond])]);
    expect(view.getAllByTestId('map-mark')).toHaveLength(2);
    expect(view.queryByRole('button', { name: 'Draw on it' })).toBeNull();
    expect(view.queryByRole('button', { name: 'Another map' })).toBeNull();
  });
});
