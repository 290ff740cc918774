export * from './dimensions.js';
export * from './quantity.js';
export * from './property-units.js';
export * from './prose.js';
