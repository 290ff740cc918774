import { describe, expect, it } from 'vitest';
import { fitCheck } from '../../src/advice/fit-check.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { families, familyByKey } from '../../src/materials/library.js';
import { printCard } from '../../src/records/card.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate, enclosedPrinter, hotBracket, openPrinter } from '../cases.js';

describe('a prototype', () => {
  const hot = {
    heat: { setting: 'near-source' as const, sourceC: 120 },
    sun: 'full' as const,
    loads: [{ kind: 'sustained', case: 'cantilever', forceN: 60, lengthMm: 60, widthMm: 20, heightMm: 6 }],
  };
  it('is judged for what it is for: neither heat nor sun nor load is asked of it', () => {
    const final = rank(brief(hot), { printer: openPrinter });
    const tried = rank(brief({ ...hot, purpose: 'prototype' }), { printer: openPrinter });
    expect(candidate(final, 'pla').status).toBe('out');
    expect(candidate(tried, 'pla').status).toBe('fits');
    expect(tried.firstChoice).toBe('pla');
    for (const id of ['strength', 'uv', 'creep', 'water'])
      expect(candidate(tried, 'pla').gates.map(g => g.id)).not.toContain(id);
  });
  it('keeps its size, its truth and its room on the plate', () => {
    const large = brief({
      purpose: 'prototype',
      geometry: { xMm: 400, yMm: 30, zMm: 20 },
      toleranceMm: 0.05,
    });
    const c = candidate(rank(large, { printer: openPrinter }), 'pla');
    expect(c.gates.find(g => g.id === 'build')?.verdict).toBe('fail');
    expect(c.criteria.find(k => k.id === 'accuracy')!.weight).toBeGreaterThan(0);
  });
});

describe('a fit-check before the final', () => {
  const pla = familyByKey('pla')!;
  const pc = familyByKey('pc')!;
  const found = fitCheck(hotBracket, pla, pc, { printer: enclosedPrinter });

  it('takes what prints of their own take', () => {
    const alone = candidate(rank(hotBracket, { printer: enclosedPrinter, families }), 'pc').printing;
    expect(found.final).toMatchObject({ material: 'pc', costEach: alone.costEach, hours: alone.hours });
    expect(found.check.costEach).toBeLessThan(found.final!.costEach);
    expect(found.check.success).toBeGreaterThan(found.final!.success);
  });
  it('says what it proves, and what it does not: heat where the stand-in gives way, and the load', () => {
    expect(found.proves.join()).toContain('size');
    expect(found.provesNot[0]).toMatch(/^heat: PLA gives way/);
    expect(found.provesNot.join()).toContain('what it carries');
  });
  it('tells a snap apart by both strains, and softness by the moduli', () => {
    const clip = brief({
      loads: [{ kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 18, cycles: 100 }],
    });
    const open = fitCheck(clip, pla, familyByKey('tpu-95a')!, { printer: enclosedPrinter }).provesNot.join();
    expect(open).toMatch(/its snap: PLA takes [\d.]+ % strain once, TPU 95A takes [\d.]+ %/);
    expect(open).toMatch(/TPU 95A is \d+ times as soft/);
    expect(open).not.toContain('what it carries');
  });
  it('has a card of its own, by which the stand-in is not refused for what it need not bear', () => {
    const part = { ...hotBracket, checkIn: 'pla' };
    const card = printCard(part, { family: pla, printer: enclosedPrinter });
    expect(card).toMatchObject({ part: `${hotBracket.name}, fit-check`, status: 'fits', against: [] });
    expect(card).toMatchObject({ hours: found.check.hours, costEach: found.check.costEach });
    expect(printCard(part, { family: pc, printer: enclosedPrinter }).part).toBe(hotBracket.name);
    expect(printCard(hotBracket, { family: pla, printer: enclosedPrinter }).status).toBe('out');
  });
  it('stands in the brief', () =>
    expect(
      parseBrief({ format: 'hornblende-brief', version: 1, name: 'Cover', checkIn: 'pla' }).checkIn,
    ).toBe('pla'));
});
