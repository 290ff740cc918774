import { hardnessWanted } from '../../brief/hardness.js';
import { typical } from '../../materials/family.js';
import { flexReading, RIGID_MPA } from '../flexibility.js';
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
    const points: Record<typeof brief.flex.want, DesirabilityPoints & { unit: string }> = {
      rigid: { unit: 'MPa', unacceptable: RIGID_MPA.fail / 2, comfortable: 1500 },
      springy: { unit: '% strain', unacceptable: 0.5, comfortable: 2.5 },
      hinge: { unit: 'log₁₀ folds', unacceptable: 1, comfortable: 5 },
      rubbery: {
        unit: 'A from the middle',
        unacceptable: Math.max(8, high - low),
        comfortable: Math.max(3, (high - low) / 4),
      },
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
