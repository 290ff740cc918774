import { TOP_WEIGHT } from '../brief/choices.js';
import type { Brief } from '../brief/brief.js';
import { families as libraryFamilies } from '../materials/library.js';
import { sig } from '../lib/figures.js';
import { criterionLabels } from '../score/criteria.js';
import { bySchool } from '../score/order.js';
import { judgeAll, type RankOptions } from '../score/judge.js';
import type { Candidate } from '../score/candidate.js';
import type { Premises } from './change-premises.js';
import { weightTips } from './weight-tips.js';
import { requirementDials, type Dial } from './requirement-dials.js';

/**
 * A change that alters the first choice: the smallest of its kind in its direction. `distance` compares
 * changes of different kinds; nearest first.
 */
export interface Tip {
  kind: 'weight' | 'requirement';
  /** The criterion, or heat, load, life, tolerance, chamber, price. */
  id: string;
  from: number;
  to: number;
  unit: string;
  sentence: string;
  /** Who leads then; null when nothing fits. */
  leads: string | null;
  leadsName: string;
  distance: number;
  then: Premises;
}

/** Steps from the present value to the end of a dial, before the first change is closed in on. */
const STEPS = 10;

const CLOSING = 14;

/**
 * The nearest changes that alter the first choice: each weight (in closed form for *weighted*), and each
 * requirement by stepping out and bisecting.
 * Some hundred rankings: off the main thread.
 * @param progress called with how many dials are done
 */
export function tipping(
  brief: Brief,
  options: RankOptions = {},
  progress: (done: number, total: number) => void = () => undefined,
): Tip[] {
  const now: Premises = {
    brief,
    printer: options.printer ?? null,
    families: options.families ?? libraryFamilies,
  };
  const weather = options.weather ?? null;
  const school = options.school ?? brief.school;
  const judged = (p: Premises): ReturnType<typeof judgeAll> =>
    judgeAll(p.brief, { printer: p.printer, families: p.families, weather, school });
  const leader = (p: Premises): Candidate | null =>
    judged(p)
      .candidates.filter(c => c.status !== 'out')
      .sort(bySchool(school))[0] ?? null;
  const present = judged(now);
  const running = present.candidates.filter(c => c.status !== 'out').sort(bySchool(school));
  const first = running[0];
  if (!first) return [];
  const tips: Tip[] = [];
  const weightDials =
    school === 'weighted'
      ? weightTips(present.weights, running)
      : school === 'weakest-link'
        ? first.criteria.filter(k => k.weight > 0).map(k => ({ id: k.id, to: 0 }))
        : [];
  for (const { id, to } of weightDials) {
    const then: Premises = { ...now, brief: { ...brief, weights: { ...brief.weights, [id]: to } } };
    const leads = leader(then);
    if (leads?.material === first.material) continue;
    const from = present.weights[id];
    tips.push({
      kind: 'weight',
      id,
      from,
      to,
      unit: '',
      leads: leads?.material ?? null,
      leadsName: leads?.name ?? '',
      distance: Math.abs(to - from) / TOP_WEIGHT,
      then,
      sentence:
        `If ${criterionLabels[id].label.toLowerCase()} weighed ${sig(to, 3)} instead of ` +
        `${sig(from, 3)}, ${leads?.name ?? 'nothing'} would lead.`,
    });
  }
  const dials = requirementDials(now, first);
  dials.forEach((dial, i) => {
    progress(i, dials.length);
    for (const end of [dial.low, dial.high]) {
      const found = firstChange(dial, end, first.material, leader);
      if (found) tips.push(found);
    }
  });
  progress(dials.length, dials.length);
  return tips.sort((a, b) => a.distance - b.distance || (`${a.id}${a.to}` < `${b.id}${b.to}` ? -1 : 1));
}

function firstChange(
  dial: Dial,
  end: number,
  first: string,
  leader: (p: Premises) => Candidate | null,
): Tip | null {
  if (end === dial.now) return null;
  const go = (share: number): number =>
    dial.log ? dial.now * (end / dial.now) ** share : dial.now + (end - dial.now) * share;
  const changed = (x: number): boolean => leader(dial.at(x))?.material !== first;
  const firstStep = Array.from({ length: STEPS }, (_, k) => (k + 1) / STEPS).find(share =>
    changed(go(share)),
  );
  if (firstStep === undefined) return null;
  let inside = firstStep - 1 / STEPS;
  let past = firstStep;
  for (let k = 0; k < CLOSING; k++) {
    const middle = (inside + past) / 2;
    if (changed(go(middle))) past = middle;
    else inside = middle;
  }
  // Three figures, away from the present value, if the change still holds there.
  const exact = go(past);
  const rounded = outward(exact, end > dial.now);
  const to = (end > dial.now ? rounded <= end : rounded >= end) && changed(rounded) ? rounded : exact;
  const then = dial.at(to);
  const leads = leader(then);
  const distance = dial.log
    ? Math.abs(Math.log(to / dial.now)) / Math.log(dial.scale)
    : Math.abs(to - dial.now) / dial.scale;
  return {
    kind: 'requirement',
    id: dial.id,
    from: dial.now,
    to,
    unit: dial.unit,
    leads: leads?.material ?? null,
    leadsName: leads?.name ?? '',
    distance,
    then,
    sentence: `${dial.say(to)}, ${leads ? `${leads.name} would lead` : 'nothing would fit'}.`,
  };
}

function outward(x: number, up: boolean): number {
  const size = 10 ** (Math.floor(Math.log10(Math.abs(x) || 1)) - 2);
  return Number(((up ? Math.ceil(x / size) : Math.floor(x / size)) * size).toPrecision(12));
}
