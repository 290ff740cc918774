import type { PropertyName } from '@hornblende/core/materials';

/** A condition on a property: at least or at most so much, in stored units. */
export interface PropertyCondition {
  name: PropertyName;
  sense: 'at least' | 'at most';
  value: number;
}
