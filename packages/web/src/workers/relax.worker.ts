import {
  relaxations,
  type Brief,
  type Family,
  type NothingFits,
  type Printer,
  type Weather,
} from '@hornblende/core';

/** Finds what to ask less of, off the main thread: some hundred rankings. */
self.onmessage = (
  e: MessageEvent<{ brief: Brief; printer: Printer | null; weather: Weather | null; candidates: Family[] }>,
) => {
  const answer: NothingFits = relaxations(e.data.brief, e.data.printer, e.data.candidates, e.data.weather);
  self.postMessage(answer);
};
