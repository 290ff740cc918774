// A part's own shape under load and off the plate: an entry of its own, for only those who ask need it.
export { stressField, told } from './stress-field.js';
export type { FieldShape, StressFieldResult } from './stress-field.js';
export { loadFieldOf } from './load-on-shape.js';
export { skinOf, type Skin } from './skin.js';
export { StressFieldInput } from './stress-input.js';
export { surfaceOf, type Surface } from './patch.js';
export { movedLines, type MovedLines } from './moved-lines.js';
export { toldWarp, warpField, WarpFieldInput } from './warp-field.js';
export type { WarpFieldResult } from './warp-field.js';
export { bornByCell, cellsOfShape, cutPlan, type CutPlan } from './cuts.js';
export type { StressField } from './stress-field.js';
export { innerEdgeNear } from './inner-edge.js';
export { volumeQuantiles } from './volume-quantiles.js';
