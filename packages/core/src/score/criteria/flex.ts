import { hardnessWanted } from '../../brief/hardness.js';
import { typical } from '../../materials/family.js';
import { flexReading, HINGE_FOLDS, RIGID_MPA, type FlexSource } from '../flexibility.js';
import { SPRING_STRAIN_PCT } from '../gates/flex.js';
import { slot } from '../draws/slots.js';
import { two } from '../sentences.js';
import type { CriterionRule, DesirabilityPoints } from './criterion.js';

/** Flexibility: how well the candidate bends as the part must. */
export const flexCriterion: CriterionRule = {
  id: 'flex',
  label: 'Flexibility',
  measure: 'fit to the wanted flexibility',
  weigh({ brief, loads }) {
    if (brief.flex.want !== 'rigid') return 4;
    // Where a span bends under load, stiffness says how rigid it is; it is not counted twice.
    const span = loads.some(l => l.deflectionTimesModulus !== null);
    return brief.purpose === 'functional' && !span ? 1 : 0;
  },
  read({ ctx: { brief }, assessment: { family } }) {
    const [low, high] = hardnessWanted(brief);
    const half = Math.max(1, (high - low) / 2);
    const points: Record<typeof brief.flex.want, DesirabilityPoints & { unit: string }> = {
      rigid: { unit: 'MPa', unacceptable: RIGID_MPA.fail, comfortable: RIGID_MPA.comfortable },
      springy: {
        unit: '% strain',
        unacceptable: SPRING_STRAIN_PCT.fail,
        comfortable: SPRING_STRAIN_PCT.comfortable,
      },
      hinge: { unit: 'log₁₀ folds', unacceptable: HINGE_FOLDS.fail, comfortable: HINGE_FOLDS.comfortable },
      // Anywhere well inside what is asked is as good as its middle.
      rubbery: { unit: 'A from the middle', unacceptable: half, comfortable: Math.max(0, half - 5) },
    };
    const value = flexReading(brief, {
      modulusMPa: typical(family, 'modulusMPa'),
      strainRepeatedPct: typical(family, 'strainRepeatedPct'),
      shoreA: family.properties.shoreA?.typical ?? null,
      hinge: family.flags.hinge,
    });
    return { value, ...points[brief.flex.want] };
  },
  drawn({ brief }, { flags }) {
    const source: FlexSource = { modulusMPa: 0, strainRepeatedPct: 0, shoreA: null, hinge: flags.hinge };
    return values => {
      const shoreA = values[slot.shoreA]!;
      source.modulusMPa = values[slot.modulusMPa]!;
      source.strainRepeatedPct = values[slot.strainRepeatedPct]!;
      source.shoreA = Number.isNaN(shoreA) ? null : shoreA;
      return flexReading(brief, source);
    };
  },
  says: {
    pro(c, ctx) {
      const byWant = {
        rigid: `Rigid: ${two(c.value)} MPa.`,
        springy: `Springs back: takes ${two(c.value)} % strain again and again.`,
        hinge: 'Folds as a thin web, again and again.',
        rubbery: `Of the wanted hardness.`,
      };
      return byWant[ctx.brief.flex.want];
    },
    con(c, ctx) {
      const byWant = {
        rigid: `Gives more than a rigid part should: ${two(c.value)} MPa.`,
        springy: `Springs back from ${two(c.value)} % strain at most, again and again.`,
        hinge:
          c.value <= 0
            ? 'A thin web of it breaks after a few folds.'
            : 'A thin web of it lasts some thousands of folds.',
        rubbery: c.value >= 100 ? 'Rigid, where rubber is wanted.' : 'At the end of the wanted hardness.',
      };
      return byWant[ctx.brief.flex.want];
    },
  },
};
