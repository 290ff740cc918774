import { requireWellFormed } from '@hornblende/core/input';
import express, { type RequestHandler } from 'express';

/** Reads bodies of JSON, and refuses what no format has before anything walks into it. */
export function jsonBody(limit: number): RequestHandler {
  const read = express.json({ limit, strict: false });
  return (req, res, next) =>
    read(req, res, (failure?: unknown) => next(failure ?? problemOf(req.body as unknown)));
}

/** Why a body is refused; undefined where it is not. */
function problemOf(body: unknown): unknown {
  try {
    requireWellFormed(body);
    return undefined;
  } catch (e) {
    return e;
  }
}
