import { describe, expect, it } from 'vitest';
import { contextOf } from '../../src/score/context.js';
import { chemicalsCriterion } from '../../src/score/criteria/chemicals.js';
import { rank } from '../../src/score/rank.js';
import { brief, openPrinter } from '../cases.js';

describe('what is said of chemicals', () => {
  it('is whether they are borne for good, for a while or not, of every family alike', () => {
    const fuelled = brief({ contact: { chemicals: ['petrol'] } });
    const ctx = contextOf(fuelled, openPrinter);
    const said = new Set<string>();
    for (const { criteria } of rank(fuelled, { printer: openPrinter }).candidates) {
      const c = criteria.find(k => k.id === 'chemicals')!;
      if (c.value > 0) said.add(`${c.value}: ${chemicalsCriterion.says.pro(c, ctx)}`);
      if (c.value < 2) said.add(`${c.value}: ${chemicalsCriterion.says.con(c, ctx)}`);
    }
    expect([...said].sort()).toEqual([
      '0: Is attacked by what touches it.',
      '1: Bears what touches it for a while.',
      '1: Bears what touches it only for a while.',
      '2: Bears what touches it for good.',
    ]);
  });
});
