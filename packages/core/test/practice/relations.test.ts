import { describe, expect, it } from 'vitest';
import { schools, type School } from '../../src/brief/choices.js';
import type { Candidate } from '../../src/score/candidate.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate, openPrinter } from '../cases.js';
import { relationCases as cases } from './relation-cases.js';

describe('what practitioners would say', () => {
  for (const c of cases) {
    describe.each(c.schools ?? schools)(`${c.name}, %s`, school => {
      const r = rank(c.brief, { printer: c.printer, school });
      const place = (key: string): number => r.candidates.findIndex(x => x.material === key);
      const failed = (x: Candidate): string[] => x.gates.filter(g => g.verdict === 'fail').map(g => g.id);
      if (c.leads && school !== 'step-up')
        it(`${c.leads.join(' or ')} leads`, () =>
          expect(
            c.leads,
            `leads: ${r.candidates
              .slice(0, 4)
              .map(x => `${x.material} ${x.score.toFixed(2)}`)
              .join()}`,
          ).toContain(r.firstChoice));
      if (c.passes) it.each(c.passes)('%s passes', key => expect(failed(candidate(r, key))).toEqual([]));
      if (c.out)
        it.each(c.out)('%s is out by %s', (key, gate) => expect(failed(candidate(r, key))).toContain(gate));
      if (c.above && school !== 'step-up')
        it.each(c.above)('%s ranks above %s', (a, b) =>
          expect(
            place(a),
            `${a} ${candidate(r, a).score.toFixed(3)}, ${b} ${candidate(r, b).score.toFixed(3)}`,
          ).toBeLessThan(place(b)),
        );
    });
  }

  it('step-up never asks for more than the weighted choice does, where both stand as well', () => {
    let compared = 0;
    for (const c of cases) {
      const first = (school: School): Candidate | undefined =>
        rank(c.brief, { printer: c.printer, school }).candidates.find(x => x.rank === 1);
      const easy = first('step-up');
      const best = first('weighted');
      if (!easy || easy.standing !== best?.standing) continue;
      expect(easy.printing.difficulty, c.name).toBeLessThanOrEqual(best.printing.difficulty);
      compared++;
    }
    expect(compared).toBeGreaterThan(cases.length / 2);
  });
  it('weakest-link has the best worst margin of all that stand as well', () => {
    for (const c of cases) {
      const running = rank(c.brief, { printer: c.printer, school: 'weakest-link' }).candidates.filter(
        x => x.rank !== null,
      );
      for (const x of running.filter(y => y.standing === running[0]!.standing))
        expect(running[0]!.score, `${c.name} ${x.material}`).toBeGreaterThanOrEqual(x.score);
    }
  });
  it('PLA outdoors, unloaded and cool: the laboratory marks it down, the field lets it stand', () => {
    const sign = (outdoorSchool: 'laboratory' | 'field'): Candidate =>
      candidate(
        rank(
          brief({
            purpose: 'functional',
            outdoorSchool,
            lifeYears: 9,
            sun: 'part',
            heat: { setting: 'outdoors', ambientMaxC: 25 },
            looks: { colour: 'white' },
          }),
          { printer: openPrinter },
        ),
        'pla',
      );
    const uv = (c: Candidate): number => c.criteria.find(x => x.id === 'uv')!.desirability;
    expect(uv(sign('laboratory'))).toBeLessThan(uv(sign('field')));
    expect(sign('field').status).toBe('fits');
  });
  it('nylon in sunlight: black pigment and carbon fibre raise it clearly', () => {
    const years = (key: string, colour: string): number =>
      candidate(
        rank(brief({ sun: 'full', heat: { setting: 'outdoors' }, looks: { colour } })),
        key,
      ).gates.find(g => g.id === 'uv')!.have as number;
    expect(years('pa6', 'black')).toBeGreaterThan(2 * years('pa6', 'light'));
    expect(years('pa6-cf', 'light')).toBeGreaterThan(2 * years('pa6', 'light'));
  });
  it('food contact is a caution for every filament, never a pass', () => {
    for (const c of rank(brief({ contact: { food: 'wet' } })).candidates)
      expect(c.cautions.join(' '), c.material).toContain('Food contact is not proven');
  });
});
