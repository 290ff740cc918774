import { marked, type Tokens } from 'marked';
import guide from '../../../../../docs/guide.md?raw';

/** A chapter of the guide: its heading, and its text as HTML. */
export interface Chapter {
  title: string;
  html: string;
}

/** The guide's chapters, in their order. It is ours, and nobody else writes in it. */
export function guideChapters(): Chapter[] {
  const chapters: { title: string; tokens: Tokens.Generic[] }[] = [];
  for (const token of marked.lexer(guide)) {
    if (token.type === 'heading' && token.depth === 2)
      chapters.push({ title: String(token.text), tokens: [] });
    else chapters.at(-1)?.tokens.push(token);
  }
  return chapters.map(({ title, tokens }) => ({ title, html: marked.parser(tokens as never) }));
}

/** A sentence of the guide that was looked for, and the chapter that it stands in. */
export interface GuideFind {
  chapter: string;
  sentence: string;
}

/** Signs as HTML writes them, the ampersand last. */
const WRITTEN: readonly [string, string][] = [
  ['&lt;', '<'],
  ['&gt;', '>'],
  ['&quot;', '"'],
  ['&#39;', "'"],
  ['&amp;', '&'],
];

/** A chapter's sentences as plain text. */
function sentencesOf({ html }: Chapter): string[] {
  const text = html.replace(/<\/(?:p|li|h\d|td|th)>/g, '\n').replace(/<[^>]+>/g, '');
  return WRITTEN.reduce((said, [written, sign]) => said.replaceAll(written, sign), text)
    .split(/(?<=[.!?])\s+|\n+/)
    .map(s => s.trim())
    .filter(Boolean);
}

/**
 * Sentences of the guide in which every word that was typed begins a word, in the guide's order; chapters that are
 * called so stand first, by their opening sentence.
 */
export function searchGuide(chapters: readonly Chapter[], typed: string): GuideFind[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (!words.length) return [];
  const begins = words.map(
    w => new RegExp(`(?:^|[^\\p{L}\\p{N}])${w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`, 'iu'),
  );
  const has = (text: string): boolean => begins.every(b => b.test(text));
  const all = chapters.map(c => ({ chapter: c.title, sentences: sentencesOf(c) }));
  const called = all
    .filter(c => has(c.chapter))
    .map(c => ({ chapter: c.chapter, sentence: c.sentences[0] ?? '' }));
  const said = all.flatMap(c => c.sentences.filter(has).map(sentence => ({ chapter: c.chapter, sentence })));
  return [...called, ...said.filter(s => !called.some(c => c.sentence === s.sentence))];
}
