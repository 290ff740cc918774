import {
  contenders,
  gradeFamily,
  type Brief,
  type Family,
  type Grade,
  type Printer,
  type Weather,
} from '@hornblende/core';

/** A question to this worker. `grades` is only sent when they changed; the worker keeps them. */
export interface ContendersQuestion {
  question: number;
  grades: Grade[] | null;
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  keep: string[];
}

let grades: Family[] = [];

/** Picks the grades that take part in a ranking, out of thousands. */
self.onmessage = (e: MessageEvent<ContendersQuestion>) => {
  const q = e.data;
  if (q.grades) grades = q.grades.map(g => gradeFamily(g));
  const keys = contenders(q.brief, grades, { printer: q.printer, weather: q.weather }, new Set(q.keep)).map(
    f => f.key,
  );
  self.postMessage({ question: q.question, keys });
};
