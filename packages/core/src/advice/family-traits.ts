import { yearsWords } from '../lib/years-text.js';
import { holdOnPei } from '../print/adhesion.js';
import { HOLD_ON_PEI } from '../print/difficulty.js';
import { demands } from '../print/difficulty.js';
import { isFibre } from '../materials/fibre.js';
import { sig } from '../lib/figures.js';
import { typical, typicalOrNull, type Family } from '../materials/family.js';
import { vapourSentence } from '../materials/vapours.js';
import { OPEN_AIR_C } from '../workshop/printer.js';

/** A trait: how much it speaks (0 when it does not apply) and what it says. */
export interface Trait {
  weight: number;
  text: string;
}

/** A weight that grows with how far a value lies past a threshold, in doublings, up to a top. */
function past(value: number, threshold: number, start: number, top: number): number {
  return value < threshold ? 0 : Math.min(top, start + (top - start) * Math.log2(value / threshold));
}

/** Share of strength across layers from which they are called well welded. */
const WELDS_WELL = 0.62;

const when = (applies: boolean, weight: number): number => (applies ? weight : 0);

const per = (x: number): string => sig(x * 1e6, 2);

/** What speaks for a family. */
export function strengths(f: Family): Trait[] {
  const v = (name: Parameters<typeof typical>[1]): number => typical(f, name);
  const rubber = f.flags.structure === 'elastomer';
  const good = Object.values(f.chemicals).filter(r => r === 'good').length;
  const { foaming, smoothedBy } = f.flags;
  const smoothing = smoothedBy.filter(s => s === 'acetone' || s === 'isopropanol');
  const shoreA = typicalOrNull(f, 'shoreA');
  return [
    {
      weight: when(f.flags.soluble, 0.95),
      text: 'Dissolves in water: supports come away without a mark, inside closed shapes too.',
    },
    {
      weight: when(shoreA !== null, 0.92),
      text: `Rubber, about ${shoreA ?? 0} Shore A; stretches ${sig(v('elongationPct'), 2)} %.`,
    },
    {
      weight: when(foaming !== null, 0.9),
      text:
        `Grows as it prints: ${sig(f.properties.densityGcm3?.low ?? 0, 2)} to ` +
        `${sig(f.properties.densityGcm3?.high ?? 0, 2)} g/cm³, set by the temperature.`,
    },
    {
      weight: when(f.flags.hinge === 'lasting' && v('modulusMPa') >= 500, 0.9),
      text: 'A thin web of it hinges for ever.',
    },
    {
      weight: when(!rubber && v('elongationPct') >= 300, 0.8),
      text: `Bends and comes back: stretches ${sig(v('elongationPct'), 2)} % before it breaks.`,
    },
    {
      weight: when(!rubber && !f.flags.soluble, past(v('uvHalfDoseMJm2'), 1200, 0.5, 0.95)),
      text:
        `Lasts in the sun: ${yearsWords(v('uvHalfDoseMJm2') / 270)} of full sun to half its surface ` +
        'toughness, uncoloured.',
    },
    {
      weight: past(v('hdt045C') - 20, 65, 0.5, 0.93),
      text:
        `Takes heat: ${sig(v('hdt045C'), 3)} °C under a light load, ${sig(v('hdt18C'), 3)} °C under a ` +
        `heavy one.`,
    },
    {
      weight: past(v('modulusMPa'), 2600, 0.45, 0.85),
      text: `Stiff: ${sig(v('modulusMPa') / 1000, 2)} GPa.`,
    },
    {
      weight: when(!rubber, past(v('charpy23KJm2'), 12, 0.55, 0.8)),
      text: `Takes knocks: ${sig(v('charpy23KJm2'), 2)} kJ/m² notched.`,
    },
    {
      weight: when(f.filler === 'toughener', 0.78),
      text: `Takes knocks for what it is: ${sig(v('charpy23KJm2'), 2)} kJ/m² notched.`,
    },
    { weight: when(f.filler === 'glow', 0.93), text: 'Glows in the dark.' },
    {
      weight: when(!rubber && v('zRatio') >= WELDS_WELL && !f.flags.soluble, 0.56),
      text: `Its layers weld well: ${sig(100 * v('zRatio'), 2)} % of the strength is left across them.`,
    },
    {
      weight: past(1 / v('alphaPerK'), 1 / 45e-6, 0.5, 0.75),
      text: `Stays flat and true: expands ${per(v('alphaPerK'))} millionths a kelvin.`,
    },
    {
      weight: past(good, 9, 0.8, 0.9),
      text: `Shrugs off chemicals: good against ${good} of ${Object.keys(f.chemicals).length} kinds.`,
    },
    {
      weight: when(v('densityGcm3') < 0.97 && foaming === null, 0.7),
      text: `Floats: ${sig(v('densityGcm3'), 2)} g/cm³ solid.`,
    },
    { weight: when(f.flags.clarity === 'clear', 0.5), text: 'Sold clear.' },
    {
      weight: when(smoothing.length > 0, 0.52),
      text:
        `Smooths${smoothing.includes('acetone') ? ' and welds' : ''} with ${smoothing.join(' or ')}, ` +
        'with care for the vapour.',
    },
    {
      weight: when(f.flags.finish >= 0.86 && !isFibre(f), 0.75),
      text: 'Looks good straight off the printer: its layers hardly show.',
    },
    {
      weight: when(demands(f).length === 0, 0.72),
      text: 'Prints on any machine, from a spool off the shelf.',
    },
    {
      weight: when(v('fieldUvFactor') >= 1.9 && v('charpy23KJm2') < 5, 0.5),
      text:
        `Outdoors, unloaded and kept cool, it lasts about ${sig(v('fieldUvFactor'), 2)} times as long ` +
        'as the laboratory says.',
    },
    { weight: when(v('pricePerKg') <= 25, 0.4), text: `Cheap: about ${sig(v('pricePerKg'), 2)} a kilogram.` },
    { weight: when(v('waterUptakePct') <= 0.15, 0.42), text: 'Takes up next to no water.' },
    {
      weight: when(
        f.windows.chamberC.low <= OPEN_AIR_C && v('hdt045C') > 65 && f.windows.nozzleC.low <= 245,
        0.41,
      ),
      text: 'Needs no enclosure.',
    },
  ];
}

