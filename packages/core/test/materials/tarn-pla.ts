import { parseGrade } from '../../src/materials/grade-parse.js';
import type { Grade } from '../../src/materials/grade.js';

/** An invented grade of PLA, with whatever a test wants of it. */
export const tarnPla = (fields: object = {}): Grade =>
  parseGrade({
    format: 'hornblende-grade',
    version: 1,
    key: 'tarn-pla',
    name: 'Tarn PLA',
    maker: 'Tarn',
    family: 'pla',
    ...fields,
  });
