import type { Family } from '../materials/family.js';
import type { Spool } from '../workshop/spool.js';
import type { Trial } from './trial.js';

/**
 * What differs between the pieces besides their filament, in sentences: named before anything is printed, for no
 * reading can tell it apart afterwards.
 * @param familyOf a family or grade by its key
 * @param spoolOf a spool by its id
 */
export function trialDoubts(
  trial: Trial,
  familyOf: (key: string) => Family | null,
  spoolOf: (id: string) => Spool | null,
): string[] {
  const entrants = trial.entrants.flatMap(e => {
    const family = familyOf(e.material);
    return family ? [{ family, spool: e.spoolId === null ? null : spoolOf(e.spoolId) }] : [];
  });
  const doubts: string[] = [];
  const colours = new Set(entrants.flatMap(e => (e.spool?.colour ? [e.spool.colour] : [])));
  if (colours.size > 1)
    doubts.push(
      `Their colours differ (${[...colours].join(', ')}): dark pieces get hotter in the sun, and pigments change ` +
        'toughness a little.',
    );
  if (trial.section === null && trial.entrants.some(e => e.infill !== null))
    doubts.push('Their infill differs, and the section is not said: mass and load are compared as they are.');
  const loose = entrants.filter(e => !e.spool).map(e => e.family.name);
  if (loose.length && loose.length < entrants.length)
    doubts.push(`${loose.join(', ')}: no spool is named, so nobody knows how dry it is.`);
  const baked = entrants.filter(e => e.family.baked).map(e => e.family.name);
  if (baked.length)
    doubts.push(`${baked.join(', ')} may be baked or not: say which, and do it to all pieces of it.`);
  const soft = entrants.filter(e => e.family.properties.shoreA).map(e => e.family.name);
  if (soft.length && soft.length < entrants.length)
    doubts.push(
      `${soft.join(', ')} is rubbery: it bends where the others break, and a load at break says little.`,
    );
  if (trial.replicates < 2) doubts.push('One print of each: nothing tells a filament from a bad day.');
  return doubts;
}
