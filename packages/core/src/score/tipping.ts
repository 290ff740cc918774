import type { Brief, BriefLoad, CriterionId } from '../brief/brief.js';
import type { Family } from '../materials/family.js';
import { typical } from '../materials/family.js';
import { families as libraryFamilies } from '../materials/library.js';
import { sig } from '../models/model.js';
import type { Printer } from '../workshop/printer.js';
import { criterionLabels } from './criteria.js';
import { bySchool, judgeAll, type Candidate, type RankOptions } from './rank.js';

/** What a ranking is worked out from; a tip gives it changed, so that it can be tried. */
export interface Premises {
  brief: Brief;
  printer: Printer | null;
  families: readonly Family[];
}

/** A change that alters the first choice: the smallest of its kind in its direction. `distance` compares changes of different kinds; nearest first. */
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

/** Weights run from 0 to this. */
const TOP_WEIGHT = 5;
/** Steps from the present value to the end of a dial, before the first change is closed in on. */
const STEPS = 10;
const CLOSING = 14;

/**
 * The nearest changes that alter the first choice: each weight (in closed form for *weighted*), and each requirement by stepping out and bisecting.
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
      sentence: `If ${criterionLabels[id].label.toLowerCase()} weighed ${sig(to, 3)} instead of ${sig(from, 3)}, ${leads?.name ?? 'nothing'} would lead.`,
    });
  }
  const dials = requirementDials(now, first, present.ctx.conditions.partMaxC);
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

/**
 * Weights at which another candidate overtakes the first, in closed form: with wᵢ the weights and dᵢ the desirabilities, the lead over another
 * is A + w·B in the weight w of one criterion, which is nought at w = −A/B. Both directions, the nearest of each; rounded just past the point.
 */
function weightTips(
  weights: Record<CriterionId, number>,
  running: readonly Candidate[],
): { id: CriterionId; to: number }[] {
  const [first, ...others] = running;
  if (!first) return [];
  return first.criteria.flatMap(k => {
    const w = weights[k.id];
    let [down, up] = [-Infinity, Infinity];
    for (const c of others) {
      let A = 0;
      let B = 0;
      first.criteria.forEach((mine, i) => {
        const gap = mine.desirability - (c.criteria[i]?.desirability ?? 0);
        if (mine.id === k.id) B = gap;
        else A += mine.weight * gap;
      });
      if (B === 0) continue;
      const at = -A / B;
      // Above the present weight the lead must fall with the weight, below it must fall as the weight does.
      if (at >= w && B < 0) up = Math.min(up, at);
      if (at <= w && B > 0) down = Math.max(down, at);
    }
    const list: { id: CriterionId; to: number }[] = [];
    const past = (x: number, sign: 1 | -1): number =>
      sign > 0 ? Math.ceil(x * 1000 + 0.5) / 1000 : Math.floor(x * 1000 - 0.5) / 1000;
    if (up < Infinity && past(up, 1) <= TOP_WEIGHT) list.push({ id: k.id, to: past(up, 1) });
    if (down > -Infinity && past(down, -1) >= 0) list.push({ id: k.id, to: past(down, -1) });
    return list;
  });
}

/** A requirement that can be turned from its present value to either end. */
interface Dial {
  id: string;
  now: number;
  low: number;
  high: number;
  unit: string;
  /** Steps are ratios rather than differences. */
  log: boolean;
  /** The change that counts as a distance of 1: a difference, or a ratio. */
  scale: number;
  at: (x: number) => Premises;
  say: (x: number) => string;
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
  let [inside, past] = [firstStep - 1 / STEPS, firstStep];
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

function requirementDials(now: Premises, first: Candidate, partMaxC: number): Dial[] {
  const { brief, printer, families } = now;
  const withBrief = (change: Partial<Brief>): Premises => ({ ...now, brief: { ...brief, ...change } });
  const list: Dial[] = [
    {
      id: 'heat',
      now: partMaxC,
      low: Math.min(partMaxC - 5, 15),
      high: Math.min(430, partMaxC + 90),
      unit: '°C',
      log: false,
      scale: 50,
      at: x => withBrief({ heat: { ...brief.heat, setting: 'custom', partC: x, climate: null } }),
      say: x => `If the part reached ${sig(x, 3)} °C instead of ${sig(partMaxC, 3)} °C`,
    },
    {
      id: 'life',
      now: brief.lifeYears,
      low: Math.max(0.05, brief.lifeYears / 10),
      high: Math.min(50, brief.lifeYears * 8),
      unit: 'years',
      log: true,
      scale: 5,
      at: x => withBrief({ lifeYears: x }),
      say: x => `If it had to last ${sig(x, 3)} years instead of ${sig(brief.lifeYears, 3)}`,
    },
    {
      id: 'tolerance',
      now: brief.toleranceMm,
      low: 0.03,
      high: 3,
      unit: 'mm',
      log: true,
      scale: 5,
      at: x => withBrief({ toleranceMm: x }),
      say: x => `If it had to be true to ${sig(x, 3)} mm instead of ${sig(brief.toleranceMm, 3)} mm`,
    },
  ];
  if (brief.loads.length)
    list.push({
      id: 'load',
      now: 1,
      low: 0.1,
      high: 10,
      unit: '×',
      log: true,
      scale: 5,
      at: s => withBrief({ loads: brief.loads.map(l => scaledLoad(l, s)) }),
      say: s => `With ${sig(s, 3)} times the load`,
    });
  if (printer) {
    list.push({
      id: 'chamber',
      now: printer.chamberC,
      low: 15,
      high: 90,
      unit: '°C',
      log: false,
      scale: 40,
      at: x => ({
        ...now,
        printer: {
          ...printer,
          chamberC: x,
          chamber: x > 55 ? 'heated' : x > 32 ? 'enclosed' : printer.chamber,
        },
      }),
      say: x => `With ${sig(x, 3)} °C around the print instead of ${sig(printer.chamberC, 3)} °C`,
    });
  }
  const leading = families.find(f => f.key === first.material);
  if (leading?.properties.pricePerKg) {
    const price = typical(leading, 'pricePerKg');
    list.push({
      id: 'price',
      now: price,
      low: price,
      high: price * 12,
      unit: 'per kg',
      log: true,
      scale: 5,
      at: x => ({ ...now, families: families.map(f => (f.key === leading.key ? withPrice(f, x) : f)) }),
      say: x => `If ${leading.name} cost ${sig(x, 3)} a kilogram instead of ${sig(price, 3)}`,
    });
  }
  return list;
}

/** A family or grade at another price, as its typical one. */
export function withPrice(f: Family, price: number): Family {
  const p = f.properties.pricePerKg;
  return p
    ? {
        ...f,
        properties: {
          ...f.properties,
          pricePerKg: { ...p, low: Math.min(p.low, price), typical: price, high: Math.max(p.high, price) },
        },
      }
    : f;
}

/** A load made larger or smaller as a whole: its force, stress, undercut and mass. */
export function scaledLoad(load: BriefLoad, share: number): BriefLoad {
  const times = (x: number | null): number | null => (x === null ? null : x * share);
  return {
    ...load,
    forceN: times(load.forceN),
    forceLowN: times(load.forceLowN),
    stressMPa: times(load.stressMPa),
    undercutMm: times(load.undercutMm),
    massKg: times(load.massKg),
  };
}
