import { test as base, type BrowserContext } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';

const root = resolve(import.meta.dirname, '..');

/** The demo workshop, sown once by `sow-demo.ts`: sowing takes longer than most tests. */
export const sownDemo = join(root, '.cache', 'demo-workshop');

/** A Hornblende process of its own, on a data folder of its own. */
export class TestServer {
  url = '';
  private child: ChildProcess | null = null;
  private here: { close: () => Promise<void> } | null = null;

  /** @param dataDir  its data folder: an empty one of its own unless told otherwise */
  constructor(readonly dataDir = mkdtempSync(join(tmpdir(), 'hornblende-e2e-'))) {}

  /** Begins with a copy of the demo as it was sown. */
  copyDemo(): void {
    cpSync(sownDemo, this.dataDir, { recursive: true });
  }

  /**
   * Starts it on the demo within the process of the tests, which has its scripts already: a process of its own for
   * each would take half of all time. What is tried with signals has one: see {@link start}.
   * @param port  where it is to be found, if nobody else is there; any free one for 0
   */
  async startHere(port = 0): Promise<void> {
    const built = pathToFileURL(join(root, 'packages/cli/dist/server.js')).href;
    const { startServer } = (await import(built)) as {
      startServer: (o: object) => Promise<{ url: string; close: () => Promise<void> }>;
    };
    const webRoot = join(root, 'packages/web/dist');
    const startAt = (at: number): ReturnType<typeof startServer> =>
      startServer({ dataDir: this.dataDir, port: at, demo: true, webRoot });
    const running = await startAt(port).catch(error => {
      if (port === 0) throw error;
      return startAt(0);
    });
    this.here = running;
    this.url = running.url;
  }

  /** Starts it as a process of its own; the second start finds the data of the first. */
  async start(demo = true, more: readonly string[] = []): Promise<void> {
    const child = spawn(
      process.execPath,
      [
        'packages/cli/bin/hornblende.mjs',
        'start',
        ...(demo ? ['--demo'] : []),
        '--port',
        this.url ? new URL(this.url).port : '0',
        '--data',
        this.dataDir,
        ...more,
      ],
      { cwd: root, stdio: ['ignore', 'pipe', 'inherit'] },
    );
    this.child = child;
    this.url = await new Promise<string>((ok, fail) => {
      let said = '';
      child.stdout.on('data', (d: Buffer) => {
        said += d.toString();
        const m = /http:\/\/\S+/.exec(said);
        if (m) ok(m[0]);
      });
      child.once('exit', code => fail(new Error(`the server ended with ${code}: ${said}`)));
    });
  }

  /** Ends it with a signal and waits until it is gone. @returns its exit code, null when killed */
  async stop(signal: NodeJS.Signals = 'SIGINT'): Promise<number | null> {
    const { child, here } = this;
    if (here) {
      this.here = null;
      await here.close();
      return 0;
    }
    if (!child || child.exitCode !== null) return child?.exitCode ?? null;
    const gone = new Promise<number | null>(ok => child.once('exit', code => ok(code)));
    child.kill(signal);
    return gone;
  }

  dispose(): void {
    rmSync(this.dataDir, { recursive: true, force: true });
  }
}

/** What the tests of a worker share. */
interface OfWorker {
  /** The browser's profile: its cache, cookies and storage. */
  profile: BrowserContext;
  /** Where the server of its last test was found; empty before the first. */
  place: { url: string };
}

/**
 * Tests with the demo workshop served, each on a fresh one: no test sees what another did. The tests of a worker share
 * a browser's profile and an address, so that the browser reads and compiles the pages' scripts once; what a test has
 * left in the profile is cleared after it.
 */
export const test = base.extend<{ server: TestServer }, OfWorker>({
  profile: [
    async ({ browser }, use) => {
      const profile = await browser.newContext({
        viewport: { width: 1280, height: 800 },
        reducedMotion: 'reduce',
      });
      profile.setDefaultTimeout(120_000);
      await use(profile);
      await profile.close();
    },
    { scope: 'worker' },
  ],
  place: [({ browserName: _browserName }, use) => use({ url: '' }), { scope: 'worker' }],
  context: async ({ profile, place }, use) => {
    await use(profile);
    for (const page of profile.pages()) await page.close();
    if (!place.url) return;
    const page = await profile.newPage();
    const session = await profile.newCDPSession(page);
    await session.send('Storage.clearDataForOrigin', {
      origin: place.url,
      storageTypes: 'cookies,local_storage,indexeddb,cache_storage,service_workers',
    });
    await page.close();
  },
  server: async ({ place }, use) => {
    const server = new TestServer();
    server.copyDemo();
    await server.startHere(place.url ? Number(new URL(place.url).port) : 0);
    place.url = server.url;
    await use(server);
    await server.stop();
    server.dispose();
  },
});

export { expect } from '@playwright/test';
