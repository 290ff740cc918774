import { typical, type Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';

/** Whether a changer that feeds several spools to one nozzle takes a filament. */
export interface ChangerTakes {
  takes: 'yes' | 'with care' | 'no';
  why: string;
}

/** Stretch under which a filament breaks in the bends of a changer's tubes, %. */
const BREAKS_UNDER_PCT = 3;

/** Whether a changer takes a filament: it pushes and pulls it through long tubes, again and again. */
export function changerTakes(f: Family): ChangerTakes {
  if (f.flags.drive === 'direct')
    return { takes: 'no', why: 'it is so soft that it buckles in the long tubes: feed it past the changer' };
  if (f.flags.soluble)
    return {
      takes: 'with care',
      why: 'damp it swells and sticks in the tubes: dry, and only for as long as it takes',
    };
  if (typical(f, 'elongationPct') < BREAKS_UNDER_PCT)
    return { takes: 'with care', why: 'it is brittle, and breaks in the tubes where they bend sharply' };
  if (f.flags.abrasive) return { takes: 'with care', why: 'what is in it wears tubes, gears and cutter' };
  if (f.flags.drive === 'slow-bowden')
    return { takes: 'with care', why: 'it gives way in the long tubes: slowly' };
  return { takes: 'yes', why: 'it is stiff enough for the long tubes, and does not break in them' };
}

/**
 * What a printer's changer makes of several filaments in one print, in a sentence.
 * @returns empty without a printer
 */
export function changerSentence(
  filaments: readonly Family[],
  printer: Pick<Printer, 'spoolsAtOnce'> | null,
): string {
  if (!printer) return '';
  if (printer.spoolsAtOnce < filaments.length)
    return 'As it is described, this printer feeds one spool: by hand, only a whole layer can change filament.';
  const hard = filaments
    .map(f => ({ name: f.name, ...changerTakes(f) }))
    .filter(c => c.takes !== 'yes')
    .map(
      c => `${c.name} ${c.takes === 'no' ? 'does not go through it' : 'goes through it with care'}: ${c.why}`,
    );
  return hard.length ? `Its changer: ${hard.join('. ')}.` : 'Its changer takes both.';
}
