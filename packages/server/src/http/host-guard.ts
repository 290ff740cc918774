import type { RequestHandler } from 'express';
import { HttpProblem } from '../lib/errors.js';

/** What this machine calls itself. */
const OWN_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** Requests of the API that are answered by where they come from: our own pages, and what somebody types in. */
const OWN_SITE: ReadonlySet<string> = new Set(['same-origin', 'none']);

function isOurs(host: string, port: number, usualPort: number, names: ReadonlySet<string>): boolean {
  const match = /^(\[[^\]]+\]|[^:]+)(?::(\d+))?$/.exec(host.toLowerCase());
  return match !== null && names.has(match[1] ?? '') && Number(match[2] ?? usualPort) === port;
}

/**
 * Refuses requests whose Host or Origin is not this server: another site's page, or a name rebound to this
 * machine, must not reach it.
 * @param port the port that is being listened on; asked for at each request, since it is known only then
 * @param names that it answers to; default this machine’s own
 * @param secure whether it is answered over an encrypted connection
 */
export function hostGuard(
  port: () => number,
  { names = OWN_NAMES, secure = false }: { names?: ReadonlySet<string>; secure?: boolean } = {},
): RequestHandler {
  const protocol = secure ? 'https:' : 'http:';
  const usualPort = secure ? 443 : 80;
  return (req, _res, next) => {
    const refuse = (field: string, value: unknown): void => {
      throw new HttpProblem(403, [{ field, value, message: 'is not this server' }]);
    };
    const { host, origin } = req.headers;
    if (!host || !isOurs(host, port(), usualPort, names)) refuse('Host', host);
    if (origin !== undefined) {
      let from: URL | null = null;
      try {
        from = new URL(origin);
      } catch {
        /* refused below */
      }
      if (!from || from.protocol !== protocol || !isOurs(from.host, port(), usualPort, names))
        refuse('Origin', origin);
    }
    // A browser says which site's page asks: a picture or a form of another page sends no Origin with a GET.
    const site = req.headers['sec-fetch-site'];
    if (site !== undefined && !OWN_SITE.has(String(site)) && req.path.startsWith('/api'))
      refuse('Sec-Fetch-Site', site);
    next();
  };
}
