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

/** Halvings of a step: what is left is a ten-thousandth of a dial, less than three figures tell. */
const CLOSING = 10;

/**
 * The nearest changes that alter the first choice: each weight (in closed form for *weighted*), and each
 * requirement by stepping out and bisecting.
 * Some hundred rankings: off the main thread.
 * @param progress called with how many dials are done, and with what they came to, nearest first
 */
export function tipping(
  brief: Brief,
  options: RankOptions = {},
  progress: (done: number, total: number, found: Tip[]) => void = () => undefined,
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
  const leading: Leading = {
    leader,
    changes: changeOf(leader, first.material),
    present: present.candidates,
    judged: p => judged(p).candidates,
  };
  const dials = requirementDials(now, first);
  dials.forEach((dial, i) => {
    progress(i, dials.length, nearestFirst(tips));
    for (const end of [dial.low, dial.high]) {
      const found = firstChange(dial, end, leading);
      if (found) tips.push(found);
    }
  });
  const found = nearestFirst(tips);
  progress(dials.length, dials.length, found);
  return found;
}

function nearestFirst(tips: readonly Tip[]): Tip[] {
  return [...tips].sort((a, b) => a.distance - b.distance || (`${a.id}${a.to}` < `${b.id}${b.to}` ? -1 : 1));
}

/** Who leads under premises, and whether that is another than now. */
interface Leading {
  leader: (p: Premises) => Candidate | null;
  changes: (p: Premises) => boolean;
  /** All candidates as they stand now. */
  present: readonly Candidate[];
  judged: (p: Premises) => readonly Candidate[];
}

/** The gates that each candidate fails. */
function failedGates(candidates: readonly Candidate[]): Map<string, Set<string>> {
  return new Map(
    candidates.map(c => [c.material, new Set(c.gates.flatMap(g => (g.verdict === 'fail' ? g.id : [])))]),
  );
}

/**
 * What may be in somewhere between two sets of premises that differ in one figure: a gate goes one way with such a
 * figure, so that what fails the same one at both ends fails it all the way.
 */
function maybeIn(here: readonly Candidate[], there: readonly Candidate[]): (p: Premises) => Premises {
  const failedThere = failedGates(there);
  const out = new Set<string>();
  for (const [material, failed] of failedGates(here))
    if ([...failed].some(gate => failedThere.get(material)?.has(gate))) out.add(material);
  return p => ({ ...p, families: p.families.filter(f => !out.has(f.key)) });
}

/**
 * Whether another leads than does now. It is asked for many premises that are close to each other: the present first
 * and whoever led instead the last time are judged alone to begin with, and the rest only where the first still leads.
 */
function changeOf(leader: Leading['leader'], first: string): Leading['changes'] {
  let rival: string | null = null;
  return premises => {
    const two = premises.families.filter(f => f.key === first || f.key === rival);
    if (leader({ ...premises, families: two })?.material !== first) return true;
    const leads = leader(premises)?.material ?? null;
    if (leads === first) return false;
    rival = leads;
    return true;
  };
}

function firstChange(dial: Dial, end: number, { leader, changes, present, judged }: Leading): Tip | null {
  if (end === dial.now) return null;
  const candidates = maybeIn(present, judged(dial.at(end)));
  const go = (share: number): number =>
    dial.log ? dial.now * (end / dial.now) ** share : dial.now + (end - dial.now) * share;
  const changed = (x: number): boolean => changes(candidates(dial.at(x)));
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
