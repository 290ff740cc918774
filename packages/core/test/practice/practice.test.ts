import { describe, expect, it } from 'vitest';
import { schools } from '../../src/brief/choices.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { families as libraryFamilies } from '../../src/materials/library.js';
import type { Candidate, Ranking } from '../../src/score/candidate.js';
import { rank } from '../../src/score/rank.js';
import { printerPresets } from '../../src/workshop/presets.js';
import type { Printer } from '../../src/workshop/printer.js';
import { cases } from './cases.js';
import type { PracticeCase } from './practice-case.js';

const machine = new Map<string, Printer>(printerPresets.map(p => [p.key, p.profile]));

const known = new Map<string, Ranking>();
/** The ranking of a case, worked out once: several tests look at it. */
function ranked(c: PracticeCase, school: (typeof schools)[number]): Ranking {
  const key = `${school} ${c.name}`;
  const found = known.get(key) ?? rankedAnew(c, school);
  known.set(key, found);
  return found;
}
function rankedAnew(c: PracticeCase, school: (typeof schools)[number]): Ranking {
  const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: c.name, ...c.asks });
  const printer = machine.get(c.printer);
  if (!printer) throw new Error(`no machine ${c.printer}`);
  return rank(brief, { printer, school });
}

const failing = (c: Candidate | undefined): string[] =>
  (c?.gates ?? []).filter(g => g.verdict === 'fail').map(g => g.id);

describe('what people who print for a living reach for', () => {
  it('is asked in at least sixty cases, each with its reason', () => {
    expect(cases.length).toBeGreaterThanOrEqual(60);
    expect(new Set(cases.map(c => c.name)).size).toBe(cases.length);
    for (const c of cases) expect(c.why.length, c.name).toBeGreaterThan(14);
  });

  describe.each(cases)('$name', c => {
    it.each(schools)('%s', school => {
      const r = ranked(c, school);
      expect(c.first, `${c.why} First: ${r.candidates.slice(0, 4).map(x => x.material)}`).toContain(
        r.firstChoice,
      );
      expect(c.notFirst ?? []).not.toContain(r.firstChoice);
      // Step-up is about passing: what only just passes never leads where something passes with room.
      if (school === 'step-up' && r.candidates.some(x => x.status === 'fits'))
        expect(r.candidates[0]?.status).toBe('fits');
    });
    if (c.out)
      it.each(Object.entries(c.out))('%s is out by %s', (key, gate) => {
        const found = ranked(c, 'weighted').candidates.find(x => x.material === key);
        expect(failing(found), c.why).toContain(gate);
      });
  });

  it('an irrelevant bad candidate never reorders the rest', () => {
    for (const c of cases)
      for (const school of schools) {
        const all = ranked(c, school).candidates;
        const bad = all[all.length - 1]!.material;
        const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: c.name, ...c.asks });
        const printer = machine.get(c.printer)!;
        const families = all.map(x => x.material).filter(key => key !== bad);
        const rest = rank(brief, {
          printer,
          school,
          families: libraryFamilies.filter(f => families.includes(f.key)),
        });
        expect(
          rest.candidates.map(x => x.material),
          c.name,
        ).toEqual(families);
      }
  });

  it('among equals the easier and cheaper wins', () => {
    for (const c of cases) {
      const [first, ...others] = ranked(c, 'weighted').candidates;
      const equal = others.filter(
        x => x.standing === first!.standing && Math.abs(x.score - first!.score) < 1e-9,
      );
      for (const x of equal)
        expect(first!.printing.costEach, c.name).toBeLessThanOrEqual(x.printing.costEach + 1e-9);
    }
  });
});
