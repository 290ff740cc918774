// Fuzz: ten thousand bodies over every route, and two hundred broken files; never a 5xx, never a second's silence, and
// nothing half written.
import { seeded } from '../seeded.mjs';
import { Victim } from './server.mjs';
import { bodyOf, brokenFile, routes } from './odd-input.mjs';

const BODIES = Number(process.env.BODIES ?? 10_000);
const FILES = 200;
/** Longer than this is a hang, ms. */
const HANG_MS = 1000;

export async function fuzz(seed) {
  const random = seeded(seed);
  const victim = new Victim();
  await victim.start({ demo: true });
  const { data: parts } = await victim.call('GET', '/parts');
  const ids = { part: parts[0].id, decided: parts.find(p => p.decision)?.id ?? parts[0].id };
  const broken = [];
  const look = async (what, ask, patience = HANG_MS) => {
    const began = performance.now();
    const { status, data } = await ask();
    const tookMs = performance.now() - began;
    if (status >= 500 || tookMs > patience)
      broken.push(`${what}: ${status} in ${Math.round(tookMs)} ms ${JSON.stringify(data).slice(0, 160)}`);
    if (status === 429) await new Promise(ok => setTimeout(ok, 10_000));
  };
  for (let i = 0; i < BODIES; i++) {
    const { method, path, seedBody } = routes[Math.floor(random() * routes.length)];
    const at = path.replace(':part', ids.part).replace(':decided', ids.decided);
    const body = bodyOf(seedBody, random);
    // A decision and a heavy model take their seconds when the body happens to be right.
    await look(
      `${method} ${at} ${String(body).slice(0, 200)}`,
      () => victim.call(method, at, body),
      4 * HANG_MS,
    );
  }
  for (let i = 0; i < FILES; i++)
    for (const path of ['/grades/import', '/archive/previews'])
      await look(`file ${i} to ${path}`, () => victim.call('POST', path, brokenFile(random)), 4 * HANG_MS);
  const check = await victim.call('GET', '/backups/verify');
  if (!check.data.ok) broken.push(`afterwards: ${check.data.problems.join('; ')}`);
  await victim.stop();
  for (const line of broken.slice(0, 20)) console.log(`fuzz ✗ ${line}`);
  console.log(`fuzz: ${BODIES} bodies and ${FILES} files, ${broken.length} broke something`);
  victim.dispose();
  return broken.length;
}
