import { typical, typicalOrNull, type Family } from '../materials/family.js';
import { familyByKey } from '../materials/library.js';
import { withOwnFacts } from '../materials/own-facts.js';
import { retractionWindow } from '../print/retraction.js';
import type { Facts, FaultContext } from './fault-context.js';

/** How much likelier something known makes a cause, and why. */
export interface ContextFactor {
  cause: string;
  /** Times as likely as without knowing it; under one less likely. */
  factor: number;
  why: string;
}

/** What is known of a print makes causes likelier or rules them nearly out. Factors are estimates. */
export function contextFactors(c: FaultContext): ContextFactor[] {
  const known = c.family === null ? undefined : familyByKey(c.family);
  const family = known ? withOwnFacts(known, c.facts) : null;
  return [
    ...ofSpool(c, family),
    ...ofSettings(c, family),
    ...ofAir(c, family),
    ...ofFamily(c, family),
    ...ofPart(c),
    ...ofMachine(c, family),
    ...ofModel(c),
    ...ofPlace(c),
  ];
}

const f = (cause: string, factor: number, why: string): ContextFactor => ({ cause, factor, why });
/** A factor where something holds, another where it does not; nothing where it is not known. */
const either = (
  known: boolean | null,
  cause: string,
  [holds, why]: readonly [number, string],
  [fails, whyNot]: readonly [number, string],
): ContextFactor[] => (known === null ? [] : [known ? f(cause, holds, why) : f(cause, fails, whyNot)]);

/** A number of what is known by its name; null where it is none. */
function numberOf<Name extends string>(known: Facts<Name>, name: Name): number | null {
  const value = known[name];
  return typeof value === 'number' && Number.isFinite(value) ? value : null;
}
/** A word of what is known by its name; empty where it is none. */
function wordOf<Name extends string>(known: Facts<Name>, name: Name): string {
  const value = known[name];
  return typeof value === 'string' ? value.trim().toLowerCase() : '';
}

/** Water uptake, %, over which a family is soon wet, and under which it never is. */
const THIRSTY = 0.6;
const NEVER_WET = 0.05;

function ofSpool({ spool }: FaultContext, family: Family | null): ContextFactor[] {
  const uptake = family ? typical(family, 'waterUptakePct') : null;
  const said = wordOf(spool, 'state');
  const wet = said === '' ? null : said !== 'dry' && said !== 'sealed';
  return [
    ...either(wet, 'wet-filament', [4, `the spool is ${said}`], [0.12, `the spool is ${said}`]),
    ...either(wet, 'humid-air', [1.5, `the spool is ${said}`], [0.7, `the spool is ${said}`]),
    ...(uptake !== null && uptake > THIRSTY
      ? [f('wet-filament', 1.8, `${family!.name} drinks`), f('humid-air', 1.5, `${family!.name} drinks`)]
      : []),
    ...(uptake !== null && uptake < NEVER_WET
      ? [
          f('wet-filament', 0.08, `${family!.name} takes up no water`),
          f('humid-air', 0.08, `${family!.name} takes up no water`),
        ]
      : []),
  ];
}

/** A setting against its window: the cause of being under it, and of being over it. */
function against(
  value: number | null,
  window: { low: number; high: number } | null,
  words: { what: string; unit: string; under: string; over: string },
): ContextFactor[] {
  if (value === null || !window) return [];
  const { low, high } = window;
  const range = `${words.what} ${value}${words.unit}, its window ${low} to ${high}`;
  const middle = (low + high) / 2;
  if (value < low) return [f(words.under, 5, range), f(words.over, 0.05, range)];
  if (value > high) return [f(words.over, 5, range), f(words.under, 0.05, range)];
  // Inside it, the nearer end is the likelier.
  return [
    f(words.under, value < middle ? 0.6 : 0.3, range),
    f(words.over, value > middle ? 0.6 : 0.3, range),
  ];
}

function ofSettings(c: FaultContext, family: Family | null): ContextFactor[] {
  const windows = family?.windows ?? null;
  const fast = windows?.speedMmS;
  return [
    ...against(c.nozzleC, windows?.nozzleC ?? null, {
      what: 'nozzle',
      unit: ' °C',
      under: 'nozzle-too-cold',
      over: 'nozzle-too-hot',
    }),
    ...against(c.bedC, windows?.bedC ?? null, {
      what: 'bed',
      unit: ' °C',
      under: 'bed-too-cold',
      over: 'bed-too-hot',
    }),
    ...against(c.fanPct, windows?.fanPct ?? null, {
      what: 'fan',
      unit: ' %',
      under: 'fan-too-weak',
      over: 'fan-too-strong',
    }),
    ...against(c.retractionMm, family && retractionWindow(family, wordOf(c.printer, 'drive')), {
      what: 'retraction',
      unit: ' mm',
      under: 'retraction-too-little',
      over: 'retraction-too-much',
    }),
    ...(c.speedMmS === null || !fast
      ? []
      : [
          c.speedMmS > fast.high
            ? f('too-fast', 4, `${c.speedMmS} mm/s, it goes to ${fast.high}`)
            : f('too-fast', 0.4, `${c.speedMmS} mm/s is within its window`),
        ]),
  ];
}

