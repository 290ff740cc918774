// npm run torture [freeze|growth|kill|power|fuzz|flips|restoring|size …]: minutes of ill-treatment.
// Ends with 1 where anything broke.
import { ensureInstalled } from './install.mjs';

await ensureInstalled();
const { buildAll } = await import('./build.mjs');
await buildAll();
const all = ['freeze', 'growth', 'kill', 'power', 'fuzz', 'flips', 'restoring', 'size'];
const asked = process.argv.slice(2).filter(a => all.includes(a));
const seed = Number(process.env.SEED ?? 1);
let failed = 0;
for (const name of asked.length ? asked : all) {
  const { [name]: run } = await import(`./torture/${name}.mjs`);
  failed += await run(seed);
}
console.log(failed ? `${failed} broke (SEED=${seed})` : 'nothing broke');
process.exitCode = failed ? 1 : 0;
