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
