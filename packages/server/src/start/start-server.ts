import { mkdirSync, statSync } from 'node:fs';
import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createEncrypted } from 'node:https';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { portProblem, startProblemOf } from '../lib/start-problem.js';
import { createApp } from './app.js';
import type { Sharing } from '../routes/phones.js';
import {
  ownCertificate,
  workshopCertificate,
  type Certificate,
  type OwnCertificate,
} from '../share/certificate.js';
import { Pairing } from '../share/pairing.js';
import { createPhoneApp } from './phone-app.js';
import { seedDemo } from '../demo/seed.js';
import { lockFolder } from '../workplace/folder-lock.js';
import { Housekeeping } from './housekeeping.js';
import { setAside } from '../workplace/restore.js';
import { keepToOwner } from '../workplace/keep-to-owner.js';
import { DATABASE_FILE } from '../workplace/remains.js';
import { Workplace } from '../workplace/workplace.js';

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
  /** Look for damage and make a backup each day. */
  housekeeping?: boolean;
  /** How paired phones are answered on the local network; none shares nothing. */
  share?: Share;
}

/** How paired phones are answered. */
export interface Share {
  /** The address on the local network. */
  host: string;
  /** Without encryption: for whoever must. */
  plain?: boolean;
  /** A certificate of one's own in place of the workshop's. */
  certificate?: OwnCertificate;
}

/** A running server. */
export interface Running {
  url: string;
  port: number;
  /** Where phones find it; null where nothing is shared. */
  sharedUrl: string | null;
  /** Of the certificate that phones see there; null where nothing is shared, or not encrypted. */
  fingerprint: string | null;
  /** Stops taking requests, lets those under way finish for some seconds, closes the database. */
  close: () => Promise<void>;
}

/** A database up to this size is looked through before it is served, bytes; a larger one meanwhile. */
const QUICKLY_READ = 64 * 2 ** 20;
/** How long requests under way may take when the server stops, ms. */
const GRACE_MS = 5000;
/** How often connections that have had their answer are closed while the server stops, ms. */
const SWEEP_MS = 50;
/** How long an idle connection is kept, ms. */
const KEEP_ALIVE_MS = 75_000;

/**
 * Takes the data folder, opens the database, seeds it if asked to, and serves on 127.0.0.1; phones are answered
 * beside it, at another address and port, only where that is asked for.
 * @throws StartProblem in words for whoever starts it
 */
export async function startServer(o: StartOptions): Promise<Running> {
  makeFolder(o.dataDir);
  const lock = lockFolder(o.dataDir);
  try {
    // The folder is ours: nothing is pulled from under another server.
    if (o.fresh) setAside(join(o.dataDir, DATABASE_FILE));
    const workplace = await Workplace.open(o.dataDir, {
      anew: o.fresh ?? false,
      standing: o.housekeeping ?? false,
    });
    try {
      // Nobody is served yet: the thread that will read lists looks, and is then warm for the first of them.
      if (statSync(workplace.file).size < QUICKLY_READ) await workplace.lookForDamage('reading');
      if (o.demo && !workplace.damage.length) await seedDemo(workplace.db);
      const served = await serve(workplace, o);
      lock.servesAt(served.url);
      const housekeeping = o.housekeeping ? new Housekeeping(workplace) : null;
      return {
        ...served,
        close: async () => {
          housekeeping?.stop();
          await served.close();
          await workplace.close();
          lock.release();
        },
      };
    } catch (e) {
      await workplace.close();
      throw e;
    }
  } catch (e) {
    lock.release();
    throw startProblemOf(o.dataDir, e) ?? e;
  }
}

async function serve(workplace: Workplace, o: StartOptions): Promise<Running> {
  let port = o.port;
  let sharing: Sharing | null = null;
  const version = o.version ?? '0.1.0';
  const web = o.webRoot ? { webRoot: o.webRoot } : {};
  const app = createApp({ workplace, port: () => port, version, sharing: () => sharing, ...web });
  const server = await listening(app, o.port, '127.0.0.1');
  port = (server.address() as AddressInfo).port;
  const servers = [server];
  if (o.share !== undefined) {
    const pairing = new Pairing();
    const phonePort = o.port === 0 ? 0 : port + 1;
    const certificate = await certificateFor(o.dataDir, o.share);
    const shared = await sharedWith(workplace, {
      ...{ host: o.share.host, phonePort, pairing, version, certificate },
      ...web,
    });
    servers.push(shared.server);
    sharing = { url: shared.url, fingerprint: certificate?.fingerprint ?? null, pairing };
  }
  return {
    url: `http://127.0.0.1:${port}`,
    port,
    sharedUrl: sharing?.url ?? null,
    fingerprint: sharing?.fingerprint ?? null,
    close: async () => {
      await Promise.all(servers.map(stopped));
    },
  };
}

/** What phones are shown; null where they are answered without encryption. @throws StartProblem */
async function certificateFor(
  dataDir: string,
  { host, plain, certificate }: Share,
): Promise<Certificate | null> {
  if (plain) return null;
  return certificate ? ownCertificate(certificate) : workshopCertificate(dataDir, host, new Date());
}

/** Answers paired phones at an address of the local network, at a port of its own. */
async function sharedWith(
  workplace: Workplace,
  o: {
    host: string;
    phonePort: number;
    pairing: Pairing;
    version: string;
    certificate: Certificate | null;
    webRoot?: string;
  },
): Promise<{ server: Server; url: string }> {
  let port = 0;
  const secure = o.certificate !== null;
  const now = (): string => new Date().toISOString();
  const app = createPhoneApp({ ...o, workplace, secure, port: () => port, now });
  const server = await listening(app, o.phonePort, o.host, o.certificate);
  port = (server.address() as AddressInfo).port;
  return { server, url: `${secure ? 'https' : 'http'}://${o.host}:${port}` };
}

function listening(
  app: RequestListener,
  port: number,
  host: string,
  encrypted: Certificate | null = null,
): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = encrypted
      ? createEncrypted({ key: encrypted.key, cert: encrypted.certificate, minVersion: 'TLSv1.2' }, app)
      : createServer(app);
    server.listen(port, host);
    // A connection that is closed just as it is used again fails whoever does not try twice.
    server.keepAliveTimeout = KEEP_ALIVE_MS;
    server.once('listening', () => resolve(server));
    server.once('error', (e: NodeJS.ErrnoException) =>
      reject(e.code === 'EADDRINUSE' ? portProblem(port) : e),
    );
  });
}

/** Closes each connection as its answer is out; what is still being answered after {@link GRACE_MS} is cut off. */
async function stopped(server: Server): Promise<void> {
  const done = new Promise<void>(resolve => server.close(() => resolve()));
  const sweep = setInterval(() => server.closeIdleConnections(), SWEEP_MS);
  const late = setTimeout(() => server.closeAllConnections(), GRACE_MS);
  await done;
  clearInterval(sweep);
  clearTimeout(late);
}

/** @throws StartProblem */
function makeFolder(dataDir: string): void {
  try {
    mkdirSync(dataDir, { recursive: true });
    keepToOwner(dataDir);
  } catch (e) {
    throw startProblemOf(dataDir, e) ?? e;
  }
}
