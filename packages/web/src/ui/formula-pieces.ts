/** A stretch of a formula that is set the same way. */
export interface FormulaPiece {
  text: string;
  set: 'plain' | 'sub' | 'sup';
}

const closing: Record<string, string> = { '{': '}', '(': ')' };
/** A bare index or power: letters, digits, and a sign before them. */
const BARE = /^[−-]?[\p{L}\p{Nd}.]+/u;

/** What a mark sets: a balanced bracket, or a bare run; empty where nothing follows. */
function marked(text: string): string {
  const open = text[0] ?? '';
  const close = closing[open];
  if (close === undefined) return BARE.exec(text)?.[0] ?? '';
  let depth = 0;
  for (let i = 0; i < text.length; i++) {
    if (text[i] === open) depth++;
    if (text[i] === close && --depth === 0) return text.slice(0, i + 1);
  }
  return '';
}

/**
 * A formula as it is written in a line, in pieces to be set: after `_` low, after `^` high, by a bare run, by braces
 * (which go) or by round brackets (which stay: they belong to the formula).
 * @example formulaPieces('T_sub') // [{ text: 'T', set: 'plain' }, { text: 'sub', set: 'sub' }]
 */
export function formulaPieces(text: string): FormulaPiece[] {
  const pieces: FormulaPiece[] = [];
  let plain = '';
  const flush = (): void => {
    if (plain) pieces.push({ text: plain, set: 'plain' });
    plain = '';
  };
  for (let i = 0; i < text.length; i++) {
    const mark = text[i] ?? '';
    const inside = mark === '_' || mark === '^' ? marked(text.slice(i + 1)) : '';
    if (!inside) {
      plain += mark;
      continue;
    }
    flush();
    pieces.push({
      text: inside.startsWith('{') ? inside.slice(1, -1) : inside,
      set: mark === '_' ? 'sub' : 'sup',
    });
    i += inside.length;
  }
  flush();
  return pieces;
}
