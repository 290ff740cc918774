import { parseBrief } from '@hornblende/core/brief';
import { browserStore } from '../../stores/browser-store';
import type { DraftContent } from './content';

/** What was typed and not yet saved, kept in this browser until it is. */
export interface JournalEntry {
  content: DraftContent;
  /** The revision that it was typed over. */
  revision: number;
  /** What was sent over that revision and not answered: the server may have any of it, under the next one. */
  sent: DraftContent[];
  /** When it was written, ms. */
  at: number;
}

/** An entry, and the tab that wrote it. */
export interface FoundEntry extends JournalEntry {
  tab: string;
}

const HEAD = 'hornblende-draft-';
const keyOf = (partId: string, tab: string): string => `${HEAD}${partId}.${tab}`;

type Plain = Omit<DraftContent, 'brief'>;
const plain = ({ given, printerId, weatherId }: Plain): Plain => ({ given, printerId, weatherId });
const read = (p: Plain): DraftContent => ({ ...plain(p), brief: parseBrief(p.given) });

/** Keeps what was typed in a tab. A browser that keeps nothing must not stand in the way of saving. */
export function writeJournal(partId: string, tab: string, { content, sent, ...rest }: JournalEntry): void {
  const entry = { ...rest, ...plain(content), sent: sent.map(plain) };
  browserStore.setItem(keyOf(partId, tab), JSON.stringify(entry));
}

/** What was typed at a part and not saved when a page went away, in any tab, the newest first. */
export function readJournal(partId: string): FoundEntry[] {
  const head = `${HEAD}${partId}`;
  return browserStore
    .keys()
    .filter(key => key === head || key.startsWith(`${head}.`))
    .flatMap(key => entryAt(key, key.slice(head.length + 1)) ?? [])
    .sort((a, b) => b.at - a.at);
}

function entryAt(key: string, tab: string): FoundEntry | null {
  try {
    const { revision, sent, at, ...content } = JSON.parse(browserStore.getItem(key) ?? '') as Plain & {
      revision: number;
      sent?: Plain[];
      at?: number;
    };
    return { tab, revision, at: at ?? 0, content: read(content), sent: (sent ?? []).map(read) };
  } catch {
    browserStore.removeItem(key);
    return null;
  }
}

/** Forgets what was typed in a tab: it is saved. @param tab empty for one that was kept before tabs were told apart */
export function clearJournal(partId: string, tab: string): void {
  browserStore.removeItem(tab ? keyOf(partId, tab) : `${HEAD}${partId}`);
}
