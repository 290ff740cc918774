import { creepEquivalentC } from '../models/creep-strain.js';
import { typical } from '../materials/family.js';
import { contextOf } from '../score/context.js';
import { yearsText } from '../lib/years-text.js';
import { HOURS_A_YEAR } from '../lib/physical-constants.js';
import { movementAtWall, TrialMovementInput, type TrialMovementResult } from './movement.js';
import type { TrialGround } from './trial-ground.js';
import type { Trial, TrialEntrant } from './trial.js';

/** The criterion of the bench that is read in hours until a strip moves. */
const MOVEMENT = 'movement';

/** What hours to the first movement say of the part's own wall. */
export interface Moved extends TrialMovementResult {
  material: string;
  /** What `trial.movement` was given. */
  input: TrialMovementInput;
  /** Hours that the brief asks; 0 where nothing is held. */
  askedHours: number;
  /** Whether even the longest that the readings leave open is too short. */
  tooShort: boolean;
  words: string;
}

/** What the hours that strips of an entrant stood say of the part's wall; null where nothing of the kind was read. */
export function movedOf(trial: Trial, entrant: TrialEntrant, ground: TrialGround): Moved | null {
  const family = ground.find(entrant.material);
  const read = entrant.readings.filter(r => r.criterion === MOVEMENT && !r.struck && r.thicknessMm !== null);
  const [first] = read;
  if (!family || !first || !trial.criteria.some(c => c.id === MOVEMENT)) return null;
  const { brief, options } = ground;
  const { conditions, loads } = contextOf(brief, options.printer ?? null, options.weather ?? null);
  const k = typical(family, 'creepKPerK');
  const input = Object.assign(new TrialMovementInput(), {
    // Strips of other thicknesses are of another trial: the first says which is meant.
    hours: read.filter(r => r.thicknessMm === first.thicknessMm).map(r => Math.max(1e-3, r.value)),
    thicknessMm: first.thicknessMm!,
    wallMm: brief.geometry.wallMm,
    a: typical(family, 'creepA'),
    n: typical(family, 'creepN'),
    k,
    stripC: conditions.partMaxC,
    partC: creepEquivalentC(conditions.partMinC, conditions.partMaxC, k),
  });
  const result = movementAtWall(input);
  const askedHours = Math.max(0, ...loads.map(l => (l.kind === 'sustained' ? l.hours : 0)));
  const tooShort = askedHours > 0 && result.high < askedHours;
  const asked = askedHours > 0 ? `; ${hoursText(askedHours)} are asked` : '';
  return {
    material: entrant.material,
    input,
    askedHours,
    tooShort,
    ...result,
    words:
      `strips of ${input.thicknessMm} mm moved after ${hoursText(middleOf(input.hours))}: that is ` +
      `${hoursText(result.hours)} for its wall of ${input.wallMm} mm${between(result)}${asked}`,
  };
}

const middleOf = (hours: readonly number[]): number =>
  Math.exp(hours.reduce((s, h) => s + Math.log(h), 0) / hours.length);

/** The interval in words; nothing where both ends read the same. */
function between({ low, high }: TrialMovementResult): string {
  const from = hoursText(low);
  const to = hoursText(high);
  return from === to ? '' : ` (${from} to ${to})`;
}

/** Hours as people say them: hours, days, or years. */
function hoursText(hours: number): string {
  if (hours >= 100 * HOURS_A_YEAR) return 'over a hundred years';
  if (hours >= HOURS_A_YEAR / 2) return yearsText(hours / HOURS_A_YEAR);
  if (hours >= 72) return `${Math.round(hours / 24)} days`;
  return hours < 1 ? 'less than an hour' : `${Math.round(hours)} h`;
}
