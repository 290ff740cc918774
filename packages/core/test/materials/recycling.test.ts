import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { say } from '../../src/brief/say/say.js';
import { families, familyByKey } from '../../src/materials/library.js';
import { recyclingOf } from '../../src/materials/recycling.js';
import { rank } from '../../src/score/rank.js';

const brief = (fields: object = {}): ReturnType<typeof parseBrief> =>
  parseBrief({ format: 'hornblende-brief', version: 1, name: 'Crate', ...fields });

describe('what becomes of a part when it is done with', () => {
  it('is known of every family; what is filled, rubber or soluble nobody takes', () => {
    for (const f of families) {
      const { taken, code, why } = recyclingOf(f);
      expect(why).not.toBe('');
      expect(code).toBeGreaterThanOrEqual(1);
      if (f.filler !== null || f.flags.soluble || f.flags.structure === 'elastomer')
        expect([f.key, taken]).toEqual([f.key, 'nobody']);
    }
    expect(recyclingOf(familyByKey('pp')!)).toMatchObject({ code: 5, taken: 'household' });
    expect(recyclingOf(familyByKey('hdpe')!)).toMatchObject({ code: 2, taken: 'household' });
    expect(recyclingOf(familyByKey('petg')!).taken).toBe('collected');
  });
  it('weighs nothing until it is asked for, and then lifts what is taken', () => {
    const place = (ranking: ReturnType<typeof rank>, key: string): number =>
      ranking.candidates.findIndex(c => c.material === key);
    const plain = rank(brief());
    const asked = rank(brief({ weights: { recycling: 5 } }));
    expect(plain.weights.recycling).toBe(0);
    expect(place(asked, 'pp')).toBeLessThan(place(plain, 'pp'));
    expect(plain.candidates.map(c => c.material)).toEqual(
      rank(brief({ weights: { recycling: 0 } })).candidates.map(c => c.material),
    );
    const pp = asked.candidates.find(c => c.material === 'pp')!;
    expect(pp.criteria.find(c => c.id === 'recycling')).toMatchObject({ value: 2, desirability: 1 });
  });
  it('is understood where it is said', () => {
    const { brief: said } = say('a crate indoors that is recyclable', { printers: [] });
    expect(said).toMatchObject({ weights: { recycling: 4 } });
  });
});
