import {
  openQuestions,
  type Brief,
  type Family,
  type Printer,
  type Provisional,
  type Weather,
} from '@hornblende/core';

/** A brief with what was said of it, and all that its ranking rests on. */
export interface OpenQuestionsQuestion {
  brief: Brief;
  given: object;
  printer: Printer | null;
  weather: Weather | null;
  families: Family[];
}

/** Finds which open questions would change the first choice: some ten rankings. */
export function run({ brief, given, ...options }: OpenQuestionsQuestion): Provisional {
  return openQuestions(brief, given, options);
}
