import type { Family } from '../materials/family.js';
import type { Context } from './context.js';
import type { Printability } from './printability.js';

/** The standing notice where a failure could injure. */
export const HAZARD_NOTICE = 'If this part fails, someone could be hurt. The figures here are typical values, not certification: test the part, add margin, and defer to local codes and a licensed professional.';

/** Cautions for a family in a brief's service, in plain words; they travel with the decision and the print card. */
export function cautionsOf(ctx: Context, f: Family, p: Printability): string[] {
  const { brief, printer } = ctx;
  const cautions: string[] = [];
  if (brief.ifItFails === 'injures') cautions.push(HAZARD_NOTICE);
  if (f.flags.fumes === 'styrene') cautions.push('Gives off styrene while printing: extract the air or ventilate, and do not sit beside it.');
  if (f.flags.fumes === 'moderate') cautions.push('Gives off irritating vapours while printing: ventilate.');
  if (f.flags.abrasive) cautions.push('Printed surfaces shed fibres: wear gloves, keep it off skin, and do not sand it dry.');
  if (printer?.linerLimitC != null && f.windows.nozzleC.high > printer.linerLimitC) cautions.push(`Never above ${printer.linerLimitC} °C on ${printer.name}: an overheated fluoropolymer liner gives off toxic fumes.`);
  if (brief.contact.food !== 'none') cautions.push('Food contact is not proven for printed parts: pores, pigments and nozzle metal decide, whatever the polymer. Use a liner or a certified part.');
  if (brief.contact.skin && f.flags.abrasive) cautions.push('Not against skin: fibres work loose.');
  if (f.windows.chamberC.low > 60) cautions.push('A hot chamber and mains-powered heaters are work for qualified people, to local code.');
  if (p.adhesion && p.adhesion.energyJm2 > 450) cautions.push('May tear the plate: put a release layer between.');
  if (brief.flex.want === 'rubbery' && Math.max(brief.geometry.xMm, brief.geometry.yMm, brief.geometry.zMm) < 40) cautions.push('Small soft parts can be swallowed: keep them from children.');
  return cautions;
}
