import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs';

/** Renames a database, with its log, so that nothing is lost by what is put in its place. */
export function setAside(file: string): void {
  if (!existsSync(file)) return;
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  for (const suffix of ['', '-wal', '-shm'])
    if (existsSync(file + suffix))
      renameSync(file + suffix, `${file.replace(/\.db$/, '')}-${stamp}.db${suffix}`);
}

/** Puts a copy of a backup in a database's place; what was there is set aside. Nothing may have it open. */
export function restoreInto(backup: string, file: string): void {
  const copy = `${file}.restoring`;
  try {
    copyFileSync(backup, copy);
    setAside(file);
    renameSync(copy, file);
  } finally {
    rmSync(copy, { force: true });
  }
}
