import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { calibration, calibrationWords } from '../../src/drills/calibration.js';
import type { DrillAnswer } from '../../src/drills/drill-answer.js';
import { drillKinds } from '../../src/drills/drill.js';
import { ladder, type Ladder } from '../../src/drills/ladder.js';
import { daysOfWeek, kindsInTurn, kindStandings, plannedRound } from '../../src/drills/schedule.js';
import { wilsonInterval } from '../../src/lib/reliability.js';
import { printerPresets } from '../../src/workshop/presets.js';

let made = 0;
const given = (change: Partial<DrillAnswer>): DrillAnswer => ({
  format: 'hornblende-drill-answer',
  version: 1,
  id: `a${made++}`,
  kind: 'proof',
  seed: 1,
  sure: 0.7,
  right: true,
  at: '2026-11-01T08:00:00.000Z',
  who: '',
  ...change,
});

describe('calibration', () => {
  it('scores by Brier: nought where all was known for certain, one where all that was certain was wrong', () => {
    expect(calibration([]).brier).toBeNull();
    expect(calibration([given({ sure: 1 })]).brier).toBe(0);
    expect(calibration([given({ sure: 1, right: false })]).brier).toBe(1);
    // (0.7 − 1)², (0.7 − 0)²
    expect(calibration([given({}), given({ right: false })]).brier).toBeCloseTo((0.09 + 0.49) / 2, 12);
  });
  it('is never better by hedging than by the share that was right', () => {
    fc.assert(
      fc.property(
        fc.array(fc.boolean(), { minLength: 1, maxLength: 60 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (rights, sure) => {
          const c = calibration(rights.map(right => ({ right, sure })));
          expect(c.brier!).toBeGreaterThanOrEqual(c.brierOfShare! - 1e-12);
        },
      ),
    );
  });
  it('puts each level apart, with an interval that holds its share', () => {
    const c = calibration([
      ...Array.from({ length: 8 }, (_, n) => given({ sure: 0.9, right: n < 6 })),
      given({ sure: 0.5 }),
    ]);
    expect(c.points.map(p => [p.said, p.answers])).toEqual([
      [0.5, 1],
      [0.9, 8],
    ]);
    expect(c.points[1]).toMatchObject({ hit: 0.75 });
    for (const p of c.points) expect(p.low <= p.hit && p.hit <= p.high).toBe(true);
  });
  it('knows Wilson’s interval: 8 of 10 as published', () => {
    // Newcombe 1998 tabulates such; by hand: (0.8 + 0.19207)/(1.38415) ∓ 0.2266.
    expect(wilsonInterval(8, 10).low).toBeCloseTo(0.4902, 4);
    expect(wilsonInterval(8, 10).high).toBeCloseTo(0.9433, 4);
    expect(wilsonInterval(0, 10).low).toBe(0);
    expect(wilsonInterval(10, 10).high).toBe(1);
    expect(wilsonInterval(0, 0)).toEqual({ low: 0, high: 1 });
  });
  it('says what it comes to, and not before it knows', () => {
    const many = (n: number, right: number, sure: number): string =>
      calibrationWords(calibration(Array.from({ length: n }, (_, k) => given({ sure, right: k < right }))));
    expect(many(0, 0, 0.9)).toBe('Nothing answered yet.');
    expect(many(5, 2, 0.9)).toContain('from 20 on');
    expect(many(20, 10, 0.9)).toContain('Too sure by 40 in 100');
    expect(many(20, 18, 0.5)).toContain('Better than you think, by 40 in 100');
    expect(many(20, 18, 0.9)).toContain('As sure as you should be');
  });
});

describe('when a kind comes again', () => {
  const now = '2026-11-02T08:00:00.000Z';
  const dueOf = (...answers: DrillAnswer[]): string =>
    kindStandings(answers).find(s => s.kind === 'proof')!.dueAt!;
  it('is sooner after a miss than after an unsure hit, and latest after a certain one', () => {
    const miss = dueOf(given({ right: false }));
    const unsure = dueOf(given({ sure: 0.5 }));
    const sure = dueOf(given({}));
    const certain = dueOf(given({ sure: 0.99 }));
    expect([miss, unsure, sure, certain].sort()).toEqual([miss, unsure, sure, certain]);
    expect(Date.parse(certain) - Date.parse('2026-11-01')).toBeGreaterThan(3 * 86_400_000);
  });
  it('does not mind the order in which answers arrive', () => {
    const a = given({ at: '2026-10-01T08:00:00.000Z', right: false });
    const b = given({ at: '2026-10-03T08:00:00.000Z' });
    const c = given({ at: '2026-10-20T08:00:00.000Z', sure: 0.99 });
    expect(dueOf(c, a, b)).toBe(dueOf(a, b, c));
  });
  it('asks what is overdue first, then what is new, then the rest', () => {
    const standings = kindStandings([
      given({ kind: 'lift', at: '2026-10-01T08:00:00.000Z', right: false }),
      given({ kind: 'caution', at: '2026-11-02T07:59:00.000Z', sure: 0.99 }),
    ]);
    const turn = kindsInTurn(standings, now);
    expect(turn[0]).toBe('lift');
    expect(turn.at(-1)).toBe('caution');
    expect(new Set(turn).size).toBe(drillKinds.length);
  });
  it('makes ten of a round, each with a seed of its own', () => {
    const round = plannedRound(['proof', 'lift'], 100);
    expect(round).toHaveLength(10);
    expect(new Set(round.map(d => d.seed)).size).toBe(10);
    expect(round[2]!.kind).toBe('proof');
  });
  it('counts the days of a week, and no more', () => {
    const days = [
      '2026-11-02T01:00:00Z',
      '2026-11-02T20:00:00Z',
      '2026-10-28T09:00:00Z',
      '2026-10-20T09:00:00Z',
    ];
    expect(
      daysOfWeek(
        days.map(at => given({ at })),
        '2026-11-02T21:00:00Z',
      ),
    ).toBe(2);
  });
});

describe('the ladder', () => {
  const printer = (key: string): { id: string; printer: (typeof printerPresets)[number]['profile'] } => ({
    id: key,
    printer: printerPresets.find(p => p.key === key)!.profile,
  });
  const bench = [printer('open-remote')];
  const place = (l: Ladder, family: string): number => l.rungs.findIndex(r => r.family === family);
  const hot = parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Lamp arm',
    heat: { setting: 'near-source', sourceC: 62 },
  });

  it('orders families as people who print do, on the printer on which each is easiest', () => {
    const l = ladder({ printers: [...bench, printer('cabinet')], prints: [], parts: [] });
    const order = ['pla', 'petg', 'tpu-95a', 'abs', 'pc', 'pa6', 'tpu-60a'].map(f => place(l, f));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(l.rungs[place(l, 'abs')]!.printer).toBe('cabinet');
    expect(l.rungs.some(r => r.family === 'pva')).toBe(false);
  });
  it('puts what no printer can do last, and says why', () => {
    const l = ladder({ printers: bench, prints: [], parts: [] });
    const peek = l.rungs[place(l, 'peek')]!;
    expect(peek.blocked).toContain('nozzle');
    expect(place(l, 'peek')).toBeGreaterThan(place(l, 'pc-blend'));
    expect(ladder({ printers: [], prints: [], parts: [] }).rungs[0]!.blocked).toBe(
      'There is no printer yet.',
    );
  });
  it('sends on to what opens an open part, until something printed well does', () => {
    const parts = [{ name: hot.name, brief: hot, printer: bench[0]!.printer }];
    const pla = { family: 'pla', outcome: 'well' as const };
    const first = ladder({ printers: bench, prints: [pla], parts });
    expect(first.next!.why).toContain('Lamp arm, for which nothing printed well so far does');
    const learnt = first.next!.family;
    const then = ladder({ printers: bench, prints: [pla, { family: learnt, outcome: 'well' }], parts });
    expect(then.next!.family).not.toBe(learnt);
    expect(then.next!.why).toContain('serves every open part');
    // A failed print teaches, but is not printed well.
    const failed = ladder({ printers: bench, prints: [pla, { family: learnt, outcome: 'failed' }], parts });
    expect(failed.next!.family).toBe(learnt);
    expect(failed.rungs[place(failed, learnt)]).toMatchObject({ well: 0, failed: 1 });
  });
  it('names a small print that shows what is hard about it', () => {
    const l = ladder({ printers: bench, prints: [], parts: [] });
    const coupon = (f: string): string => l.rungs[place(l, f)]!.coupon.kind;
    expect([coupon('abs'), coupon('tpu-85a'), coupon('petg'), coupon('petg-cf'), coupon('pla-foam')]).toEqual(
      ['warp-bar', 'hardness-plate', 'stringing-posts', 'break-bar-upright', 'wall-square'],
    );
  });
});