/** What speaks against a family. */
export function weaknesses(f: Family): Trait[] {
  const v = (name: Parameters<typeof typical>[1]): number => typical(f, name);
  const rubber = f.flags.structure === 'elastomer';
  const { nozzleC, bedC, chamberC } = f.windows;
  const onPei = Math.max(f.adhesion['smooth-pei']?.bare ?? 0, f.adhesion['textured-pei']?.bare ?? 0);
  const { foaming } = f.flags;
  return [
    {
      weight: when(nozzleC.low > 320, 0.99),
      text:
        `Needs a machine few have: nozzle over ${nozzleC.low} °C, bed over ${bedC.low} °C, ` +
        `${chamberC.low} °C of air; and costs about ${sig(v('pricePerKg'), 2)} a kilogram.`,
    },
    {
      weight: when(f.flags.soluble, 0.98),
      text:
        'A support, never a part: it drinks water from the air and chars if left ' +
        `hot${f.flags.residue === 'gel' ? ', and may leave a gel behind' : ''}.`,
    },
    {
      weight: when(holdOnPei(f) < HOLD_ON_PEI.none, 0.95),
      text: `Sticks to almost nothing: ${sig(onPei, 2)} J/m² on PEI; it wants a tape or plate of its own.`,
    },
    {
      weight: when(f.baked !== null, 0.9),
      text:
        `Bears more heat only after ${f.baked?.hours ?? 0} h in an oven at ${f.baked?.ovenC ?? 0} °C, in which it ` +
        'shrinks and may bend.',
    },
    {
      weight: when(foaming !== null, 0.88),
      text: `Has to be tuned, wall by wall, and collapses above ${foaming?.collapseC ?? 0} °C.`,
    },
    {
      weight: when(f.flags.drive === 'direct', 0.87),
      text: `Wants a direct drive, ${f.windows.speedMmS.high} mm/s at most and hardly any retraction.`,
    },
    {
      weight: when(f.flags.support === 'clings', 0.8),
      text: 'Its supports hardly come off: lay it so that it needs none. It strings when damp.',
    },
    {
      weight: when(chamberC.low >= 45, 0.84),
      text: `Splits and warps without ${chamberC.low} °C of air around it.`,
    },
    {
      weight: when(f.flags.moisture === 'high', 0.82 + 0.04 * Math.min(1, v('waterUptakePct') / 9)),
      text:
        `Drinks water, ${sig(v('waterUptakePct'), 2)} % of its weight: dry it before each print; ` +
        `soaked, it keeps ${sig(100 * v('wetFactor'), 2)} % of its strength.`,
    },
    {
      weight: when(f.flags.fumes === 'styrene' && chamberC.low > 30, 0.8),
      text: `Warps without ${chamberC.low} °C of still air, and gives off styrene.`,
    },
    {
      weight: when(!rubber && v('hdt045C') < 65, 0.78),
      text: `Softens early: ${sig(v('hdt045C'), 2)} °C. Not for a closed car, nor for a load held for months.`,
    },
    {
      weight: when(isFibre(f), 0.7),
      text:
        `The fibre costs impact (${sig(v('charpy23KJm2'), 2)} kJ/m²) and layer strength ` +
        `(${sig(100 * v('zRatio'), 2)} %), and wears brass nozzles.`,
    },
    {
      weight: when(f.flags.fumes === 'styrene' ? chamberC.low <= 30 : f.flags.fumes !== 'low', 0.35),
      text: vapourSentence(f.flags),
    },
    {
      weight: when(f.adhesion['smooth-pei']?.grips === true && f.flags.stringing >= 0.5, 0.6),
      text:
        'Strings, and sticks to bare smooth PEI so hard that it tears it: use a textured plate or a ' +
        'release layer. Strong cooling and draughts weaken it.',
    },
    {
      weight: when(v('charpy23KJm2') < 4, 0.5),
      text: `Brittle: ${sig(v('charpy23KJm2'), 2)} kJ/m² notched.`,
    },
    {
      weight: when(v('uvHalfDoseMJm2') < 300 && !f.flags.soluble, 0.55),
      text:
        `Does not last in the sun: ${yearsWords(v('uvHalfDoseMJm2') / 270)} of full sun to half its ` +
        'surface toughness.',
    },
    {
      weight: when(
        f.flags.stringing >= 0.5 && !f.adhesion['smooth-pei']?.grips && f.flags.support !== 'clings',
        0.4,
      ),
      text: 'Strings.',
    },
    { weight: when(v('pricePerKg') > 40, 0.3), text: `Costs about ${sig(v('pricePerKg'), 2)} a kilogram.` },
    {
      weight: 0.01,
      text:
        `Middling: nothing about it stands out, from ${sig(v('hdt045C'), 2)} °C of heat to ` +
        `${sig(v('charpy23KJm2'), 2)} kJ/m² of toughness.`,
    },
  ];
}
