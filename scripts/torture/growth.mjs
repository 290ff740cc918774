// Growth: the first page of every list in a workshop of decades, beside one of a hundredth of that.
import { statSync } from 'node:fs';
import { join } from 'node:path';
import { grow } from './grown.mjs';
import { Victim } from './server.mjs';

const LARGE = { parts: 10_000, decisions: 100_000, grades: 10_000, spools: 10_000, events: 4 };
const SHARE = 100;
/** Times as long as a hundredth takes, and bytes, that are allowed. */
const WANTED = { times: 2, bytes: 2 * 2 ** 30 };
const RUNS = 15;
/** Below this the network of the machine itself is what is measured, ms. */
const NOISE_MS = 8;

async function measured(amounts) {
  const victim = new Victim();
  await victim.start({ demo: true });
  await victim.stop();
  const { part } = grow(victim.dataDir, amounts);
  await victim.start();
  const lists = [
    '/parts',
    `/parts/${part}/decisions`,
    `/parts/${part}/versions`,
    '/grades',
    '/spools',
    '/printers',
    '/weathers',
  ];
  const times = {};
  for (const path of lists) {
    const name = path.replace(part, 'one');
    const runs = [];
    for (let i = 0; i < RUNS; i++) {
      const began = performance.now();
      await victim.call('GET', `${path}?limit=100`);
      runs.push(performance.now() - began);
    }
    times[name] = runs.sort((a, b) => a - b)[RUNS >> 1];
  }
  await victim.stop();
  const bytes = statSync(join(victim.dataDir, 'hornblende.db')).size;
  victim.dispose();
  return { times, bytes };
}

export async function growth() {
  const small = await measured(
    Object.fromEntries(Object.entries(LARGE).map(([k, n]) => [k, k === 'events' ? n : n / SHARE])),
  );
  const large = await measured(LARGE);
  let failed = 0;
  for (const [name, ms] of Object.entries(large.times)) {
    const before = small.times[name];
    const bad = ms > Math.max(WANTED.times * before, NOISE_MS);
    if (bad) failed++;
    const times = (ms / before).toFixed(2);
    console.log(
      `growth: ${name}: first page ${ms.toFixed(1)} ms, ${times} × that of a hundredth` +
        `${bad ? ' ✗' : ''} (wanted under ${WANTED.times} ×)`,
    );
  }
  const fits = large.bytes < WANTED.bytes;
  if (!fits) failed++;
  console.log(`growth: ${(large.bytes / 1e6).toFixed(0)} MB${fits ? '' : ' ✗'} (wanted under 2 GB)`);
  return failed;
}
