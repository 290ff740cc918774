import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

/**
 * CONTRIBUTING says how to add a family, a model, a criterion, a kind of record and a page. Here one of each is added
 * to a copy of the sources: the compiler must name what is missing, then be content, and the files are counted.
 */
const project = join(import.meta.dirname, '../../..');
let copy = '';

/** The files that one addition made or changed. */
class Addition {
  readonly files = new Set<string>();

  write(file: string, text: string): this {
    const path = join(copy, file);
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, text);
    this.files.add(file);
    return this;
  }

  /** Puts a text before another in a file. @throws Error where the other is not there */
  insert(file: string, before: string, text: string): this {
    const now = readFileSync(join(copy, file), 'utf8');
    const at = now.indexOf(before);
    if (at < 0) throw new Error(`${file} has no ${before}`);
    return this.write(file, `${now.slice(0, at)}${text}${now.slice(at)}`);
  }
}

/** The options of the sources of core and server together. */
const options: ts.CompilerOptions = {
  target: ts.ScriptTarget.ES2022,
  lib: ['lib.es2022.d.ts'],
  module: ts.ModuleKind.NodeNext,
  moduleResolution: ts.ModuleResolutionKind.NodeNext,
  strict: true,
  noUncheckedIndexedAccess: true,
  noUnusedLocals: true,
  experimentalDecorators: true,
  useDefineForClassFields: true,
  skipLibCheck: true,
  noEmit: true,
  types: ['node'],
};
let program: ts.Program | undefined;

/** What the compiler says of some files of the copy, as it stands now: "file: message". */
function complaints(files: readonly string[]): string[] {
  const roots = files.map(file => join(copy, file));
  const paths = {
    '@hornblende/core/*': [join(copy, 'packages/core/src/*.ts'), join(copy, 'packages/core/src/*/index.ts')],
  };
  const typeRoots = [join(copy, 'node_modules/@types')];
  const made = ts.createProgram(roots, { ...options, paths, typeRoots }, undefined, program);
  program = made;
  return roots
    .flatMap(root => made.getSemanticDiagnostics(made.getSourceFile(root)))
    .map(d => {
      const file = d.file ? d.file.fileName.slice(copy.length + 1) : '';
      return `${file}: ${ts.flattenDiagnosticMessageText(d.messageText, ' ')}`;
    });
}

beforeAll(() => {
  copy = mkdtempSync(join(tmpdir(), 'hornblende-adding-'));
  for (const part of ['packages/core/src', 'packages/server/src', 'packages/web/src/app'])
    cpSync(join(project, part), join(copy, part), { recursive: true });
  for (const file of ['package.json', 'packages/core/package.json', 'packages/server/package.json'])
    cpSync(join(project, file), join(copy, file));
  cpSync(join(project, 'tsconfig.base.json'), join(copy, 'tsconfig.base.json'));
  symlinkSync(join(project, 'node_modules'), join(copy, 'node_modules'));
});
afterAll(() => rmSync(copy, { recursive: true, force: true }));

