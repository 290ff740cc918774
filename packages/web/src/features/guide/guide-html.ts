import { Marked, marked, type Tokens } from 'marked';
import guide from '../../../../../docs/guide.md?raw';
import { finds } from '../../ui/search-words';

/** A chapter of the guide: its heading, the headings within it, and its text as HTML. */
export interface Chapter {
  title: string;
  sections: { id: string; title: string }[];
  html: string;
}

/** The pictures of the guide, as the build serves them. */
const pictures = import.meta.glob<string>('../../../../../docs/screenshots/*.png', {
  query: '?url',
  import: 'default',
  eager: true,
});
const pictureAt = (href: string): string =>
  Object.entries(pictures).find(([path]) => path.endsWith(`/${href}`))?.[1] ?? href;
/** What a heading is called in an address: its words. */
const idOf = (heading: string): string => `guide-${heading.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;

const layout = new Marked({
  renderer: {
    heading({ text, depth }) {
      return `<h${depth} id="${idOf(text)}" tabindex="-1">${text}</h${depth}>\n`;
    },
    image({ href, text }) {
      return `<img src="${pictureAt(href)}" alt="${text}" loading="lazy">`;
    },
  },
});

/** The guide's chapters, in their order. It is ours, and nobody else writes in it. */
export function guideChapters(): Chapter[] {
  const chapters: { title: string; tokens: Tokens.Generic[] }[] = [];
  for (const token of marked.lexer(guide)) {
    if (token.type === 'heading' && token.depth === 2)
      chapters.push({ title: String(token.text), tokens: [] });
    else chapters.at(-1)?.tokens.push(token);
  }
  return chapters.map(({ title, tokens }) => ({
    title,
    sections: tokens
      .filter(t => t.type === 'heading')
      .map(t => ({ id: idOf(String(t.text)), title: String(t.text) })),
    html: layout.parser(tokens as never),
  }));
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
 * Sentences of the guide that say every word that was typed, or what else it is called, in the guide's order; those
 * that say it as it was typed before the others, and chapters that are called so first, by their opening sentence.
 */
export function searchGuide(chapters: readonly Chapter[], typed: string): GuideFind[] {
  const has = finds(typed);
  if (!has) return [];
  const all = chapters.map(c => ({ chapter: c.title, sentences: sentencesOf(c) }));
  const called = all
    .filter(c => has(c.chapter))
    .map(c => ({ chapter: c.chapter, sentence: c.sentences[0] ?? '' }));
  const said = all.flatMap(c => c.sentences.filter(has).map(sentence => ({ chapter: c.chapter, sentence })));
  const others = said.filter(s => !called.some(c => c.sentence === s.sentence));
  const asTyped = others.filter(s => s.sentence.toLowerCase().includes(typed.trim().toLowerCase()));
  return [...called, ...asTyped, ...others.filter(s => !asTyped.includes(s))];
}
