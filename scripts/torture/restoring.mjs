// Restoring: a restore is killed at each step that it takes on the disk. The next start finds the workshop from before
// or the restored one, whole, and never a third.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from '../hash.mjs';

const hook = pathToFileURL(join(root, 'scripts/torture/kill-at.mjs')).href;
const command = join(root, 'packages/cli/bin/hornblende.mjs');
const json = { 'Content-Type': 'application/json' };

/** The parts of a workshop by name; its check has to find everything sound. */
async function partsOf({ startServer, verify }, dataDir) {
  const server = await startServer({ dataDir, port: 0 });
  const parts = await (await fetch(`${server.url}/api/parts`)).json();
  await server.close();
  const found = await verify(null, dataDir);
  if (!found.ok) throw new Error(found.problems.join('; '));
  return parts
    .map(p => p.name)
    .sort()
    .join();
}

/** A workshop of two parts, and a backup of it from when it had one. */
async function prepared({ startServer, backUp }, dataDir) {
  const add = async name => {
    const server = await startServer({ dataDir, port: 0 });
    const body = JSON.stringify({ brief: { format: 'hornblende-brief', version: 1, name } });
    await (await fetch(`${server.url}/api/parts`, { method: 'POST', headers: json, body })).text();
    await server.close();
  };
  await add('Old');
  const { name } = await backUp(dataDir);
  await add('New');
  return join('backups', name);
}

/**
 * Kills a restore at every `each`-th step.
 * @returns how often it was killed, and what was found that is neither the one workshop nor the other
 */
export async function killedRestores(each = 1) {
  const server = await import(pathToFileURL(join(root, 'packages/cli/dist/server.js')).href);
  const whole = mkdtempSync(join(tmpdir(), 'hornblende-restoring-'));
  const backup = await prepared(server, whole);
  const broke = [];
  const left = new Set();
  let kills = 0;
  for (let at = 1; ; at += each) {
    const dataDir = mkdtempSync(join(tmpdir(), 'hornblende-restoring-'));
    cpSync(whole, dataDir, { recursive: true });
    const { signal, status, stderr } = spawnSync(
      process.execPath,
      ['--import', hook, command, 'restore', join(dataDir, backup), '--data', dataDir],
      { cwd: root, encoding: 'utf8', env: { ...process.env, KILL_AT: String(at), KILL_IN: dataDir } },
    );
    const done = signal === null;
    if (done && status !== 0) broke.push(`step ${at}: it ended with ${status}: ${stderr}`);
    try {
      const parts = await partsOf(server, dataDir);
      left.add(parts);
      if (done ? parts !== 'Old' : parts !== 'Old' && parts !== 'New,Old')
        broke.push(`step ${at}: the workshop has ${parts || 'nothing'}`);
    } catch (e) {
      broke.push(`step ${at}: ${e.message}`);
    }
    rmSync(dataDir, { recursive: true, force: true });
    if (done) break;
    kills++;
  }
  rmSync(whole, { recursive: true, force: true });
  return { kills, left: [...left].sort(), broke };
}

export async function restoring() {
  const { kills, left, broke } = await killedRestores();
  for (const line of broke) console.log(`  ${line}`);
  console.log(`restoring: killed ${kills} times, left with ${left.join(' or ')}; ${broke.length} broke`);
  return broke.length;
}
