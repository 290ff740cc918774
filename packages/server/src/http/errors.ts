import type { ErrorRequestHandler, RequestHandler } from 'express';
import { InputError, type Problem } from '@hornblende/core';

/** An answer that is not a success: a status, a list of problems, and what else the client needs. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
    readonly extra: object = {},
  ) {
    super(problems.map(p => p.message).join('; '));
  }
}

/** 404 for something that is not there. */
export function notFound(field: string, value: unknown): HttpProblem {
  return new HttpProblem(404, [{ field, value, message: 'does not exist' }]);
}

/** 409 for a write made from a revision that is no longer the newest; carries what stands now. */
export function staleWrite(revision: number, current: { revision: number }): HttpProblem {
  return new HttpProblem(
    409,
    [
      {
        field: 'revision',
        value: revision,
        message: `was saved from elsewhere; it is now ${current.revision}`,
      },
    ],
    { current },
  );
}

/** The end of the API's routes: an unknown path is 404 in the same shape as every other problem. */
export const unknownRoute: RequestHandler = req => {
  throw notFound('path', `${req.method} ${req.path}`);
};

/** Problems as JSON can say them: a missing value is null, not absent. */
function said(problems: Problem[]): Problem[] {
  return problems.map(p => ({ ...p, value: p.value ?? null }));
}

/** Turns anything thrown into `{ errors: [{ field, value, message }] }`; never a stack trace. */
export const errorHandler: ErrorRequestHandler = (error: unknown, _req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  if (error instanceof InputError) {
    res.status(400).json({ errors: said(error.problems) });
    return;
  }
  if (error instanceof HttpProblem) {
    res.status(error.status).json({ errors: said(error.problems), ...error.extra });
    return;
  }
  const { type, status, limit } = error as { type?: string; status?: number; limit?: number };
  if (type === 'entity.too.large') {
    res
      .status(413)
      .json({ errors: [{ field: '(body)', value: null, message: `is over the limit of ${limit} bytes` }] });
    return;
  }
  if (type === 'entity.parse.failed') {
    res.status(400).json({ errors: [{ field: '(body)', value: null, message: 'is not JSON' }] });
    return;
  }
  if (status && status >= 400 && status < 500) {
    res.status(status).json({ errors: [{ field: '(request)', value: null, message: 'cannot be read' }] });
    return;
  }
  console.error(error);
  res.status(500).json({
    errors: [
      {
        field: '(server)',
        value: null,
        message: 'failed; what was sent is not lost on your side. See the server’s own output.',
      },
    ],
  });
};