function ofAir(c: FaultContext, family: Family | null): ContextFactor[] {
  const chamber = wordOf(c.printer, 'chamber');
  const open = chamber === '' ? null : chamber === 'open';
  const chamberC = c.chamberC ?? numberOf(c.printer, 'chamberC');
  const air = family?.windows.chamberC;
  const range = air ? `air ${chamberC} °C, its window ${air.low} to ${air.high}` : '';
  return [
    ...either(open, 'draught', [1.6, 'the printer is open'], [0.12, 'the printer is enclosed']),
    ...(chamberC === null || !air
      ? either(open, 'chamber-too-cold', [1.3, 'the printer is open'], [0.6, 'the printer is enclosed'])
      : [f('chamber-too-cold', chamberC < air.low ? 4 : 0.25, range)]),
    ...(chamberC === null || !air
      ? either(open, 'chamber-too-warm', [0.2, 'the printer is open'], [1.3, 'the printer is enclosed'])
      : [f('chamber-too-warm', chamberC > air.high ? 5 : 0.15, range)]),
  ];
}

/** Contraction from solidification to 30 °C with what crystallising adds, %, that counts as much and as little. */
const SHRINKS = { much: 0.62, little: 0.42 };

function ofFamily(_: FaultContext, family: Family | null): ContextFactor[] {
  if (!family) return [];
  const contraction =
    100 *
    (typical(family, 'alphaPerK') * (typical(family, 'solidificationC') - 30) +
      (typicalOrNull(family, 'crystallisationStrain') ?? 0));
  const why = `${family.name} shrinks by about ${contraction.toFixed(1)} %`;
  const soft = family.properties.shoreA !== null;
  const foams = family.flags.foaming !== null;
  return [
    ...(contraction > SHRINKS.much
      ? [f('shrinks-much', 2.2, why), f('chamber-too-cold', 1.5, why), f('draught', 1.4, why)]
      : []),
    ...(contraction < SHRINKS.little
      ? [f('shrinks-much', 0.15, why), f('chamber-too-cold', 0.3, why), f('draught', 0.4, why)]
      : []),
    ...(soft
      ? [f('rubber-supports', 3, `${family.name} is a rubber`)]
      : [f('rubber-supports', 0.03, `${family.name} is no rubber`)]),
    ...(soft || family.flags.drive === 'direct'
      ? []
      : [f('remote-drive-soft', 0.03, `${family.name} is stiff enough`)]),
    ...(foams
      ? [f('wrong-grade', 0.6, 'it is a foaming filament'), f('flow-off', 1.6, 'what foams wants less flow')]
      : []),
  ];
}

/** Lengths on the plate that count as long and as short, mm. */
const PART_LENGTHS_MM = { from: 110, short: 60 };

function cornerFactor(corners: number): ContextFactor {
  if (corners === 0) return f('sharp-corners', 0.06, 'no sharp corner');
  return f(
    'sharp-corners',
    corners >= 3 ? 2.2 : 1.6,
    `${corners} sharp ${corners === 1 ? 'corner' : 'corners'}`,
  );
}
function lengthFactors(lengthMm: number): ContextFactor[] {
  const why = `${lengthMm} mm long`;
  if (lengthMm >= PART_LENGTHS_MM.from) return [f('wide-flat-base', 2.2, why), f('no-brim', 1.3, why)];
  return [f('wide-flat-base', lengthMm < PART_LENGTHS_MM.short ? 0.12 : 0.7, why), f('no-brim', 0.8, why)];
}

function ofPart({ part, printer }: FaultContext): ContextFactor[] {
  const lengthMm = numberOf(part, 'lengthMm');
  const widthMm = numberOf(part, 'widthMm');
  const heightMm = numberOf(part, 'heightMm');
  const sharpCorners = numberOf(part, 'sharpCorners');
  const overhangMm2 = numberOf(part, 'overhangMm2');
  const walls = numberOf(part, 'walls');
  const infill = numberOf(part, 'infill');
  const plateMm = Array.isArray(printer.buildMm) ? numberOf({ x: printer.buildMm[0] as unknown }, 'x') : null;
  const slim =
    lengthMm !== null && heightMm !== null ? heightMm / Math.min(lengthMm, widthMm ?? lengthMm) : null;
  const reaches = lengthMm !== null && plateMm !== null ? lengthMm / plateMm : null;
  return [
    ...(sharpCorners === null ? [] : [cornerFactor(sharpCorners)]),
    ...(lengthMm === null ? [] : lengthFactors(lengthMm)),
    ...(slim === null
      ? []
      : [f('tall-thin', slim > 3 ? 3.5 : 0.12, `${slim.toFixed(1)} times as high as its foot`)]),
    ...(overhangMm2 === null
      ? []
      : [f('unsupported-span', overhangMm2 > 0 ? 2 : 0.1, `${overhangMm2} mm² hang over`)]),
    ...(walls === null ? [] : [f('walls-too-few', walls < 3 ? 2.5 : 0.5, `${walls} walls`)]),
    ...(infill === null
      ? []
      : [f('infill-too-little', infill < 0.12 ? 2.5 : 0.5, `${Math.round(100 * infill)} % infill`)]),
    ...(reaches === null
      ? []
      : [
          f(
            'bed-edge-cold',
            reaches > 0.7 ? 2.5 : 0.5,
            `${Math.round(100 * reaches)} % of the plate’s width`,
          ),
        ]),
  ];
}

