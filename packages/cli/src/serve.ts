import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { startServer } from '@hornblende/server';
import { dataFolder, root } from './data-folder.js';
import { version } from './version.js';

/** Options of `hornblende start`. */
export interface ServeOptions {
  demo?: boolean;
  fresh?: boolean;
  port: number;
  data?: string;
}

/** Serves until interrupted, then closes the database. */
export async function serve(o: ServeOptions): Promise<void> {
  const webRoot = join(root, 'packages/web/dist');
  const running = await startServer({
    dataDir: dataFolder(o.data),
    port: o.port,
    demo: o.demo ?? false,
    fresh: o.fresh ?? false,
    housekeeping: true,
    version,
    ...(existsSync(webRoot) ? { webRoot } : {}),
  });
  process.stdout.write(`Hornblende is at ${running.url}\n`);
  await new Promise<void>(done => {
    const stop = (): void => {
      void running.close().then(done);
    };
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.once(signal, stop);
  });
}
