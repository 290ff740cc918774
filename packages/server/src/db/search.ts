import type { SearchKind, SearchHit } from '@hornblende/core/api';
import type { Knex } from 'knex';
import { ENTRY, entryOf, search as searchStep, searchables } from './migrations/017-search.js';

/** Everything that can be found. */
export const searchKinds = Object.keys(searchables) as readonly SearchKind[];

/** What is looked for, and where. */
export interface SearchAsked {
  words: string;
  kinds: readonly SearchKind[];
  /** Whether what was put away is found as well. */
  away: boolean;
  limit: number;
}

interface HitRow {
  kind: SearchKind;
  key: string;
  title: string;
  place: string;
  away: number;
}

/** The words of a search, by its blanks. */
export function wordsOf(search: string): string[] {
  return search.split(/\s+/).filter(Boolean);
}

/** A word as a pattern of `like` that escapes by a backslash: found anywhere, its own signs meaning nothing else. */
export function likeWord(word: string): string {
  return `%${word.replace(/[\\%_]/g, sign => `\\${sign}`)}%`;
}

/** Letters from which on a word is in the index; shorter ones are looked for entry by entry. */
const LETTERS_INDEXED = 3;

/** Of a name, of a place and of other words: how much it says that a word stands in it. */
const WEIGHTS = [8, 3, 1].join(', ');

/** The entries that hold every word, by SQLite's full-text index. */
function entriesWith(db: Knex, words: readonly string[]): Knex.QueryBuilder {
  const long = words.filter(w => [...w].length >= LETTERS_INDEXED);
  const query = db('search_entries as e');
  if (long.length)
    query
      .join('search_words', 'search_words.rowid', 'e.id')
      // Each word is a string of its own to the index, whatever signs it has.
      .whereRaw('search_words match ?', [long.map(w => `"${w.replaceAll('"', '""')}"`).join(' ')]);
  for (const word of words.filter(w => !long.includes(w)))
    query.whereRaw("e.title || char(10) || e.place || char(10) || e.more like ? escape '\\'", [
      likeWord(word),
    ]);
  return query;
}

/** The keys of a kind's records that hold every word, as a query within another. */
export function keysFound(db: Knex, kind: SearchKind, words: readonly string[]): Knex.QueryBuilder {
  return entriesWith(db, words).where('e.kind', kind).select('e.key');
}

/**
 * Parts and parts in service that hold every word, those first that are called so. Where no word is long enough for
 * the index, or there is none, those first that were touched last.
 * @returns at most as many as are asked for
 */
export async function search(db: Knex, { words, kinds, away, limit }: SearchAsked): Promise<SearchHit[]> {
  const asked = wordsOf(words);
  const query = entriesWith(db, asked)
    .whereIn('e.kind', [...kinds])
    .select('e.kind', 'e.key', 'e.title', 'e.place', 'e.away')
    .limit(limit);
  if (!away) query.where('e.away', 0);
  const byIndex = asked.some(w => [...w].length >= LETTERS_INDEXED);
  if (byIndex) query.orderByRaw(`bm25(search_words, ${WEIGHTS}), e.title, e.id`);
  else query.orderByRaw('e.touched desc, e.id desc');
  const rows = (await query) as HitRow[];
  return rows.map(({ key, away: put, ...hit }) => ({ ...hit, id: key, away: put !== 0 }));
}

/** Whether the search knows any record otherwise than it is, or not at all, or one that is gone. */
async function isStale(db: Knex): Promise<boolean> {
  const known = ENTRY.replaceAll(/\w+/g, column => `e.${column}`);
  const wrong = Object.entries(searchables).map(
    ([table, searchable]) =>
      `exists (select 1 from ${table} x left join search_entries e on e.kind = '${table}' and e.key = x.id
       where (${known}) is not (${entryOf(searchable, 'x')}))`,
  );
  const count = searchKinds.map(table => `(select count(*) from ${table})`);
  const [{ stale }] = (await db.raw(
    `select ${wrong.join(' or ')} or (select count(*) from search_entries) <> ${count.join(' + ')} as stale`,
  )) as [{ stale: number }];
  return stale !== 0;
}

/**
 * Makes the words of the search anew from the records, where they are not as the records are. In a file that is damaged
 * they stay as they are: it opens all the same, and whoever looks through it tells of the damage.
 */
export async function mendSearch(db: Knex): Promise<void> {
  try {
    if (!(await isStale(db))) return;
    await db.transaction(async t => {
      await searchStep.down(t);
      await searchStep.up(t);
    });
  } catch (e) {
    if (!/^SQLITE_(CORRUPT|NOTADB)/.test(String((e as { code?: string }).code))) throw e;
  }
}
