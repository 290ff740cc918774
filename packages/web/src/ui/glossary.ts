/** Words of the trade that the guide explains, longest first where one begins another; as they stand in sentences. */
export const glossaryWords = [
  'bed adhesion',
  'bridge',
  'brim',
  'chamber',
  'creep',
  'direct drive',
  'remote drive',
  'elephant’s foot',
  'glass transition',
  'heat deflection',
  'impact',
  'infill',
  'layer strength',
  'overhang',
  'print orientation',
  'raft',
  'retraction',
  'ringing',
  'safety factor',
  'Shore hardness',
  'shrinkage',
  'stringing',
  'tolerance',
  'ultraviolet dose',
  'warp',
] as const;
/** A word that the guide explains. */
export type GlossaryWord = (typeof glossaryWords)[number];

/** A piece of a text: plain, or a word that is explained. */
export interface TermPiece {
  text: string;
  word: GlossaryWord | null;
}

const WORDS = new RegExp(`(?<![\\p{L}-])(${glossaryWords.join('|')})(s)?(?![\\p{L}-])`, 'giu');

/** A text cut where a word is explained: the first time that each stands in it. */
export function termPieces(text: string): TermPiece[] {
  const pieces: TermPiece[] = [];
  const told = new Set<string>();
  let from = 0;
  for (const found of text.matchAll(WORDS)) {
    const word = glossaryWords.find(w => w.toLowerCase() === found[1]!.toLowerCase())!;
    if (told.has(word)) continue;
    told.add(word);
    if (found.index > from) pieces.push({ text: text.slice(from, found.index), word: null });
    pieces.push({ text: found[0], word });
    from = found.index + found[0].length;
  }
  if (from < text.length) pieces.push({ text: text.slice(from), word: null });
  return pieces;
}

/** What the guide says of a word, in its sentence; empty where it says nothing. */
export async function explained(word: GlossaryWord): Promise<string> {
  const guide = (await import('../../../../docs/guide.md?raw')).default;
  const entry = guide
    .slice(guide.indexOf('## Words of the trade'))
    .split('\n')
    .find(line => line.startsWith('- ') && line.toLowerCase().includes(`**${word.toLowerCase()}**`));
  return entry ? entry.slice(2).replaceAll('**', '') : '';
}
