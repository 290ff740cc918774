import type { Family } from '../materials/family.js';
import { type Trait, strengths, weaknesses } from './family-traits.js';

/** A family's card, written from its data: what it is for, what to watch, and what people disagree about. */
export interface FamilyCard {
  for: string[];
  watch: string[];
  disputed: string[];
}

/** A trait of less weight is only told where nothing else can be said. */
const WORTH_TELLING = 0.02;

/**
 * The card of a family or a grade: all that speaks for it and all that is to be watched, strongest first, and the open
 * questions. Editing its data changes it.
 */
export function familyCard(f: Family): FamilyCard {
  return {
    for: told(strengths(f)),
    watch: told(weaknesses(f)),
    disputed: f.disputes.map(d => d.question),
  };
}

function told(traits: readonly Trait[]): string[] {
  const applying = traits.filter(t => t.weight > 0).sort((a, b) => b.weight - a.weight);
  const worth = applying.filter(t => t.weight >= WORTH_TELLING);
  return (worth.length ? worth : applying).map(t => t.text);
}
