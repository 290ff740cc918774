import { describe, expect, it } from 'vitest';
import { needsOf } from '../src/advice/needs.js';
import { rulers } from '../src/advice/rulers.js';
import { families } from '../src/materials/library.js';
import { withRobustness } from '../src/score/draws/robustness-words.js';
import { robustness } from '../src/score/draws/robustness.js';
import { rank } from '../src/score/rank.js';
import { weightsShown } from '../src/score/weights-shown.js';
import { rulersSvg } from '../src/records/rulers-svg.js';
import { strataSvg } from '../src/records/strata-svg.js';
import { brief, enclosedPrinter } from './cases.js';

const b = brief({
  sun: 'full',
  water: 'rain',
  lifeYears: 6,
  heat: { setting: 'outdoors' },
  looks: { colour: 'dark' },
  loads: [
    { kind: 'sustained', case: 'cantilever', forceN: 4, lengthMm: 40, widthMm: 18, heightMm: 8 },
    { kind: 'impact', case: 'drop', massKg: 0.3, heightM: 1, widthMm: 20, heightMm: 10 },
  ],
});
const r = rank(b, { printer: enclosedPrinter });
const numbers = (svg: string, tag: string, attribute: string): number[] =>
  [...svg.matchAll(new RegExp(`<${tag}[^>]* ${attribute}="([-\\d.]+)"`, 'g'))].map(m => Number(m[1]));

describe('the strata as a picture', () => {
  const svg = strataSvg(r, ['asa', 'petg', 'pla']);
  it('has a well and a fill for each layer of each column, as wide as it is met', () => {
    const layers = weightsShown(r.weights).length;
    const widths = numbers(svg, 'rect', 'width');
    expect(widths).toHaveLength(2 * 3 * layers);
    const asa = r.candidates.find(c => c.material === 'asa')!;
    weightsShown(r.weights).forEach((id, i) =>
      expect(widths[2 * i + 1]! / widths[2 * i]!).toBeCloseTo(
        asa.criteria.find(c => c.id === id)!.desirability,
        1,
      ),
    );
  });
  it('is as high as the weights add up to, thicker where more weighs', () => {
    const heights = numbers(svg, 'rect', 'height')
      .filter((_, i) => i % 2 === 0)
      .slice(0, weightsShown(r.weights).length);
    const heaviest = Math.max(...heights);
    const lightest = Math.min(...heights);
    const ids = weightsShown(r.weights);
    expect(r.weights[ids[heights.indexOf(heaviest)]!]).toBe(Math.max(...ids.map(id => r.weights[id])));
    expect(r.weights[ids[heights.indexOf(lightest)]!]).toBe(Math.min(...ids.map(id => r.weights[id])));
  });
  it('says each status in words, and leaves out what is not there', () => {
    expect(svg).toContain('○ out');
    expect(strataSvg(r, ['nothing'])).not.toContain('<g>');
    expect(
      strataSvg(
        r,
        families.map(f => f.key),
      ).match(/<g>/g),
    ).toHaveLength(8);
  });
});

describe('the rulers as a picture', () => {
  it('put every bar between its ends and the need on the same scale', () => {
    const list = rulers(b, { printer: enclosedPrinter }, ['asa', 'petg', 'pc']);
    const svg = rulersSvg(list);
    expect(svg.match(/<rect/g)).toHaveLength(list.reduce((s, x) => s + x.bars.length, 0));
    for (const x of numbers(svg, 'rect', 'x')) expect(x).toBeGreaterThanOrEqual(150);
    for (const w of numbers(svg, 'rect', 'width')) expect(w).toBeLessThanOrEqual(420);
    expect(svg).not.toMatch(/NaN|Infinity/);
    expect(rulersSvg([])).toContain('<svg');
  });
});

describe('the needs of a brief, property by property', () => {
  it('are in the properties’ own units, with why', () => {
    const needs = needsOf(b);
    expect(needs.hdt045C!.value).toBeCloseTo(r.conditions.partMaxC + 10, 9);
    expect(needs.yieldMPa!.value).toBeCloseTo(((6 * 4 * 40) / (18 * 64)) * 1.5, 6);
    expect(needs.uvHalfDoseMJm2!.value).toBeCloseTo(r.conditions.uvDoseMJm2 / 1.6, 6);
    expect(needs.charpy23KJm2!.why).toContain('for safety');
    expect(needs.densityGcm3).toBeUndefined();
    expect(needsOf(brief({ mustFloat: true, flex: { want: 'hinge' } }))).toMatchObject({
      densityGcm3: { value: 1, better: 'less' },
    });
    expect(needsOf(brief({ flex: { want: 'hinge' } })).modulusMPa).toBeUndefined();
  });
});

describe('a ranking with its chances', () => {
  it('gives each candidate its own, and stays as it is without', () => {
    const sure = robustness(b, { printer: enclosedPrinter, draws: 100 });
    const both = withRobustness(r, sure) as unknown as {
      robustness: object;
      candidates: { material: string; robustness: { pFirst: number } }[];
    };
    expect(both.robustness).toEqual({ draws: 100, seed: 1 });
    for (const c of both.candidates)
      expect(c.robustness.pFirst).toBe(sure.candidates.find(x => x.material === c.material)!.pFirst);
    expect(withRobustness(r, null)).toBe(r);
  });
});
