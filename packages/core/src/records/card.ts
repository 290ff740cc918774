import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import { bakedFamily } from '../materials/baked.js';
import type { Family } from '../materials/family.js';
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
  /** How the filament stands for this part, and what is against it. */
  status: Status;
  against: string[];
  lines: RecipeLine[];
  /** For one part. */
  massG: number;
  hours: number;
  costEach: number;
  quantity: number;
  /** Chance that the first print succeeds. */
  success: number;
  /** What lowers that chance, the most first. */
  doubts: { label: string; factor: number }[];
  small: SmallPrint;
  cautions: string[];
  notice: string;
}

/** What a card is written for, beside the brief. */
export interface CardOptions {
  family: Family;
  printer: Printer | null;
  weather?: Weather | null;
  /** The water in the spool that is meant. */
  moisture?: SpoolMoisture | null;
}

/** Factors of the success that are worth a word. */
const WORTH_A_WORD = 0.98;

/** Writes the print card of a brief in one filament. */
export function printCard(brief: Brief, o: CardOptions): PrintCard {
  const { family, printer, weather = null } = o;
  const [candidate] = rank(brief, { printer, weather, families: [family] }).candidates;
  if (!candidate) throw new Error(`${family.key} was not judged`);
  const ground = groundOf(brief, o, candidate);
  const { massG, hours, costEach, success, factors } = candidate.printing;
  return {
    format: 'hornblende-card',
    version: 1,
    part: brief.name,
    material: family.key,
    name: family.name,
    printer: printer?.name ?? null,
    status: candidate.status,
    against: candidate.gates.filter(g => g.verdict !== 'pass').map(g => g.why),
    lines: recipe(ground),
    massG,
    hours,
    costEach,
    quantity: brief.quantity,
    success,
    doubts: factors.filter(f => f.factor < WORTH_A_WORD).sort((a, b) => a.factor - b.factor),
    small: smallPrint(ground),
    cautions: candidate.cautions,
    notice: CERTIFICATION_NOTICE,
  };
}

function groundOf(
  brief: Brief,
  { family, printer, moisture = null }: CardOptions,
  c: Candidate,
): RecipeGround {
  const { bowInput, liftInput, pLift, pSplit, adhesion } = c.printing;
  return {
    brief,
    family: c.baked ? bakedFamily(family) : family,
    printer,
    warp: { bow: warpBowOf(bowInput), bowInput, liftInput, pLift, adhesion },
    pSplit,
    moisture,
    baked: c.baked,
  };
}
