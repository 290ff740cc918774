import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { root } from './hash.mjs';

const run = (tool, args) =>
  execFileSync(process.execPath, [join(root, 'node_modules', tool), ...args], {
    cwd: root,
    stdio: 'inherit',
  });
run('typescript/bin/tsc', ['-b']);
run('vue-tsc/bin/vue-tsc.js', ['--noEmit', '-p', 'packages/web/tsconfig.json']);
run('typescript/bin/tsc', ['--noEmit', '-p', 'tsconfig.test.json']);
