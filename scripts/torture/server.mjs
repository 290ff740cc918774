// A Hornblende process on a data folder of its own, to be ill-treated.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from '../hash.mjs';

export class Victim {
  dataDir = mkdtempSync(join(tmpdir(), 'hornblende-torture-'));
  url = '';
  child = null;

  async start({ demo = false } = {}) {
    const args = ['packages/cli/bin/hornblende.mjs', 'start', '--port', '0', '--data', this.dataDir];
    this.child = spawn(process.execPath, demo ? [...args, '--demo'] : args, {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    this.said = '';
    this.child.stderr.on('data', d => (this.said += d));
    let out = '';
    this.child.stdout.on('data', d => (out += d));
    for (;;) {
      const found = /http:\/\/\S+/.exec(out);
      if (found) {
        this.url = found[0];
        return;
      }
      if (this.child.exitCode !== null) throw new Error(`it ended with ${this.child.exitCode}: ${this.said}`);
      await new Promise(ok => setTimeout(ok, 20));
    }
  }

  async stop(signal = 'SIGINT') {
    if (!this.child || this.child.exitCode !== null || this.child.signalCode !== null) return;
    const gone = once(this.child, 'exit');
    this.child.kill(signal);
    await gone;
  }

  dispose() {
    rmSync(this.dataDir, { recursive: true, force: true });
  }

  async call(method, path, body) {
    const response = await fetch(`${this.url}/api${path}`, {
      method,
      ...(body === undefined
        ? {}
        : {
            headers: { 'Content-Type': 'application/json' },
            body: typeof body === 'string' || Buffer.isBuffer(body) ? body : JSON.stringify(body),
          }),
    });
    const text = await response.text();
    let data = null;
    try {
      data = JSON.parse(text);
    } catch {
      data = text;
    }
    return { status: response.status, data, headers: response.headers };
  }
}
