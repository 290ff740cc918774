import type { Family } from '../family.js';

// What plastics of one kind bear alike: it changes for all of them together.

/** How styrenics bear chemicals. */
export const styrenicChemicals: Family['chemicals'] = {
  petrol: 'poor',
  oil: 'good',
  alcohol: 'fair',
  acetone: 'poor',
  'weak-acid': 'good',
  'strong-acid': 'fair',
  alkali: 'good',
  'salt-water': 'good',
  bleach: 'good',
  'brake-fluid': 'poor',
  detergent: 'fair',
};

/** How PET copolyesters bear chemicals. */
export const polyesterChemicals: Family['chemicals'] = {
  petrol: 'fair',
  oil: 'good',
  alcohol: 'fair',
  acetone: 'poor',
  'weak-acid': 'good',
  'strong-acid': 'fair',
  alkali: 'fair',
  'salt-water': 'good',
  bleach: 'good',
  'brake-fluid': 'poor',
  detergent: 'good',
};

/** How nylons bear chemicals. */
export const nylonChemicals: Family['chemicals'] = {
  petrol: 'good',
  oil: 'good',
  alcohol: 'fair',
  acetone: 'good',
  'weak-acid': 'fair',
  'strong-acid': 'poor',
  alkali: 'good',
  'salt-water': 'good',
  bleach: 'poor',
  'brake-fluid': 'good',
  detergent: 'good',
};

/** How polyurethanes bear chemicals. */
export const polyurethaneChemicals: Family['chemicals'] = {
  petrol: 'fair',
  oil: 'good',
  alcohol: 'fair',
  acetone: 'poor',
  'weak-acid': 'fair',
  'strong-acid': 'poor',
  alkali: 'poor',
  'salt-water': 'good',
  bleach: 'poor',
  'brake-fluid': 'poor',
  detergent: 'good',
};
