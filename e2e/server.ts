import { test as base } from '@playwright/test';
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
   */
  async startHere(): Promise<void> {
    const built = pathToFileURL(join(root, 'packages/cli/dist/server.js')).href;
    const { startServer } = (await import(built)) as {
      startServer: (o: object) => Promise<{ url: string; close: () => Promise<void> }>;
    };
    const webRoot = join(root, 'packages/web/dist');
    const running = await startServer({ dataDir: this.dataDir, port: 0, demo: true, webRoot });
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

/** Tests with the demo workshop served, each on a fresh one: no test sees what another did. */
export const test = base.extend<{ server: TestServer }>({
  // Playwright reads from the pattern which fixtures are asked for: it has to be one, and this one costs nothing.
  server: async ({ baseURL: _baseURL }, use) => {
    const server = new TestServer();
    server.copyDemo();
    await server.startHere();
    await use(server);
    await server.stop();
    server.dispose();
  },
});

export { expect } from '@playwright/test';
