import type { Request, RequestHandler } from 'express';
import { pageAsked } from '../db/page.js';
import type { Jobs } from '../jobs/jobs.js';
import { leaving, send } from './send.js';
import type { JobInput, JobName } from '../jobs/tasks/index.js';

/** The tasks that give a page of a list. */
export type ListName = Extract<JobName, `list${string}`>;
/** What a list is asked besides which page. */
type Besides<Name extends ListName> = Omit<JobInput<Name>, 'limit' | 'after' | 'path'>;

/** A list in pages, read in a thread; the next page's address stands in the header `Link` (RFC 8288). */
export function listing<Name extends ListName, P = Record<string, string>>(
  jobs: Jobs,
  name: Name,
  besides: (req: Request<P>) => Besides<Name>,
): RequestHandler<P> {
  return async (req, res) => {
    const asked = { ...besides(req), ...pageAsked(req.query), path: req.originalUrl };
    send(res, await jobs.run('reading', name, asked as unknown as JobInput<Name>, leaving(res)));
  };
}
