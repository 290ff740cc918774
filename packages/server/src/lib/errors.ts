import type { ErrorRequestHandler, RequestHandler } from 'express';
import { InputError, type Problem } from '@hornblende/core/input';

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

/** What anything thrown is to a client: a status, a list of problems, and what else it needs. */
export interface Refusal {
  status: number;
  problems: Problem[];
  extra: object;
}

/** Anything thrown as a refusal; 500 for what was not foreseen. Never a stack trace. */
export function refusalOf(error: unknown): Refusal {
  if (error instanceof InputError) return { status: 400, problems: error.problems, extra: {} };
  if (error instanceof HttpProblem)
    return { status: error.status, problems: error.problems, extra: error.extra };
  const { type, code, status, limit } = error as Partial<Record<'type' | 'code', string>> & {
    status?: number;
    limit?: number;
  };
  if (type === 'entity.too.large') return refusal(413, '(body)', `is over the limit of ${limit} bytes`);
  if (type === 'entity.parse.failed') return refusal(400, '(body)', 'is not JSON');
  if (code?.startsWith('SQLITE_CONSTRAINT')) return constraintRefusal(code, error as Error);
  // Every sound workshop is brought up to this version's schema when it is opened.
  if (code === 'SQLITE_ERROR' && /no such (table|column)/.test((error as Error).message))
    return refusal(
      503,
      '(database)',
      'was written by an older Hornblende and is damaged, so that it cannot be brought up to date: this cannot be ' +
        'read. Restore the newest good backup under Settings',
    );
  const system = systemRefusals.find(r => r.codes.some(c => code?.startsWith(c)));
  if (system) return refusal(system.status, system.field, system.message);
  if (status && status >= 400 && status < 500) return refusal(status, '(request)', 'cannot be read');
  return refusal(
    500,
    '(server)',
    'failed; what was sent is not lost on your side. See the server’s own output.',
  );
}

/** A rule of the database that a write broke: what it wrote refers to what is gone, or stands there already. */
function constraintRefusal(code: string, { message }: Error): Refusal {
  // "… UNIQUE constraint failed: placements.code": SQLite names the columns.
  const field = /constraint failed: \w+\.(\w+)/.exec(message)?.[1] ?? '(record)';
  if (code === 'SQLITE_CONSTRAINT_FOREIGNKEY')
    return refusal(
      409,
      '(record)',
      'refers to what is no longer in this workshop; read it again and save again',
    );
  if (code === 'SQLITE_CONSTRAINT_UNIQUE' || code === 'SQLITE_CONSTRAINT_PRIMARYKEY')
    return refusal(409, field, 'stands there already');
  return refusal(400, field, 'does not fit what is kept of it');
}

/** What is said where SQLite finds a file damaged. */
const DAMAGED = 'is damaged: this cannot be read or saved. Restore the newest good backup under Settings';

/** Whether something was refused since SQLite finds a file damaged. */
export function saysDamage(error: unknown): boolean {
  return error instanceof HttpProblem && error.problems.some(p => p.message === DAMAGED);
}

/** What the disk and the database can do to a request, by the beginning of their codes. */
const systemRefusals = [
  {
    codes: ['SQLITE_FULL', 'ENOSPC'],
    status: 507,
    field: '(disk)',
    message: 'is full: nothing was saved. Make room on it and save again; what you typed is kept here',
  },
  {
    codes: ['SQLITE_CORRUPT', 'SQLITE_NOTADB'],
    status: 503,
    field: '(database)',
    message: DAMAGED,
  },
  {
    codes: ['SQLITE_READONLY'],
    status: 503,
    field: '(database)',
    message: 'is open for reading only: nothing was saved',
  },
  {
    codes: ['SQLITE_BUSY', 'SQLITE_LOCKED'],
    status: 503,
    field: '(database)',
    message: 'is being written to by something else: nothing was saved. Try again in a moment',
  },
];

function refusal(status: number, field: string, message: string): Refusal {
  return { status, problems: [{ field, value: null, message }], extra: {} };
}

/** Values that are said back are cut to this many characters. */
const LONGEST_VALUE = 200;

/** Problems as JSON can say them: a missing value is null, not absent, and a long one is cut. */
export function saidProblems(problems: readonly Problem[]): Problem[] {
  return problems.map(p => ({ ...p, value: cutValue(p.value) }));
}

function cutValue(value: unknown): unknown {
  if (value === undefined || value === null) return null;
  if (typeof value === 'string')
    return value.length > LONGEST_VALUE ? `${value.slice(0, LONGEST_VALUE)}…` : value;
  if (typeof value !== 'object') return value;
  const text = JSON.stringify(value);
  return text.length > LONGEST_VALUE ? `${text.slice(0, LONGEST_VALUE)}…` : value;
}

/** Turns anything thrown into `{ errors: [{ field, value, message }] }`; never a stack trace. */
export const errorHandler: ErrorRequestHandler = (error: unknown, _req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  const { status, problems, extra } = refusalOf(error);
  if (status === 500) console.error(error);
  res.status(status).json({ errors: saidProblems(problems), ...extra });
};
