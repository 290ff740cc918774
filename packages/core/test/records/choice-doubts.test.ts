import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { choiceDoubts } from '../../src/records/choice-doubts.js';
import { rank } from '../../src/score/rank.js';

describe('choices that are out', () => {
  const hot = parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Hot',
    heat: { setting: 'custom', partC: 90 },
  });
  const ranking = rank(hot);

  it('are told of, with the reason; those in the running are not', () => {
    const inside = ranking.firstChoice!;
    expect(choiceDoubts({ firstChoice: inside, secondChoice: null }, ranking)).toEqual([]);
    const [one, ...more] = choiceDoubts({ firstChoice: inside, secondChoice: 'pla' }, ranking);
    expect(more).toEqual([]);
    expect(one).toMatch(/^PLA, the second choice, is out for this part: /);
    expect(one!.length).toBeGreaterThan(60);
  });
});
