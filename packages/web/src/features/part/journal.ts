import { parseBrief } from '@hornblende/core';
import type { DraftContent } from './content';

/** What was typed and not yet saved, kept in this browser until it is. */
export interface JournalEntry {
  content: DraftContent;
  /** The revision that it was typed over. */
  revision: number;
}

const key = (partId: string): string => `hornblende-draft-${partId}`;

/** Keeps what was typed. */
export function writeJournal(partId: string, { content, revision }: JournalEntry): void {
  localStorage.setItem(key(partId), JSON.stringify({ ...content, revision }));
}

/** What was typed and not saved when the page went away; null where there is nothing that can be read. */
export function readJournal(partId: string): JournalEntry | null {
  const kept = localStorage.getItem(key(partId));
  if (!kept) return null;
  try {
    const { given, printerId, weatherId, revision } = JSON.parse(kept) as DraftContent & { revision: number };
    return { content: { brief: parseBrief(given), given, printerId, weatherId }, revision };
  } catch {
    clearJournal(partId);
    return null;
  }
}

/** Forgets what was typed: it is saved. */
export function clearJournal(partId: string): void {
  localStorage.removeItem(key(partId));
}
