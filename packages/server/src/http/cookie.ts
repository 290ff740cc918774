import type { Request } from 'express';

/** What a request's cookie of that name holds; null where there is none. */
export function cookieOf({ headers }: Pick<Request, 'headers'>, name: string): string | null {
  const pairs = (headers.cookie ?? '').split(';').map(p => p.trim().split('='));
  return pairs.find(([called]) => called === name)?.[1] ?? null;
}
