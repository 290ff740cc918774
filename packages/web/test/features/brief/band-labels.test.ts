import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bandLabels } from '../../../src/features/brief/pictures/band-labels';

const write = (at: number): string => String(Math.round(at));

describe('labels of levels', () => {
  it('levels apart have a line each; those that would overprint share one', () => {
    const levels = [
      { name: 'ASA-CF', at: 101.2 },
      { name: 'PETG-CF', at: 80 },
      { name: 'ASA', at: 101 },
    ];
    expect(bandLabels(levels, 6, write).map(l => l.text)).toEqual([
      'ASA-CF, ASA bear 101',
      'PETG-CF bears 80',
    ]);
    expect(bandLabels([levels[0]!, { name: 'PC', at: 98 }], 6, write)[0]?.text).toBe(
      'ASA-CF bears 101, PC 98',
    );
  });
  it('no two lines are nearer than they may be, and no name is lost', () =>
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 300, noNaN: true }), { maxLength: 8 }), list => {
        const labels = bandLabels(
          list.map((at, i) => ({ name: `f${i}.`, at })),
          6,
          write,
        );
        for (let i = 1; i < labels.length; i++)
          expect(labels[i - 1]!.at - labels[i]!.at).toBeGreaterThanOrEqual(6);
        const text = labels.map(l => l.text).join(' ');
        for (let i = 0; i < list.length; i++) expect(text).toContain(`f${i}.`);
      }),
    ));
});
