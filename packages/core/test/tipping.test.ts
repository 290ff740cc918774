import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compareTwo } from '../src/advice/compare-two.js';
import { inferWeights, tradeQuestions, type TradeAnswer } from '../src/advice/elicit.js';
import { requirementDials } from '../src/advice/requirement-dials.js';
import { tipping } from '../src/advice/tipping.js';
import type { Brief } from '../src/brief/brief.js';
import { schools } from '../src/brief/choices.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import { startingPoints } from '../src/brief/starting-points.js';
import type { CriterionId } from '../src/lib/criterion-ids.js';
import { families } from '../src/materials/library.js';
import { rank } from '../src/score/rank.js';
import type { Printer } from '../src/workshop/printer.js';
import { brief, candidate, enclosedPrinter, hotBracket, openPrinter } from './cases.js';

const latch = brief({
  lifeYears: 6,
  sun: 'full',
  water: 'rain',
  heat: { setting: 'near-source', sourceC: 64 },
  looks: { colour: 'dark' },
  geometry: { xMm: 95, yMm: 28, zMm: 14 },
  loads: [
    {
      kind: 'sustained',
      case: 'cantilever',
      forceN: 4,
      lengthMm: 40,
      widthMm: 18,
      heightMm: 8,
      hours: 20000,
    },
  ],
});
const cases: [string, Brief, Printer | null][] = [
  ['a latch', latch, enclosedPrinter],
  ['an indoor jig', brief({ toleranceMm: 0.15, looks: { finish: 'fair' } }), openPrinter],
  ['outdoors, no printer', brief({ sun: 'full', heat: { setting: 'outdoors' } }), null],
  ...schools
    .slice(1)
    .map(school => [`a latch, ${school}`, { ...latch, school }, enclosedPrinter] as [string, Brief, Printer]),
];

describe('score.tipping', () => {
  it.each(cases)('every tip, applied, changes the first choice as it says: %s', (_, b, printer) => {
    const tips = tipping(b, { printer });
    const first = rank(b, { printer }).firstChoice;
    expect(tips.length).toBeGreaterThan(1);
    for (const t of tips) {
      const then = rank(parseBrief(JSON.parse(JSON.stringify(t.then.brief))), {
        printer: t.then.printer,
        families: t.then.families,
      });
      expect(then.firstChoice, t.sentence).toBe(t.leads);
      expect(then.firstChoice, t.sentence).not.toBe(first);
      expect(t.sentence).toMatch(/^(If|With) .*(would lead|would fit)\.$/);
    }
    for (let i = 1; i < tips.length; i++)
      expect(tips[i]!.distance).toBeGreaterThanOrEqual(tips[i - 1]!.distance);
  });
  it('a weight tips where it says and not before: half as far changes nothing', () => {
    const tips = tipping(hotBracket, { printer: enclosedPrinter }).filter(t => t.kind === 'weight');
    expect(tips.length).toBeGreaterThan(0);
    const { firstChoice } = rank(hotBracket, { printer: enclosedPrinter });
    for (const t of tips) {
      for (const share of [0.5, 0.97]) {
        const weights = { ...hotBracket.weights, [t.id]: t.from + (t.to - t.from) * share };
        expect(
          rank({ ...hotBracket, weights }, { printer: enclosedPrinter }).firstChoice,
          `${t.id} ${share}`,
        ).toBe(firstChoice);
      }
    }
  });
  it('a requirement tips within a hundredth of where a fine search finds it', () => {
    const t = tipping(latch, { printer: enclosedPrinter }).find(x => x.id === 'heat' && x.to > x.from)!;
    const { firstChoice } = rank(latch, { printer: enclosedPrinter });
    let at = t.from;
    while (
      rank({ ...latch, heat: { ...latch.heat, setting: 'custom', partC: at } }, { printer: enclosedPrinter })
        .firstChoice === firstChoice
    )
      at += 0.25;
    expect(Math.abs(t.to - at)).toBeLessThan(1);
  });
  it('leaves nobody out who would lead: where a walk along a dial finds another first, a tip is there', () => {
    const premises = { brief: latch, printer: enclosedPrinter, families };
    const ranking = rank(latch, { printer: enclosedPrinter });
    const tips = tipping(latch, { printer: enclosedPrinter });
    let found = 0;
    for (const dial of requirementDials(premises, ranking.candidates[0]!))
      for (const end of [dial.low, dial.high].filter(e => e !== dial.now)) {
        const at = (share: number): number =>
          dial.log ? dial.now * (end / dial.now) ** share : dial.now + (end - dial.now) * share;
        const leads = [0.2, 0.4, 0.6, 0.8, 1].map(share => {
          const then = dial.at(at(share));
          return rank(then.brief, { printer: then.printer, families: then.families }).firstChoice;
        });
        if (leads.every(l => l === ranking.firstChoice)) continue;
        found++;
        expect(
          tips.some(t => t.id === dial.id && Math.sign(t.to - t.from) === Math.sign(end - dial.now)),
          `${dial.id} towards ${end}: ${leads.join()}`,
        ).toBe(true);
      }
    expect(found).toBeGreaterThan(2);
  });
  it('tells what it has found on the way, nearest first, and none of it is taken back', () => {
    const told: string[][] = [];
    const tips = tipping(latch, { printer: enclosedPrinter }, (_done, _total, found) => {
      for (let i = 1; i < found.length; i++)
        expect(found[i]!.distance).toBeGreaterThanOrEqual(found[i - 1]!.distance);
      told.push(found.map(t => t.sentence));
    });
    const all = tips.map(t => t.sentence);
    expect(told.at(-1)).toEqual(all);
    expect(told.filter(some => some.length > 0 && some.length < all.length).length).toBeGreaterThan(0);
    for (const [n, some] of told.entries())
      for (const sentence of told[n - 1] ?? []) expect(some).toContain(sentence);
  });
  it('says nothing where nothing fits', () => {
    expect(tipping(brief({ heat: { setting: 'near-source', sourceC: 400 } }))).toEqual([]);
  });
});

