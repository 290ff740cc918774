import type { StoredPrinter } from '@hornblende/core/api';
import { parsePrinter, type Printer } from '@hornblende/core/formats';
import { familyByKey } from '@hornblende/core/materials';
import { gaugeCalibrationFor, warpCalibrationFor } from '@hornblende/core/print';
import { usualGaugeSizes } from '@hornblende/core/workshop';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useDraft } from '../../../src/features/part/draft';
import BarBench from '../../../src/features/warp/BarBench.vue';
import GaugeBench from '../../../src/features/warp/GaugeBench.vue';
import { usePrinters } from '../../../src/stores/printers';
import { useWorking } from '../../../src/stores/working';
import { stubPartServer } from '../../part-server';
import { mounted, type Mounted } from '../mounted';

const family = familyByKey('abs')!;
const profile = (change: object = {}): Printer =>
  parsePrinter({
    ...{ format: 'hornblende-printer', version: 1, name: 'Shed', chamber: 'enclosed', chamberC: 45 },
    ...change,
  });
let pinia: Pinia;
/** The printer as the workshop has it. */
let stored: StoredPrinter;

/** Opens the part on a printer, with what a server keeps of it. */
async function opened(machine: Printer): Promise<void> {
  stored = { id: 'm1', revision: 1, profile: machine } as unknown as StoredPrinter;
  stubPartServer({ heat: { setting: 'outdoors' } });
  const others = fetch;
  vi.stubGlobal('fetch', async (path: string, init?: RequestInit): Promise<Response> => {
    if (path.startsWith('/api/printers/m1') && init?.method === 'PUT') {
      const sent = JSON.parse(String(init.body)) as { profile?: Printer; printer?: Printer };
      stored = { ...stored, revision: 2, profile: (sent.profile ?? sent.printer)! };
      return Response.json(stored);
    }
    if (path.startsWith('/api/printers')) return Response.json([stored]);
    const answer = await others(path, init);
    return path === '/api/parts/p1'
      ? Response.json({ ...((await answer.json()) as object), printerId: 'm1' })
      : answer;
  });
  pinia = createPinia();
  setActivePinia(pinia);
  await usePrinters().load();
  await useDraft().open('p1');
}
beforeEach(() => localStorage.clear());
const said = (view: Mounted): string => view.element.textContent.replace(/\s+/g, ' ');

describe('bars that set a printer’s own scale of warp', () => {
  const bench = (): Mounted =>
    mounted(BarBench, { family, calibration: warpCalibrationFor(stored.profile, family) }, { pinia });

  it('are kept once both ends and the middle are read, and say what the model says of the same bar', async () => {
    await opened(profile());
    const view = bench();
    expect(said(view)).toContain(`Nothing of ${family.name} was measured on Shed`);
    const take = view.getByRole('button', { name: 'Take it' });
    await view.type(view.getByLabelText('One end, mm'), '1.0 1.1');
    expect(said(view)).toContain('Still to read: the middle, the other end.');
    expect((take as HTMLButtonElement).disabled).toBe(true);
    await view.type(view.getByLabelText('Middle, mm'), '0.02');
    await view.type(view.getByLabelText('Other end, mm'), '1.1');
    expect(said(view)).toMatch(/It bows 1\.\d+ ?mm ± .+; the model says \d/);
    await view.press(take);
    if (view.queryByRole('alert'))
      await view.press(view.getByRole('button', { name: 'Take it all the same' }));
    await vi.waitFor(() => expect(stored.profile.warpBars).toHaveLength(1));
    expect(stored.profile.warpBars[0]).toMatchObject({
      ...{
        family: 'abs',
        endAMm: [1, 1.1],
        middleMm: [0.02],
        endBMm: [1.1],
        solidFraction: 0.3,
        chamberC: 45,
      },
    });
    await vi.waitFor(() => expect((view.getByLabelText('One end, mm') as HTMLInputElement).value).toBe(''));
    await view.press(view.getByRole('button', { name: /^Take the bar of .* out$/ }));
    await vi.waitFor(() => expect(stored.profile.warpBars).toEqual([]));
  });

  it('refuse what is no reading', async () => {
    await opened(profile());
    const view = bench();
    await view.type(view.getByLabelText('Middle, mm'), 'flat');
    expect(view.getByRole('alert').textContent).toContain('Only numbers in mm');
  });
});

describe('gauges that say how true a printer prints', () => {
  const [first, second] = usualGaugeSizes;
  const label = (n: number): string =>
    `${n + 1} ${usualGaugeSizes[n]!.label}, ${usualGaugeSizes[n]!.nominalMm} mm`;

  it('are kept with the sizes that were read, and what they say opens its working', async () => {
    await opened(profile());
    const view = mounted(GaugeBench, { family }, { pinia });
    const take = view.getByRole('button', { name: 'Take the gauge' });
    expect((take as HTMLButtonElement).disabled).toBe(true);
    for (const [n, { kind, nominalMm }] of usualGaugeSizes.entries())
      await view.type(
        view.getByLabelText(label(n)),
        String(Number((nominalMm * 0.993 + (kind === 'hole' ? -0.1 : 0.05)).toFixed(2))),
      );
    await view.press(take);
    if (!stored.profile.gauges.length && view.queryByRole('alert'))
      await view.press(view.getByRole('button', { name: 'Take it all the same' }));
    await vi.waitFor(() => expect(stored.profile.gauges).toHaveLength(1));
    expect(stored.profile.gauges[0]!.sizes).toHaveLength(usualGaugeSizes.length);
    const answer = await vi.waitFor(() => view.getByTestId('gauge-answer'));
    const calibration = gaugeCalibrationFor(stored.profile, family)!;
    expect(calibration.shrinkXyPct.value).toBeCloseTo(0.7, 1);
    expect(answer.textContent).toContain(`${calibration.shrinkXyPct.value.toFixed(2)} %`);
    expect(answer.textContent).toContain(
      `${calibration.compensation.scaleXyPct.toFixed(2)} % along the plate`,
    );
    await view.press(answer.querySelector('button')!);
    expect(useWorking().topic!.refs![0]!.model).toBe('accuracy.gauge');
    await view.press(view.getByRole('button', { name: /^Take the gauge of .* out$/ }));
    await vi.waitFor(() => expect(stored.profile.gauges).toEqual([]));
  });

  it('say at the size what is no reading, and are not kept with it', async () => {
    await opened(profile());
    const view = mounted(GaugeBench, { family }, { pinia });
    await view.type(view.getByLabelText(label(0)), String(first!.nominalMm));
    await view.type(view.getByLabelText(label(1)), '-3');
    expect(second).toBeTruthy();
    expect(said(view)).toContain('only numbers over 0, in mm');
    expect((view.getByRole('button', { name: 'Take the gauge' }) as HTMLButtonElement).disabled).toBe(true);
  });
});
