import Driver from 'better-sqlite3';
import { rmSync } from 'node:fs';
import { syncPath } from '../lib/whole-file.js';

/**
 * Copies a database that is in use, as it stands at one moment: one statement over one snapshot, which others that
 * write do not make begin again.
 */
export function copyDatabase(from: string, to: string): void {
  // What a copy that was broken off left.
  rmSync(to, { force: true });
  const db = new Driver(from, { readonly: true });
  try {
    db.prepare('vacuum into ?').run(to);
  } finally {
    db.close();
  }
  syncPath(to);
}
