import type { Brief } from '../brief/brief.js';
import { fitCheckOf } from '../brief/fit-check.js';
import { sig } from '../lib/figures.js';
import { typical, type Family } from '../materials/family.js';
import { gaugeCalibrationFor } from '../print/gauge-calibration.js';
import { sizeWords } from '../print/recipe/size.js';
import type { Candidate } from '../score/candidate.js';
import type { RankOptions } from '../score/judge.js';
import { rank } from '../score/rank.js';
import type { Printer } from '../workshop/printer.js';

/** One print of a fit-check or of the final part: what it takes, and how its size is corrected. */
export interface CheckPrint {
  material: string;
  name: string;
  grams: number;
  hours: number;
  costEach: number;
  success: number;
  /** What gauges printed here say to type in; empty where there are none. */
  sizes: string;
}

/** A fit-check in a stand-in filament, beside the final part: what it proves, and what it does not. */
export interface FitCheck {
  check: CheckPrint;
  final: CheckPrint | null;
  proves: string[];
  provesNot: string[];
}

/** Moduli that differ by less than this many times bend alike in the hand. */
const BENDS_ALIKE_TIMES = 1.5;

/**
 * What a fit-check in one filament tells of a part that is to be made in another.
 * @param standIn what the check is printed in
 * @param final what the part is made in: its first choice, or what was picked; null where nothing is
 */
export function fitCheck(
  brief: Brief,
  standIn: Family,
  final: Family | null,
  options: RankOptions = {},
): FitCheck {
  const printer = options.printer ?? null;
  const one = (b: Brief, f: Family): Candidate => rank(b, { ...options, families: [f] }).candidates[0]!;
  const check = one(fitCheckOf(brief), standIn);
  const made = final ? one(brief, final) : null;
  return {
    check: printOf(check, standIn, printer),
    final: final && made ? printOf(made, final, printer) : null,
    proves: ['its size, and whether it goes together with what it belongs to', 'how it lies and prints'],
    provesNot: final && made ? leftOpen(brief, standIn, final, one(brief, standIn)) : [],
  };
}

function printOf(c: Candidate, f: Family, printer: Printer | null): CheckPrint {
  const gauge = gaugeCalibrationFor(printer, f);
  const { massG, supportG, hours, costEach, success } = c.printing;
  return {
    material: c.material,
    name: c.name,
    grams: massG + supportG,
    hours,
    costEach,
    success,
    sizes: gauge ? sizeWords(gauge) : '',
  };
}

/** What the final part has to bear that the stand-in says nothing of. */
function leftOpen(brief: Brief, standIn: Family, final: Family, asIfFinal: Candidate): string[] {
  const open: string[] = [];
  const failed = new Set(asIfFinal.gates.filter(g => g.verdict !== 'pass').map(g => g.id));
  if (failed.has('heat') || failed.has('ageing'))
    open.push(`heat: ${standIn.name} gives way where ${final.name} does not`);
  const snaps = brief.loads.some(l => l.case === 'snap-fit');
  const once = (f: Family): string => `${f.name} takes ${sig(typical(f, 'strainOncePct'), 2)} % strain once`;
  if (snaps)
    open.push(
      `its snap: ${once(standIn)}, ${once(final)}; a finger that breaks here may hold there, or the other way round`,
    );
  if (brief.loads.length > (snaps ? 1 : 0)) open.push('what it carries, and for how long');
  const ratio = typical(final, 'modulusMPa') / typical(standIn, 'modulusMPa');
  if (ratio > BENDS_ALIKE_TIMES || ratio < 1 / BENDS_ALIKE_TIMES)
    open.push(
      `how it bends: ${final.name} is ` +
        (ratio > 1 ? `${sig(ratio, 2)} times as stiff` : `${sig(1 / ratio, 2)} times as soft`),
    );
  if (brief.sun !== 'none') open.push('sunlight over the years');
  if (brief.water !== 'dry') open.push('water over the years, and how it swells');
  return open;
}
