import { reliability } from '@hornblende/core/lib';
import type { ModelCalibration } from '@hornblende/core/service';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import ModelTrust from '../../../src/features/service/ModelTrust.vue';
import { useWorkshop } from '../../../src/stores/workshop';
import { mounted, type Mounted } from '../mounted';

vi.mock('../../../src/charts/ChartFrame.vue', () => ({
  default: { props: ['option', 'label'], template: '<i />' },
}));

const calibration: ModelCalibration = {
  holds: reliability(
    [0.9, 0.9, 0.8, 0.95].map((said, n) => ({ said, came: n > 0 })),
    said => Math.floor(5 * said),
  ),
  biases: [
    {
      model: 'heat',
      parts: 40,
      failures: 9,
      shift: -7.26,
      low: -11,
      high: -3,
      factor: null,
      promises: 'too much',
    },
    {
      model: 'uv',
      parts: 12,
      failures: 0,
      shift: 0.1,
      low: -0.4,
      high: 0.6,
      factor: 1.1,
      promises: 'what came',
    },
  ],
};
let view: Mounted;
const sent = vi.fn();

beforeEach(() => {
  sent.mockClear();
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    const body = JSON.parse(String(init?.body ?? '{}')) as object;
    if (init?.method === 'PUT') sent(path, body);
    return Promise.resolve(Response.json({ settings: body, quotes: {} }));
  });
  const pinia = createPinia();
  setActivePinia(pinia);
  view = mounted(ModelTrust, { calibration }, { pinia });
});

describe('how far the models can be trusted', () => {
  it('says of each how far it is off, and proposes a scale only where it is', () => {
    const [heat, uv] = view.getAllByTestId('model-bias');
    expect(heat!.textContent).toContain('promises too much, by about 7 K');
    expect(uv!.textContent).toContain('fits what happened');
    expect(view.getAllByRole('button').map(b => b.textContent.trim())).toEqual([
      'Judge so here: heat that filaments stand −7 K',
    ]);
  });

  it('is accepted for the workshop by a press, said, and taken back by another', async () => {
    await view.press(view.getByRole('button', { name: /^Judge so here/ }));
    expect(useWorkshop().settings.scales.heatK).toBe(-7);
    expect(sent).toHaveBeenCalledWith(
      '/api/workshop',
      expect.objectContaining({
        scales: { heatK: -7, uv: 1, creep: 1, impact: 1, strengths: [] },
      }),
    );
    await vi.waitFor(() => view.getByTestId('accepted-scales'), { timeout: 60_000 });
    expect(view.getByTestId('accepted-scales').textContent).toContain('heat that filaments stand −7 K');
    expect(view.queryByRole('button', { name: /^Judge so here/ })).toBeNull();
    await view.press(view.getByRole('button', { name: 'Take it back' }));
    await vi.waitFor(() => expect(view.queryByTestId('accepted-scales')).toBeNull(), { timeout: 60_000 });
    expect(useWorkshop().settings.scales.heatK).toBe(0);
  });
});
