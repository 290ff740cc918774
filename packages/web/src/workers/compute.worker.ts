import { expose } from 'comlink';
import type { Job, Progress } from './job';
import type { JobName, Jobs } from './jobs';

/** The jobs, each loaded when it is first asked for. */
const loaders: { [N in JobName]: () => Promise<{ run: Job<Jobs[N]['question'], Jobs[N]['answer']> }> } = {
  advice: () => import('./jobs/advice'),
  chooser: () => import('./jobs/chooser'),
  contenders: () => import('./jobs/contenders'),
  couponLook: () => import('./jobs/coupon-look'),
  favourite: () => import('./jobs/favourite'),
  firstMachines: () => import('./jobs/first-machines'),
  gcode: () => import('./jobs/gcode'),
  grades: () => import('./jobs/grades'),
  loadField: () => import('./jobs/load-field'),
  ladder: () => import('./jobs/ladder'),
  lays: () => import('./jobs/lays'),
  layVerdicts: () => import('./jobs/lay-verdicts'),
  openQuestions: () => import('./jobs/open-questions'),
  placed: () => import('./jobs/placed'),
  provisionals: () => import('./jobs/provisionals'),
  relax: () => import('./jobs/relax'),
  robustness: () => import('./jobs/robustness'),
  settingsTrade: () => import('./jobs/settings-trade'),
  shape: () => import('./jobs/shape'),
  standings: () => import('./jobs/standings'),
  upgrades: () => import('./jobs/upgrades'),
  cuts: () => import('./jobs/cuts'),
  warpField: () => import('./jobs/warp-field'),
  weather: () => import('./jobs/weather'),
  year: () => import('./jobs/year'),
};

/** Runs a job by its name; what it throws reaches whoever asked. */
async function run<N extends JobName>(
  name: N,
  question: Jobs[N]['question'],
  progress: Progress<Jobs[N]['answer']>,
): Promise<Jobs[N]['answer']> {
  const job = await loaders[name]();
  return job.run(question, progress);
}

/** What the worker offers. */
export type ComputeWorker = { run: typeof run };

expose({ run });
