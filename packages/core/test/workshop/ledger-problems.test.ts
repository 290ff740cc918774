import { describe, expect, it } from 'vitest';
import type { Problem } from '../../src/input/input-error.js';
import { familyByKey } from '../../src/materials/library.js';
import { ledgerProblems } from '../../src/workshop/ledger-problems.js';
import { parseSpool } from '../../src/workshop/spool.js';

const NOW = '2026-11-26T10:00:00.000Z';
const pla = familyByKey('pla')!;
function problems(fields: object): Problem[] {
  const spool = parseSpool({ format: 'hornblende-spool', version: 1, material: 'pla', netG: 998, ...fields });
  return ledgerProblems(spool, pla, NOW);
}
const event = (kind: string, more: object, at = '2026-03-01'): object => ({ kind, at, ...more });

describe('what a ledger cannot say', () => {
  it('more on a spool than it ever held', () => {
    expect(problems({ events: [event('weighed', { grams: 4780 })] })).toEqual([
      {
        field: 'events[0].grams',
        value: 4780,
        message: 'must not be over the 998 g that were on it when new: was the reel weighed with it?',
      },
    ]);
    expect(problems({ leftG: 1500 })[0]?.field).toBe('leftG');
    // A scale and a label may differ a little.
    expect(problems({ leftG: 1040, events: [event('weighed', { grams: 1010 })] })).toEqual([]);
  });
  it('more printed than was left', () => {
    expect(problems({ leftG: 0, events: [event('printed', { grams: 3000 })] })[0]).toMatchObject({
      field: 'events[0].grams',
      message: 'must not be over what was left on it, 0 g',
    });
    const half = [event('printed', { grams: 500 }), event('printed', { grams: 480 }, '2026-03-02')];
    expect(problems({ events: half })).toEqual([]);
    expect(problems({ events: [...half, event('printed', { grams: 200 }, '2026-03-03')] })[0]?.field).toBe(
      'events[2].grams',
    );
    // Weighed anew, it counts from there.
    expect(
      problems({
        events: [
          ...half,
          event('weighed', { grams: 400 }, '2026-03-03'),
          event('printed', { grams: 300 }, '2026-03-04'),
        ],
      }),
    ).toEqual([]);
  });
  it('a day to come, and a day that no calendar has', () => {
    expect(problems({ events: [event('opened', {}, '2027-01-01')] })[0]).toMatchObject({
      field: 'events[0].at',
      message: 'must not lie in the future',
    });
    expect(problems({ boughtAt: '2027-05-01' })[0]?.field).toBe('boughtAt');
    expect(problems({ events: [event('opened', {}, '2026-11-27')] })).toEqual([]);
    for (const at of ['2026-02-30', '2026-13-01', 'soon', '2026'])
      expect(() => problems({ events: [event('opened', {}, at)] }), at).toThrow('must be a date');
  });
  it('drying hotter than the spool bears', () => {
    const limit = pla.properties.spoolLimitC!.typical;
    expect(problems({ events: [event('dried', { dryingC: limit, hours: 4 })] })).toEqual([]);
    expect(problems({ events: [event('dried', { dryingC: limit + 20, hours: 4 })] })[0]).toMatchObject({
      field: 'events[0].dryingC',
      message: expect.stringContaining('the spool softens there') as string,
    });
  });
});
