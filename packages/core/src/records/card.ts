import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import { fitCheckOf, isFitCheck } from '../brief/fit-check.js';
import { bakedFamily } from '../materials/baked.js';
import type { Family, Plate } from '../materials/family.js';
import { recipe } from '../print/recipe/recipe.js';
import type { RecipeGround, RecipeLine } from '../print/recipe/recipe-line.js';
import { smallPrint, type SmallPrint } from '../print/recipe/small-print.js';
import type { Candidate, Status } from '../score/candidate.js';
import { CERTIFICATION_NOTICE } from '../score/cautions.js';
import { rank } from '../score/rank.js';
import { warpBowOf } from '../models/warp-bow.js';
import type { Printer } from '../workshop/printer.js';
import type { SpoolMoisture } from '../workshop/spool.js';

/** `hornblende-card/1`: all that is needed at the machine for one part in one filament, each line with its reason. */
export interface PrintCard {
  format: 'hornblende-card';
  version: 1;
  part: string;
  material: string;
  name: string;
  printer: string | null;
  /** The plate that it holds best on here; null where there is none. */
  plate: Plate | null;
  /** What that is called, where it is a plate of one’s own. */
  ownPlate: string | null;
  /** How the filament stands for this part, and what is against it. */
  status: Status;
  against: string[];
  lines: RecipeLine[];
  /** For one part. */
  massG: number;
  /** What supports take besides. */
  supportG: number;
  /** By the printer's own record, where it has one. */
  hours: number;
  costEach: number;
  quantity: number;
  /** Chance that the next print succeeds, by the models and this printer's own log. */
  success: number;
  /** What the printer's log says of prints of this filament, and what the models alone say; null where it has none. */
  record: { well: number; failed: number; modelSuccess: number } | null;
  /** How long prints take here against what is expected, and what the models expect; null where none was timed. */
  time: { timed: number; factor: number; modelHours: number } | null;
  /** What lowers that chance, the most first. */
  doubts: { label: string; factor: number }[];
  small: SmallPrint;
  /** What earlier prints taught, the newest first. */
  lessons: CardLesson[];
  cautions: string[];
  notice: string;
}

/** What an earlier print taught: what it was, and what to do about it. */
export interface CardLesson {
  what: string;
  remedy: string;
  /** When it was found out, ISO 8601. */
  at: string;
}

/** What a card is written for, beside the brief. */
export interface CardOptions {
  family: Family;
  printer: Printer | null;
  weather?: Weather | null;
  /** The water in the spool that is meant. */
  moisture?: SpoolMoisture | null;
  /** What faults of this part, spool and printer taught. */
  lessons?: readonly CardLesson[];
}

/** Factors of the success that are worth a word. */
const FACTOR_TOLD_UNDER = 0.98;

/** Writes the print card of a brief in one filament; of the filament that stands in, the card of the fit-check. */
export function printCard(said: Brief, o: CardOptions): PrintCard {
  const { family, printer, weather = null } = o;
  const brief = isFitCheck(said, family.key)
    ? { ...fitCheckOf(said), name: `${said.name}, fit-check` }
    : said;
  const [candidate] = rank(brief, { printer, weather, families: [family] }).candidates;
  if (!candidate) throw new Error(`${family.key} was not judged`);
  const ground = groundOf(brief, o, candidate);
  const { massG, supportG, hours, costEach, success, factors } = candidate.printing;
  return {
    format: 'hornblende-card',
    version: 1,
    part: brief.name,
    material: family.key,
    name: family.name,
    printer: printer?.name ?? null,
    plate: candidate.printing.adhesion?.plate ?? null,
    ownPlate: candidate.printing.adhesion?.name ?? null,
    status: candidate.status,
    against: candidate.gates.filter(g => g.verdict !== 'pass').map(g => g.why),
    lines: recipe(ground),
    massG,
    supportG,
    hours,
    costEach,
    quantity: brief.quantity,
    success,
    ...recordOf(printer, candidate),
    doubts: factors.filter(f => f.factor < FACTOR_TOLD_UNDER).sort((a, b) => a.factor - b.factor),
    small: smallPrint(ground),
    lessons: [...(o.lessons ?? [])],
    cautions: candidate.cautions,
    notice: CERTIFICATION_NOTICE,
  };
}

/** What the printer's own log has changed in the figures. */
function recordOf(printer: Printer | null, { printing }: Candidate): Pick<PrintCard, 'record' | 'time'> {
  const { record, modelSuccess, modelHours } = printing;
  const time = printer?.record ?? null;
  return {
    record:
      record && record.well + record.failed > 0
        ? { well: record.well, failed: record.failed, modelSuccess }
        : null,
    time: time?.timed ? { timed: time.timed, factor: time.timeFactor, modelHours } : null,
  };
}

function groundOf(
  brief: Brief,
  { family, printer, moisture = null }: CardOptions,
  c: Candidate,
): RecipeGround {
  const { bowInput, liftInput, pLift, pSplit, adhesion, plateLift } = c.printing;
  return {
    brief,
    family: c.baked ? bakedFamily(family) : family,
    printer,
    warp: { bow: warpBowOf(bowInput), bowInput, liftInput, pLift, adhesion, plateLift },
    pSplit,
    moisture,
    supportG: c.printing.supportG,
    layerS: (c.printing.modelHours * 3600 * brief.print.layerMm) / brief.geometry.zMm,
    baked: c.baked,
  };
}
