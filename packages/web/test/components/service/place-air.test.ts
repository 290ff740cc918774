import { parsePlacement, type Placement } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import PlaceAir from '../../../src/features/service/PlaceAir.vue';
import { useWeathers } from '../../../src/stores/weathers';
import { mounted, type Mounted } from '../mounted';

const place = (more: object = {}): Placement['place'] =>
  parsePlacement({
    format: 'hornblende-service',
    version: 1,
    name: 'Latch',
    since: '2024-01-01',
    materials: [{ material: 'asa' }],
    place: { where: 'shed', ...more },
  }).place;
const summary = {
  ...{ id: 'w1', name: 'Shed roof 2025', createdAt: '', hours: 8760 },
  ...{ airMinC: -8, airMaxC: 33.4, ghiKWhm2Year: 1120 },
};

beforeEach(() => vi.stubGlobal('fetch', () => Promise.resolve(Response.json([summary]))));
async function shown(of: Placement['place']): Promise<Mounted> {
  const pinia = createPinia();
  setActivePinia(pinia);
  const view = mounted(PlaceAir, { place: of }, { emits: ['change'], pinia });
  await vi.waitFor(() => expect(useWeathers().list).toHaveLength(1));
  await nextTick();
  return view;
}

describe('how warm it is where a part stands', () => {
  it('goes by one’s own year of weather, hour by hour, in the place of a climate', async () => {
    const view = await shown(place({ climate: 'hill' }));
    await view.choose('Weather there', 'Shed roof 2025, hour by hour');
    expect(view.said.change).toEqual([[{ climate: null, weatherId: 'w1' }]]);
  });

  it('goes back to a climate, and to one hot day', async () => {
    const view = await shown(place({ weatherId: 'w1' }));
    expect(view.element.textContent).toContain('Shed roof 2025, hour by hour');
    await view.choose('Weather there', 'one hot, clear day');
    expect(view.said.change).toEqual([[{ climate: null, weatherId: null }]]);
  });

  it('takes frosts and heatings a year within what a year can have', async () => {
    const view = await shown(place());
    const frosts = view.getByLabelText('Freezes and thaws, times a year');
    await view.type(frosts, '40');
    await view.type(frosts, '400');
    expect(view.said.change).toEqual([[{ frostsAYear: 40 }]]);
    await view.type(view.getByLabelText('Heated and cooled, times a year'), '700');
    expect(view.said.change![1]).toEqual([{ heatingsAYear: 700 }]);
  });
});
