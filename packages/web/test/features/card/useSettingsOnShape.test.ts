import { settingsTrade } from '@hornblende/core/advice';
import { fieldKey } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { familyByKey, type Family } from '@hornblende/core/materials';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref, shallowRef, type EffectScope } from 'vue';
import { asked, askedJobs } from '../../fake-computer';
import { useDraft } from '../../../src/features/part/draft';
import { useSettingsOnShape, type SettingsOnShape } from '../../../src/features/card/useSettingsOnShape';
import { stubPartServer } from '../../part-server';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());
const shape = shallowRef<object | null>({ positions: new Float32Array(9) });
vi.mock('../../../src/features/shape/useShape', () => ({ useShape: () => ({ shape, report: ref(null) }) }));

const petg: Family = familyByKey('petg')!;
const load = {
  ...{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 },
  ...{ heldAtMm: [0, 6, 4], actsAtMm: [60, 6, 4] },
  held: [{ atMm: [0, 6, 4] }],
  acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }],
};
const settled = async (): Promise<void> => {
  for (let i = 0; i < 8; i++) {
    await Promise.resolve();
    await nextTick();
  }
};
let scope: EffectScope;
let on: SettingsOnShape;
/** Answers the question in hand: the more is printed, the less it bears. */
async function answer(): Promise<void> {
  const job = asked('loadField').at(-1)!;
  const { brief } = job.question as { brief: Brief };
  const alongMPa = 20 / (brief.print.walls + 10 * brief.print.infill);
  job.answer({
    field: {
      ...{ of: fieldKey(brief, brief.loads[0]!), alongMPa, betweenMPa: 0.1, deflectionTimesModulus: 900 },
      ...{ alongAtMm: null, betweenAtMm: null, knockAlongPerMm2: null, knockBetweenPerMm2: null },
    },
  });
  await settled();
}

beforeEach(async () => {
  setActivePinia(createPinia());
  askedJobs.length = 0;
  shape.value = { positions: new Float32Array(9) };
  stubPartServer({ loads: [load], geometry: { xMm: 60, yMm: 12, zMm: 8, volumeCm3: 5.76 } });
  scope = effectScope();
  await useDraft().open('p1');
  const points = settingsTrade(useDraft().brief!, petg, null);
  on = scope.run(() =>
    useSettingsOnShape(
      () => points,
      () => petg,
    ),
  )!;
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('walls and infill on the part’s own shape', () => {
  it('can be worked out where a load names its places and there is a shape', async () => {
    expect(on.can.value).toBe(true);
    shape.value = null;
    await settled();
    expect(on.can.value).toBe(false);
  });
  it('come one after the other, lighter to heavier, each with what it carries', async () => {
    on.work();
    await settled();
    expect(on.progress.value).toBe(0);
    let asks = 0;
    while (on.progress.value !== null && asks++ < 12) await answer();
    const { rows } = on;
    expect(rows.value.length).toBeGreaterThan(3);
    expect(rows.value.length).toBe(asks);
    const masses = rows.value.map(r => r.point.massG);
    expect(masses).toEqual([...masses].sort((a, b) => a - b));
    expect(rows.value.at(-1)!.reserve).toBeGreaterThan(rows.value[0]!.reserve);
    expect(rows.value.filter(r => r.point.current)).toHaveLength(1);
  });
  it('stand as far as they came when it is stopped, and go when the brief moves on', async () => {
    on.work();
    await settled();
    await answer();
    on.stop();
    expect(on.progress.value).toBeNull();
    expect(on.rows.value).toHaveLength(1);
    useDraft().set('loads.0.forceN', 20);
    await settled();
    expect(on.rows.value).toEqual([]);
  });
  it('say why they could not be worked out', async () => {
    on.work();
    await settled();
    asked('loadField').at(-1)!.fail('mesh: is open');
    await settled();
    expect(on.failed.value).toBe('mesh: is open');
  });
});
