import type { LoadCase, LoadKind } from '../choices.js';
import type { LoadNumber } from '../brief-load.js';
import { fillers } from './lexicon.js';
import { partNouns } from './part-nouns.js';

/** Words that were understood, and the field of the brief that they filled. */
export interface Understood {
  text: string;
  field: string;
  value: unknown;
}

/** Numbers of the load that a sentence tells of. */
export interface SaidLoad extends Partial<Record<LoadNumber, number>> {
  case?: LoadCase;
  kind?: LoadKind;
  cycles?: number;
  hours?: number;
  acrossLayers?: boolean;
}

/** What says the opposite of the words that follow it: "not in the sun", "never gets wet", "without any oil". */
const DENIED =
  /\b(?:not|no|never|without|cannot|\w+n't)\s+(?:(?:get|gets|be|being|is|see|sees|touch|need|any|a|the|much)\s+){0,2}$/;

/** A sentence while it is read: what has been understood is blanked, so that nothing is read twice. */
export class Reading {
  readonly understood: (Understood & { at: number })[] = [];
  readonly plain: Record<string, unknown> = {};
  readonly load: SaidLoad = {};
  timesADay = 0;
  /** How a load on such a part usually acts. */
  nounCase: LoadCase | null = null;
  /** How the one that is told of seems to act: what is said of an arm, a span or a knock counts before either. */
  seemsCase: LoadCase | null = null;
  private left: string;

  constructor(private readonly original: string) {
    this.left = original.toLowerCase().replace(/[’‘`]/g, "'").replace(/[–—]/g, '-');
  }

  /** Looks for a pattern wherever it still stands; what `take` returns was understood, null leaves it standing. */
  each(
    said: string,
    take: (m: RegExpExecArray) => readonly (readonly [field: string, value: unknown])[] | null,
  ): void {
    const pattern = new RegExp(`(?<![\\w.])(?:${said})(?![\\w])`, 'g');
    for (let m = pattern.exec(this.left); m; m = pattern.exec(this.left)) {
      const isNew = m[0].trim() && !m[0].includes('\0') && !DENIED.test(this.left.slice(0, m.index));
      const found = isNew ? take(m) : null;
      if (!found) {
        pattern.lastIndex = m.index + 1;
        continue;
      }
      const text = this.original.slice(m.index, m.index + m[0].length).trim();
      for (const [field, value] of found) this.understood.push({ text, field, value, at: m.index });
      this.left =
        this.left.slice(0, m.index) + '\0'.repeat(m[0].length) + this.left.slice(m.index + m[0].length);
    }
  }

  /** Whether the sentence says something, understood already or not. */
  says(said: string): boolean {
    return new RegExp(`(?<![\\w.])(?:${said})(?![\\w])`).test(this.original.toLowerCase());
  }

  /** Takes the words that name parts as understood. */
  blankNouns(): void {
    for (const [said] of partNouns) this.each(`(?:${said})`, () => []);
  }

  /** The first words that name a part, as they were said, and where; null where none does. */
  firstNoun(): { text: string; at: number; loadCase: LoadCase | null } | null {
    const text = this.original.toLowerCase();
    const found = partNouns.flatMap(([said, loadCase]) => {
      const m = new RegExp(`(?<![\\w.-])(?:${said})(?![\\w-])`).exec(text);
      return m ? [{ text: this.original.slice(m.index, m.index + m[0].length), at: m.index, loadCase }] : [];
    });
    // Of those that begin at one place the longest: a shelf bracket rather than a shelf.
    return found.sort((a, b) => a.at - b.at || b.text.length - a.text.length)[0] ?? null;
  }

  /** The words before a place, as they were said. */
  before(index: number, words = 24): string {
    return this.original.toLowerCase().slice(Math.max(0, index - words), index);
  }

  set(field: string, value: unknown): [string, unknown] {
    const path = field.split('.');
    let at = this.plain;
    for (const key of path.slice(0, -1)) at = (at[key] ??= {}) as Record<string, unknown>;
    const last = path.at(-1)!;
    // Of lists everything that is said counts.
    if (field === 'contact.chemicals' || field === 'looks.wishes')
      at[last] = [...new Set([...((at[last] as unknown[] | undefined) ?? []), value])];
    else at[last] ??= value;
    return [field, value];
  }

  /** Whether something is said of a field. */
  has(field: string): boolean {
    const at = field
      .split('.')
      .reduce<unknown>((of, key) => (of as Record<string, unknown>)?.[key], this.plain);
    return at !== undefined;
  }

  /** Fills a field by what follows from words that were understood already. */
  imply({ text, at, field, value }: Understood & { at: number }): void {
    this.set(field, value);
    this.understood.push({ text: this.original.slice(at, at + text.length), field, value, at });
  }

  setLoad(field: keyof SaidLoad, value: number | string | boolean): [string, unknown] {
    Object.assign(this.load, this.load[field] === undefined ? { [field]: value } : {});
    return [`loads.0.${field}`, value];
  }

  /** What was not understood: what still stands between commas and what was, less words that say nothing. */
  unclear(): string[] {
    return this.left
      .split(/[\0,;:.!?()]+|\band\b|\bbut\b/)
      .map(piece =>
        piece
          .replace(/[^\p{L}\p{N}%°'/ -]+/gu, ' ')
          .trim()
          .split(/\s+/),
      )
      .map(words => words.filter(w => w && w !== '-'))
      .map(words => {
        const from = words.findIndex(w => !fillers.has(w));
        const told = words.slice(Math.max(0, from));
        while (fillers.has(told.at(-1) ?? '')) told.pop();
        return from < 0 ? '' : told.join(' ');
      })
      .filter(Boolean);
  }
}

/** With a capital to begin with. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
