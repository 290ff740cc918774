import { existsSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { startServer } from '@hornblende/server';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '../../..');

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
    dataDir: resolve(o.data ?? join(root, 'data')),
    port: o.port,
    demo: o.demo ?? false,
    fresh: o.fresh ?? false,
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
