import type { Family } from '../materials/family.js';
import { type Trait, strengths, weaknesses } from './family-traits.js';

/** A family's card: why to use it, why not, and what people disagree about. All of it is written from its data. */
export interface FamilyCard {
  for: string[];
  against: string;
  disputed: string[];
}

/**
 * The card of a family or a grade: up to three reasons for, the main one against, and the open questions.
 * Editing its data changes it.
 */
export function familyCard(f: Family): FamilyCard {
  const by = (list: Trait[]): string[] =>
    list
      .filter(t => t.weight > 0)
      .sort((a, b) => b.weight - a.weight)
      .map(t => t.text);
  return {
    for: by(strengths(f)).slice(0, 3),
    against: by(weaknesses(f))[0] ?? '',
    disputed: f.disputes.map(d => d.question),
  };
}
