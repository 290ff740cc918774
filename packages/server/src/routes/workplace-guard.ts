import type { RequestHandler } from 'express';
import type { Workplace } from '../workplace/workplace.js';
import { HttpProblem } from '../lib/errors.js';

/** What may be asked of a damaged workshop besides reading: sums that need no database, and putting it right. */
const harmless = /^\/(calc|rank|backups)(\/|$)/;

/** Holds requests while the database is put in place of another, and refuses writes to a damaged one. */
export function workplaceGuard(workplace: Workplace): RequestHandler {
  return async (req, _res, next) => {
    await workplace.ready();
    const reads = req.method === 'GET' || req.method === 'HEAD';
    if (workplace.damage.length && !reads && !harmless.test(req.path))
      throw new HttpProblem(503, [
        {
          field: '(database)',
          value: null,
          message:
            'is damaged and open for reading only: nothing was saved. ' +
            'Restore the newest good backup under Settings',
        },
      ]);
    next();
  };
}
