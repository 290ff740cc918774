import { describe, expect, it } from 'vitest';
import { familyByKey, families } from '../../src/materials/library.js';
import type { PropertyName } from '../../src/materials/property.js';
import { fillerTrade, neighboursOf } from '../../src/materials/trade.js';

describe('the trade and the neighbours', () => {
  it('says what a filler gained and gave up', () => {
    const trade = fillerTrade(familyByKey('petg-cf')!);
    const of = (name: PropertyName): string | undefined => trade.find(t => t.name === name)?.verdict;
    expect([of('modulusMPa'), of('alphaPerK'), of('charpy23KJm2'), of('zRatio')]).toEqual([
      'gained',
      'gained',
      'given up',
      'given up',
    ]);
    expect(fillerTrade(familyByKey('petg')!)).toEqual([]);
  });
  it('kin comes first', () => {
    expect(neighboursOf(familyByKey('petg-cf')!, families)[0]?.key).toBe('petg');
    expect(neighboursOf(familyByKey('abs')!, families, 6).map(f => f.key)).toContain('asa');
    expect(neighboursOf(familyByKey('pla')!, families, 40).map(f => f.key)).not.toContain('pla');
  });
});
