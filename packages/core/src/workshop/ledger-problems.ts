import type { Problem } from '../input/parse.js';
import { sig } from '../lib/figures.js';
import { typical, type Family } from '../materials/family.js';
import type { Spool } from './spool.js';
import { DAY_MS } from '../lib/physical-constants.js';

/** A scale, a reel and a label may disagree by this share of the filament on a new spool. */
const WEIGHING_TOLERANCE = 0.1;

/**
 * What of a spool's ledger cannot be: more on it than it ever held, more printed than was on it, an entry of a day
 * to come, drying hotter than its reel or filament bears.
 * @param family what it is of; null where that is not known any more
 * @param now the moment of writing, ISO 8601
 */
export function ledgerProblems(spool: Spool, family: Family | null, now: string): Problem[] {
  const most = spool.netG * (1 + WEIGHING_TOLERANCE);
  const problems: Problem[] = [];
  const refuse = (field: string, value: unknown, message: string): void => {
    problems.push({ field, value, message });
  };
  if (spool.leftG !== null && spool.leftG > most)
    refuse('leftG', spool.leftG, `must not be over the ${sig(spool.netG)} g that were on it when new`);
  if (spool.boughtAt !== null && isToCome(spool.boughtAt, now))
    refuse('boughtAt', spool.boughtAt, 'must not lie in the future');
  let left = spool.leftG ?? spool.netG;
  for (const [i, e] of spool.events.entries()) {
    const at = `events[${i}]`;
    if (isToCome(e.at, now)) refuse(`${at}.at`, e.at, 'must not lie in the future');
    if (e.kind === 'weighed' && e.grams !== null) {
      if (e.grams > most)
        refuse(
          `${at}.grams`,
          e.grams,
          `must not be over the ${sig(spool.netG)} g that were on it when new: was the reel weighed with it?`,
        );
      left = e.grams;
    }
    if (e.kind === 'printed' && e.grams !== null) {
      if (e.grams > left + WEIGHING_TOLERANCE * spool.netG)
        refuse(`${at}.grams`, e.grams, `must not be over what was left on it, ${sig(Math.max(0, left))} g`);
      left -= e.grams;
    }
    const limitC = family ? typical(family, 'spoolLimitC') : null;
    if (e.kind === 'dried' && limitC !== null && e.dryingC !== null && e.dryingC > limitC)
      refuse(`${at}.dryingC`, e.dryingC, `must not be over ${sig(limitC)} °C: the spool softens there`);
  }
  return problems;
}

function isToCome(at: string, now: string): boolean {
  return Date.parse(at) > Date.parse(now) + DAY_MS;
}
