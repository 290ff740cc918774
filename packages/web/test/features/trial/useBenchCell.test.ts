import { parseTrial } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useBenchCell, type BenchCell } from '../../../src/features/trial/useBenchCell';
import { useTrial, type LiveTrial } from '../../../src/features/trial/useTrial';
import { useCurrentPart } from '../../../src/stores/current-part';
import { useTrials } from '../../../src/stores/trials';
import { stubPartServer } from '../../part-server';

const trial = parseTrial({
  format: 'hornblende-trial',
  version: 1,
  name: 'Two',
  partId: 'p1',
  replicates: 2,
  criteria: [
    { id: 'hardness', label: 'Hardness', unit: 'Shore A', property: 'shoreA', band: [70, 90] },
    { id: 'break', label: 'Breaks at', unit: 'N' },
    { id: 'movement', label: 'Hours to the first movement', unit: 'h' },
  ],
  entrants: [{ material: 'tpu-95a' }, { material: 'tpu-85a' }],
});
let live: LiveTrial;
let cell: BenchCell;
const readingsOf = (material: string): unknown[] =>
  live.trial.value!.entrants.find(e => e.material === material)!.readings;

beforeEach(async () => {
  vi.stubGlobal('window', globalThis);
  vi.stubGlobal('navigator', {});
  stubPartServer({}, { '/api/trials': [{ id: 't1', trial, revision: 1, updatedAt: '' }] });
  setActivePinia(createPinia());
  useCurrentPart().id = 'p1';
  await useTrials().load();
  live = useTrial();
  cell = useBenchCell(live);
  cell.goTo({ material: 'tpu-95a', criterion: 'hardness' });
});

describe('the cell at the bench', () => {
  it('says what is possible and what the library expects', () => {
    expect(cell.rangeWords.value).toMatch(
      /^0 to 100 Shore A is possible; the library expects 9\d to 9\d Shore A$/,
    );
  });

  it('takes what is typed, tells what it took, and takes it back', () => {
    cell.typed.value = '94';
    cell.take();
    expect(readingsOf('tpu-95a')).toMatchObject([{ value: 94, criterion: 'hardness', struck: false }]);
    expect(cell.lastWords.value).toBe('TPU 95A, hardness: 94 Shore A');
    // Also where one has moved on since.
    cell.goTo({ material: 'tpu-85a', criterion: 'break' });
    cell.undoLast();
    expect(readingsOf('tpu-95a')).toMatchObject([{ value: 94, struck: true }]);
    expect(cell.lastWords.value).toBe('');
  });

  it('asks what a slip was meant to be, and takes that', () => {
    cell.typed.value = '940';
    cell.take();
    expect(readingsOf('tpu-95a')).toEqual([]);
    expect(cell.problem.value).toMatch(/out of range/);
    expect(cell.meant.value).toBe(94);
    cell.takeMeant();
    expect(readingsOf('tpu-95a')).toMatchObject([{ value: 94 }]);
    expect(cell.problem.value).toBe('');
  });

  it('keeps how a piece broke for that piece alone', async () => {
    cell.goTo({ material: 'tpu-95a', criterion: 'break' });
    await nextTick();
    cell.facts.value = { ...cell.facts.value, broke: 'tore' };
    cell.typed.value = '120';
    cell.take();
    cell.typed.value = '125';
    cell.take();
    expect(readingsOf('tpu-95a')).toMatchObject([{ broke: 'tore' }, { broke: null }]);
  });

  it('wants the thickness of a strip, which holds from one strip to the next', async () => {
    cell.goTo({ material: 'tpu-95a', criterion: 'movement' });
    await nextTick();
    cell.typed.value = '30';
    cell.take();
    expect(cell.problem.value).toMatch(/how thick the strip is/);
    cell.facts.value = { ...cell.facts.value, thicknessMm: 2 };
    cell.take();
    cell.typed.value = '32';
    cell.take();
    expect(readingsOf('tpu-95a')).toMatchObject([{ thicknessMm: 2 }, { thicknessMm: 2 }]);
  });

  it('goes on by itself once a cell that was picked is full', () => {
    for (const value of ['94', '95']) {
      cell.typed.value = value;
      cell.take();
    }
    expect(cell.here.value).toEqual(live.next.value);
    expect(cell.here.value).not.toMatchObject({ material: 'tpu-95a', criterion: 'hardness' });
  });

  it('changes what is said of a reading, and keeps the others', () => {
    cell.typed.value = '94';
    cell.take();
    cell.typed.value = '95';
    cell.take();
    const [first] = live.trial.value!.entrants[0]!.readings;
    live.changeReading('tpu-95a', first!, { note: 'near the edge' });
    expect(readingsOf('tpu-95a')).toMatchObject([{ note: 'near the edge' }, { note: '' }]);
  });
});
