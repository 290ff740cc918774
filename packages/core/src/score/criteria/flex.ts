import { hardnessWanted } from '../../brief/hardness.js';
import { typical } from '../../materials/family.js';
import { flexReading, HINGE_FOLDS, RIGID_MPA } from '../flexibility.js';
import { SPRING_STRAIN_PCT } from '../gates/flex.js';
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
};
