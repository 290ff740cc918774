import type { JournalEntry, JournalKind } from '@hornblende/core/api';
import { appendFileSync, existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const FILE = 'journal.jsonl';
/** A journal that is larger loses its older half, bytes. */
const MOST_BYTES = 512 * 1024;
const OWNER_ONLY = 0o600;
/** How often the same refusal of the same address is written down, ms. */
const ONCE_IN_MS = 3_600_000;

/**
 * What was done at the door and to the workshop as a whole: phones paired, refused and withdrawn, restores, imports. A
 * file of its own, a line each: a restore does not take it back.
 */
export class Journal {
  private readonly file: string;
  /** When each refusal was written down last. */
  private readonly refused = new Map<string, number>();

  constructor(dataDir: string) {
    this.file = join(dataDir, FILE);
  }

  /** Writes down what was done. @param what to whom or what: a name, an address, a file */
  write(kind: JournalKind, what: string, at = new Date().toISOString()): void {
    const entry: JournalEntry = { at, kind, what };
    if (existsSync(this.file) && statSync(this.file).size > MOST_BYTES) this.halve();
    appendFileSync(this.file, `${JSON.stringify(entry)}\n`, { mode: OWNER_ONLY });
  }

  /** Writes a refusal down, once an hour for each address: whoever knocks on must not fill the journal. */
  refusal(kind: JournalKind, address: string, now = Date.now()): void {
    const key = `${kind} ${address}`;
    if (now - (this.refused.get(key) ?? -Infinity) < ONCE_IN_MS) return;
    this.refused.set(key, now);
    this.write(kind, address, new Date(now).toISOString());
  }

  /** The last entries, the newest first; a line that was cut off by a power cut is left out. */
  last(count: number): JournalEntry[] {
    if (!existsSync(this.file)) return [];
    return this.lines().slice(-count).reverse().flatMap(readEntry);
  }

  private lines(): string[] {
    return readFileSync(this.file, 'utf8').split('\n').filter(Boolean);
  }

  private halve(): void {
    const lines = this.lines();
    const kept = lines.slice(Math.floor(lines.length / 2));
    writeFileSync(this.file, `${kept.join('\n')}\n`, { mode: OWNER_ONLY });
  }
}

function readEntry(line: string): JournalEntry[] {
  try {
    return [JSON.parse(line) as JournalEntry];
  } catch {
    return [];
  }
}
