import { existsSync, mkdirSync, renameSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { createApp } from './http/app.js';
import { openDatabase } from './db/database.js';
import { seedDemo } from './demo/seed.js';

/** How the server is started. */
export interface StartOptions {
  /** Folder of the database. */
  dataDir: string;
  /** 0 picks a free port. */
  port: number;
  webRoot?: string;
  /** Seed the demo into an empty database. */
  demo?: boolean;
  /** Put the old database aside and begin anew. */
  fresh?: boolean;
  version?: string;
}

/** A running server. */
export interface Running {
  url: string;
  port: number;
  close: () => Promise<void>;
}

/** The database's name inside the data folder. */
export const DATABASE_FILE = 'hornblende.db';

/**
 * Opens the database, seeds it if asked to, and serves on 127.0.0.1 only. @throws Error with a plain
 * message when the port is taken
 */
export async function startServer(o: StartOptions): Promise<Running> {
  mkdirSync(o.dataDir, { recursive: true });
  const file = join(o.dataDir, DATABASE_FILE);
  if (o.fresh && existsSync(file)) setAside(file);
  const db = await openDatabase(file);
  try {
    if (o.demo) await seedDemo(db);
    let port = o.port;
    const app = createApp({
      db,
      port: () => port,
      version: o.version ?? '0.1.0',
      ...(o.webRoot ? { webRoot: o.webRoot } : {}),
    });
    const server = await new Promise<ReturnType<typeof app.listen>>((resolve, reject) => {
      const s = app.listen(o.port, '127.0.0.1');
      s.once('listening', () => resolve(s));
      s.once('error', (e: NodeJS.ErrnoException) =>
        reject(e.code === 'EADDRINUSE' ? new Error(`Port ${o.port} is in use. Set PORT to another one.`) : e),
      );
    });
    port = (server.address() as AddressInfo).port;
    const close = async (): Promise<void> => {
      server.closeAllConnections();
      await new Promise<void>(resolve => server.close(() => resolve()));
      await db.destroy();
    };
    return { url: `http://127.0.0.1:${port}`, port, close };
  } catch (e) {
    await db.destroy();
    throw e;
  }
}

/** Renames a database, with its log, so that nothing is lost by starting afresh. */
function setAside(file: string): void {
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  for (const suffix of ['', '-wal', '-shm'])
    if (existsSync(file + suffix))
      renameSync(file + suffix, `${file.replace(/\.db$/, '')}-${stamp}.db${suffix}`);
}
