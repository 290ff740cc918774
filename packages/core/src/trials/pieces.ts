import type { Trial } from './trial.js';

/** A piece to print for a measurement, and why. */
export interface TrialPiece {
  /** The kind of coupon. */
  kind: string;
  /** Pieces of each filament. */
  count: number;
  /** What is measured on it. */
  criteria: string[];
}

/** The coupon on which a criterion is read, where the part itself does not do. */
const couponOf: Readonly<Record<string, string>> = {
  size: 'gauge',
  scratch: 'swatch',
  finish: 'swatch',
  hardness: 'hardness-plate',
  soak: 'swatch',
  sag: 'sag-strips',
  lift: 'warp-bar',
  movement: 'sag-strips',
  bend: 'break-bar',
  drop: 'drop-disc',
  break: 'break-bar',
  stress: 'break-bar',
};

/** What no part is shaped for: these are read on their own pieces, even where the part itself is printed. */
const neverOnPart = new Set(['hardness', 'sag', 'movement', 'bend', 'stress']);

/** Criteria whose reading uses the piece up, so that another cannot be read of the same one. */
const usesUp = new Set(['bend', 'drop', 'break', 'stress']);

/**
 * The coupons of a trial: what is read on one kind of piece is read on the same one, but for what breaks it.
 * @returns nothing for criteria that are read on any print, or on the part itself where that is printed
 */
export function trialPieces({
  criteria,
  replicates,
  pieceIs,
}: Pick<Trial, 'criteria' | 'replicates' | 'pieceIs'>): TrialPiece[] {
  const pieces = new Map<string, TrialPiece & { breaks: number }>();
  for (const { id, label } of criteria) {
    const kind = couponOf[id];
    if (kind === undefined || (pieceIs === 'part' && !neverOnPart.has(id))) continue;
    const known = pieces.get(kind) ?? { kind, count: 0, criteria: [], breaks: 0 };
    known.criteria.push(label);
    if (usesUp.has(id)) known.breaks++;
    known.count = replicates * Math.max(1, known.breaks);
    pieces.set(kind, known);
  }
  return [...pieces.values()].map(({ kind, count, criteria: read }) => ({ kind, count, criteria: read }));
}
