import type { Health } from '@hornblende/core/api';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import { DecisionStore } from '../db/decisions.js';
import { DrillAnswerStore } from '../db/drill-answers.js';
import { plainDocuments } from '../db/kinds/index.js';
import { PartStore } from '../db/parts.js';
import { InspectionStore } from '../db/inspections.js';
import { photoFolder } from '../db/photo-path.js';
import { PhoneStore } from '../db/phones.js';
import { PhotoStore } from '../db/photos.js';
import { ShapeStore } from '../db/shapes.js';
import { WeatherStore } from '../db/weathers.js';
import { WorkshopStore } from '../db/workshop.js';
import type { Workplace } from '../workplace/workplace.js';
import { workplaceGuard } from '../routes/workplace-guard.js';
import { errorHandler, unknownRoute } from '../lib/errors.js';
import { jsonBody } from '../http/json-body.js';
import { hostGuard } from '../http/host-guard.js';
import { securityHeaders } from '../http/security-headers.js';
import { servePages } from '../http/serve-pages.js';
import { describeApi } from '../routes/api-description.js';
import { archiveRoutes } from '../routes/archive.js';
import { backupRoutes } from '../routes/backups.js';
import { computeRoutes } from '../routes/compute.js';
import { couponRoutes } from '../routes/coupons.js';
import { decisionRoutes } from '../routes/decisions.js';
import { documentRoutes } from '../routes/documents.js';
import { DeskDoor } from '../routes/desk.js';
import { demoRoutes } from '../routes/demo.js';
import { drillRoutes } from '../routes/drills.js';
import { gradeImportRoutes } from '../routes/grade-imports.js';
import { journalRoutes } from '../routes/journal.js';
import { LongJobs } from '../routes/long-jobs.js';
import { gradeRoutes } from '../routes/grades.js';
import { partRoutes } from '../routes/parts.js';
import { weatherRoutes } from '../routes/weathers.js';
import { phoneRoutes, type Sharing } from '../routes/phones.js';
import { placedImportRoutes } from '../routes/placed-import.js';
import { benchRoutes } from '../routes/bench.js';
import { inspectionRoutes, photoRoutes, placementRoutes, serviceRoutes } from '../routes/service.js';
import { searchRoutes } from '../routes/search.js';
import { shapeRoutes } from '../routes/shapes.js';
import { workshopRoutes } from '../routes/workshop.js';

/** Largest body the API takes, bytes. */
export const BODY_LIMIT = 512 * 1024;

/** Paths whose bodies are not JSON, or are too large to be read here. */
const unread: ReadonlySet<string> = new Set([
  '/grades/import',
  '/service/import',
  '/archive/previews',
  '/photos',
]);
const unreadShape = /^\/parts\/[^/]+\/shape$/;

/** What the application is made of. */
export interface AppOptions {
  workplace: Workplace;
  /** The port being listened on, known once it is. */
  port: () => number;
  /** Folder of the built web app; none serves the API alone. */
  webRoot?: string;
  now?: () => string;
  version: string;
  /** What is shared with phones; null where nothing is. */
  sharing?: () => Sharing | null;
}

/** The whole HTTP side: guards, API, web app. */
export function createApp({
  workplace,
  port,
  webRoot,
  now = () => new Date().toISOString(),
  version,
  sharing = () => null,
}: AppOptions): Express {
  const { db, jobs } = workplace;
  const long = new LongJobs();
  const app = express();
  app.disable('x-powered-by');
  // Nothing of the API is cached, and a hash over megabytes would hold up everyone.
  app.set('etag', false);
  app.use(hostGuard(port));
  app.use(securityHeaders());

  const api = express.Router();
  // Costs nothing, and whoever watches over the server may ask often: it stands before the limit.
  const door = new DeskDoor(workplace.phrase, workplace.journal);
  api.get('/health', (req, res) => {
    const locked: Health = { status: 'ok', version, locked: true };
    res.json(door.isOpenTo(req) ? healthOf(workplace, version) : locked);
  });
  api.get('/openapi.json', (_req, res) => {
    res.json(describeApi(version));
  });
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
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  api.use('/desk', door.routes());
  api.use(door.gate());
  api.use(workplaceGuard(workplace));
  // A table of grades is read where it is written, an archive as it streams in.
  const json = jsonBody(BODY_LIMIT);
  api.use((req, res, next) =>
    unread.has(req.path) || unreadShape.test(req.path) ? next() : json(req, res, next),
  );
  api.use('/parts/:id/decisions', decisionRoutes(new DecisionStore(db), jobs, now));
  api.use('/parts/:id/shape', shapeRoutes(new ShapeStore(db), now, { jobs, long }));
  api.use('/parts', partRoutes(new PartStore(db), jobs, now));
  api.use('/grades', gradeImportRoutes(db, jobs, now));
  api.use('/grades', gradeRoutes(db, jobs, now));
  for (const [kind, { path }] of plainDocuments) api.use(path, documentRoutes(kind, db, jobs, now));
  api.use('/placements', placementRoutes(db, jobs, now));
  api.use('/inspections', inspectionRoutes(new InspectionStore(db), now));
  api.use('/search', searchRoutes(jobs));
  api.use('/photos', photoRoutes(new PhotoStore(db, photoFolder(workplace.file)), now));
  api.use('/service', serviceRoutes(jobs, now));
  api.use('/service', placedImportRoutes(db, jobs, now));
  api.use('/bench', benchRoutes(db, now));
  api.use('/drills', drillRoutes(new DrillAnswerStore(db), jobs));
  api.use('/weathers', weatherRoutes(new WeatherStore(db), jobs, now));
  api.use('/workshop', workshopRoutes(new WorkshopStore(db), now));
  api.use('/phones', phoneRoutes(new PhoneStore(db), sharing, workplace.journal, now));
  api.use('/journal', journalRoutes(workplace.journal));
  api.use('/demo', demoRoutes(jobs));
  api.use('/backups', backupRoutes(workplace, long, now));
  api.use('/archive', archiveRoutes(workplace, long, version, now));
  api.use('/jobs', long.routes());
  api.use('/coupons', couponRoutes(jobs));
  api.use(computeRoutes(jobs));
  api.use(unknownRoute);
  app.use('/api', api);

  if (webRoot) servePages(app, webRoot);
  app.use(unknownRoute);
  app.use(errorHandler);
  return app;
}

/** How a workshop is. */
function healthOf({ damage, damagedRecords }: Workplace, version: string): Health {
  if (!damage.length && !damagedRecords.length) return { status: 'ok', version };
  return {
    status: 'damaged',
    version,
    ...(damage.length ? { damage } : {}),
    ...(damagedRecords.length ? { damagedRecords } : {}),
  };
}
