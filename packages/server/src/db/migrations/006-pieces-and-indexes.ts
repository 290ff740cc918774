import { takenApart, yearSummary } from './006-pieces.frozen.js';
import type { Migration } from './migration.js';

/** Marks the file as one of ours, in ASCII: "Horn". */
export const APPLICATION_ID = 0x486f726e;

/** What lists are asked for, in their order. */
const indexes: readonly { name: string; on: string }[] = [
  { name: 'parts_listed', on: 'parts ((archived_at is null), updated_at desc, id desc)' },
  { name: 'decisions_of_part', on: 'decisions (part_id, decided_at desc, id desc)' },
  { name: 'decisions_standing', on: 'decisions (part_id, withdrawn_at, decided_at)' },
  { name: 'spools_shelved', on: 'spools (material, created_at, id)' },
  { name: 'spools_coded', on: "spools (json_extract(data, '$.code'))" },
  { name: 'weathers_named', on: 'weathers (name, id)' },
];

/**
 * The bulk of decisions' records packed and shared, what lists are sorted by as indexes, what weather is like kept
 * beside its hours, and a place for marks of the workshop's own (that the demo was laid out).
 */
export const piecesAndIndexes: Migration = {
  name: '006-pieces-and-indexes',
  async up(db) {
    await db.raw(`pragma application_id = ${APPLICATION_ID}`);
    await db.schema.createTable('record_pieces', t => {
      t.text('hash').primary();
      t.binary('data').notNullable();
    });
    await db.schema.createTable('marks', t => {
      t.text('name').primary();
      t.text('at').notNullable();
    });
    // What an import of an archive changed, so that it can be taken back whole.
    await db.schema.createTable('archive_imports', t => {
      t.text('id').primary();
      t.text('at').notNullable();
      t.text('before').notNullable();
    });
    await db.schema.alterTable('weathers', t => {
      t.text('summary').nullable();
    });
    const years = (await db('weathers').select('id', 'data')) as { id: string; data: string }[];
    for (const { id, data } of years) {
      const summary = JSON.stringify(yearSummary(JSON.parse(data) as never));
      await db('weathers').where({ id }).update({ summary });
    }
    const rows = (await db('decisions').select('id').whereNotNull('record')) as { id: string }[];
    for (const { id } of rows) {
      const row = (await db('decisions').where({ id }).first('record')) as { record: string };
      const { lean, pieces } = takenApart(JSON.parse(row.record) as never);
      for (const piece of pieces) await db('record_pieces').insert(piece).onConflict('hash').ignore();
      await db('decisions')
        .where({ id })
        .update({ record: JSON.stringify(lean), brief: '{}', printer: null });
    }
    for (const { name, on } of indexes) await db.raw(`create index ${name} on ${on}`);
  },
  async down(db) {
    for (const { name } of indexes) await db.raw(`drop index ${name}`);
    await db.schema.alterTable('weathers', t => {
      t.dropColumn('summary');
    });
    await db.schema.dropTable('archive_imports');
    await db.schema.dropTable('marks');
    await db.schema.dropTable('record_pieces');
  },
};
