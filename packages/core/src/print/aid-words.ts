import type { Brief } from '../brief/brief.js';
import { printAidWords, type PrintAid } from '../brief/print-aids.js';
import { solidFractionOf } from '../brief/solid-fraction.js';
import { timesIn100 } from '../lib/chance-words.js';
import type { Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import { warpOnPrinter } from './warp-on-printer.js';

/** The chance of lifting under which nothing is needed against it: told as less than once in 100. */
const HARDLY_EVER = 0.005;

/** Names in a row: "a brim of 8 mm, discs at its corners and cooling on the plate". */
export function aidNames(aids: readonly PrintAid[]): string {
  const names = aids.map(aid => printAidWords[aid].label);
  return names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

/** The chance that a part lifts with nothing done against it, and as it is ticked, 0…1. */
export function liftWithAids(
  brief: Brief,
  f: Family,
  printer: Printer | null,
): { bare: number; with: number } {
  const chance = (b: Brief): number => warpOnPrinter(b, f, printer, solidFractionOf(b)).pLift;
  return { bare: chance({ ...brief, print: { ...brief.print, aids: [] } }), with: chance(brief) };
}

/** What the ticked aids do: "ASA lifts 15 times in 100 bare, 4 times in 100 with a brim of 8 mm." */
export function aidSentence(brief: Brief, f: Family, printer: Printer | null): string {
  const { aids } = brief.print;
  const lift = liftWithAids(brief, f, printer);
  const bare = `${f.name} lifts ${timesIn100(lift.bare)} bare`;
  if (lift.bare < HARDLY_EVER) return `${bare}: nothing has to hold it down.`;
  return aids.length ? `${bare}, ${timesIn100(lift.with)} with ${aidNames(aids)}.` : `${bare}.`;
}
