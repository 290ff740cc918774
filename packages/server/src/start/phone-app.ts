import type { Health } from '@hornblende/core/api';
import { parseInput, Text } from '@hornblende/core/input';
import { DAY_MS } from '@hornblende/core/lib';
import express, { type Express, type Request, type Response } from 'express';
import { rateLimit, type RateLimitRequestHandler } from 'express-rate-limit';
import { InspectionStore } from '../db/inspections.js';
import { PhoneStore, type KnownPhone } from '../db/phones.js';
import { photoFolder } from '../db/photo-path.js';
import { PhotoStore } from '../db/photos.js';
import { errorHandler, HttpProblem, unknownRoute } from '../lib/errors.js';
import { jsonBody } from '../http/json-body.js';
import { hostGuard } from '../http/host-guard.js';
import { securityHeaders } from '../http/security-headers.js';
import { servePages } from '../http/serve-pages.js';
import { workplaceGuard } from '../routes/workplace-guard.js';
import { benchRoutes } from '../routes/bench.js';
import { documentRoutes } from '../routes/documents.js';
import { openFaultRoutes } from '../routes/open-faults.js';
import { inspectionRoutes, photoRoutes, placementRoutes } from '../routes/service.js';
import type { Workplace } from '../workplace/workplace.js';
import type { Pairing } from '../share/pairing.js';
import { addressOf, giveKey, phoneGate } from '../share/phone-gate.js';

/** Photographs that a phone sends in a day. */
const PHOTOS_A_DAY = 300;
/** Largest look that a phone sends, bytes. */
const LOOK_LIMIT = 64 * 1024;

/** Body of `POST /api/pair`. */
class PairInput {
  @Text({ maxLength: 12, doc: 'The code on the desk’s screen.' }) code!: string;
  @Text({ maxLength: 60, doc: 'What the phone is called.' }) name!: string;
}

/** What the application for phones is made of. */
export interface PhoneAppOptions {
  workplace: Workplace;
  /** The only name and port that it answers to. */
  host: string;
  port: () => number;
  pairing: Pairing;
  /** Whether it is answered over an encrypted connection. */
  secure: boolean;
  webRoot?: string;
  now: () => string;
  version: string;
}

/** @param who is counted; an address, unless it is told */
function limited(limit: number, windowMs: number, who?: (res: Response) => string): RateLimitRequestHandler {
  return rateLimit({
    ...(who ? { keyGenerator: (_req: Request, res: Response) => who(res) } : {}),
    windowMs,
    limit,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    message: { errors: [{ field: '(request)', value: null, message: 'too many requests; wait a little' }] },
  });
}

/**
 * What answers on the local network: the same pages, and of the API only what a paired phone needs in a garden.
 */
export function createPhoneApp(o: PhoneAppOptions): Express {
  const { workplace, now, version, secure } = o;
  const { db, jobs, journal } = workplace;
  const phones = new PhoneStore(db);
  const app = express();
  app.disable('x-powered-by');
  app.set('etag', false);
  app.use(hostGuard(o.port, { names: new Set([o.host]), secure }));
  app.use(securityHeaders());
  const api = express.Router();
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  api.get('/health', (_req, res) => {
    const health: Health = { status: 'ok', version, phone: true };
    res.json(health);
  });
  api.use(limited(300, 10_000));
  api.use(workplaceGuard(workplace));
  api.post('/pair', limited(20, 10 * 60_000), jsonBody(1024), async (req, res) => {
    const { code, name } = parseInput(PairInput, req.body);
    if (!o.pairing.redeem(code.trim(), req.ip)) {
      journal.refusal('pairing-refused', addressOf(req));
      throw new HttpProblem(403, [
        {
          field: 'code',
          value: null,
          message: 'is not the one on the desk’s screen, or is used up: ask for a new one',
        },
      ]);
    }
    const key = await phones.pair(name.trim(), now());
    giveKey(res, key, secure);
    journal.write('paired', `${name.trim()}, ${addressOf(req)}`);
    res.status(201).json({ paired: name });
  });
  api.use(phoneGate(phones, { now, secure, refused: address => journal.refusal('key-refused', address) }));
  const json = jsonBody(LOOK_LIMIT);
  api.use((req, res, next) => (req.path === '/photos' ? next() : json(req, res, next)));
  api.use('/placements', placementRoutes(db, jobs, now));
  api.use('/inspections', inspectionRoutes(new InspectionStore(db), now));
  api.use('/bench', benchRoutes(db, now));
  api.use('/faults', openFaultRoutes(db, now));
  // What a part is made of is told by its grade's name, and where it stands by a map, which is drawn at the desk.
  // The gate lets nothing but their lists through.
  api.use('/maps', documentRoutes('maps', db, jobs, now));
  api.use('/grades', documentRoutes('grades', db, jobs, now));
  api.post(
    '/photos',
    limited(PHOTOS_A_DAY, DAY_MS, res => (res.locals.phone as KnownPhone).id),
  );
  api.use('/photos', photoRoutes(new PhotoStore(db, photoFolder(workplace.file)), now));
  api.use(unknownRoute);
  app.use('/api', api);
  // The first page is the desk's: its parts are not for phones.
  app.get(['/', '/parts'], (_req, res) => res.redirect('/service'));
  if (o.webRoot) servePages(app, o.webRoot);
  app.use(unknownRoute);
  app.use(errorHandler);
  return app;
}
