import type { Response } from 'express';
import type { JobAnswer } from '../jobs/answer.js';

/** A signal that is given when whoever asked goes away before the answer is out. */
export function leaving(res: Response): AbortSignal {
  const controller = new AbortController();
  res.on('close', () => {
    if (!res.writableFinished) controller.abort();
  });
  return controller.signal;
}

/** Sends what a job gave back. */
export function send(res: Response, { status, type, body, headers = {} }: JobAnswer): void {
  res.status(status).type(type).set(headers);
  res.send(Buffer.from(body.buffer, body.byteOffset, body.byteLength));
}
