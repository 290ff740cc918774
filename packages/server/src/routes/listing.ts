import { InputError } from '@hornblende/core/input';
import type { Request, RequestHandler } from 'express';
import { pageAsked } from '../db/page.js';
import type { Jobs, Lane } from '../jobs/jobs.js';
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
  lane: Lane = 'reading',
): RequestHandler<P> {
  return async (req, res) => {
    const asked = {
      ...besides(req),
      ...pageAsked(req.query),
      search: searchOf('search', req.query.search),
      path: req.originalUrl,
    };
    const signal = leaving(res);
    send(res, await jobs.run(lane, name, asked as unknown as JobInput<Name>, { signal }));
  };
}

/** The words of a search as a query brings them; null where it brings none. @throws InputError */
export function searchOf(field: string, words: unknown): string | null {
  if (words === undefined) return null;
  if (typeof words !== 'string' || words.length > LONGEST_SEARCH || words.includes('\0'))
    throw new InputError([
      { field, value: words, message: `must be words of at most ${LONGEST_SEARCH} characters` },
    ]);
  return words;
}
