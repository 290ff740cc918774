import { parsePrinter, parseSpool } from '@hornblende/core/formats';
import type { AsGood } from '@hornblende/core/score';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref, type EffectScope } from 'vue';
import { useDraft } from '../../../src/features/part/draft';
import { useEquals, type Equals } from '../../../src/features/rank/useEquals';
import { usePrinters } from '../../../src/stores/printers';
import { useShelf } from '../../../src/stores/shelf';
import { stubPartServer } from '../../part-server';

const one = (name: string, variants: AsGood['variants'] = []): AsGood => ({
  family: name.toLowerCase(),
  material: name.toLowerCase(),
  name,
  variants,
});
const group = ref<AsGood[]>([]);
let scope: EffectScope;
let equals: Equals;

beforeEach(async () => {
  vi.unstubAllGlobals();
  setActivePinia(createPinia());
  const spool = (id: string, material: string, leftG: number): object => ({
    id,
    spool: parseSpool({ format: 'hornblende-spool', version: 1, material, leftG }),
    revision: 1,
    updatedAt: '',
  });
  const prints = [
    { family: 'asa', well: 4, failed: 1 },
    { family: 'abs', well: 1, failed: 3 },
  ];
  const profile = parsePrinter({
    format: 'hornblende-printer',
    version: 1,
    name: 'Cabinet',
    record: { timed: 0, timeFactor: 1, prints },
  });
  stubPartServer(
    {},
    {
      '/api/spools': [spool('s1', 'asa', 655), spool('s2', 'hill-asa', 40), spool('s3', 'pla', 900)],
      '/api/printers': [{ id: 'm1', profile, isDefault: true, revision: 1, updatedAt: '' }],
    },
  );
  await Promise.all([usePrinters().load(), useShelf().load()]);
  await useDraft().open('p1');
  useDraft().content!.printerId = 'm1';
  scope = effectScope();
  equals = scope.run(() => useEquals(group))!;
  await nextTick();
});
afterEach(() => scope.stop());

describe('equals of the first choice', () => {
  it('are none where it stands alone', () => {
    group.value = [one('ASA')];
    expect(equals.first.value).toBeNull();
    expect(equals.others.value).toBe('');
  });
  it('are named, with who of them is on the shelf, own grades among them', () => {
    group.value = [one('ASA', [{ material: 'hill-asa', name: 'Hill ASA' }]), one('ABS'), one('PC')];
    expect(equals.first.value?.name).toBe('ASA');
    expect(equals.others.value).toBe('ABS, PC');
    expect(equals.onShelf.value).toEqual(['ASA (655 g)', 'Hill ASA (40 g)']);
  });
  it('say who was printed well here, and not who mostly failed', () => {
    group.value = [one('ASA'), one('ABS')];
    expect(equals.printedWell.value).toEqual(['ASA (4 of 5)']);
  });
});
