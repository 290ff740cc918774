export * from './dimensions.js';
export * from './quantity-error.js';
export * from './quantity.js';
export * from './range.js';
export * from './prose.js';
