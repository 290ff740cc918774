import { describe, expect, it } from 'vitest';
import { assumptions } from '../../src/brief/assumptions.js';
import { conditionsOf } from '../../src/brief/conditions.js';
import { onceSaid } from '../../src/brief/saying.js';
import { brief } from '../cases.js';

const arm = {
  kind: 'short',
  case: 'cantilever',
  forceN: 10,
  lengthMm: 50,
  widthMm: 20,
  heightMm: 8,
  assumed: ['forceN', 'lengthMm'],
};

/** What is listed as assumed of a brief, by path. */
function listed(fields: Record<string, unknown>): string[] {
  const b = brief(fields);
  return assumptions({ ...fields, name: 'x' }, b, conditionsOf(b)).map(a => a.path);
}

describe('numbers that were put in to start from', () => {
  it('stand among what was not said, until they are', () => {
    expect(listed({ loads: [arm] })).toEqual(expect.arrayContaining(['loads.0.forceN', 'loads.0.lengthMm']));
    expect(listed({ loads: [{ ...arm, assumed: [] }] })).not.toContain('loads.0.forceN');
    expect(listed({ heat: { setting: 'near-source', sourceC: 60, assumed: ['sourceC'] } })).toContain(
      'heat.sourceC',
    );
  });
  it('are said by saying them, one by one', () => {
    const before = brief({ loads: [arm] });
    const after = onceSaid(before, before, 'loads.0.forceN');
    expect(after.loads[0]?.assumed).toEqual(['lengthMm']);
    expect(onceSaid(before, before, 'lifeYears')).toBe(before);
  });
  it('are said where a load is replaced by one with another number, not by one of another case', () => {
    const before = brief({ loads: [arm] });
    const pulled = brief({ loads: [{ ...arm, lengthMm: 70 }] });
    expect(onceSaid(before, pulled, 'loads.0').loads[0]?.assumed).toEqual(['forceN']);
    const other = brief({ loads: [{ ...arm, case: 'tension', lengthMm: 30 }] });
    expect(onceSaid(before, other, 'loads.0').loads[0]?.assumed).toEqual(['forceN', 'lengthMm']);
  });
  it('of heat likewise', () => {
    const b = brief({ heat: { setting: 'custom', partC: 40, assumed: ['partC'] } });
    expect(onceSaid(b, b, 'heat.partC').heat.assumed).toEqual([]);
  });
});
