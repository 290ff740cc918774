import { contenders } from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Grade, Printer } from '@hornblende/core/formats';
import { gradeFamily } from '@hornblende/core/materials';

/** The grades there are, and the brief they are to be picked for. */
export interface ContendersQuestion {
  grades: Grade[];
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  /** Keys that take part whatever they score. */
  keep: string[];
}

/** Picks the grades that take part in a ranking, out of thousands. @returns their keys */
export function run(q: ContendersQuestion): string[] {
  const grades = q.grades.map(g => gradeFamily(g));
  const options = { printer: q.printer, weather: q.weather };
  return contenders(q.brief, grades, options, new Set(q.keep)).map(f => f.key);
}
