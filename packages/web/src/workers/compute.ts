import { proxy, wrap, type Remote } from 'comlink';
import type { ComputeWorker } from './compute.worker';
import type { Progress } from './job';
import type { JobName, Jobs } from './jobs';

/** A job that has been asked for: its answer to come, and a way to abandon it. */
export interface RunningJob<Answer> {
  answer: Promise<Answer>;
  cancel: () => void;
}

/** Why there is no answer: whoever asked did not want it any more. */
export class JobCancelled extends Error {
  constructor() {
    super('was cancelled');
    this.name = 'JobCancelled';
  }
}

/** The worker of one kind of job, kept warm between questions; they wait for each other. */
interface Lane {
  worker: Worker;
  remote: Remote<ComputeWorker>;
  /** Settles when the last question that was put does. */
  last: Promise<unknown>;
  /** Rejects what runs: the worker broke, or was ended. */
  broken: Promise<never>;
  break: (error: Error) => void;
}

const lanes = new Map<JobName, Lane>();

function openLane(name: JobName): Lane {
  const worker = new Worker(new URL('./compute.worker.ts', import.meta.url), { type: 'module' });
  let fail: (error: Error) => void = () => undefined;
  const broken = new Promise<never>((_, reject) => {
    fail = reject;
  });
  worker.addEventListener('error', e => fail(new Error(e.message || 'the computation could not be started')));
  worker.addEventListener('messageerror', () => fail(new Error('the answer could not be read')));
  const remote = wrap<ComputeWorker>(worker);
  const lane: Lane = { worker, remote, last: Promise.resolve(), broken, break: fail };
  broken.catch(() => end(name, lane));
  lanes.set(name, lane);
  return lane;
}

/** A copy without proxies of stores, which cannot be posted; files go as they are. */
function plain<T>(question: T): T {
  if (question instanceof Blob) return question;
  const bytes = (question as { bytes?: unknown }).bytes;
  const copy = JSON.parse(JSON.stringify({ ...question, bytes: undefined })) as T;
  return bytes instanceof Uint8Array ? { ...copy, bytes } : copy;
}

/**
 * Has a job done in the worker. Cancelling ends the worker, whatever it is at.
 * @param progress told how far it is
 * @returns an answer that rejects with what the job threw, with what broke the worker, or with {@link JobCancelled}
 */
export function compute<N extends JobName>(
  name: N,
  question: Jobs[N]['question'],
  progress: Progress = () => undefined,
): RunningJob<Jobs[N]['answer']> {
  const lane = lanes.get(name) ?? openLane(name);
  const copy = plain(question);
  const run = lane.last.then(
    // Which answer comes is known by the job's name alone, which the worker's union of jobs cannot express.
    () => lane.remote.run(name, copy as never, proxy(progress) as never) as Promise<never>,
  ) as Promise<Jobs[N]['answer']>;
  const answer = Promise.race([run, lane.broken]);
  lane.last = answer.catch(() => undefined);
  const cancel = (): void => {
    // At once, not when the rejection is heard: the next question must not go to a worker that is on its way out.
    end(name, lane);
    lane.break(new JobCancelled());
  };
  return { answer, cancel };
}

function end(name: JobName, lane: Lane): void {
  lane.worker.terminate();
  if (lanes.get(name) === lane) lanes.delete(name);
}
