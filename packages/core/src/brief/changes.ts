import diff from 'microdiff';
import { rank, type RankOptions } from '../score/rank.js';
import { parseBrief, type Brief } from './brief.js';

/** One difference between two briefs. */
export interface BriefChange {
  path: string;
  label: string;
  from: unknown;
  to: unknown;
}

/** A change with what it alone did to the ranking. */
export interface ChangeEffect extends BriefChange {
  firstBefore: string | null;
  firstAfter: string | null;
  scoreBefore: number | null;
  scoreAfter: number | null;
}

const labels: Record<string, string> = {
  name: 'Name',
  purpose: 'Purpose',
  lifeYears: 'Years it lasts',
  ifItFails: 'If it fails',
  sun: 'Sun',
  water: 'Water',
  mustFloat: 'Must float',
  toleranceMm: 'Tolerance, mm',
  maxMassG: 'Most it weighs, g',
  maxCostEach: 'Most one costs',
  quantity: 'How many',
  school: 'School',
  outdoorSchool: 'Outdoor school',
  'geometry.xMm': 'Size along X, mm',
  'geometry.yMm': 'Size along Y, mm',
  'geometry.zMm': 'Height, mm',
  'geometry.wallMm': 'Wall, mm',
  'geometry.volumeCm3': 'Volume, cm³',
  'geometry.sharpCorners': 'Sharp corners',
  'geometry.solidFraction': 'Share that is plastic',
  'heat.setting': 'Where it lives',
  'heat.climate': 'Climate',
  'heat.ambientMaxC': 'Hottest air, °C',
  'heat.ambientMinC': 'Coldest air, °C',
  'heat.sourceC': 'Near the source it reaches, °C',
  'heat.partC': 'Part temperature, °C',
  'contact.food': 'Food contact',
  'contact.skin': 'Against skin',
  'contact.chemicals': 'Chemicals',
  'flex.want': 'Flexibility',
  'flex.shoreA': 'Hardness, Shore A',
  'looks.colour': 'Colour',
  'looks.clear': 'See-through',
  'looks.finish': 'Surface',
};
const loadLabels: Record<string, string> = {
  kind: 'kind',
  case: 'how it is held',
  forceN: 'force, N',
  forceLowN: 'least force, N',
  lengthMm: 'length, mm',
  widthMm: 'width, mm',
  heightMm: 'height, mm',
  stressMPa: 'stress, MPa',
  thicknessMm: 'thickness, mm',
  undercutMm: 'undercut, mm',
  massKg: 'mass, kg',
  decelerationG: 'deceleration, g₀',
  heightM: 'drop, m',
  acrossLayers: 'across the layers',
  hours: 'hours held',
  cycles: 'cycles',
};

function labelOf(path: string): string {
  const load = /^loads\.(\d+)(?:\.(\w+))?$/.exec(path);
  if (load) return `Load ${Number(load[1]) + 1}${load[2] ? `, ${loadLabels[load[2]] ?? load[2]}` : ''}`;
  const weight = /^weights\.(\w+)$/.exec(path);
  return weight ? `Weight of ${weight[1]}` : (labels[path] ?? path);
}

/** Lists are told whole: that one chemical of three changed place says nothing. */
const wholeLists = ['contact.chemicals', 'flex.shoreA'];

/** What differs between two briefs, field by field, in words. Weights that are not set do not appear. */
export function briefChanges(before: Brief, after: Brief): BriefChange[] {
  const seen = new Set<string>();
  return diff(before, after).flatMap(d => {
    const full = d.path.join('.');
    const path = wholeLists.find(w => full.startsWith(w)) ?? full;
    if (seen.has(path)) return [];
    seen.add(path);
    return [{ path, label: labelOf(path), from: valueAt(before, path), to: valueAt(after, path) }];
  });
}

/** What each change, made alone to the earlier brief, does to the ranking. A change that cannot stand alone has no effect to tell. */
export function changeEffects(before: Brief, after: Brief, options: RankOptions = {}): ChangeEffect[] {
  const was = rank(before, options);
  const scoreOf = (r: typeof was, key: string | null): number | null =>
    r.candidates.find(c => c.material === key)?.score ?? null;
  return briefChanges(before, after).map(change => {
    const alone = withValue(before, change.path, change.to);
    const now = alone && rank(alone, options);
    return {
      ...change,
      firstBefore: was.firstChoice,
      firstAfter: now ? now.firstChoice : null,
      scoreBefore: scoreOf(was, was.firstChoice),
      scoreAfter: now ? scoreOf(now, was.firstChoice) : null,
    };
  });
}

function valueAt(object: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>(
      (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined),
      object,
    );
}

/** The brief with one value replaced, or null when that is no valid brief. */
function withValue(brief: Brief, path: string, value: unknown): Brief | null {
  const copy = JSON.parse(JSON.stringify(brief)) as Record<string, unknown>;
  const keys = path.split('.');
  const last = keys.pop();
  let at: unknown = copy;
  for (const key of keys)
    at = typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined;
  if (typeof at !== 'object' || at === null || last === undefined) return null;
  if (Array.isArray(at) && value === undefined) at.splice(Number(last), 1);
  else (at as Record<string, unknown>)[last] = value;
  try {
    return parseBrief(copy);
  } catch {
    return null;
  }
}
