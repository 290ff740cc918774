import { describe, expect, it } from 'vitest';
import type { Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate } from '../cases.js';
import { gate } from './one-gate.js';

describe('wishes for a surface', () => {
  const wished = (wishes: string[], key: string): Gate | undefined =>
    gate({ looks: { wishes } }, key, 'surface');
  it('are no gate where nothing is wished', () => {
    expect(gate({}, 'pla', 'surface')).toBeUndefined();
  });
  it('are met as printed, by a route that is named, or not at all', () => {
    const verdicts = (wish: string, ...keys: string[]): (string | undefined)[] =>
      keys.map(key => wished([wish], key)?.verdict);
    expect(verdicts('gloss', 'petg', 'pla', 'pp-light')).toEqual(['pass', 'marginal', 'fail']);
    expect(verdicts('matt', 'petg-cf', 'petg')).toEqual(['pass', 'marginal']);
    expect(verdicts('paintable', 'asa', 'petg', 'pp')).toEqual(['pass', 'marginal', 'fail']);
    expect(verdicts('dyeable', 'pa12', 'pa12-cf', 'pla')).toEqual(['pass', 'fail', 'fail']);
    expect(verdicts('smoothable', 'abs', 'pvb', 'pla', 'petg', 'pva')).toEqual([
      ...['pass', 'pass'],
      ...['fail', 'fail', 'fail'],
    ]);
    expect(verdicts('line-free', 'abs', 'pc', 'tpu-95a')).toEqual(['marginal', 'marginal', 'fail']);
    expect(wished(['line-free'], 'abs')?.rescue).toBe('smooth it with acetone');
  });
  it('the worst of several decides, and its route is told', () => {
    const both = wished(['paintable', 'gloss'], 'pla')!;
    expect(both.verdict).toBe('marginal');
    expect(both.ease).toBe(wished(['gloss'], 'pla')!.ease);
    expect(both.have).toBe('as printed not glossy');
  });
  it('count in the score: what needs no work stands before what needs much', () => {
    const finish = (key: string): number =>
      candidate(rank(brief({ looks: { wishes: ['matt'] } })), key).criteria.find(c => c.id === 'finish')!
        .desirability;
    expect(finish('petg-cf')).toBeGreaterThan(finish('petg'));
  });
});
