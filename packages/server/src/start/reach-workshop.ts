import { ownerHeaders } from '../workplace/desk-phrase.js';
import { servedAt } from '../workplace/folder-lock.js';
import { databaseIn } from './offline.js';
import { startServer } from './start-server.js';

/** A workshop that can be asked over its API. */
export interface ReachedWorkshop {
  url: string;
  /** What goes with each request: a desk that is locked hears its owner. */
  headers: Record<string, string>;
  /** Ends the server again, where it was started for the while. */
  leave: () => Promise<void>;
}

/**
 * The API of a folder's workshop: of the server that has it, else of one that is started for the while, so that what
 * the command line writes is checked and kept as what is written in the browser.
 * @throws StartProblem where there is no workshop
 */
export async function reachWorkshop(dataDir: string): Promise<ReachedWorkshop> {
  databaseIn(dataDir);
  const url = servedAt(dataDir);
  const headers = ownerHeaders(dataDir);
  if (url !== null && (await answers(url))) return { url, headers, leave: () => Promise.resolve() };
  const running = await startServer({ dataDir, port: 0, demo: false });
  return { url: running.url, headers, leave: running.close };
}

/** Whether a server answers there: one that was killed leaves its address behind. */
async function answers(url: string): Promise<boolean> {
  return fetch(`${url}/api/health`).then(
    answer => answer.ok,
    () => false,
  );
}
