import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { formatNames, schemaOfFormat } from '../src/index.js';

const folder = join(import.meta.dirname, '../../../docs/schema');

describe('the schemas in docs/schema', () => {
  it.each(formatNames.map(name => [name]))('%s is as the code has it (npm run docs:schema)', name => {
    expect(JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(schemaOfFormat(name))),
    );
  });
  it('say units, limits, defaults and what may be null', () => {
    const { properties, $defs } = schemaOfFormat('brief') as {
      properties: Record<string, Record<string, unknown>>;
      $defs: Record<string, { properties: Record<string, Record<string, unknown>> }>;
    };
    expect(properties.lifeYears).toMatchObject({ type: 'number', minimum: 0.01, maximum: 50, default: 5 });
    expect(properties.safety).toMatchObject({ anyOf: [{ minimum: 1, maximum: 20 }, { type: 'null' }] });
    expect($defs.BriefGeometry?.properties.xMm?.description).toMatch(/In mm\.$/);
  });
});
