import type { RequestHandler } from 'express';
import helmet from 'helmet';

/** Headers that keep the pages to themselves: nothing from elsewhere, framed by nobody. */
export function securityHeaders(): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        connectSrc: ["'self'"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        // The controls write their own style elements; nothing else may be inline.
        styleSrc: ["'self'", "'unsafe-inline'"],
        objectSrc: ["'none'"],
        baseUri: ["'self'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false, // served as plain http
    // Over plain http to another machine these two are not heeded, and a browser says so on each page.
    crossOriginOpenerPolicy: false,
    originAgentCluster: false,
  });
}
