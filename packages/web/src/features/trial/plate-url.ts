import type { TrialPiece } from '@hornblende/core/trials';

/** The letters by which filaments of a trial are told apart on their pieces. */
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** What the codes on an entrant's pieces begin with: A to Z, then AA, AB and so on. */
export function entrantMark(index: number): string {
  const last = LETTERS[index % LETTERS.length]!;
  return index < LETTERS.length ? last : entrantMark(Math.floor(index / LETTERS.length) - 1) + last;
}

/** Where the pieces of a trial on one plate are to be had. @param buildMm the plate, x and y */
export function plateUrl(
  pieces: readonly TrialPiece[],
  [x, y]: readonly [number, number],
  mark: string,
): string {
  const query = new URLSearchParams({
    pieces: pieces.map(p => `${p.kind}:${p.count}`).join(','),
    x: String(x),
    y: String(y),
    mark,
  });
  return `/coupons/plate.3mf?${query.toString()}`;
}