/** Adhesion, J/m², under which a plate does not hold a family, and from which on it does. */
const HOLDS = { poorly: 30, well: 60 };
/** The share of its best hold anywhere under which a plate is not the one for a family. */
const POOR_SHARE = 0.2;

function ofMachine(
  { printer, nozzleC, plate, adhesive }: FaultContext,
  family: Family | null,
): ContextFactor[] {
  const rough = family?.flags.abrasive ?? null;
  const soft = family !== null && family.properties.shoreA !== null;
  const jams = !soft && family?.flags.drive === 'direct';
  const hold = holdOf(family, plate, adhesive);
  const best = family ? bestHoldOf(family) : 0;
  const drive = wordOf(printer, 'drive');
  const nozzleMetal = wordOf(printer, 'nozzleMetal');
  const linerLimitC = numberOf(printer, 'linerLimitC');
  return [
    ...(drive === 'direct' ? [f('remote-drive-soft', 0.03, 'a direct drive')] : []),
    ...(drive === 'bowden' && soft ? [f('remote-drive-soft', 6, 'a rubber through a long tube')] : []),
    ...(drive === 'bowden' && jams ? [f('remote-drive-soft', 4, 'it jams in a long tube')] : []),
    ...(rough && nozzleMetal === 'brass' ? [f('nozzle-worn', 5, 'it wears brass')] : []),
    ...(nozzleMetal === 'hardened' ? [f('nozzle-worn', 0.3, 'a hardened nozzle')] : []),
    ...(linerLimitC !== null && nozzleC !== null
      ? [f('liner-damaged', nozzleC > linerLimitC ? 6 : 0.7, `nozzle ${nozzleC} °C, liner to ${linerLimitC}`)]
      : []),
    ...(hold === null ? [] : [holdFactor(hold, best)]),
  ];
}

function holdFactor(hold: number, best: number): ContextFactor {
  const why = `it holds on that plate by ${Math.round(hold)} J/m², on its best by ${Math.round(best)}`;
  if (hold < HOLDS.poorly || hold < POOR_SHARE * best) return f('plate-wrong', 4, why);
  return f('plate-wrong', hold < HOLDS.well ? 1 : 0.25, why);
}

/** How a family holds on a plate, J/m²; null where that is not known. */
function holdOf(
  family: Family | null,
  plate: FaultContext['plate'],
  adhesive: FaultContext['adhesive'],
): number | null {
  const on = plate === null ? undefined : family?.adhesion[plate];
  if (!on) return null;
  return (adhesive !== null ? on.adhesive?.[adhesive] : undefined) ?? on.bare;
}

/** Chances of lifting by the warp model that count as likely and as unlikely. */
const LIFTS = { likely: 0.3, unlikely: 0.05 };

/**
 * What the warp model expects of this part on a clean plate. Where it expects it to lift, the reasons that the model
 * knows are likely; where it does not, look for what no model can know: a dirty plate, a first layer too high.
 */
function ofModel({ part }: FaultContext): ContextFactor[] {
  const chance = numberOf(part, 'liftChance');
  if (chance === null) return [];
  const known = ['sharp-corners', 'wide-flat-base', 'shrinks-much', 'chamber-too-cold', 'no-brim'];
  const unknown = ['bed-dirty', 'first-gap-wide', 'plate-worn', 'bed-unlevel'];
  const inHundred = chance < 0.01 ? 'less than 1 in 100' : `${Math.round(100 * chance)} in 100`;
  const why = `on a clean plate the warp model expects it to lift ${inHundred}`;
  if (chance >= LIFTS.likely) return known.map(id => f(id, 1.8, why));
  if (chance > LIFTS.unlikely) return [];
  return [...known.map(id => f(id, 0.45, why)), ...unknown.map(id => f(id, 1.7, why))];
}

/** Prints on one place of a plate from which on what became of them says something. */
const TELLING_PRINTS = 3;

/** What became of the last prints where this one stood. */
function ofPlace({ part }: FaultContext): ContextFactor[] {
  const prints = numberOf(part, 'printsThere');
  const failed = numberOf(part, 'failedThere');
  if (prints === null || failed === null || prints < TELLING_PRINTS) return [];
  const why = `${failed} of the last ${prints} prints at that place of the plate failed`;
  const often = failed / prints >= 0.5;
  const place = often ? 2.5 : 0.7;
  return ['plate-worn', 'bed-edge-cold', 'bed-unlevel', 'bed-dirty'].map(id => f(id, place, why));
}

/** The best hold that a family has on any plate with anything, J/m². */
function bestHoldOf({ adhesion }: Family): number {
  return Math.max(...Object.values(adhesion).flatMap(on => [on.bare, ...Object.values(on.adhesive ?? {})]));
}
