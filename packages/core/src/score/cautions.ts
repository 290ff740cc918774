import type { Electrical } from '../brief/choices.js';
import type { Baked, Family } from '../materials/family.js';
import { isBeyondTests } from './assess.js';
import type { Context } from './context.js';
import { isFibre } from '../materials/fibre.js';
import { vapourSentence } from '../materials/vapours.js';
import { type Printability } from './printability.js';

/** The standing notice where a failure could injure. */
export const HAZARD_NOTICE =
  'If this part fails, someone could be hurt. The figures here are typical values, not ' +
  'certification: test the part, add margin, and defer to local codes and a licensed professional.';

/** What every record and export says of its figures. */
export const CERTIFICATION_NOTICE =
  'The figures are typical values from general knowledge, not certification. Where a failure could ' +
  'hurt someone, test, add margin, and defer to local codes and licensed practice.';

/** Cautions for a family in a brief's service, in plain words; they travel with the decision and the print card. */
export function cautionsOf(ctx: Context, f: Family, p: Printability, baked: Baked | null): string[] {
  const { brief, printer } = ctx;
  const cautions: string[] = [];
  if (brief.ifItFails === 'injures') cautions.push(HAZARD_NOTICE);
  if (f.flags.fumes === 'styrene')
    cautions.push(
      'Gives off styrene while printing: extract the air or ventilate, and do not sit beside it.',
    );
  else if (f.flags.fumes !== 'low') cautions.push(`${vapourSentence(f.flags)} Ventilate while it prints.`);
  if (isFibre(f))
    cautions.push('Printed surfaces shed fibres: wear gloves, keep it off skin, and do not sand it dry.');
  if (printer?.linerLimitC != null && f.windows.nozzleC.high > printer.linerLimitC)
    cautions.push(
      `Never above ${printer.linerLimitC} °C on ${printer.name}: an overheated fluoropolymer liner ` +
        'gives off toxic fumes.',
    );
  if (brief.contact.food !== 'none')
    cautions.push(
      'Food contact is not proven for printed parts: pores, pigments and nozzle metal decide, ' +
        'whatever the polymer. Use a liner or a certified part.',
    );
  if (brief.contact.skin)
    cautions.push('Layers hold sweat and soap in their pores: seal what lies on skin, and wash it often.');
  if (brief.contact.skin && isFibre(f)) cautions.push('Not against skin: fibres work loose.');
  if (baked)
    cautions.push(
      `Passes only after ${baked.hours} h at ${baked.ovenC} °C in an oven not used for food: it shrinks about ` +
        `${baked.shrinkagePct} % and may bend meanwhile, so prop it and print one first.`,
    );
  cautions.push(...electricalCautions(brief.electrical));
  if (f.flags.smoothedBy.includes('acetone') && (brief.looks.finish === 'fine' || brief.looks.wishes.length))
    cautions.push(
      'Smoothing with acetone: its vapour burns and numbs. Only with ventilation, gloves and no flame or spark near.',
    );
  if (brief.looks.wishes.length && f.flags.sanding !== 'no')
    cautions.push(
      'Dust of sanding and the mist of cans do harm: wet sanding, a mask, and air that goes outdoors.',
    );
  if (brief.loads.some(l => l.case === 'insert'))
    cautions.push(
      'A hot iron sinks an insert further than one means to: set it in a jig, stop short, press it flush cold, and ' +
        'pull one to its end before anything depends on it.',
    );
  if (brief.flex.want === 'hinge')
    cautions.push(
      'Print a hinge lying, so that its lines run across the fold, its web two or three layers thin, and fold it hot ' +
        'from the printer a dozen times.',
    );
  if (brief.seal !== 'none')
    cautions.push(
      brief.seal === 'fuel'
        ? 'Layers leak, and fuel burns: test the print with water first, ground it against static, and keep to ' +
            'local rules for fuel.'
        : 'Layers leak: test the print for longer than it has to hold, before anything depends on it.',
    );
  if (f.flags.electricity === 'conducts' && brief.electrical !== 'none')
    cautions.push('Carbon fibres and metal conduct, and hide radio from what is inside.');
  if (brief.heat.steamCycles > 0)
    cautions.push(
      'Steam gets into the pores between layers, and a print that comes out clean is not thereby sterile: that takes ' +
        'a validated process. Look for crazing and lost size after the first ten cycles.',
    );
  if (brief.water === 'immersed' && f.properties.waterHalfLifeY && isBeyondTests(ctx))
    cautions.push(
      'No half-life is known for water or steam so hot: only a test of this print tells how long it lasts.',
    );
  if (f.flags.foaming)
    cautions.push(
      `Grows with temperature to about ${f.flags.foaming.peakC} °C and collapses above ` +
        `${f.flags.foaming.collapseC} °C: tune wall thickness on a small print first.`,
    );
  if (f.flags.chars && f.flags.soluble)
    cautions.push('Chars when left hot: never pause with a loaded nozzle, and purge it afterwards.');
  if (f.windows.chamberC.low > 60)
    cautions.push('A hot chamber and mains-powered heaters are work for qualified people, to local code.');
  if (p.adhesion?.grips) cautions.push('May tear the plate: put a release layer between.');
  if (
    brief.flex.want === 'rubbery' &&
    Math.max(brief.geometry.xMm, brief.geometry.yMm, brief.geometry.zMm) < 40
  )
    cautions.push('Small soft parts can be swallowed: keep them from children.');
  return cautions;
}

/** What no filament family can promise about electricity: it is certified elsewhere, or not at all. */
function electricalCautions(electrical: Electrical): string[] {
  if (electrical === 'none') return [];
  const flame =
    'A flame class (UL 94) is for moulded plaques of a grade, and nothing here is judged for tracking: ask for its ' +
    'data sheet.';
  if (electrical === 'radio') return [];
  if (electrical === 'static-safe')
    return [
      'What a print conducts follows from how it is printed: measure its resistance to ground, and after each change.',
    ];
  return electrical === 'low-voltage'
    ? [flame]
    : [
        flame,
        'Enclosures of mains parts need certified flammability, ingress and earthing: a print is never that. ' +
          'Use a certified enclosure, to local code, by a qualified person.',
      ];
}
