import { InputError } from '@hornblende/core/input';
import type { Request, RequestHandler } from 'express';
import { pageAsked } from '../db/page.js';
import type { Jobs } from '../jobs/jobs.js';
import type { JobInput, JobName } from '../jobs/tasks/index.js';
import { leaving, send } from './send.js';

/** The tasks that give a page of a list. */
export type ListName = Extract<JobName, `list${string}`>;
/** What a list is asked besides which page. */
type Besides<Name extends ListName> = Omit<JobInput<Name>, 'limit' | 'after' | 'path' | 'search'>;

/** Longest words of a search, characters. */
const LONGEST_SEARCH = 120;

/**
 * A list in pages, read in a thread; the next page's address stands in the header `Link` (RFC 8288). `search` in the
 * query leaves those that hold every word.
 */
export function listing<Name extends ListName, P = Record<string, string>>(
  jobs: Jobs,
  name: Name,
  besides: (req: Request<P>) => Besides<Name>,
): RequestHandler<P> {
  return async (req, res) => {
    const asked = {
      ...besides(req),
      ...pageAsked(req.query),
      search: searchOf(req.query.search),
      path: req.originalUrl,
    };
    const signal = leaving(res);
    send(res, await jobs.run('reading', name, asked as unknown as JobInput<Name>, { signal }));
  };
}

/** @throws InputError */
function searchOf(search: unknown): string | null {
  if (search === undefined) return null;
  if (typeof search !== 'string' || search.length > LONGEST_SEARCH || search.includes('\0'))
    throw new InputError([
      { field: 'search', value: search, message: `must be words of at most ${LONGEST_SEARCH} characters` },
    ]);
  return search;
}
