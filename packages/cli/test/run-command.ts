import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, vi } from 'vitest';
import { main } from '../src/main.js';

/** What a command left behind: its exit code, and what it wrote. */
export interface Ran {
  readonly status: number | null;
  readonly out: string;
  readonly err: string;
}

/** The command as it is installed. */
export const BIN = resolve(import.meta.dirname, '../bin/hornblende.mjs');

/**
 * Runs the command line in this process, in a folder: starting a process and loading the library again for each
 * command took nearly all the time of these tests.
 */
export async function runIn(folder: string, args: readonly string[]): Promise<Ran> {
  const before = process.cwd();
  let out = '';
  let err = '';
  const stdout = vi.spyOn(process.stdout, 'write').mockImplementation(text => {
    out += text.toString();
    return true;
  });
  const stderr = vi.spyOn(process.stderr, 'write').mockImplementation(text => {
    err += text.toString();
    return true;
  });
  process.chdir(folder);
  try {
    const status = await main([...args]);
    return { status, out, err };
  } finally {
    process.chdir(before);
    process.exitCode = 0;
    stdout.mockRestore();
    stderr.mockRestore();
  }
}

/** Runs the command as a process of its own: what only a process can show, such as standard input. */
export function spawnIn(folder: string, args: readonly string[], input = ''): Ran {
  const r = spawnSync(process.execPath, [BIN, ...args], { input, encoding: 'utf8', cwd: folder });
  return { status: r.status, out: r.stdout, err: r.stderr };
}

/** A folder of its own for a file of tests, gone after them, and a file put into it: text as it is, else JSON. */
export function testFolder(): { dir: string; file: (name: string, content: unknown) => string } {
  const dir = mkdtempSync(join(tmpdir(), 'hornblende-cli-'));
  afterAll(() => rmSync(dir, { recursive: true, force: true }));
  return {
    dir,
    file(name, content) {
      const path = join(dir, name);
      writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
      return path;
    },
  };
}
