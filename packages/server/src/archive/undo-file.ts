import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** The folder of what takes imports back, beside the database. */
const FOLDER = 'undo';
/** How many of the newest stay. */
const UNDO_FILES_KEPT = 5;

function folderOf(databaseFile: string): string {
  return join(dirname(databaseFile), FOLDER);
}

/** Where what takes an import back is kept. */
export function undoFile(databaseFile: string, id: string): string {
  return join(folderOf(databaseFile), `${id.replace(/[^\w-]/g, '')}.db`);
}

/** Removes what takes older imports back. */
export function thinOutUndo(databaseFile: string): void {
  const folder = folderOf(databaseFile);
  if (!existsSync(folder)) return;
  const files = readdirSync(folder)
    .map(name => join(folder, name))
    .sort((a, b) => statSync(b).mtimeMs - statSync(a).mtimeMs);
  for (const file of files.slice(UNDO_FILES_KEPT)) rmSync(file, { force: true });
}
