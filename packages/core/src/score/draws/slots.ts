import { propertyNames, type PropertyName } from '../../materials/property.js';

/** Where each property stands in a draw's values. */
export const slot = Object.fromEntries(propertyNames.map((n, i) => [n, i])) as Record<PropertyName, number>;
