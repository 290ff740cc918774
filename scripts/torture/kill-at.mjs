// Loaded before a command: kills the process at the KILL_AT-th step that it takes on a disk within KILL_IN.
import fs from 'node:fs';
import { syncBuiltinESMExports } from 'node:module';

const at = Number(process.env.KILL_AT);
const folder = process.env.KILL_IN;
let step = 0;
for (const name of [
  'renameSync',
  'rmSync',
  'copyFileSync',
  'writeFileSync',
  'openSync',
  'fsyncSync',
  'mkdirSync',
]) {
  const real = fs[name];
  fs[name] = (...given) => {
    const isThere = name === 'fsyncSync' || given.some(g => typeof g === 'string' && g.startsWith(folder));
    if (isThere && ++step === at) process.kill(process.pid, 'SIGKILL');
    return real(...given);
  };
}
syncBuiltinESMExports();
