// Shapes made from numbers: an entry of its own, for only what makes them needs the modelling library.
export * from './coupon-plate.js';
export * from './make-coupon.js';
export { engravingFont } from './engraving.js';
export * from './coupon.js';
export * from './solids.js';
export * from '../geometry/stl-out.js';
export * from '../geometry/three-mf-out.js';
