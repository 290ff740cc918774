import type { AdviceAnswer, AdviceQuestion } from './jobs/advice';
import type { ContendersQuestion } from './jobs/contenders';
import type { GradesAnswer, GradesQuestion } from './jobs/grades';
import type { MeshReport } from '@hornblende/core/geometry';
import type { MeshQuestion } from './jobs/mesh';
import type { RelaxQuestion } from './jobs/relax';
import type { RobustnessQuestion } from './jobs/robustness';
import type { Standing, StandingsQuestion } from './jobs/standings';
import type { UpgradesQuestion } from './jobs/upgrades';
import type { WeatherAnswer } from './jobs/weather';
import type { YearAnswer, YearQuestion } from './jobs/year';
import type { NothingFits, Robustness, WorkshopUpgradesResult } from '@hornblende/core';

/** Every job of the compute worker: question and answer by name. */
export interface Jobs {
  advice: { question: AdviceQuestion; answer: AdviceAnswer };
  contenders: { question: ContendersQuestion; answer: string[] };
  grades: { question: GradesQuestion; answer: GradesAnswer };
  mesh: { question: MeshQuestion; answer: MeshReport };
  relax: { question: RelaxQuestion; answer: NothingFits };
  robustness: { question: RobustnessQuestion; answer: Robustness };
  standings: { question: StandingsQuestion; answer: Standing[] };
  upgrades: { question: UpgradesQuestion; answer: WorkshopUpgradesResult };
  weather: { question: File; answer: WeatherAnswer };
  year: { question: YearQuestion; answer: YearAnswer };
}

/** A job's name. */
export type JobName = keyof Jobs;
