import {
  contenders,
  gradeFamily,
  type Brief,
  type Family,
  type Grade,
  type Printer,
  type Weather,
} from '@hornblende/core';

/** What is asked. `grades` is null where they are those of the question before, which the worker keeps. */
export interface ContendersQuestion {
  grades: Grade[] | null;
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  /** Keys that take part whatever they score. */
  keep: string[];
}

let grades: Family[] = [];

/** Picks the grades that take part in a ranking, out of thousands. @returns their keys */
export function run(q: ContendersQuestion): string[] {
  if (q.grades) grades = q.grades.map(g => gradeFamily(g));
  const options = { printer: q.printer, weather: q.weather };
  return contenders(q.brief, grades, options, new Set(q.keep)).map(f => f.key);
}
