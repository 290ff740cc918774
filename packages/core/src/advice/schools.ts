import { yearsWords } from '../lib/years-text.js';
import { outdoorSchools, schools, type OutdoorSchool, type School } from '../brief/choices.js';
import { type Brief } from '../brief/brief.js';
import { sig } from '../lib/figures.js';
import { criterionLabels } from '../score/criteria.js';
import { demands } from '../print/difficulty.js';
import { inSchool } from '../score/order.js';
import { weightedMean } from '../score/score.js';
import { judgeAll, type RankOptions } from '../score/judge.js';
import { runnerUp, type Candidate } from '../score/candidate.js';

/** What one school picks, and why it differs from another's pick. */
export interface SchoolView {
  kind: 'choose' | 'outdoors';
  school: School | OutdoorSchool;
  inForce: boolean;
  first: Candidate | null;
  second: Candidate | null;
  why: string;
}

/**
 * What each way of choosing would pick for a brief, and, in the sun, whose word counts outdoors: side by
 * side, so that a disagreement is seen.
 * @returns the three schools, then the two outdoor ones where there is sun
 */
export function schoolViews(brief: Brief, options: RankOptions = {}): SchoolView[] {
  const inForce = options.school ?? brief.school;
  const judged = judgeAll(brief, options).candidates;
  const picked = (school: School, of = judged): { first: Candidate | null; second: Candidate | null } => {
    const order = inSchool(of, school).filter(c => c.status !== 'out');
    return { first: order[0] ?? null, second: runnerUp(order) };
  };
  const mine = picked(inForce).first;
  const family = (c: Candidate | null): string[] => {
    const f = options.families?.find(x => x.key === c?.material);
    return f ? demands(f) : [];
  };
  const list = schools.map((school): SchoolView => {
    const { first, second } = picked(school);
    return {
      kind: 'choose',
      school,
      inForce: school === inForce,
      first,
      second,
      why: whyDiffers(school, first, mine, family),
    };
  });
  if (brief.sun === 'none') return list;
  return [
    ...list,
    ...outdoorSchools.map((school): SchoolView => {
      const { first, second } = picked(
        inForce,
        school === brief.outdoorSchool
          ? judged
          : judgeAll({ ...brief, outdoorSchool: school }, options).candidates,
      );
      const other = school === brief.outdoorSchool ? null : mine;
      const life = first?.criteria.find(c => c.id === 'uv');
      const why =
        !first || !other || first.material === other.material || !life
          ? ''
          : `${first.name} outlasts the ${yearsWords(brief.lifeYears)} ${sig(life.value, 2)} times ` +
            `over by ${school === 'field' ? 'what is logged outdoors' : 'ageing tests'}.`;
      return { kind: 'outdoors', school, inForce: school === brief.outdoorSchool, first, second, why };
    }),
  ];
}

function whyDiffers(
  school: School,
  first: Candidate | null,
  other: Candidate | null,
  demandsOf: (c: Candidate | null) => string[],
): string {
  if (!first || !other || first.material === other.material) return '';
  if (school === 'step-up') {
    const more = demandsOf(other).filter(d => !demandsOf(first).includes(d));
    return (
      `${first.name} asks less of printer and keeper (${sig(first.printing.difficulty, 2)} against ` +
      `${sig(other.printing.difficulty, 2)} ` +
      `of difficulty)${more.length ? `: ${other.name} wants ${more.slice(0, 3).join(', ')} besides` : ''}.`
    );
  }
  if (school === 'weakest-link') {
    const worst = (c: Candidate): { label: string; d: number } =>
      c.criteria
        .filter(k => k.weight > 0)
        .reduce(
          (m, k) =>
            k.desirability < m.d
              ? { label: criterionLabels[k.id].label.toLowerCase(), d: k.desirability }
              : m,
          { label: '', d: 2 },
        );
    const a = worst(first);
    const b = worst(other);
    return (
      `the worst of ${first.name} is ${a.label} at ${a.d.toFixed(2)}; ${other.name} falls to ` +
      `${b.d.toFixed(2)} in ${b.label}.`
    );
  }
  return (
    `in sum ${first.name} comes to ${weightedMean(first.criteria).toFixed(2)}, ${other.name} to ` +
    `${weightedMean(other.criteria).toFixed(2)}.`
  );
}
