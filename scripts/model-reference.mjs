// npm run docs:models: writes docs/models.md from the models' own metadata.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildPrograms } from './build.mjs';
import { root } from './hash.mjs';

await buildPrograms({ quiet: true });
const { allowedText, fieldsOf } = await import('../packages/cli/dist/core/input.js');
const { models } = await import('../packages/cli/dist/core/registry.js');

const lines = [
  '# Model reference',
  '',
  'Generated from the models themselves with `npm run docs:models`. Run any of them with `npx ' +
    'hornblende calc ID INPUT.json`, or `POST /api/calc/ID`.',
  '',
];
for (const m of models) {
  lines.push(
    `## \`${m.id}\``,
    '',
    `${m.title}.`,
    '',
    `Source: ${m.source}.`,
    '',
    `Holds for: ${m.validity}`,
    '',
    '| input | allowed | meaning |',
    '|---|---|---|',
  );
  for (const f of fieldsOf(m.Input))
    lines.push(
      `| \`${f.name}\`${f.optional ? '' : ' *'} | ${allowedText(f).replaceAll('|', '\\|')} | ` +
        `${f.doc.replaceAll('|', '\\|')} |`,
    );
  lines.push('');
}
lines.push('Inputs marked * are required.', '');
writeFileSync(join(root, 'docs/models.md'), lines.join('\n'));
