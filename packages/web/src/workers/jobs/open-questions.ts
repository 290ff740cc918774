import { openQuestions, type Provisional } from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';

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
