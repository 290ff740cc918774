// Tables of grades: an entry of its own, for only importing and exporting need the CSV library.
export * from './lib/decode-text.js';
export * from './lib/formula-guard.js';
export * from './materials/grade-preview.js';
export * from './materials/grade-read.js';
export * from './materials/grade-rows.js';
export * from './materials/grade-write.js';
export * from './materials/known-columns.js';
export * from './service/placed-read.js';
export * from './service/placed-row.js';
export * from './service/placed-words.js';
