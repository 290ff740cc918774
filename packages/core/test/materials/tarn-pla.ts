import { parseGrade, type Grade } from '../../src/index.js';

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
