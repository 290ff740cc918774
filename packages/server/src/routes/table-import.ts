import { raw, type RequestHandler } from 'express';
import type { Knex } from 'knex';
import { holdingGate } from '../db/write-gate.js';
import type { Jobs } from '../jobs/jobs.js';
import { drop, wantedFlag } from '../jobs/wanted.js';
import { send } from './send.js';

/** Largest table that is taken, bytes: some twenty thousand rows. */
const TABLE_LIMIT = 32 * 1024 * 1024;

/**
 * Takes a whole table, all or nothing: its body is read in the thread that writes it, and nothing is kept where whoever
 * sent it has gone away.
 */
export function takesTable(
  db: Knex,
  jobs: Jobs,
  name: 'importGrades' | 'importPlaced',
  now: () => string,
): RequestHandler[] {
  return [
    raw({ limit: TABLE_LIMIT, type: () => true }),
    async (req, res) => {
      const wanted = wantedFlag();
      res.on('close', () => {
        if (!res.writableFinished) drop(wanted);
      });
      const body = Buffer.isBuffer(req.body) ? new Uint8Array(req.body) : new Uint8Array();
      const input = { body, now: now(), wanted };
      send(res, await holdingGate(db, () => jobs.run('heavy', name, input)));
    },
  ];
}
