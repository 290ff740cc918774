// Flips: a bit of a workshop's file is turned over, at a place by chance, again and again. Whatever a check calls sound
// tells what it told before; what is not sound is said in words, and breaks nothing.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from '../hash.mjs';
import { seeded } from '../seeded.mjs';
import { changed, rowsOf } from './rows.mjs';
import { Victim } from './server.mjs';

const FLIPS = 300;
const FILE = 'hornblende.db';

/**
 * Turns bits over in copies of a workshop's file.
 * @param workshop the file, of a workshop that is not served
 * @returns what a check called sound and tells something else, and what broke the check
 */
export async function flipped(workshop, count, random) {
  const { verify, StartProblem } = await import(
    pathToFileURL(join(root, 'packages/cli/dist/server.js')).href
  );
  const dir = mkdtempSync(join(tmpdir(), 'hornblende-flips-'));
  const file = join(dir, FILE);
  const whole = readFileSync(workshop);
  const before = rowsOf(workshop);
  const broke = [];
  let told = 0;
  for (let n = 0; n < count; n++) {
    const bytes = Buffer.from(whole);
    const at = Math.floor(random() * bytes.length);
    const bit = Math.floor(random() * 8);
    bytes[at] ^= 1 << bit;
    for (const beside of ['-wal', '-shm']) rmSync(file + beside, { force: true });
    writeFileSync(file, bytes);
    try {
      const found = await verify(null, dir);
      if (!found.ok) told++;
      else {
        const other = changed(before, rowsOf(file));
        if (other) broke.push(`byte ${at}, bit ${bit}: called sound, but ${other} is another`);
      }
    } catch (e) {
      if (e instanceof StartProblem) told++;
      else broke.push(`byte ${at}, bit ${bit}: ${e.message}`);
    }
  }
  rmSync(dir, { recursive: true, force: true });
  return { told, broke };
}

export async function flips(seed) {
  const victim = new Victim();
  await victim.start({ demo: true });
  await victim.stop('SIGINT');
  const { told, broke } = await flipped(join(victim.dataDir, FILE), FLIPS, seeded(seed));
  for (const line of broke.slice(0, 20)) console.log(`  ${line}`);
  console.log(`flips: ${FLIPS} bits turned over, ${told} of them told, ${broke.length} not noticed`);
  victim.dispose();
  return broke.length;
}
