import fc from 'fast-check';
import { mean, standardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../src/brief/parse-brief.js';
import { startingPoints } from '../src/brief/starting-points.js';
import type { CriterionId } from '../src/lib/criterion-ids.js';
import { chance, dirichlet, triangular } from '../src/lib/random.js';
import type { Family } from '../src/materials/family.js';
import { gradeFamily } from '../src/materials/grade-family.js';
import { parseGrade } from '../src/materials/grade-parse.js';
import { families } from '../src/materials/library.js';
import { propertyNames } from '../src/materials/property.js';
import { contextOf, contextFor } from '../src/score/context.js';
import { weightsOf } from '../src/score/criteria.js';
import { leanCandidate, type LeanVerdict } from '../src/score/draws/lean.js';
import { robustnessWords } from '../src/score/draws/robustness-words.js';
import { EVENNESS, robustness, robustnessInSteps } from '../src/score/draws/robustness.js';
import { slot } from '../src/score/draws/slots.js';
import { judgeAs } from '../src/score/judge.js';
import { rank } from '../src/score/rank.js';
import { SPOOL_GROUPS, spoolGroup } from '../src/score/draws/spool-groups.js';
import { brief, enclosedPrinter } from './cases.js';
import { briefs } from './robustness-briefs.js';

/** A family with a draw's values as its typical ones. */
function withValues(f: Family, v: Float64Array): Family {
  const properties = { ...f.properties };
  for (const n of propertyNames) {
    const p = properties[n];
    if (p) properties[n] = { ...p, typical: v[slot[n]]! };
  }
  return { ...f, properties };
}

describe('the quick judge of draws', () => {
  it.each(briefs)('agrees with the full one at every draw: %s', (_, b, printer) => {
    const ctx = contextOf(b, printer);
    const weights = weightsOf(ctx);
    const ids = (Object.keys(weights) as CriterionId[]).filter(id => weights[id] > 0);
    const source = chance(7);
    const d = new Float64Array(ids.length);
    const verdict: LeanVerdict = { running: false, standing: 0, doubt: 0, difficulty: 0, cost: 0 };
    const standings: [number, number][] = [];
    const checked = { desirabilities: 0, verdicts: 0 };
    for (const f of families) {
      const lean = leanCandidate(ctx, f, weights, ids);
      for (let k = 0; k < 12; k++) {
        const v = lean.typicals.slice();
        if (k)
          for (const p of lean.varies) v[p.slot] = triangular(source.uniform(), p.low, p.typical, p.high);
        lean.judge(v, d, verdict);
        const baked = lean.candidate.baked ? lean.family.baked : null;
        const full = judgeAs(contextFor(ctx, f), withValues(lean.family, v), baked, weights, b.school);
        if (verdict.running) {
          checked.desirabilities++;
          ids.forEach((id, i) =>
            expect(d[i], `${f.key} ${id}`).toBeCloseTo(full.criteria.find(c => c.id === id)!.desirability, 2),
          );
          expect(verdict.cost, f.key).toBeCloseTo(full.printing.costEach, 1);
          expect(verdict.difficulty, f.key).toBeCloseTo(full.printing.difficulty, 1);
        }
        // A value within the tables' rounding of a limit may fall on either side.
        const close = full.gates.some(
          g =>
            // The bore of a nozzle is not drawn: it is what it is.
            g.id !== 'printability.bore' &&
            typeof g.need === 'number' &&
            typeof g.have === 'number' &&
            Math.abs(g.have - g.need) < 1e-3 * Math.abs(g.need),
        );
        if (close) continue;
        checked.verdicts++;
        const failed = full.gates.filter(g => g.verdict === 'fail').map(g => g.id);
        expect(verdict.running, `${f.key} ${failed.join()}`).toBe(full.status !== 'out');
        if (verdict.running) standings.push([verdict.standing, full.standing]);
      }
    }
    // A comfort may be missed by the tables' rounding now and then, a verdict not.
    expect(checked.verdicts).toBeGreaterThan(8 * families.length);
    expect(checked.desirabilities).toBeGreaterThan(0);
    const same = standings.filter(([quick, full]) => quick === full).length;
    expect(same / standings.length).toBeGreaterThan(0.98);
  });
});

describe('chance', () => {
  it('triangular: mean and spread as published, ends and mode kept', () => {
    const source = chance(3);
    const sample = Array.from({ length: 40_000 }, () => triangular(source.uniform(), 2, 3, 7));
    // Mean (a + b + c)/3, variance (a² + b² + c² − ab − ac − bc)/18.
    expect(mean(sample)).toBeCloseTo(4, 1);
    expect(standardDeviation(sample)).toBeCloseTo(Math.sqrt((4 + 9 + 49 - 6 - 14 - 21) / 18), 1);
    fc.assert(
      fc.property(
        fc.double({ min: 1e-9, max: 1 - 1e-9, noNaN: true }),
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        (u, low, a, b) => {
          const x = triangular(u, low, low + a, low + a + b);
          expect(x).toBeGreaterThanOrEqual(low - 1e-9);
          expect(x).toBeLessThanOrEqual(low + a + b + 1e-9);
        },
      ),
    );
    expect(triangular(0.3, 5, 5, 5)).toBe(5);
  });
  it('Dirichlet: mean and variance as published', () => {
    const draw = dirichlet(chance(11), [3, 1, 0], 20);
    const into = new Float64Array(3);
    const firsts: number[] = [];
    for (let i = 0; i < 20_000; i++) {
      draw(into);
      expect(into[2]).toBe(0);
      firsts.push(into[0]!);
    }
    // Mean α₁/α₀, variance α₁(α₀ − α₁)/(α₀²(α₀ + 1)) with α₀ = 20.
    expect(mean(firsts)).toBeCloseTo(0.75, 2);
    expect(standardDeviation(firsts) ** 2).toBeCloseTo((0.75 * 0.25) / 21, 3);
  });
  it('the same seed gives the same numbers', () => {
    const a = chance(5);
    const b = chance(5);
    const c = chance(6);
    const three = (s: typeof a): number[] => [s.uniform(), s.normal()];
    expect(three(a)).toEqual(three(b));
    expect(three(c)).not.toEqual(three(chance(5)));
  });
});

describe('score.robustness', () => {
  const [, outdoor, machine] = briefs[0]!;
  const some = families.filter(f =>
    ['asa', 'asa-cf', 'petg', 'pa6-cf', 'pa12-cf', 'pc-blend', 'pla'].includes(f.key),
  );
  it('agrees with ranking each draw in full, within three standard errors', () => {
    const quick = robustness(outdoor, { printer: machine, families: some, draws: 6000, seed: 2 });
    // An independent loop: its own draws, its own weights, the full ranking.
    const source = chance(99);
    const stated = weightsOf(contextOf(outdoor, machine));
    const ids = (Object.keys(stated) as CriterionId[]).filter(id => stated[id] > 0);
    const w = new Float64Array(ids.length);
    const tally = new Map(some.map(f => [f.key, { first: 0, fits: 0 }]));
    const N = 700;
    const draw = dirichlet(
      source,
      ids.map(id => stated[id]),
      20,
    );
    for (let k = 0; k < N; k++) {
      draw(w);
      const weights = Object.fromEntries(
        Object.keys(stated).map(id => [id, 5 * (w[ids.indexOf(id as CriterionId)] ?? 0)]),
      );
      const drawn = some.map(f => {
        const properties = { ...f.properties };
        const together = Array.from({ length: SPOOL_GROUPS }, () => source.uniform());
        for (const n of propertyNames) {
          const p = properties[n];
          if (p && n !== 'dryC')
            properties[n] = {
              ...p,
              typical: triangular(together[spoolGroup(n)] ?? source.uniform(), p.low, p.typical, p.high),
            };
        }
        return { ...f, properties };
      });
      const r = rank({ ...outdoor, weights }, { printer: machine, families: drawn });
      for (const c of r.candidates) if (c.rank !== null) tally.get(c.material)!.fits++;
      if (r.firstChoice) tally.get(r.firstChoice)!.first++;
    }
    for (const c of quick.candidates) {
      const t = tally.get(c.material)!;
      for (const [p, count] of [
        [c.pFirst, t.first],
        [c.pFits, t.fits],
      ] as const) {
        const se = Math.sqrt(Math.max(p * (1 - p), 0.002) * (1 / N + 1 / quick.draws));
        expect(Math.abs(p - count / N), `${c.material} ${p} ${count / N}`).toBeLessThan(3 * se);
      }
    }
  });
  it('shares add up, and each candidate stands once at each place it reaches', () => {
    const r = robustness(outdoor, { printer: machine, draws: 1500, seed: 4 });
    const some = r.candidates.some(c => c.pFits > 0);
    expect(some).toBe(true);
    expect(r.candidates.reduce((s, c) => s + c.pFirst, 0)).toBeLessThanOrEqual(1 + 1e-9);
    for (const c of r.candidates) {
      expect(c.rankAcceptability.reduce((s, x) => s + x, 0)).toBeCloseTo(c.pFits, 9);
      expect(c.rankAcceptability[0] ?? 0).toBeCloseTo(c.pFirst, 9);
      // 1500 draws are 1500 spools, each of which takes one turn.
      const variance = c.pFirst * (1 - c.pFirst) * (1 / 1500 + EVENNESS / 1500);
      expect(c.seFirst).toBeCloseTo(Math.sqrt(variance), 12);
    }
  });
  it.each(briefs.slice(0, 3))('errs from seed to seed as it says, or less: %s', (_, b, printer) => {
    // Those that may be first; how far each errs does not depend on how many others there are.
    const leading = rank(b, { printer })
      .candidates.filter(c => c.rank !== null)
      .slice(0, 6);
    const taking = families.filter(f => leading.some(c => c.material === f.key) || some.includes(f));
    const runs = Array.from({ length: 8 }, (_, seed) =>
      robustness(b, { printer, families: taking, draws: 20_000, seed }),
    );
    const stated = new Map<string, { share: number[]; error: number[] }>();
    for (const r of runs)
      for (const c of r.candidates)
        for (const [what, share, error] of [
          ['first', c.pFirst, c.seFirst],
          ['fits', c.pFits, c.seFits],
        ] as const) {
          const key = `${c.material} ${what}`;
          if (!stated.has(key)) stated.set(key, { share: [], error: [] });
          stated.get(key)!.share.push(share);
          stated.get(key)!.error.push(error);
        }
    const uncertain = [...stated].filter(([, s]) => mean(s.share) > 0.01 && mean(s.share) < 0.99);
    expect(uncertain.length).toBeGreaterThanOrEqual(3);
    // A spread over eight seeds is itself uncertain by a quarter; all of them together must not exceed what is said.
    const ratios = uncertain.map(([, s]) => standardDeviation(s.share) / mean(s.error));
    expect(mean(ratios)).toBeLessThan(1);
    for (const [i, ratio] of ratios.entries()) expect(ratio, uncertain[i]![0]).toBeLessThan(1.8);
    // The answer of twenty thousand independent draws: within 0.4 of a hundred.
    for (const [key, s] of uncertain)
      if (key.endsWith('first')) expect(100 * standardDeviation(s.share), key).toBeLessThan(0.4);
  });
  it('the same seed and another order of candidates give the same shares', () => {
    const a = robustness(outdoor, { printer: machine, families, draws: 400, seed: 8 });
    expect(
      robustness(outdoor, { printer: machine, families: [...families].reverse(), draws: 400, seed: 8 }),
    ).toEqual(a);
    expect(robustness(outdoor, { printer: machine, families, draws: 400, seed: 9 })).not.toEqual(a);
  });
  it('ranges of no width and one criterion: the first is first in every world', () => {
    const still = some.map(f => ({
      ...f,
      properties: Object.fromEntries(
        propertyNames.map(n => {
          const p = f.properties[n];
          return [n, p && { ...p, low: p.typical, high: p.typical }];
        }),
      ) as Family['properties'],
    }));
    const only = brief({
      ...(JSON.parse(JSON.stringify(outdoor)) as object),
      weights: Object.fromEntries(
        Object.keys(weightsOf(contextOf(outdoor, machine))).map(id => [id, id === 'heat' ? 3 : 0]),
      ),
    });
    const r = robustness(only, { printer: machine, families: still, draws: 200 });
    const { firstChoice } = rank(only, { printer: machine, families: still });
    expect(r.candidates[0]).toMatchObject({ material: firstChoice, pFirst: 1, seFirst: 0 });
    expect(robustnessWords(r, firstChoice)).toBe('leads in 100 of 100 draws');
  });
  it('a surer grade of the same typical values fits in as many worlds or more', () => {
    const hot = brief({ heat: { setting: 'near-source', sourceC: 50 } });
    const sure = gradeFamily(
      parseGrade({
        format: 'hornblende-grade',
        version: 1,
        key: 'sure',
        name: 'Sure',
        family: 'pla',
        measured: { vicatC: 60, hdt045C: 55, hdt18C: 52 },
      }),
    );
    const r = robustness(hot, { families: [families[0]!, sure], draws: 1000 });
    const of = (key: string): number => r.candidates.find(c => c.material === key)!.pFits;
    expect(of('sure')).toBeGreaterThanOrEqual(of('pla'));
  });
  it('says of a hundred draws how many the first leads in, and its nearest rival', () => {
    const worlds = robustness(outdoor, { printer: machine, draws: 200 });
    const [a, b] = worlds.candidates;
    const of = (first: number, second: number): string =>
      robustnessWords(
        {
          ...worlds,
          candidates: [
            { ...a!, pFirst: first },
            { ...b!, pFirst: second },
          ],
        },
        a!.material,
      );
    expect(of(0.84, 0.11)).toBe(`leads in 84 of 100 draws; ${b!.name} in 11`);
    expect(of(0.992, 0.008)).toBe(`leads in 99 of 100 draws; ${b!.name} in 1`);
    expect(of(0.998, 0.002)).toBe('leads in 100 of 100 draws');
    expect(of(0.001, 0.6)).toBe(`leads in under 1 of 100 draws; ${b!.name} in 60`);
  });
  it('tells progress to the end, and works where nothing fits', () => {
    const steps = robustnessInSteps(brief({ heat: { setting: 'near-source', sourceC: 400 } }), {
      draws: 300,
    });
    const seen: number[] = [];
    let next = steps.next();
    while (!next.done) {
      seen.push(next.value);
      next = steps.next();
    }
    const r = next.value;
    expect(seen[0]).toBe(0);
    expect(seen.at(-1)).toBe(300);
    expect(robustnessWords(r, null)).toBe('nothing fits in any draw');
    for (const c of r.candidates) expect(c.pFits).toBe(0);
  });
  it('every starting point can be drawn', () => {
    for (const s of startingPoints) {
      const r = robustness(parseBrief({ format: 'hornblende-brief', version: 1, name: s.name, ...s.brief }), {
        printer: enclosedPrinter,
        draws: 60,
      });
      for (const c of r.candidates)
        expect(Number.isFinite(c.pFirst) && Number.isFinite(c.pFits), c.material).toBe(true);
    }
  });
});
