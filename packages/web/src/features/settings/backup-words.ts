import type { BackupKind } from '@hornblende/core/api';

/** Why a backup was made, in words. */
export const backupReasons: Record<BackupKind, string> = {
  daily: 'the day’s own',
  demand: 'asked for',
  migration: 'before a new version',
};

/** Kinds of record that a person counts a workshop by, with their names for one and for several. */
const counted: readonly (readonly [string, string, string])[] = [
  ['parts', 'part', 'parts'],
  ['decisions', 'decision', 'decisions'],
  ['printers', 'printer', 'printers'],
  ['grades', 'grade', 'grades'],
  ['spools', 'spool', 'spools'],
];

/** What is in a backup: "10 parts, 6 decisions, 2 printers". */
export function contentsText(counts: Record<string, number>): string {
  const said = counted.flatMap(([kind, one, several]) => {
    const n = counts[kind] ?? 0;
    return n ? [`${n} ${n === 1 ? one : several}`] : [];
  });
  return said.join(', ') || 'an empty workshop';
}

/** A size as people say it. */
export function sizeText(bytes: number): string {
  return bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
}
