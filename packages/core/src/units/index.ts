export * from './dimensions.js';
export * from './quantity.js';
