import { typical } from '../../materials/family.js';
import { printEconomics } from '../../print/economics.js';
import { inPlainPla } from './cost.js';
import { slot } from '../draws/slots.js';
import { two, share } from '../sentences.js';
import type { Criterion, CriterionRule } from './criterion.js';

/** Mass as a multiple of the same part in plain PLA: from this down it is light, from this up too heavy. */
const LIGHT = 0.5;
const HEAVY = 2;
/** Share of a limit under which mass is at ease. */
const COMFORTABLE_SHARE_OF_LIMIT = 0.85;
/** How far off a wanted mass is as good as none, and how far is too far, as shares of it. */
const OFF_TARGET = { comfortable: 0.05, unacceptable: 0.4 };

/** What is as heavy as water sinks once its hollows leak, whatever it weighs besides, g/cm³. */
const WATER_GCM3 = 1;

/** Mass: grams of one part, or how far off the wanted; for what must float by itself, the plastic's density. */
export const massCriterion: CriterionRule = {
  id: 'mass',
  label: 'Mass',
  measure: 'mass of one part',
  weigh({ brief }) {
    if (brief.mustFloat) return 5;
    return brief.maxMassG === null && brief.targetMassG === null ? 0 : 2;
  },
  read({ ctx, assessment, economics, economicsInput }) {
    const { brief } = ctx;
    const working = { model: 'print.economics', inputs: economicsInput };
    // What must float is judged by the plastic's own density: the less it leans on sealed hollows the better.
    if (brief.mustFloat && brief.maxMassG === null)
      return {
        value: typical(assessment.family, 'densityGcm3'),
        unit: 'g/cm³',
        unacceptable: WATER_GCM3,
        comfortable: 0.9,
      };
    if (brief.targetMassG !== null)
      return {
        value: Math.abs(economics.massG / brief.targetMassG - 1),
        unit: 'off the wanted mass',
        ...OFF_TARGET,
        working,
      };
    const plainG = printEconomics(inPlainPla(ctx)).massG;
    return {
      value: economics.massG,
      unit: 'g',
      unacceptable: brief.maxMassG ?? HEAVY * plainG,
      comfortable: brief.maxMassG === null ? LIGHT * plainG : COMFORTABLE_SHARE_OF_LIMIT * brief.maxMassG,
      log: true,
      working,
    };
  },
  drawn({ brief }, _family, { print }) {
    if (brief.mustFloat && brief.maxMassG === null) return values => values[slot.densityGcm3]!;
    const target = brief.targetMassG;
    return target === null ? () => print.massG : () => Math.abs(print.massG / target - 1);
  },
  says: {
    pro: c => (c.unit === 'g/cm³' ? `Floats by itself: ${two(c.value)} g/cm³.` : massWords(c, 'Light')),
    con: c =>
      c.unit === 'g/cm³' ? `Floats only on sealed air: ${two(c.value)} g/cm³ solid.` : massWords(c, 'Heavy'),
  },
};

function massWords(c: Criterion, word: string): string {
  return c.unit === 'g' ? `${word}: ${two(c.value)} g.` : `${share(c.value)} off the wanted mass.`;
}
