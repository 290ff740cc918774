import { newBrief } from '@hornblende/core/brief';
import { rank, type Candidate } from '@hornblende/core/score';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  crackY,
  criterionOf,
  LABELS,
  layersOf,
  metByAll,
  MIN_LAYER,
  nameLines,
  outXOf,
  strataLayout,
  TOP,
  unfolded,
  xOf,
} from '../../../src/features/rank/strata-layout';

const ranking = rank(newBrief('Jig'));
const width = fc.integer({ min: 320, max: 2400 });

describe('the layout of the strata', () => {
  it('layers fill the height, each as thick as its weight beyond the least that can be seen', () => {
    const layers = layersOf(ranking.weights, 290);
    expect(layers[0]?.y).toBe(TOP);
    expect(layers.reduce((sum, l) => sum + l.h, 0)).toBeCloseTo(290, 9);
    const perWeight = layers.map(l => (l.h - MIN_LAYER) / l.weight);
    for (const p of perWeight) expect(p).toBeCloseTo(perWeight[0]!, 9);
  });
  it('loses no candidate, however wide it is', () =>
    fc.assert(
      fc.property(width, w => {
        const { running, rest, out, crowded } = strataLayout(ranking.candidates, w);
        const outs = ranking.candidates.filter(c => c.rank === null).length;
        expect(running.length + rest.length + outs).toBe(ranking.candidates.length);
        expect(out).toHaveLength(crowded ? 0 : outs);
      }),
    ));
  it('columns never overlap, and end inside the chart', () =>
    fc.assert(
      fc.property(width, w => {
        const layout = strataLayout(ranking.candidates, w);
        expect(layout.bar).toBeLessThan(layout.column);
        expect(layout.outBar).toBeLessThan(layout.outColumn);
        expect(xOf(layout, 0)).toBe(LABELS);
        expect(xOf(layout, layout.running.length - 1) + layout.bar).toBeLessThanOrEqual(layout.width);
        if (layout.out.length)
          expect(outXOf(layout, layout.out.length - 1) + layout.outBar).toBeLessThanOrEqual(layout.width);
      }),
    ));
  it('cracks a column in the layer whose gate it failed', () => {
    const layers = layersOf({ ...ranking.weights, heat: 4 }, 290);
    const heat = layers.find(l => l.id === 'heat')!;
    const gates = [{ id: 'heat', verdict: 'fail' }] as Candidate['gates'];
    expect(crackY({ gates } as Candidate, layers)).toBeCloseTo(heat.y + heat.h / 2, 9);
  });
  it('folds what every column meets, and only that', () => {
    const running = ranking.candidates.filter(c => c.rank !== null);
    const ids = metByAll(running, ranking.weights);
    expect(ids.length).toBeGreaterThan(1);
    for (const id of Object.keys(ranking.weights) as (typeof ids)[number][]) {
      const least = Math.min(...running.map(c => criterionOf(c, id)?.desirability ?? 0));
      expect(ids.includes(id)).toBe(ranking.weights[id] > 0 && least >= 0.985);
    }
    const left = layersOf(unfolded(ranking.weights, ids), 270);
    expect(left.some(l => ids.includes(l.id))).toBe(false);
    expect(left.reduce((sum, l) => sum + l.h, 0)).toBeCloseTo(270, 9);
    expect(metByAll(running.slice(0, 1), ranking.weights)).toEqual([]);
  });
  it('cracks a column in the fold where its gate belongs to a folded layer', () => {
    const gates = [{ id: 'heat', verdict: 'fail' }] as Candidate['gates'];
    const fold = { ids: ['heat' as const], y: 290, h: 20 };
    expect(crackY({ gates } as Candidate, layersOf({ ...ranking.weights, heat: 0 }, 270), fold)).toBe(300);
  });
  it('writes a name in two lines at most', () => {
    expect(nameLines('ASA', 10)).toEqual(['ASA']);
    expect(nameLines('Tarnbeck Hill ASA', 12)).toEqual(['Tarnbeck', 'Hill ASA']);
    expect(nameLines('one two three', 3)).toEqual(['one', 'two…']);
  });
});
