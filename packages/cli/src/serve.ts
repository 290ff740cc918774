import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { networkAddresses, startServer, StartProblem } from '@hornblende/server';
import { dataFolder, root } from './data-folder.js';
import { version } from './version.js';

/** Options of `hornblende start`. */
export interface ServeOptions {
  demo?: boolean;
  fresh?: boolean;
  port: number;
  data?: string;
  /** An address of this machine, or true for the one that is found. */
  share?: string | true;
}

/** The address to share at. @throws StartProblem where this machine has none, or not the one that was named */
function shareAddress(asked: string | true): string {
  const own = networkAddresses();
  const address = asked === true ? own[0] : asked;
  if (address === undefined)
    throw new StartProblem('--share', 'this machine is on no network', 'Join one, or start without it');
  if (asked !== true && !asked.startsWith('127.') && !own.includes(asked))
    throw new StartProblem(
      `--share ${asked}`,
      'is no address of this machine',
      `Leave it out, or say one of ${own.join(', ') || 'none'}`,
    );
  return address;
}

function sharedWords(url: string): string {
  return (
    `Phones find it at ${url}, once they are paired (Service, Phones). The local network is not encrypted: ` +
    'whoever listens in it reads what phones send.\n'
  );
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
    ...(o.share === undefined ? {} : { share: shareAddress(o.share) }),
  });
  process.stdout.write(`Hornblende is at ${running.url}\n`);
  if (running.sharedUrl) process.stdout.write(sharedWords(running.sharedUrl));
  await new Promise<void>(done => {
    const stop = (): void => {
      void running.close().then(done);
    };
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.once(signal, stop);
  });
}
