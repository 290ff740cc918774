import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rulers } from '../src/advice/rulers.js';
import { assumptions } from '../src/brief/assumptions.js';
import { briefChanges } from '../src/brief/brief-changes.js';
import type { Brief } from '../src/brief/brief.js';
import { schools } from '../src/brief/choices.js';
import { conditionsOf } from '../src/brief/conditions.js';
import { doubts } from '../src/brief/doubts.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import { serviceLoads } from '../src/brief/service-load.js';
import { InputError } from '../src/input/input-error.js';
import { families } from '../src/materials/library.js';
import { calculate, models } from '../src/registry.js';
import { contextOf } from '../src/score/context.js';
import { rank } from '../src/score/rank.js';
import { parsePrinter } from '../src/workshop/printer.js';
import { brief, plainPrinter, printer } from './any-brief.js';

fc.configureGlobal({ ...fc.readConfigureGlobal(), numRuns: 30 });

/** Every number in a value, however deep. */
function numbers(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(numbers) : [];
}

describe('any brief on any printer', () => {
  it('ranks without a NaN, with scores from 0 to 1 and ranks without gaps', () =>
    fc.assert(
      fc.property(brief, printer, fc.constantFrom(...schools), (b, p, school) => {
        const r = rank(b, { printer: p, school });
        expect(r.candidates).toHaveLength(families.length);
        expect(numbers(r).filter(Number.isNaN)).toEqual([]);
        const running = r.candidates.filter(c => c.rank !== null);
        expect(running.map(c => c.rank)).toEqual(running.map((_, i) => i + 1));
        expect(r.firstChoice).toBe(running[0]?.material ?? null);
        for (const c of r.candidates) {
          expect(c.score).toBeGreaterThanOrEqual(0);
          expect(c.score).toBeLessThanOrEqual(1);
          expect(c.status === 'out').toBe(c.gates.some(g => g.verdict === 'fail'));
          expect([...c.for, ...c.against, ...c.gates.map(g => g.why)].join(' ')).not.toMatch(/NaN|undefined/);
        }
      }),
    ));

  it('survives being written and read again', () =>
    fc.assert(
      fc.property(brief, b => {
        const again = parseBrief(JSON.parse(JSON.stringify(b)));
        expect(briefChanges(b, again)).toEqual([]);
        expect(JSON.stringify(rank(again))).toBe(JSON.stringify(rank(b)));
      }),
    ));

  it('every working it refers to can be worked out, and agrees', () => {
    const checked = { heat: 0, strength: 0, impact: 0 };
    fc.assert(
      fc.property(brief, b => {
        for (const c of rank(b).candidates.slice(0, 4))
          for (const g of c.gates) {
            if (!g.working) continue;
            const { result } = calculate(g.working.model, g.working.inputs);
            if (g.id in checked) checked[g.id as keyof typeof checked]++;
            if (g.id === 'heat')
              expect((result as { allowableC: number }).allowableC).toBeCloseTo(g.have as number, 9);
            if (g.id === 'strength' && g.working.model === 'strength.allowable')
              expect((result as { allowableMPa: number }).allowableMPa).toBeGreaterThanOrEqual(
                (g.have as number) - 1e-9,
              );
            if (g.id === 'impact')
              expect(
                (result as { severityKJm2: number }).severityKJm2 * contextOf(b, null).safety,
              ).toBeCloseTo(g.need as number, 6);
          }
      }),
      { numRuns: 15 },
    );
    for (const [gate, times] of Object.entries(checked)) expect(times, gate).toBeGreaterThan(0);
  });

  it('a graver consequence never lets a family in', () =>
    fc.assert(
      fc.property(brief, b => {
        const out = (ifItFails: Brief['ifItFails']): string[] =>
          rank({ ...b, ifItFails })
            .candidates.filter(c => c.rank === null)
            .map(c => c.material);
        const graver = out('injures');
        for (const key of out('nothing')) expect(graver).toContain(key);
      }),
    ));

  it('without a printer nothing is out that a printer lets in', () =>
    fc.assert(
      fc.property(brief, plainPrinter.map(parsePrinter), (b, p) => {
        const failed = (c: { gates: { id: string; verdict: string }[] }): string[] =>
          c.gates
            .filter(
              g =>
                g.verdict === 'fail' &&
                !g.id.startsWith('printability') &&
                g.id !== 'build' &&
                g.id !== 'cost',
            )
            .map(g => g.id);
        const alone = new Map(rank(b).candidates.map(c => [c.material, failed(c)]));
        for (const c of rank(b, { printer: p }).candidates) expect(failed(c)).toEqual(alone.get(c.material));
      }),
      { numRuns: 15 },
    ));

  it('its rulers, doubts and assumptions never break', () =>
    fc.assert(
      fc.property(brief, b => {
        expect(
          numbers(
            rulers(
              b,
              {},
              families.map(f => f.key),
            ),
          ).filter(Number.isNaN),
        ).toEqual([]);
        for (const d of doubts(b)) expect(d.question).toMatch(/[.?]$/);
        expect(assumptions(b, b, conditionsOf(b)).every(a => !/NaN|undefined/.test(a.shown))).toBe(true);
      }),
      { numRuns: 15 },
    ));

  it('loads of a valid brief always have a stress, a strain or an energy', () =>
    fc.assert(
      fc.property(brief, b => {
        for (const l of serviceLoads(b))
          expect([l.stressMPa, l.strainPct, l.severityKJm2].filter(x => x !== null)).toHaveLength(1);
      }),
    ));
});

describe('any nonsense', () => {
  const refusedOrRead = (read: () => unknown): void => {
    try {
      read();
    } catch (e) {
      expect(e).toBeInstanceOf(InputError);
      for (const p of (e as InputError).problems) {
        expect(p.field).not.toBe('');
        expect(p.message.length).toBeGreaterThan(5);
      }
    }
  };
  it('as a brief is read or refused by field', () =>
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (a, b) => {
        refusedOrRead(() => parseBrief(a));
        refusedOrRead(() =>
          parseBrief({
            format: 'hornblende-brief',
            version: 1,
            name: 'x',
            geometry: a,
            loads: b,
            heat: b,
            flex: a,
            weights: b,
            contact: a,
          }),
        );
        refusedOrRead(() => parseBrief({ format: 'hornblende-brief', version: 1, name: 'x', loads: [a, b] }));
      }),
      { numRuns: 300 },
    ));
  it('as a printer likewise', () =>
    fc.assert(
      fc.property(fc.jsonValue(), a => {
        refusedOrRead(() => parsePrinter(a));
        refusedOrRead(() =>
          parsePrinter({
            format: 'hornblende-printer',
            version: 1,
            name: 'x',
            plates: a,
            buildMm: a,
            linerLimitC: a,
          }),
        );
      }),
      { numRuns: 200 },
    ));
  it.each(models.map(m => m.id))('as input of %s likewise', id =>
    fc.assert(
      fc.property(fc.dictionary(fc.string({ maxLength: 12 }), fc.jsonValue({ maxDepth: 1 })), o => {
        refusedOrRead(() => calculate(id, o));
      }),
      { numRuns: 20 },
    ),
  );
});
