// Kill: the server is killed while it writes, again and again; what it acknowledged is there afterwards, and nothing is
// half there.
import { spawnSync } from 'node:child_process';
import { root } from '../hash.mjs';
import { seeded } from '../seeded.mjs';
import { Victim } from './server.mjs';

const ROUNDS = 30;
/** Writers at once. */
const WRITERS = 5;

export async function kill(seed) {
  const random = seeded(seed);
  const victim = new Victim();
  const acknowledged = new Map();
  let failed = 0;
  for (let round = 0; round < ROUNDS; round++) {
    await victim.start({ demo: round === 0 });
    const until = performance.now() + 150 + 500 * random();
    const writers = Array.from({ length: WRITERS }, async (_, w) => {
      for (let i = 0; performance.now() < until + 400; i++) {
        const name = `r${round} w${w} i${i}`;
        try {
          const { status, data } = await victim.call('POST', '/parts', {
            brief: { format: 'hornblende-brief', version: 1, name },
          });
          if (status === 201) acknowledged.set(data.id, name);
        } catch {
          return;
        }
      }
    });
    await new Promise(ok => setTimeout(ok, until - performance.now()));
    await victim.stop('SIGKILL');
    await Promise.all(writers);
  }
  await victim.start();
  for (const [id, name] of acknowledged) {
    const { status, data } = await victim.call('GET', `/parts/${id}`);
    if (status !== 200 || data.name !== name) failed++;
  }
  await victim.stop();
  const check = spawnSync(
    process.execPath,
    ['packages/cli/bin/hornblende.mjs', 'verify', '--data', victim.dataDir, '--json'],
    {
      cwd: root,
      encoding: 'utf8',
    },
  );
  if (check.status !== 0) failed++;
  console.log(`kill: ${ROUNDS} kills, ${acknowledged.size} acknowledged writes, ${failed} lost or damaged`);
  victim.dispose();
  return failed;
}
