import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { networkAddresses, startServer, StartProblem, type Share } from '@hornblende/server';
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
  /** Shared without encryption. */
  plain?: boolean;
  /** Files of a certificate and its key that stand in for the workshop's own. */
  certificate?: string;
  key?: string;
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

function sharedWords(url: string, fingerprint: string | null): string {
  const found = `Phones find it at ${url}, once they are paired (Service, Phones). `;
  return fingerprint
    ? `${found}A phone asks whether it may trust this workshop: it may where it names this certificate,\n` +
        `${fingerprint}\n`
    : `${found}What they send is not encrypted: whoever listens in the local network reads it, and can act with it.\n`;
}

/** How phones are answered. @throws StartProblem */
function shareOf({ share, plain = false, certificate, key }: ServeOptions): { share?: Share } {
  const said = plain || certificate !== undefined || key !== undefined;
  if (share === undefined) {
    if (said)
      throw new StartProblem('--plain, --certificate and --key', 'go with --share', 'Say --share as well');
    return {};
  }
  if ((certificate === undefined) !== (key === undefined))
    throw new StartProblem('--certificate and --key', 'go together', 'Say both files, or neither');
  if (plain && certificate !== undefined)
    throw new StartProblem('--plain', 'uses no certificate', 'Leave out one of the two');
  const own = certificate !== undefined && key !== undefined ? { certificate: { certificate, key } } : {};
  return { share: { host: shareAddress(share), plain, ...own } };
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
    ...shareOf(o),
  });
  process.stdout.write(`Hornblende is at ${running.url}\n`);
  if (running.sharedUrl) process.stdout.write(sharedWords(running.sharedUrl, running.fingerprint));
  await new Promise<void>(done => {
    const stop = (): void => {
      void running.close().then(done);
    };
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.once(signal, stop);
  });
}
