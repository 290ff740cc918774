import {
  contenders,
  families,
  gradeFamily,
  rank,
  type Brief,
  type Grade,
  type Printer,
  type Status,
  type Weather,
} from '@hornblende/core';

/** A part as the list needs it judged. */
export interface StandingPart {
  id: string;
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
}
export interface StandingsQuestion {
  question: number;
  parts: StandingPart[];
  grades: Grade[];
}
/** How a part stands today: who leads, and how many are in the running. */
export interface Standing {
  id: string;
  first: { material: string; name: string; status: Status; why: string } | null;
  count: number;
}
export interface StandingsAnswer {
  question: number;
  standing: Standing;
}

/** Ranks every part of the list, one answer a part. */
self.onmessage = (e: MessageEvent<StandingsQuestion>) => {
  const { question, parts, grades } = e.data;
  const own = grades.map(g => gradeFamily(g));
  for (const { id, brief, printer, weather } of parts) {
    const options = { printer, weather };
    const { candidates } = rank(brief, {
      ...options,
      families: [...families, ...contenders(brief, own, options)],
    });
    const first = candidates.find(c => c.rank === 1);
    self.postMessage({
      question,
      standing: {
        id,
        first: first
          ? { material: first.material, name: first.name, status: first.status, why: first.for[0] ?? '' }
          : null,
        count: candidates.filter(c => c.rank !== null).length,
      },
    } satisfies StandingsAnswer);
  }
};
