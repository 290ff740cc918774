import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { Knex } from 'knex';
import { join } from 'node:path';
import { DecisionStore } from '../db/decisions.js';
import { GradeStore } from '../db/grades.js';
import { PartStore } from '../db/parts.js';
import { PrinterStore } from '../db/printers.js';
import { SpoolStore } from '../db/spools.js';
import { WeatherStore } from '../db/weathers.js';
import { WorkshopStore } from '../db/workshop.js';
import { errorHandler, unknownRoute } from './errors.js';
import { hostGuard } from './host-guard.js';
import { computeRoutes } from '../routes/compute.js';
import { decisionRoutes } from '../routes/decisions.js';
import { gradeImportRoutes } from '../routes/grade-imports.js';
import { GradeImports } from '../db/grade-imports.js';
import { gradeRoutes } from '../routes/grades.js';
import { partRoutes } from '../routes/parts.js';
import { spoolRoutes } from '../routes/spools.js';
import { weatherRoutes } from '../routes/weathers.js';
import { printerRoutes } from '../routes/printers.js';
import { workshopRoutes } from '../routes/workshop.js';

/** Largest body the API takes, bytes. */
export const BODY_LIMIT = 512 * 1024;
/** Largest table of grades it takes, bytes: some twenty thousand. */
export const IMPORT_LIMIT = 32 * 1024 * 1024;

/** What the application is made of. */
export interface AppOptions {
  db: Knex;
  /** The port being listened on, known once it is. */
  port: () => number;
  /** Folder of the built web app; none serves the API alone. */
  webRoot?: string;
  now?: () => string;
  version: string;
}

/** The whole HTTP side: guards, API, web app. */
export function createApp({
  db,
  port,
  webRoot,
  now = () => new Date().toISOString(),
  version,
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(hostGuard(port));
  app.use(
    helmet({
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
      strictTransportSecurity: false, // served as plain http on this machine only
    }),
  );

  const api = express.Router();
  api.use(
    rateLimit({
      windowMs: 10_000,
      limit: 2000,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      message: {
        errors: [{ field: '(request)', value: null, message: 'too many requests; wait ten seconds' }],
      },
    }),
  );
  // A body that has been read is not read again: the first that matches sets the limit.
  api.use('/grades/import', express.json({ limit: IMPORT_LIMIT }));
  api.use(express.json({ limit: BODY_LIMIT, strict: false }));
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  const stores = {
    parts: new PartStore(db),
    printers: new PrinterStore(db),
    decisions: new DecisionStore(db),
    weathers: new WeatherStore(db),
    grades: new GradeStore(db),
  };
  api.get('/health', async (_req, res) => {
    await db.raw('select 1');
    res.json({ status: 'ok', version });
  });
  api.use('/parts/:id/decisions', decisionRoutes(stores, now));
  api.use('/parts', partRoutes(stores.parts, stores.decisions, now));
  api.use('/printers', printerRoutes(stores.printers, now));
  api.use('/weathers', weatherRoutes(stores.weathers, now));
  api.use('/grades', gradeImportRoutes(new GradeImports(db), now));
  api.use('/grades', gradeRoutes(stores.grades, now));
  api.use('/spools', spoolRoutes(new SpoolStore(db), now));
  api.use('/workshop', workshopRoutes(new WorkshopStore(db)));
  api.use(computeRoutes());
  api.use(unknownRoute);
  app.use('/api', api);

  if (webRoot) {
    app.use(
      '/assets',
      express.static(join(webRoot, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
    );
    app.use(express.static(webRoot, { index: false }));
    // Pages of the single-page app; a missing file stays missing.
    app.get(/^\/[^.]*$/, (_req, res) => {
      res.set('Cache-Control', 'no-cache').sendFile(join(webRoot, 'index.html'));
    });
  }
  app.use(unknownRoute);
  app.use(errorHandler);
  return app;
}
