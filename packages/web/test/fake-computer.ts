import { vi } from 'vitest';
import type { JobName } from '../src/workers/jobs';

/** A job that was asked for, to be answered by the test. */
export interface AskedJob {
  name: JobName;
  question: unknown;
  progress: (done: number, total: number, soFar?: unknown) => void;
  answer: (value: unknown) => void;
  fail: (message: string) => void;
  cancelled: boolean;
}

/** Everything that was asked of the compute worker. */
export const askedJobs: AskedJob[] = [];

/** Stands in for `workers/compute`: `vi.mock(…, () => fakeCompute())`. */
export function fakeCompute(): object {
  class JobCancelled extends Error {}
  return {
    JobCancelled,
    compute: vi.fn((name: JobName, question: unknown, progress: AskedJob['progress'] = () => undefined) => {
      let answer: (value: unknown) => void = () => undefined;
      let reject: (error: Error) => void = () => undefined;
      const promise = new Promise((ok, no) => {
        answer = ok;
        reject = no;
      });
      promise.catch(() => undefined);
      const job: AskedJob = {
        name,
        question: JSON.parse(JSON.stringify(question)),
        progress,
        answer,
        fail: message => reject(new Error(message)),
        cancelled: false,
      };
      askedJobs.push(job);
      return {
        answer: promise,
        cancel: () => {
          job.cancelled = true;
          reject(new JobCancelled());
        },
      };
    }),
  };
}

/** The jobs of one kind that were asked for. */
export function asked(name: JobName): AskedJob[] {
  return askedJobs.filter(j => j.name === name);
}
