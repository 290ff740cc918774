// npm run docs:schema: writes the JSON Schema of every format into docs/schema. What is read has its schema from the
// classes that read it; what is only written, from the types it is written by.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createGenerator } from 'ts-json-schema-generator';
import { buildPrograms } from './build.mjs';
import { root } from './hash.mjs';

/** The formats that are only written: where their type is stated. */
const written = {
  ranking: { pack: 'core', file: 'score/candidate.ts', type: 'Ranking' },
  decision: { pack: 'core', file: 'records/record.ts', type: 'DecisionRecord' },
  card: { pack: 'core', file: 'records/card.ts', type: 'PrintCard' },
  archive: { pack: 'server', file: 'archive/manifest.ts', type: 'Manifest' },
};

await buildPrograms({ quiet: true });
const { formatNames, schemaOfFormat } = await import('../packages/cli/dist/core/formats.js');
const folder = join(root, 'docs/schema');
mkdirSync(folder, { recursive: true });
const write = (name, schema) =>
  writeFileSync(join(folder, `${name}.json`), `${JSON.stringify(schema, null, 2)}\n`);
for (const name of formatNames) write(name, schemaOfFormat(name));
for (const [name, stated] of Object.entries(written)) write(name, writtenSchema(name, stated));

/** The schema of a type, in the dialect and with the names of the others. */
function writtenSchema(name, { pack, file, type }) {
  const generator = createGenerator({
    path: join(root, 'packages', pack, 'src', file),
    tsconfig: join(root, 'packages', pack, 'tsconfig.json'),
    type,
    skipTypeCheck: true,
    additionalProperties: false,
    topRef: false,
  });
  const made = generator.createSchema(type);
  delete made.$schema;
  const { definitions, ...own } = made;
  const schema = {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `hornblende-${name}/1`,
    ...own,
    ...(definitions ? { $defs: definitions } : {}),
  };
  return JSON.parse(JSON.stringify(schema).replaceAll('#/definitions/', '#/$defs/'), inTheDialect);
}

/** JSON has no infinity: what no limit is known for is written as null. Tuples have a name of their own since 2020. */
function inTheDialect(key, value) {
  if (value?.type === 'number' && key !== '$defs' && !('const' in value))
    return { ...value, type: ['number', 'null'] };
  if (!Array.isArray(value?.items)) return value;
  const { items: prefixItems, ...array } = value;
  return { ...array, prefixItems };
}
