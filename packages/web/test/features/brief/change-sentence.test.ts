import { briefChanges, parseBrief, type BriefChange } from '@hornblende/core/brief';
import { changeEffects } from '@hornblende/core/advice';
import type { Brief } from '@hornblende/core/formats';
import { describe, expect, it } from 'vitest';
import { changeSentence } from '../../../src/features/brief/change-sentence';

const brief = (more: object): Brief =>
  parseBrief({ format: 'hornblende-brief', version: 1, name: 'Arm', ...more });
const arm = { kind: 'sustained', case: 'cantilever', forceN: 3, lengthMm: 40, widthMm: 18, heightMm: 8 };
const sentences = (changes: BriefChange[], system: 'metric' | 'us' = 'metric'): string[] =>
  changes.map(c => changeSentence(c, system));

describe('a change of a brief as a sentence', () => {
  it('names the field as people call it, and each figure with its unit once', () => {
    const changes = briefChanges(brief({ loads: [arm] }), brief({ loads: [{ ...arm, forceN: 4 }] }));
    expect(sentences(changes)).toEqual(['Load 1, force: 3 N → 4 N']);
    expect(sentences(changes, 'us')).toEqual(['Load 1, force: 0.6744 lbf → 0.8992 lbf']);
  });
  it('says of a load that came or went what it is', () => {
    const without = brief({});
    const withOne = brief({ loads: [arm] });
    expect(sentences(briefChanges(without, withOne))).toEqual([
      'Load 1 added: sustained, cantilever, 3 N, 40 mm',
    ]);
    expect(sentences(briefChanges(withOne, without))).toEqual([
      'Load 1 taken away: sustained, cantilever, 3 N, 40 mm',
    ]);
  });
  it('tells choices and what was not said in words', () => {
    const changes = briefChanges(
      brief({ heat: { setting: 'indoors' } }),
      brief({ heat: { setting: 'near-source', sourceC: 60 }, looks: { wishes: ['line-free'] } }),
    );
    expect(sentences(changes)).toEqual(
      expect.arrayContaining([
        'Where it lives: indoors → near source',
        'Near the source it reaches: not said → 60 °C',
        'Wishes for the surface: none → line free',
      ]),
    );
  });
  it('takes a shape from a file as one change, with what all of it did', () => {
    const before = brief({ geometry: { xMm: 40, yMm: 40, zMm: 40 } });
    const after = brief({
      geometry: { xMm: 180, yMm: 120, zMm: 30, volumeCm3: 90, file: 'latch.stl', fromFile: ['xMm', 'yMm'] },
      sun: 'full',
    });
    const effects = changeEffects(before, after);
    expect(sentences(effects)).toEqual(['Shape taken from latch.stl', 'Sun: none → full']);
    expect(effects[0]!.scoreAfter).not.toBeNull();
    expect(effects[0]!.scoreAfter).not.toBe(effects[0]!.scoreBefore);
  });
});
