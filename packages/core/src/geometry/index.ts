// Shapes: an entry of its own, for only the shape room needs the mesh libraries.
export * from './corners.js';
export * from './extent.js';
export * from './mesh.js';
export * from './mesh-report.js';
export * from './overhang.js';
export * from './read-mesh.js';
export * from './section.js';
export * from './solid.js';
export * from './walls.js';
export * from './weld.js';
