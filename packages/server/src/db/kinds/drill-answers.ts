import { parseDrillAnswer } from '@hornblende/core/formats';
import type { RecordKind } from '../kind.js';
import { dated, parsed } from './fields.js';

/** Answers to drills: each is written once, by an id that was made where it was given. */
export const drillAnswers: RecordKind = {
  name: 'drill-answers',
  one: 'answer',
  table: 'drill_answers',
  key: ['id'],
  json: ['data'],
  writtenAt: ['at'],
  title: dated('an answer of', 'at'),
  check: row => void parseDrillAnswer(parsed(row, 'data')),
};