describe('adding to the project as CONTRIBUTING says', () => {
  it('a family is one file and its line in the library', () => {
    const added = new Addition()
      .write(
        'packages/core/src/materials/families/pla-slate.ts',
        `import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** PLA with slate dust; nobody sells it. */
export const plaSlate = filled(pla, fillers.wood, {
  key: 'pla-slate',
  name: 'Slate PLA',
  note: 'PLA with slate dust, for a test',
  overrides: { densityGcm3: [1.3, 1.4, 1.5, 'estimate'] },
});
`,
      )
      .insert(LIBRARY, 'import { plaTough }', "import { plaSlate } from './families/pla-slate.js';\n")
      .insert(LIBRARY, '  plaTough,', '  plaSlate,\n');
    expect(complaints([...added.files])).toEqual([]);
    expect(added.files.size).toBe(2);
  });

  it('a model is one file and its line in the registry', () => {
    const added = new Addition()
      .write(
        'packages/core/src/models/load-hang.ts',
        `import { Quantity } from '../input/fields.js';
import { STANDARD_GRAVITY } from '../lib/physical-constants.js';
import { model, step } from './model.js';

/** Input of \`load.hang\`. */
export class LoadHangInput {
  @Quantity({ min: 0, max: 1000, unit: 'kg', doc: 'What hangs on it.' }) massKg!: number;
}

/** \`load.hang\`: the force of what hangs still. */
export const loadHang = model({
  id: 'load.hang',
  title: 'Force of what hangs',
  source: 'm·g₀',
  validity: 'At rest.',
  Input: LoadHangInput,
  compute({ massKg }: LoadHangInput) {
    const forceN = massKg * STANDARD_GRAVITY;
    return { result: { forceN }, warnings: [], steps: [step('F', 'm·g₀', String(massKg), forceN, 'N')] };
  },
});
`,
      )
      .insert(REGISTRY, 'import { loadDrop }', "import { loadHang } from './models/load-hang.js';\n")
      .insert(REGISTRY, '  loadDrop,', '  loadHang,\n');
    expect(complaints([...added.files])).toEqual([]);
    expect(added.files.size).toBe(2);
  });

  it('of a new criterion the compiler names each table that lacks it', () => {
    const ids = 'packages/core/src/lib/criterion-ids.ts';
    const rules = 'packages/core/src/score/criteria.ts';
    const palette = 'packages/core/src/palette.ts';
    const added = new Addition().insert(ids, "  'cost',", "  'smell',\n");
    const lacking = complaints([ids, rules, palette, ...users('CriterionId')]);
    expect([...new Set(lacking.map(c => c.split(':')[0]))].sort()).toEqual([palette, rules]);
    added
      .write(
        'packages/core/src/score/criteria/smell.ts',
        `import type { CriterionRule } from './criterion.js';

/** Smell: whether printing it can be smelt. */
export const smellCriterion: CriterionRule = {
  id: 'smell',
  label: 'Smell',
  measure: 'whether it smells, 0 or 1',
  weigh: () => 0,
  read: ({ assessment }) => ({
    value: assessment.family.flags.fumes === 'low' ? 1 : 0,
    unit: 'of 1',
    unacceptable: 0,
    comfortable: 1,
  }),
  drawn: 'as-typical',
  says: { pro: () => 'Does not smell.', con: () => 'Smells.' },
};
`,
      )
      .insert(rules, 'import { desirabilityOn }', "import { smellCriterion } from './criteria/smell.js';\n")
      .insert(rules, '  cost: costCriterion,', '  smell: smellCriterion,\n')
      .insert(palette, "    cost: '#A89F8C',", "    smell: '#998877',\n");
    const dark = /\n {4}cost: '(#\w+)',/g;
    const nights = [...readFileSync(join(copy, palette), 'utf8').matchAll(dark)].at(-1)![0];
    added.insert(palette, nights.slice(1), "    smell: '#998877',\n");
    expect(complaints([...added.files, ...users('CriterionId')])).toEqual([]);
    expect(added.files.size).toBe(4);
  });

  it('a kind of record is six files: its format, its descriptor, its table', () => {
    const added = new Addition()
      .write(
        'packages/core/src/workshop/tool.ts',
        `import { Choice, Text } from '../input/fields.js';
import { parseInput } from '../input/parse.js';

/** \`hornblende-tool/1\`: a tool of the workshop. */
export class Tool {
  @Choice(['hornblende-tool'], { doc: 'Always hornblende-tool.' }) format!: 'hornblende-tool';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 60, doc: 'What it is called.' }) name!: string;
}

/** Reads a tool. @throws InputError */
export function parseTool(plain: unknown): Tool {
  return parseInput(Tool, plain);
}
`,
      )
      .insert(FORMATS, "export * from './workshop/spool.js';", "export * from './workshop/tool.js';\n")
      .insert(FORMATS, 'import { Spool }', "import { Tool } from './workshop/tool.js';\n")
      .insert(FORMATS, '  spool: {', "  tool: { title: 'hornblende-tool/1', type: Tool },\n")
      .write(
        'packages/server/src/db/kinds/tools.ts',
        `import type { Revisioned } from '@hornblende/core/api';
import { parseTool, Tool } from '@hornblende/core/formats';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { parsed, text } from './fields.js';

/** A tool’s row. */
export interface ToolRow extends RevisionedRow {
  id: string;
  name: string;
  data: string;
}

/** Tools. */
export const tools: DocumentKind<Tool, Revisioned & { id: string; tool: Tool }, ToolRow> = {
  name: 'tools',
  one: 'tool',
  table: 'tools',
  key: ['id'],
  json: ['data'],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: row => text(row, 'name'),
  check: row => void parseTool(parsed(row, 'data')),
  path: '/tools',
  plain: true,
  body: {
    name: 'tool',
    Envelope: DocumentEnvelope,
    fields: Tool,
    read: plain => within('tool', () => parseTool(plain)),
  },
  dated: false,
  order: { columns: ['name', 'id'], direction: 'asc' },
  searched: ['name'],
  read: row => ({
    id: row.id,
    tool: parseTool(JSON.parse(row.data)),
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  columns: tool => ({ name: tool.name, data: JSON.stringify(tool) }),
};
`,
      )
      .insert(KINDS, 'import { trials }', "import { tools } from './tools.js';\n")
      .insert(KINDS, '  maps,\n} as const', '  tools,\n')
      .insert(KINDS, '  drillAnswers,\n', '  tools,\n')
      .write(
        'packages/server/src/db/migrations/017-tools.ts',
        `import type { Migration } from './migration.js';

/** Tools. */
export const tools: Migration = {
  name: '017-tools',
  async up(db) {
    await db.schema.createTable('tools', t => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('data').notNullable();
      t.integer('revision').notNullable();
      t.integer('sum').notNullable();
      t.text('updated_at').notNullable();
    });
  },
  async down(db) {
    await db.schema.dropTable('tools');
  },
};
`,
      );
    const listed = readFileSync(join(copy, MIGRATIONS), 'utf8');
    const last = /\n {2}(\w+),\n\];/.exec(listed)!;
    added
      .write(MIGRATIONS, listed.replace(last[0], `\n  ${last[1]},\n  tools,\n];`))
      .insert(MIGRATIONS, 'import type { Migration }', "import { tools } from './017-tools.js';\n");
    const routes = ['packages/server/src/start/app.ts', 'packages/server/src/routes/api-description.ts'];
    expect(complaints([...added.files, ...routes])).toEqual([]);
    expect(added.files.size).toBe(6);
  });

  it('a page is a view and a row of the table of pages', () => {
    const pages = 'packages/web/src/app/pages.ts';
    const added = new Addition()
      .write('packages/web/src/features/tools/ToolsView.vue', '<template><h1>Tools</h1></template>\n')
      .insert(
        pages,
        "  {\n    path: 'rank',",
        `  {
    path: 'tools',
    title: 'Tools',
    load: () => import('../features/tools/ToolsView.vue'),
    rail: 'Tools',
    key: { letter: 'y', to: 'this part’s tools' },
    chapter: 'The ranking',
  },
`,
      );
    expect(added.files.size).toBe(2);
    // The row is all that router, rail, shortcuts and guide are made from: none of them names a page of a part.
    const others = ts.sys
      .readDirectory(join(copy, 'packages/web/src/app'), ['.ts', '.vue'])
      .filter(
        file => !file.endsWith('pages.ts') && readFileSync(file, 'utf8').includes("'../features/rank/"),
      );
    expect(others).toEqual([]);
  });
});

const LIBRARY = 'packages/core/src/materials/library.ts';
const REGISTRY = 'packages/core/src/registry.ts';
const FORMATS = 'packages/core/src/formats.ts';
const KINDS = 'packages/server/src/db/kinds/index.ts';
const MIGRATIONS = 'packages/server/src/db/migrations/index.ts';

/** The files of core that name a type. */
function users(type: string): string[] {
  const names = new RegExp(`\\b${type}\\b`);
  return ts.sys
    .readDirectory(join(copy, 'packages/core/src'), ['.ts'])
    .filter(file => names.test(readFileSync(file, 'utf8')))
    .map(file => file.slice(copy.length + 1));
}
