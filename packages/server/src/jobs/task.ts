import type { Knex } from 'knex';
import type { JobAnswer } from './answer.js';

/** Says how far a task is. */
export type SayProgress = (done: number, total: number) => void;

/** A piece of work for a thread: an answer to be sent as it is, or a value to go on with. */
export interface Task<Input, Output = JobAnswer> {
  /** Whether it writes: then it has a connection that may, and is not to be ended in the middle. */
  writes?: true;
  run: (db: Knex, input: Input, progress: SayProgress) => Promise<Output> | Output;
}
