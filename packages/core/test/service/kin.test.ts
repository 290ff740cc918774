import { describe, expect, it } from 'vitest';
import { failedKinds, failuresOfKind } from '../../src/service/kin.js';
import { placed } from './placed.js';

const failed = { verdict: 'failed', mode: 'cracked', years: 2 } as const;

describe('failures of a part’s kind', () => {
  const all = [
    placed({ material: 'pla', sun: 'full', ...failed }),
    placed({ material: 'pla', sun: 'full', ...failed }),
    placed({ material: 'pla', sun: 'none', ...failed }),
    placed({ material: 'asa', sun: 'full', ...failed }),
    placed({ material: 'pla', sun: 'full', years: 2 }),
  ];
  const kinds = failedKinds(all);
  const of = (material: string, sun: 'full' | 'none' | 'part'): number =>
    failuresOfKind(kinds, placed({ material, sun, years: 1 }).placement);

  it('are counted by filament, and by sun and air', () => {
    expect(kinds.map(k => [k.material, k.sun, k.count])).toEqual([
      ['pla', 'full', 2],
      ['pla', 'none', 1],
      ['asa', 'full', 1],
    ]);
    expect([of('pla', 'full'), of('pla', 'none'), of('asa', 'full')]).toEqual([2, 1, 1]);
  });
  it('of another filament, or another sun and air, say nothing', () => {
    expect([of('petg', 'full'), of('pla', 'part')]).toEqual([0, 0]);
  });
  it('of the same part count wherever they were', () => {
    const [first] = all;
    const part = { ...first!, placement: { ...first!.placement, partId: 'hook' } };
    const elsewhere = placed({ material: 'pla', sun: 'part', years: 1 }).placement;
    expect(failuresOfKind(failedKinds([part]), { ...elsewhere, partId: 'hook' })).toBe(1);
    expect(failuresOfKind(failedKinds([part]), { ...elsewhere, partId: 'foot' })).toBe(0);
  });
  it('whose filament is half remembered say nothing', () => {
    const unsure = all.map(p => ({
      ...p,
      placement: {
        ...p.placement,
        materials: [
          { material: 'pla', share: 0.5 },
          { material: 'asa', share: 0.5 },
        ],
      },
    }));
    expect(failedKinds(unsure)).toEqual([]);
  });
});
