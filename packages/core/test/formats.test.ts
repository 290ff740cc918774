import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { Ajv2020 } from 'ajv/dist/2020.js';
import type { Brief } from '../src/brief/brief.js';
import { formatNames, schemaOfFormat } from '../src/formats.js';
import { familyByKey } from '../src/materials/library.js';
import { printCard } from '../src/records/card.js';
import { rank } from '../src/score/rank.js';
import { brief, enclosedPrinter, hotBracket } from './cases.js';

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

describe('the schemas of what is only written', () => {
  const ajv = new Ajv2020({ allErrors: true, allowUnionTypes: true });
  const validator = (name: string): ReturnType<typeof ajv.compile> =>
    ajv.compile(JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8')) as object);
  const ranking = validator('ranking');
  const card = validator('card');
  const asWritten = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
  const parts: [string, Brief][] = [
    ['a part of which nothing is said', brief()],
    ['a hot bracket', hotBracket],
    [
      'a soft float',
      brief({ mustFloat: true, flex: { want: 'rubbery', shoreA: [80, 90] }, water: 'immersed' }),
    ],
  ];

  it.each(parts)('hold for %s', (_name, part) => {
    ranking(asWritten(rank(part, { printer: enclosedPrinter })));
    expect(ranking.errors).toBeNull();
    card(asWritten(printCard(part, { family: familyByKey('tpu-95a')!, printer: enclosedPrinter })));
    expect(card.errors).toBeNull();
  });
  it('refuse what the format does not have', () => {
    expect(card({ format: 'hornblende-card', version: 1 })).toBe(false);
  });
});
