// Units and how quantities are read and told: an entry of its own, for fields need no more of core than that.
export * from './units/index.js';
export * from './materials/property-units.js';
