import {
  relaxations,
  type Brief,
  type Family,
  type NothingFits,
  type Printer,
  type Weather,
} from '@hornblende/core';

/** A brief that nothing satisfies, and all that its ranking rests on. */
export interface RelaxQuestion {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  candidates: Family[];
}

/** Finds what to ask less of: some hundred rankings. */
export function run({ brief, printer, weather, candidates }: RelaxQuestion): NothingFits {
  return relaxations(brief, printer, candidates, weather);
}
