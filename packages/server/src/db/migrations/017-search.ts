import type { Migration } from './migration.js';

/** A record's columns as what a search knows of it. */
interface Searchable {
  /** In SQL, where a row of the table is called this. */
  columns: (row: string) => { title: string; place: string; more: string; away: string; touched: string };
  /** The columns of the table that those are made of. */
  of: string;
}

/** What a search may find, by its table: what it is called, where it is, and more words that it is known by. */
export const searchables: Record<'parts' | 'placements', Searchable> = {
  parts: {
    columns: row => ({
      title: `${row}.name`,
      place: `''`,
      more: `''`,
      away: `${row}.archived_at is not null`,
      touched: `${row}.updated_at`,
    }),
    of: 'name, archived_at, updated_at',
  },
  placements: {
    columns: row => ({
      title: `${row}.name`,
      place: `${row}.place`,
      // A record that is damaged is found by its name and its place.
      more: `${row}.code || case when json_valid(${row}.data) then char(10)
        || coalesce((select group_concat(m.value ->> 'material', char(10))
             from json_each(${row}.data, '$.materials') m), '')
        || char(10) || coalesce(${row}.data ->> '$.note', '') else '' end`,
      away: `case when json_valid(${row}.data) then coalesce(${row}.data ->> '$.archived', 0) else 0 end`,
      touched: `${row}.updated_at`,
    }),
    of: 'name, place, code, data, updated_at',
  },
};

/** The columns of an entry that come from its record, in the order of {@link entryOf}. */
export const ENTRY = 'title, place, more, away, touched';

/** The values of an entry, in SQL, where its record is called `row`. */
export function entryOf({ columns }: Searchable, row: string): string {
  const { title, place, more, away, touched } = columns(row);
  return [title, place, more, away, touched].join(', ');
}

/**
 * The words by which parts and parts in service are found: a small table that triggers keep, and SQLite's full-text
 * index of it, by three letters, so that a word is found by any piece of it.
 */
export const search: Migration = {
  name: '017-search',
  async up(db) {
    await db.raw(`create table search_entries (
      id integer primary key,
      kind text not null,
      key text not null,
      title text not null,
      place text not null,
      more text not null,
      away integer not null,
      touched text not null,
      unique (kind, key)
    )`);
    await db.raw(`create virtual table search_words using fts5 (
      title, place, more, content = 'search_entries', content_rowid = 'id', tokenize = 'trigram remove_diacritics 1'
    )`);
    const added =
      'insert into search_words (rowid, title, place, more) values (new.id, new.title, new.place, new.more);';
    const dropped = `insert into search_words (search_words, rowid, title, place, more)
      values ('delete', old.id, old.title, old.place, old.more);`;
    await db.raw(`create trigger search_entry_added after insert on search_entries begin ${added} end`);
    await db.raw(`create trigger search_entry_dropped after delete on search_entries begin ${dropped} end`);
    await db.raw(`create trigger search_entry_changed after update of title, place, more on search_entries
      when (old.title, old.place, old.more) is not (new.title, new.place, new.more)
      begin ${dropped} ${added} end`);
    for (const [table, searchable] of Object.entries(searchables)) {
      await db.raw(`create trigger ${table}_found after insert on ${table} begin
        insert into search_entries (kind, key, ${ENTRY}) values ('${table}', new.id, ${entryOf(searchable, 'new')});
        end`);
      await db.raw(`create trigger ${table}_found_anew after update of ${searchable.of} on ${table} begin
        update search_entries set (${ENTRY}) = (${entryOf(searchable, 'new')})
        where kind = '${table}' and key = new.id; end`);
      await db.raw(`create trigger ${table}_found_no_more after delete on ${table} begin
        delete from search_entries where kind = '${table}' and key = old.id; end`);
      await db.raw(`insert into search_entries (kind, key, ${ENTRY})
        select '${table}', x.id, ${entryOf(searchable, 'x')} from ${table} x`);
    }
  },
  async down(db) {
    for (const table of Object.keys(searchables))
      for (const when of ['found', 'found_anew', 'found_no_more'])
        await db.raw(`drop trigger ${table}_${when}`);
    await db.schema.dropTable('search_words');
    await db.schema.dropTable('search_entries');
  },
};
