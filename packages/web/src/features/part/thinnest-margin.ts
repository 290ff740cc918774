import { limitGates, type Candidate, type Gate } from '@hornblende/core';

/** What a gate has to spare, as a share of what it needs; infinite where nothing limits it. */
function slack(g: Gate): number {
  const need = g.need as number;
  const have = g.have as number;
  if (limitGates.has(g.id)) return (need - have) / need;
  return Number.isFinite(have) ? (have - need) / Math.abs(need) : Infinity;
}

/** Gates that are marginal come before any that pass, however little those have to spare. */
const MARGINAL_FIRST = 10;

/** The gate of a candidate with the least to spare; null where none has numbers. */
export function thinnestMargin(candidate: Candidate | null): Gate | null {
  const weighed = (candidate?.gates ?? [])
    .filter(
      g =>
        typeof g.need === 'number' &&
        typeof g.have === 'number' &&
        g.need !== 0 &&
        !g.id.startsWith('printability') &&
        g.id !== 'flex',
    )
    .map(gate => ({ gate, order: slack(gate) - (gate.verdict === 'marginal' ? MARGINAL_FIRST : 0) }));
  return weighed.sort((a, b) => a.order - b.order)[0]?.gate ?? null;
}
