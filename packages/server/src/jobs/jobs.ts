import { Piscina } from 'piscina';
import { MessageChannel } from 'node:worker_threads';
import { HttpProblem } from '../lib/errors.js';
import type { JobProgress, Report } from './answer.js';
import type { JobCall, JobInput, JobName, JobOutput } from './tasks/index.js';

/** Jobs that may wait for a thread; more are refused, so that a flood cannot pile up. */
const MOST_WAITING = 64;
/**
 * Threads of each lane: reading lists must stay quick beside what is heavy, and a look through the whole file must
 * hold up neither; one thread looks at the file for it, the other at its records.
 */
const THREADS = { reading: 1, heavy: 2, checking: 2 };
/** Threads that are there before they are needed, and stay: after a minute's rest a list must not wait for one. */
const STANDING = { reading: 1, heavy: 0, checking: 0 };
/** How long another thread without work stays, ms. */
const IDLE_MS = 60_000;
/**
 * The most that objects of one thread may take, MB: many times what the largest workshop needs. A thread that knows
 * of a limit also clears away sooner, and takes half as much memory as one that may fill the machine.
 */
const THREAD_MEMORY_MB = 1024;
/** Of that what is only just made may take, MB. */
const YOUNG_MB = 16;

/** Built beside the bundle that this is part of; the tests, which run the sources, use the built one as well. */
const threadFile = new URL(
  import.meta.url.endsWith('.ts') ? '../../../cli/dist/thread-entry.cjs' : './thread-entry.cjs',
  import.meta.url,
).href;

/** Which threads a job runs on. */
export type Lane = keyof typeof THREADS;
const lanes = Object.keys(THREADS) as Lane[];

/** What the threads of a database are like. */
export interface JobsSetUp {
  /** Whether threads stand by that are there before they are needed. */
  standing?: boolean;
  /** The most that objects of one thread may take, MB. */
  memoryMB?: number;
}

/** How a job is run besides its input. */
export interface JobOptions {
  /** Ends it, in the middle if need be; not for jobs that write. */
  signal?: AbortSignal;
  /** Is told how far it is. */
  progress?: (p: JobProgress) => void;
}

/**
 * Work that would hold up everyone else, in threads of its own: each has its own connection to the database, and
 * gives back bytes that are ready to be sent.
 */
export class Jobs {
  private pools: Record<Lane, Piscina>;
  /** Whether the threads were ended, or are about to be. */
  private ended = false;
  private readonly setUp: Required<JobsSetUp>;

  constructor(
    private readonly file: string,
    { standing = false, memoryMB = THREAD_MEMORY_MB }: JobsSetUp = {},
  ) {
    this.setUp = { standing, memoryMB };
    this.pools = started(this.setUp);
  }

  /**
   * Runs a job.
   * @throws HttpProblem as the job refuses; 503 when too many wait or the server stops; 499 when ended; 507 when it
   * needs more memory than a thread may have
   */
  async run<Name extends JobName>(
    lane: Lane,
    name: Name,
    input: JobInput<Name>,
    { signal, progress }: JobOptions = {},
  ): Promise<JobOutput<Name>> {
    if (this.pools[lane].queueSize >= MOST_WAITING)
      throw requestProblem(503, 'must wait: too much is being worked out just now; try again in a moment');
    const report = await this.reported<Name>(lane, { file: this.file, name, input }, signal, progress);
    if ('output' in report) return report.output;
    const { status, problems, extra } = report.refused;
    throw new HttpProblem(status, problems, extra);
  }

  /** Ends every thread and begins with new ones: the database was put in place of another. */
  async restart(): Promise<void> {
    await this.close();
    this.pools = started(this.setUp);
    this.ended = false;
  }

  /** Ends every thread. */
  async close(): Promise<void> {
    this.ended = true;
    await Promise.all(Object.values(this.pools).map(p => p.destroy()));
  }

  private async reported<Name extends JobName>(
    lane: Lane,
    call: Omit<JobCall<Name>, 'port'>,
    signal?: AbortSignal,
    progress?: (p: JobProgress) => void,
  ): Promise<Report<JobOutput<Name>>> {
    const channel = progress ? new MessageChannel() : null;
    channel?.port1.on('message', (p: JobProgress) => progress?.(p));
    try {
      const whole = channel ? { ...call, port: channel.port2 } : call;
      return (await this.pools[lane].run(whole, {
        ...(signal ? { signal } : {}),
        ...(channel ? { transferList: [channel.port2] } : {}),
      })) as Report<JobOutput<Name>>;
    } catch (e) {
      if (signal?.aborted) throw requestProblem(499, 'was cancelled; nothing was written');
      if (this.ended) throw requestProblem(503, 'was ended: the server stops');
      if ((e as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw requestProblem(
          507,
          `needs more memory than one task may have (${this.setUp.memoryMB} MB); nothing was written`,
        );
      throw e;
    } finally {
      channel?.port1.close();
    }
  }
}

function started({ standing, memoryMB }: Required<JobsSetUp>): Record<Lane, Piscina> {
  const pool = (lane: Lane): Piscina => {
    const threads = new Piscina({
      filename: threadFile,
      minThreads: standing ? STANDING[lane] : 0,
      maxThreads: THREADS[lane],
      idleTimeout: IDLE_MS,
      maxQueue: Infinity,
      resourceLimits: { maxOldGenerationSizeMb: memoryMB, maxYoungGenerationSizeMb: YOUNG_MB },
    });
    // A thread that ends without work is replaced when there is some: it must not take the server with it.
    threads.on('error', (e: Error) => console.error(`A thread ended: ${e.message}`));
    return threads;
  };
  return Object.fromEntries(lanes.map(lane => [lane, pool(lane)])) as Record<Lane, Piscina>;
}

function requestProblem(status: number, message: string): HttpProblem {
  return new HttpProblem(status, [{ field: '(request)', value: null, message }]);
}
