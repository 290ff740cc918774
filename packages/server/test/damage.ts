import Driver from 'better-sqlite3';
import { readFileSync, writeFileSync } from 'node:fs';

/** Writes nonsense over a page of a table, as a failing disk may. @param file a database that nobody has open */
export function damageTable(file: string, table: string): void {
  const db = new Driver(file);
  db.pragma('wal_checkpoint(truncate)');
  const page = db.pragma('page_size', { simple: true }) as number;
  const root = db.prepare('select rootpage from sqlite_master where name = ?').pluck().get(table) as number;
  db.close();
  const bytes = readFileSync(file);
  bytes.fill(0xa5, (root - 1) * page, root * page);
  writeFileSync(file, bytes);
}
