import type { Request, RequestHandler, Response } from 'express';
import { IDLE_MS, type PhoneStore } from '../db/phones.js';
import { cookieOf } from '../http/cookie.js';
import { HttpProblem } from '../lib/errors.js';

/** The cookie that holds a phone's key. */
export const PHONE_COOKIE = 'hornblende-phone';

/**
 * What a phone may ask for: parts in service and their maps, grades, looks, photographs, readings of open trials, open
 * faults.
 */
const allowed: readonly { method: string; path: RegExp }[] = [
  { method: 'GET', path: /^\/placements$/ },
  { method: 'GET', path: /^\/placements\/[\w-]+(\/inspections)?$/ },
  { method: 'PUT', path: /^\/inspections\/[\w-]+$/ },
  { method: 'GET', path: /^\/maps$/ },
  { method: 'GET', path: /^\/grades$/ },
  { method: 'GET', path: /^\/bench$/ },
  { method: 'PUT', path: /^\/bench\/[\w-]+\/readings$/ },
  { method: 'GET', path: /^\/faults(\/[\w-]+)?$/ },
  { method: 'POST', path: /^\/faults$/ },
  { method: 'PUT', path: /^\/faults\/[\w-]+$/ },
  { method: 'POST', path: /^\/photos$/ },
  { method: 'GET', path: /^\/photos\/[0-9a-f]{64}$/ },
];

/** The key in a request's cookies; null where there is none. */
export function keyOf(req: Pick<Request, 'headers'>): string | null {
  return cookieOf(req, PHONE_COOKIE);
}

/**
 * Gives a phone its key, in a cookie that no script reads and no other site's page sends.
 * @param secure whether it goes over an encrypted connection alone
 */
export function giveKey(res: Response, key: string, secure: boolean): void {
  res.cookie(PHONE_COOKIE, key, { httpOnly: true, sameSite: 'strict', secure, maxAge: IDLE_MS, path: '/' });
}

/** From where somebody asks. */
export function addressOf(req: Pick<Request, 'ip'>): string {
  return req.ip ?? 'an unknown address';
}

/** What the gate is made of. */
export interface PhoneGate {
  now: () => string;
  /** Whether it is answered over an encrypted connection. */
  secure: boolean;
  /** Told from where a key came that is not heard. */
  refused: (address: string) => void;
}

/** Refuses whoever is no paired phone, and of a phone what is not for phones. */
export function phoneGate(phones: PhoneStore, { now, secure, refused }: PhoneGate): RequestHandler {
  return async (req, res, next) => {
    const key = keyOf(req);
    const phone = await phones.byKey(key, now());
    // Who has no key is somebody who has not paired yet; a wrong one is withdrawn, old, or guessed.
    if (!phone && key !== null) refused(addressOf(req));
    if (!phone)
      throw new HttpProblem(401, [
        { field: '(phone)', value: null, message: 'is not paired, or no longer: pair it at the desk' },
      ]);
    if (!allowed.some(a => a.method === req.method && a.path.test(req.path)))
      throw new HttpProblem(403, [
        {
          field: '(request)',
          value: `${req.method} ${req.path}`,
          message: 'is not for phones: do it at the desk',
        },
      ]);
    res.locals.phone = phone;
    if (phone.nextKey) giveKey(res, phone.nextKey, secure);
    next();
  };
}
