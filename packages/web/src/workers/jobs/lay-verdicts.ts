import {
  easierLay,
  layChoices,
  layVerdicts,
  type LayChoice,
  type LayVerdict,
  type ShapeLay,
} from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import type { Progress } from '../job';

/** A part, the ways to lay it, and the filament that it is to be printed in. */
export interface LayVerdictsQuestion {
  brief: Brief;
  lays: ShapeLay[];
  material: string;
  printer: Printer | null;
  weather: Weather | null;
  /** Who takes part. */
  families: Family[];
}

/** The ways to lay it in that filament, best first; what would come first for each; where an easier one comes in. */
export interface LayVerdictsAnswer {
  verdicts: LayVerdict[];
  choices: LayChoice[];
  easier: LayChoice | null;
}

/** Compares the ways to lay a part, in one filament, which is told at once, and over all of them. */
export function run(q: LayVerdictsQuestion, progress: Progress<LayVerdictsAnswer>): LayVerdictsAnswer {
  const options = { printer: q.printer, weather: q.weather };
  const family = q.families.find(f => f.key === q.material);
  const verdicts = family ? layVerdicts(q.brief, q.lays, family, options) : [];
  progress(0, 1, { verdicts, choices: [], easier: null });
  const choices = layChoices(q.brief, q.lays, { ...options, families: q.families }, done =>
    progress(done, 1),
  );
  const now = verdicts.find(v => v.current)?.index ?? 0;
  return { verdicts, choices, easier: easierLay(choices, now) };
}
