import type { StoredPrinter } from '@hornblende/core/api';
import { parsePrinter } from '@hornblende/core/formats';
import { familyByKey } from '@hornblende/core/materials';
import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { readings } from '../../../src/features/warp/readings';
import { useBarSheet } from '../../../src/features/warp/useBarSheet';
import { stubPartServer } from '../../part-server';

stubPartServer({});
vi.stubGlobal('window', globalThis);

const stored: StoredPrinter = {
  id: 'a',
  isDefault: true,
  revision: 1,
  updatedAt: '',
  profile: parsePrinter({
    format: 'hornblende-printer',
    version: 1,
    name: 'Shed',
    bedMaxC: 90,
    chamberC: 31,
  }),
};

describe('readings of one place', () => {
  it('are numbers with spaces or semicolons between, with a comma or a point', () => {
    expect(readings('6.12 6,15;6.13')).toEqual([6.12, 6.15, 6.13]);
    expect(readings('  ')).toEqual([]);
    expect(readings('6.1 about')).toEqual([]);
  });
  it('come back as they were typed', () => {
    const number = fc.double({ min: -10, max: 90, noNaN: true }).map(x => Number(x.toFixed(2)));
    fc.assert(
      fc.property(fc.array(number, { minLength: 1, maxLength: 9 }), list => {
        expect(readings(list.join(' '))).toEqual(list.map(x => x + 0));
      }),
    );
  });
});

describe('the sheet of a bar', () => {
  const abs = familyByKey('abs')!;
  it('makes a bar once both ends and the middle are there, on this printer’s bed and air', () => {
    const { bar, put, bad, missing } = useBarSheet(abs, stored);
    expect(missing.value).toEqual([]);
    put({ endA: '7.1', middle: '6.4' });
    expect(bar.value).toBeNull();
    // One end only is said to be missing, not passed over.
    expect(missing.value).toEqual(['the other end']);
    put({ endB: '7,0 7.2' });
    // ABS wants more than this bed has.
    expect(bar.value).toMatchObject({
      family: 'abs',
      bedC: 90,
      chamberC: 31,
      endBMm: [7, 7.2],
      solidFraction: 0.3,
    });
    put({ chamberC: 45, note: ' door closed ' });
    expect(bar.value).toMatchObject({ chamberC: 45, note: 'door closed' });
    put({ endA: 'seven' });
    expect(bar.value).toBeNull();
    expect(bad.value).toBe(true);
    put({ endA: '' });
    expect(bad.value).toBe(false);
  });
  it('keeps a sheet for each family, and none for a printer that is not there', () => {
    const family = ref(abs);
    const { sheet, put } = useBarSheet(family, stored);
    put({ lengthMm: 180 });
    family.value = familyByKey('asa')!;
    expect(sheet.value.lengthMm).toBe(150);
    family.value = abs;
    expect(sheet.value.lengthMm).toBe(180);
    const nowhere = useBarSheet(abs, null);
    nowhere.put({ endA: '7', endB: '7', middle: '6' });
    expect(nowhere.bar.value).toBeNull();
  });
});
