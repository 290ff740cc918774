import { Piscina } from 'piscina';
import { HttpProblem } from '../lib/errors.js';
import type { Report } from './answer.js';
import type { JobCall, JobInput, JobName, JobOutput } from './tasks/index.js';

/** Jobs that may wait for a thread; more are refused, so that a flood cannot pile up. */
const MOST_WAITING = 64;
/** Threads of each lane: reading lists must stay quick beside what is heavy. */
const THREADS = { reading: 1, heavy: 2 };
/** How long a thread without work stays, ms. */
const IDLE_MS = 60_000;

/** Built beside the bundle that this is part of; the tests, which run the sources, use the built one as well. */
const threadFile = new URL(
  import.meta.url.endsWith('.ts') ? '../../../cli/dist/thread-entry.cjs' : './thread-entry.cjs',
  import.meta.url,
).href;

/** Which threads a job runs on. */
export type Lane = keyof typeof THREADS;

/**
 * Work that would hold up everyone else, in threads of its own: each has its own connection to the database, and
 * gives back bytes that are ready to be sent.
 */
export class Jobs {
  private pools: Record<Lane, Piscina>;

  constructor(private readonly file: string) {
    this.pools = started();
  }

  /**
   * Runs a job.
   * @param signal ends it, in the middle if need be; not for jobs that write
   * @throws HttpProblem as the job refuses; 503 when too many wait or the server stops; 499 when ended
   */
  async run<Name extends JobName>(
    lane: Lane,
    name: Name,
    input: JobInput<Name>,
    signal?: AbortSignal,
  ): Promise<JobOutput<Name>> {
    const report = await this.reported<Name>(lane, { file: this.file, name, input }, signal);
    if ('output' in report) return report.output;
    const { status, problems, extra } = report.refused;
    throw new HttpProblem(status, problems, extra);
  }

  /** Ends every thread and begins with new ones: the database was put in place of another. */
  async restart(): Promise<void> {
    await this.close();
    this.pools = started();
  }

  /** Ends every thread. */
  async close(): Promise<void> {
    await Promise.all(Object.values(this.pools).map(p => p.destroy()));
  }

  private async reported<Name extends JobName>(
    lane: Lane,
    call: JobCall<Name>,
    signal?: AbortSignal,
  ): Promise<Report<JobOutput<Name>>> {
    try {
      return (await this.pools[lane].run(call, signal ? { signal } : {})) as Report<JobOutput<Name>>;
    } catch (e) {
      const { message } = e as Error;
      if (signal?.aborted) throw requestProblem(499, 'was cancelled; nothing was written');
      if (/queue/i.test(message))
        throw requestProblem(503, 'must wait: too much is being worked out just now; try again in a moment');
      if (/terminat|destroy|clos/i.test(message)) throw requestProblem(503, 'was ended: the server stops');
      throw e;
    }
  }
}

function started(): Record<Lane, Piscina> {
  const pool = (maxThreads: number): Piscina =>
    new Piscina({
      filename: threadFile,
      minThreads: 0,
      maxThreads,
      idleTimeout: IDLE_MS,
      maxQueue: MOST_WAITING,
    });
  return { reading: pool(THREADS.reading), heavy: pool(THREADS.heavy) };
}

function requestProblem(status: number, message: string): HttpProblem {
  return new HttpProblem(status, [{ field: '(request)', value: null, message }]);
}
