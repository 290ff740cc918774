// npm run docs:schema: writes the JSON Schema of every format that is read into docs/schema.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildPrograms } from './build.mjs';
import { root } from './hash.mjs';

await buildPrograms({ quiet: true });
const { formatNames, schemaOfFormat } = await import('../packages/cli/dist/core.js');
const folder = join(root, 'docs/schema');
mkdirSync(folder, { recursive: true });
for (const name of formatNames)
  writeFileSync(join(folder, `${name}.json`), `${JSON.stringify(schemaOfFormat(name), null, 2)}\n`);
