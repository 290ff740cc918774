import { Choice, Quantity } from '../input/fields.js';
import { model, step } from '../models/model.js';
import { Asker } from './asker.js';
import { drillKinds, drillNames, type Drill, type DrillKind } from './drill.js';
import type { DrillMaker } from './kind.js';
import { caution } from './kinds/caution.js';
import { cheapestTest } from './kinds/cheapest-test.js';
import { dryIt } from './kinds/dry-it.js';
import { durometer } from './kinds/durometer.js';
import { firstFilament } from './kinds/first-filament.js';
import { firstGate } from './kinds/first-gate.js';
import { halfDepth } from './kinds/half-depth.js';
import { lift } from './kinds/lift.js';
import { partTemperature } from './kinds/part-temperature.js';
import { proof } from './kinds/proof.js';
import { unitTrap } from './kinds/unit-trap.js';
import { wallsOrInfill } from './kinds/walls-or-infill.js';

const makers = new Map<DrillKind, DrillMaker>(
  [
    unitTrap,
    halfDepth,
    partTemperature,
    durometer,
    dryIt,
    wallsOrInfill,
    proof,
    firstGate,
    firstFilament,
    lift,
    cheapestTest,
    caution,
  ].map(maker => [maker.kind, maker]),
);

/** Draws of one seed before it is given up. */
const TRIES = 400;
/** A kind's own stretch of chance: two kinds of one seed are not alike. */
const KIND_STEP = 7919;

/**
 * Makes a drill: the same seed and kind give the same one on every machine. What is drawn and has no clear answer is
 * drawn again.
 * @param seed a whole number; @param kind default: by the seed
 * @throws Error where nothing clear is found, which the tests rule out
 */
export function makeDrill(seed: number, kind: DrillKind = kindOfSeed(seed)): Drill {
  const place = drillKinds.indexOf(kind);
  const ask = new Asker(seed + KIND_STEP * (place + 1));
  for (let n = 0; n < TRIES; n++) {
    const draft = makers.get(kind)!.make(ask);
    if (draft) return { kind, seed, ...draft };
  }
  throw new Error(`No clear drill of ${kind} comes of seed ${seed}`);
}

/** The kind that a seed alone stands for. */
export function kindOfSeed(seed: number): DrillKind {
  return new Asker(seed).pick(drillKinds);
}

/** Seeds are whole numbers up to this. */
const MOST_SEED = 2_147_483_647;

/** The seed that a word stands for: those who say the same word get the same drills. FNV-1a, 31 bits. */
export function seedOfWord(word: string): number {
  let hash = 0x811c9dc5;
  for (const character of word.trim().toLowerCase()) {
    hash ^= character.codePointAt(0)!;
    hash = Math.imul(hash, 0x01000193);
  }
  return (hash >>> 1) % MOST_SEED;
}

/** Input of `drill.make`. */
export class DrillInput {
  @Quantity({ min: 0, max: MOST_SEED, whole: true, doc: 'The seed: the same gives the same drill.' })
  seed!: number;
  @Choice(drillKinds, { optional: true, nullable: true, doc: 'The kind; default by the seed.' })
  kind: DrillKind | null = null;
}

/** `drill.make`: a question whose answer a model gives. */
export const drillMake = model({
  id: 'drill.make',
  title: 'A drill',
  source: 'Drawn by its seed, answered by the models that it names; what has no clear answer is drawn again',
  validity: 'Typical values of the library as it is shipped; common kinds of printer.',
  Input: DrillInput,
  compute({ seed, kind }: DrillInput) {
    const drill = makeDrill(seed, kind ?? undefined);
    const { what, off, tolerance, unit } = drill.margin;
    return {
      result: drill,
      warnings: [],
      steps: [
        step('answer', drillNames[drill.kind], drill.options[drill.right]!, drill.right + 1, ''),
        step('margin', what, `at least ${tolerance}`, off, unit),
      ],
    };
  },
});
