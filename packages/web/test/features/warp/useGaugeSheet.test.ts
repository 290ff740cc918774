import type { StoredPrinter } from '@hornblende/core/api';
import { parsePrinter } from '@hornblende/core/formats';
import { familyByKey } from '@hornblende/core/materials';
import { describe, expect, it, vi } from 'vitest';
import { useGaugeSheet } from '../../../src/features/warp/useGaugeSheet';
import { stubPartServer } from '../../part-server';

stubPartServer({});
vi.stubGlobal('window', globalThis);

const stored: StoredPrinter = {
  id: 'a',
  isDefault: true,
  revision: 1,
  updatedAt: '',
  profile: parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Shed' }),
};
const asa = familyByKey('asa')!;

describe('the sheet of a gauge', () => {
  it('makes a gauge of the sizes that are there, and only on a printer', () => {
    const { gauge, put, clear } = useGaugeSheet(asa, stored);
    expect(gauge.value).toBeNull();
    put('length', '119.4 119,42');
    put('hole-wide', '9.8');
    put('note', ' flat ');
    expect(gauge.value).toMatchObject({
      family: 'asa',
      note: 'flat',
      sizes: [
        { kind: 'outside', nominalMm: 120, measuredMm: [119.4, 119.42] },
        { kind: 'hole', nominalMm: 10, measuredMm: [9.8] },
      ],
    });
    expect(useGaugeSheet(asa, null).gauge.value).toBeNull();
    clear();
    expect(gauge.value).toBeNull();
  });
  it('says what is no reading at its own field, and takes nothing until it is mended', () => {
    const { gauge, put, clear, problemOf } = useGaugeSheet(asa, stored);
    put('length', '119.4');
    put('width', 'about 24');
    expect(problemOf('length')).toBe('');
    expect(problemOf('width')).toMatch(/^only numbers/);
    expect(gauge.value).toBeNull();
    put('width', '-3');
    expect(problemOf('width')).toMatch(/^only numbers over 0/);
    put('width', '24.0');
    expect(gauge.value?.sizes).toHaveLength(2);
    clear();
  });
  it('asks about a size read in inches', () => {
    const { put, clear, doubts, gauge } = useGaugeSheet(asa, stored);
    put('length', '4.70');
    expect(doubts.value[0]).toContain('was it read in inches?');
    expect(gauge.value).not.toBeNull();
    clear();
  });
});
