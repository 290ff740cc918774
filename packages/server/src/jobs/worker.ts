import type { Knex } from 'knex';
import { Piscina } from 'piscina';
import { openForReading, openForWriting } from '../db/database.js';
import { refusalOf } from '../lib/errors.js';
import type { Report } from './answer.js';
import type { Task } from './task.js';
import { tasks, type JobCall, type JobName, type JobOutput } from './tasks/index.js';

// One thread of the pool: looks the job up, gives it a connection of its own, and says a refusal as data.

const reading = new Map<string, Knex>();

/** Runs one job. */
export default async function run<Name extends JobName>(
  call: JobCall<Name>,
): Promise<Report<JobOutput<Name>>> {
  const { port } = call;
  try {
    const task = (await tasks[call.name]()) as unknown as Task<unknown, JobOutput<Name>>;
    const say = (done: number, total: number): void => port?.postMessage({ done, total });
    return handedOver({ output: await connected(task, call.file, db => task.run(db, call.input, say)) });
  } catch (e) {
    const refused = refusalOf(e);
    if (refused.status === 500) console.error(e);
    return { refused };
  } finally {
    port?.close();
  }
}

/** A report whose bytes go to the main thread as they are, not as a copy that it would have to make. */
function handedOver<Output>(report: Report<Output>): Report<Output> {
  const body = 'output' in report ? (report.output as { body?: unknown } | null)?.body : undefined;
  if (!(body instanceof Uint8Array) || body.byteLength < body.buffer.byteLength) return report;
  return Piscina.move({
    get [Piscina.transferableSymbol]() {
      return body.buffer;
    },
    get [Piscina.valueSymbol]() {
      return report;
    },
  } as never) as unknown as Report<Output>;
}

async function connected<T>(
  task: Pick<Task<unknown>, 'writes'>,
  file: string,
  work: (db: Knex) => Promise<T> | T,
): Promise<T> {
  if (!task.writes) {
    const db = reading.get(file) ?? openForReading(file);
    reading.set(file, db);
    return work(db);
  }
  const db = openForWriting(file);
  try {
    return await work(db);
  } finally {
    await db.destroy();
  }
}
