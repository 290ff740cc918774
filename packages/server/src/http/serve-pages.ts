import express, { type Express } from 'express';
import { join } from 'node:path';

/** Serves the built web application: its files, and its one page for every path that is a page. */
export function servePages(app: Express, webRoot: string): void {
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
