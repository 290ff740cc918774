import type { Migration } from './migration.js';

/** What a search may find, with what it is called, where it is, and more words that it is known by. */
export const searchEntries = {
  parts: {
    table: 'parts',
    key: 'id',
    columns: (row: string) => ({
      title: `${row}.name`,
      place: `''`,
      more: `''`,
      away: `${row}.archived_at is not null`,
    }),
    of: 'name, archived_at',
  },
  placements: {
    table: 'placements',
    key: 'id',
    columns: (row: string) => ({
      title: `${row}.name`,
      place: `${row}.place`,
      // A record that is damaged is found by its name and its place.
      more: `${row}.code || case when json_valid(${row}.data) then char(10)
        || coalesce((select group_concat(m.value ->> 'material', char(10))
             from json_each(${row}.data, '$.materials') m), '')
        || char(10) || coalesce(${row}.data ->> '$.note', '') else '' end`,
      away: `case when json_valid(${row}.data) then coalesce(${row}.data ->> '$.archived', 0) else 0 end`,
    }),
    of: 'name, place, code, data',
  },
} as const;

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
    for (const [kind, { table, key, columns, of }] of Object.entries(searchEntries)) {
      const { title, place, more, away } = columns('new');
      const values = [title, place, more, away].join(', ');
      await db.raw(`create trigger ${table}_found after insert on ${table} begin
        insert into search_entries (kind, key, title, place, more, away)
        values ('${kind}', new.${key}, ${values}); end`);
      await db.raw(`create trigger ${table}_found_anew after update of ${of} on ${table} begin
        update search_entries set title = ${title}, place = ${place}, more = ${more}, away = ${away}
        where kind = '${kind}' and key = new.${key}; end`);
      await db.raw(`create trigger ${table}_found_no_more after delete on ${table} begin
        delete from search_entries where kind = '${kind}' and key = old.${key}; end`);
      const there = columns('x');
      await db.raw(`insert into search_entries (kind, key, title, place, more, away)
        select '${kind}', x.${key}, ${[there.title, there.place, there.more, there.away].join(', ')} from ${table} x`);
    }
  },
  async down(db) {
    for (const { table } of Object.values(searchEntries))
      for (const when of ['found', 'found_anew', 'found_no_more'])
        await db.raw(`drop trigger ${table}_${when}`);
    await db.schema.dropTable('search_words');
    await db.schema.dropTable('search_entries');
  },
};
