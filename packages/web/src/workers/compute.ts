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

/**
 * How many workers there are at most: each has read all models, which takes longer than many a question. Two at
 * least, so that a long job does not hold up a short one.
 */
const MOST_WORKERS = Math.min(4, Math.max(2, globalThis.navigator?.hardwareConcurrency ?? 2));

/** A question that waits for a worker, or has one. */
interface Task {
  name: JobName;
  begin: (remote: Remote<ComputeWorker>) => Promise<unknown>;
  settle: (answer: unknown) => void;
  fail: (error: Error) => void;
}

/** One worker, kept warm between questions. */
interface Hand {
  worker: Worker;
  remote: Remote<ComputeWorker>;
  /** What it is at; null while it rests. */
  task: Task | null;
  /** What it was last at: some jobs remember what they worked out. */
  last: JobName | null;
}

const hands = new Set<Hand>();
const waiting: Task[] = [];

function hire(): Hand {
  const worker = new Worker(new URL('./compute.worker.ts', import.meta.url), { type: 'module' });
  const hand: Hand = { worker, remote: wrap<ComputeWorker>(worker), task: null, last: null };
  worker.addEventListener('error', e =>
    dismiss(hand, new Error(e.message || 'the computation could not be started')),
  );
  worker.addEventListener('messageerror', () => dismiss(hand, new Error('the answer could not be read')));
  hands.add(hand);
  return hand;
}

/** Ends a worker, whatever it is at; whoever waits for its answer is told why there is none. */
function dismiss(hand: Hand, why: Error): void {
  hand.worker.terminate();
  hands.delete(hand);
  hand.task?.fail(why);
  hand.task = null;
  giveOut();
}

/** Gives each question that waits to a worker that rests, or to a new one while there may be more. */
function giveOut(): void {
  while (waiting.length) {
    const resting = [...hands].filter(h => !h.task);
    const practised = resting.find(h => h.last === waiting[0]!.name) ?? resting[0];
    const hand = practised ?? (hands.size < MOST_WORKERS ? hire() : null);
    if (!hand) return;
    void work(hand, waiting.shift()!);
  }
}

async function work(hand: Hand, task: Task): Promise<void> {
  hand.task = task;
  hand.last = task.name;
  try {
    task.settle(await task.begin(hand.remote));
  } catch (e) {
    task.fail(e as Error);
  }
  if (hand.task !== task) return;
  hand.task = null;
  giveOut();
}

/** A copy without proxies of stores, which cannot be posted; files and arrays of numbers go as they are. */
function plain<T extends object>(question: T): T {
  if (question instanceof Blob) return question;
  const isArray = ([, value]: [string, unknown]): boolean => ArrayBuffer.isView(value);
  const parts = Object.entries(question);
  const rest = Object.fromEntries(parts.filter(part => !isArray(part)));
  return { ...JSON.parse(JSON.stringify(rest)), ...Object.fromEntries(parts.filter(isArray)) } as T;
}

/**
 * Has a job done in a worker, in the order in which jobs are asked for. Cancelling takes it out of the queue, or ends
 * the worker that is at it.
 * @param progress told how far it is, and what it has found so far
 * @returns an answer that rejects with what the job threw, with what broke the worker, or with {@link JobCancelled}
 */
export function compute<N extends JobName>(
  name: N,
  question: Jobs[N]['question'],
  progress: Progress<Jobs[N]['answer']> = () => undefined,
): RunningJob<Jobs[N]['answer']> {
  const copy = plain(question);
  let task!: Task;
  const answer = new Promise<Jobs[N]['answer']>((resolve, fail) => {
    // Which answer comes is known by the job's name alone, which the worker's union of jobs cannot express.
    const begin = (remote: Remote<ComputeWorker>): Promise<unknown> =>
      remote.run(name, copy as never, proxy(progress) as never);
    task = { name, begin, settle: resolve as Task['settle'], fail };
  });
  waiting.push(task);
  giveOut();
  return { answer, cancel: () => abandon(task) };
}

function abandon(task: Task): void {
  const place = waiting.indexOf(task);
  if (place >= 0) {
    waiting.splice(place, 1);
    task.fail(new JobCancelled());
  }
  for (const hand of hands) if (hand.task === task) dismiss(hand, new JobCancelled());
}