describe('comparing two', () => {
  const r = rank(latch, { printer: enclosedPrinter });
  it('what each criterion is worth adds up to the lead', () => {
    const a = r.candidates[0]!;
    const b = r.candidates[1]!;
    const c = compareTwo(a, b);
    expect(c.criteria.reduce((s, x) => s + x.worth, 0)).toBeCloseTo(c.leadOfA, 9);
    expect(c.leadOfA).toBeCloseTo(a.score - b.score, 9);
    expect(c.sentence).toContain(a.name);
    expect(c.sentence).toMatch(/gives up|better or as good/);
  });
  it('is the same seen from the other side, with the signs turned', () => {
    const a = candidate(r, 'asa');
    const b = candidate(r, 'pet-cf');
    const one = compareTwo(a, b);
    const two = compareTwo(b, a);
    expect(two.leadOfA).toBeCloseTo(-one.leadOfA, 12);
    for (const x of one.criteria)
      expect(two.criteria.find(y => y.id === x.id)?.worth).toBeCloseTo(-x.worth, 12);
  });
  it('says why one that is out is out', () => {
    expect(compareTwo(r.candidates[0]!, candidate(r, 'pla')).sentence).toContain('PLA is out:');
  });
});

describe('weights from paired questions', () => {
  const r = rank(hotBracket, { printer: enclosedPrinter });
  it('questions are about real differences, and answers against the lead shrink it', () => {
    const questions = tradeQuestions(r);
    expect(questions.length).toBeGreaterThan(0);
    for (const q of questions) {
      expect(q.text).toMatch(/^Would you let .* go from .* to get .* go from .*\?$/);
      expect(q.giveBy).toBeGreaterThan(0);
      expect(q.gainBy).toBeGreaterThan(0);
    }
    const yes = inferWeights(
      r.weights,
      questions.map(question => ({ question, answer: 'yes' as const })),
    );
    const [asked] = questions;
    const worth = (w: typeof yes): number =>
      (w[asked!.gain] * asked!.gainBy) / (w[asked!.give] * asked!.giveBy);
    expect(worth(r.weights)).toBeLessThan(1.25);
    expect(worth(yes)).toBeGreaterThan(worth(r.weights));
  });
  it('no answers, no change; weights that are not asked about keep theirs', () => {
    expect(inferWeights(r.weights, [])).toEqual(r.weights);
    const w = inferWeights(r.weights, [
      { question: { give: 'heat', gain: 'cost', giveBy: 0.1, gainBy: 0.1 }, answer: 'yes' },
    ]);
    expect(w.cost).toBeGreaterThan(w.heat * 1.2);
    expect(w.uv / w.warp).toBeCloseTo(r.weights.uv / r.weights.warp, 1);
  });
  it('answers that a set of weights would give lead back to ratios that give the same answers', () => {
    const ids: CriterionId[] = ['heat', 'uv', 'strength', 'warp', 'cost'];
    const weight = fc.double({ min: 0.3, max: 5, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(weight, { minLength: 5, maxLength: 5 }),
        fc.array(
          fc.tuple(
            fc.integer({ min: 0, max: 4 }),
            fc.integer({ min: 0, max: 4 }),
            fc.double({ min: 0.05, max: 1, noNaN: true }),
            fc.double({ min: 0.05, max: 1, noNaN: true }),
          ),
          { minLength: 1, maxLength: 8 },
        ),
        (truth, pairs) => {
          const answers = pairs.flatMap(([i, j, giveBy, gainBy]): TradeAnswer[] => {
            const ratio = Math.log((truth[j]! * gainBy) / (truth[i]! * giveBy));
            // What is nearly even a person would call even.
            return i === j || Math.abs(ratio) < 0.3
              ? []
              : [
                  {
                    question: { give: ids[i]!, gain: ids[j]!, giveBy, gainBy },
                    answer: ratio > 0 ? 'yes' : 'no',
                  },
                ];
          });
          const found = inferWeights(r.weights, answers);
          for (const { question: q, answer } of answers) {
            if (Math.min(found[q.give], found[q.gain]) <= 0.051) continue;
            expect(found[q.gain] * q.gainBy > found[q.give] * q.giveBy, `${q.give} ${q.gain}`).toBe(
              answer === 'yes',
            );
          }
          for (const w of Object.values(found)) expect(w <= 5 && w >= 0).toBe(true);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('rankings in general', () => {
  const plain = startingPoints.map(s =>
    parseBrief({ format: 'hornblende-brief', version: 1, name: s.name, ...s.brief }),
  );
  it('a bad candidate added never reorders the rest in the weighted school', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plain),
        fc.constantFrom(...families),
        fc.constantFrom(...families),
        (b, like, out) => {
          const rest = families.filter(f => f !== out);
          const bad = {
            ...like,
            key: 'zz-bad',
            name: 'Bad',
            properties: Object.fromEntries(
              Object.entries(like.properties).map(([k, p]) => [
                k,
                p && ['yieldMPa', 'charpy23KJm2', 'hdt045C', 'vicatC', 'hdt18C'].includes(k)
                  ? { ...p, low: p.low * 0.6, typical: p.typical * 0.6, high: p.high * 0.6 }
                  : p,
              ]),
            ) as typeof like.properties,
          };
          const order = (list: typeof families): string[] =>
            rank({ ...b, school: 'weighted' }, { printer: enclosedPrinter, families: list })
              .candidates.map(c => c.material)
              .filter(k => k !== 'zz-bad');
          expect(order([...rest, bad])).toEqual(order(rest));
        },
      ),
      { numRuns: 60 },
    );
  });
  it('a higher desirability never lowers a rank', () => {
    // Finish touches nothing but its own criterion: raising it raises one desirability alone.
    fc.assert(
      fc.property(
        fc.constantFrom(...plain),
        fc.constantFrom(...families),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        fc.constantFrom('weighted' as const, 'weakest-link' as const),
        (b, f, more, school) => {
          const place = (finish: number): number =>
            rank(
              { ...b, school, weights: { ...b.weights, finish: 3 } },
              {
                printer: enclosedPrinter,
                families: families.map(x => (x === f ? { ...f, flags: { ...f.flags, finish } } : x)),
              },
            ).candidates.findIndex(c => c.material === f.key);
          expect(place(Math.min(1, f.flags.finish + more))).toBeLessThanOrEqual(place(f.flags.finish));
        },
      ),
      { numRuns: 60 },
    );
  });
});
