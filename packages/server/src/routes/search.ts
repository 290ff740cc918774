import type { SearchKind } from '@hornblende/core/api';
import { InputError } from '@hornblende/core/input';
import { Router } from 'express';
import type { Jobs } from '../jobs/jobs.js';
import { pageAsked } from '../db/page.js';
import { searchKinds } from '../db/search.js';
import { searchOf } from './listing.js';
import { leaving, send } from './send.js';

/** What a search gives where nothing is said of how many. */
const USUAL_HITS = 20;

/** /search: parts and parts in service by their words, for whatever picks one. */
export function searchRoutes(jobs: Jobs): Router {
  const router = Router();
  router.get('/', async (req, res) => {
    const { words, kinds, away, limit = USUAL_HITS } = req.query;
    const asked = {
      words: searchOf('words', words) ?? '',
      kinds: kindsOf(kinds),
      away: away === 'true',
      limit: pageAsked({ limit }).limit,
    };
    send(res, await jobs.run('reading', 'search', asked, { signal: leaving(res) }));
  });
  return router;
}

/** Kinds by their names, with commas between; all where none is named. @throws InputError */
function kindsOf(asked: unknown): readonly SearchKind[] {
  if (asked === undefined) return searchKinds;
  const named = typeof asked === 'string' ? asked.split(',') : [];
  const known = searchKinds.filter(kind => named.includes(kind));
  if (!named.length || known.length < named.length)
    throw new InputError([
      {
        field: 'kinds',
        value: asked,
        message: `must be ${searchKinds.join(' or ')}, or both with a comma between`,
      },
    ]);
  return known;
}
