import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { run } from '../../../src/workers/jobs/placed';
import { usePlacedImport, type PlacedImporting } from '../../../src/features/service/usePlacedImport';
import { useService } from '../../../src/stores/service';
import { asked, askedJobs } from '../../fake-computer';
import { stubBrowserStore } from '../../browser-store';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());

const settled = async (): Promise<void> => {
  for (let i = 0; i < 8; i++) {
    await Promise.resolve();
    await nextTick();
  }
};
const SHEET = 'name\tof\tsince\nHook\tasa\t2020\nHook\tasa\t2020\nOdd\tzorb\t2020\nPeg\tpetg\t2021';
/** Answers the last question as the worker would. */
async function answered(): Promise<void> {
  const job = asked('placed').at(-1)!;
  const question = job.question as Parameters<typeof run>[0];
  const bytes = Uint8Array.from(Object.values(question.bytes));
  job.answer(run({ ...question, bytes }));
  await settled();
}
let scope: EffectScope;
let importing: PlacedImporting;
beforeEach(() => {
  setActivePinia(createPinia());
  stubBrowserStore();
  askedJobs.length = 0;
  scope = effectScope();
  importing = scope.run(() => usePlacedImport())!;
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
});

describe('many parts placed at once', () => {
  it('are read as they are typed: what cannot be read first, then doubles, then what is taken', async () => {
    importing.text.value = SHEET;
    await settled();
    expect(importing.isReading.value).toBe(true);
    await answered();
    expect(importing.isReading.value).toBe(false);
    expect(importing.counts.value).toEqual({ add: 2, double: 1, reject: 1 });
    expect(importing.rows.value.map(r => [r.verdict, r.line])).toEqual([
      ['reject', 4],
      ['double', 3],
      ['add', 2],
      ['add', 5],
    ]);
    importing.text.value = ' ';
    await settled();
    expect(importing.rows.value).toEqual([]);
  });
  it('of somebody else count half unless they say otherwise, one’s own wholly', async () => {
    importing.text.value = SHEET;
    await settled();
    expect(asked('placed').at(-1)!.question).toMatchObject({ origin: '', weight: 1 });
    importing.origin.value = 'Fell growers';
    await settled();
    expect(asked('placed').at(-1)!.question).toMatchObject({ origin: 'Fell growers', weight: 0.5 });
  });
  it('are placed under tags of their own, those alone that can be, and taken back', async () => {
    const service = useService();
    const placed = vi.spyOn(service, 'importAll').mockResolvedValue(['p1', 'p2']);
    const undone = vi.spyOn(service, 'undoImport').mockResolvedValue(1);
    importing.text.value = SHEET;
    await settled();
    await answered();
    await importing.write();
    expect(placed.mock.calls[0]![0].map(p => p.placement.name)).toEqual(['Hook', 'Peg']);
    expect(importing.placed.value).toEqual(['p1', 'p2']);
    expect(await importing.undo()).toBe('Taken back, but for 1 that were touched since.');
    expect(undone).toHaveBeenCalledWith(['p1', 'p2']);
    expect(importing.placed.value).toBeNull();
  });
  it('say why they could not be placed, and keep what was typed', async () => {
    const service = useService();
    vi.spyOn(service, 'importAll').mockRejectedValue(new Error('the workshop cannot be reached'));
    importing.text.value = SHEET;
    await settled();
    await answered();
    await importing.write();
    expect(importing.problems.value.join()).toContain('cannot be reached');
    expect(importing.placed.value).toBeNull();
    expect(importing.text.value).toBe(SHEET);
    expect(importing.isWriting.value).toBe(false);
  });
  it('say where the table could not be read at all', async () => {
    importing.text.value = SHEET;
    await settled();
    asked('placed').at(-1)!.fail('out of memory');
    await settled();
    expect(importing.problems.value).toEqual(['It could not be read: out of memory']);
  });
});
