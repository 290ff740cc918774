// Figures, words and statistics that several rooms share.
export { capital } from './capital.js';
export { timesIn100 } from './chance-words.js';
export { criterionIds, type CriterionId } from './criterion-ids.js';
export { dayWords } from './day-words.js';
export { sig } from './figures.js';
export { hoursText } from './hours-text.js';
export { DAY_MS, HOURS_A_YEAR, HOUR_MS } from './physical-constants.js';
export { chance, triangular } from './random.js';
export { reliability, type Calibration } from './reliability.js';
export { yearsText } from './years-text.js';
