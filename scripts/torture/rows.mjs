// What a workshop's file tells, row by row: to compare one state of it with another.
import Driver from 'better-sqlite3';

/**
 * Every row of every table, as text; null where the file cannot be read to its end. The words of the search are left
 * out: they are made anew from the records wherever they differ.
 */
export function rowsOf(file) {
  const db = new Driver(file, { readonly: true });
  try {
    const tables = db
      .prepare(
        `SELECT name FROM sqlite_master
         WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE 'search_%' ORDER BY name`,
      )
      .all()
      .map(t => t.name);
    const rows = new Map();
    for (const table of tables)
      for (const row of db.prepare(`SELECT rowid AS _row, * FROM "${table}"`).all())
        rows.set(`${table} ${row._row}`, JSON.stringify(row));
    return rows;
  } catch {
    return null;
  } finally {
    db.close();
  }
}

/** The first row that tells something else than before; null where none does. */
export function changed(before, now) {
  if (now === null) return 'the file, which cannot be read';
  for (const [row, text] of before) if (now.get(row) !== text) return row;
  return now.size === before.size ? null : 'a row that was not there';
}
