import { relaxations, type NothingFits } from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';

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
