import type { Candidate, Criterion, Gate } from '@hornblende/core/score';

/** Where `value` lies between the limit and the comfortable, by ratios: 0 at the first, 1 at the second. */
const byRatio = (value: number, limit: number, comfortable: number): number =>
  Math.log(limit / value) / Math.log(limit / comfortable);

/**
 * How much of its comfortable margin a criterion has: 0 at the unacceptable, 1 at the comfortable, more beyond. The
 * same scale for kelvins, reserves and hardness, so that they can be compared.
 */
function room(k: Criterion): number {
  if (!Number.isFinite(k.value)) return Infinity;
  const { value, unacceptable, comfortable } = k;
  // Of a share that is left, what is lost is compared: 0.97 loses a tenth of what 0.7 does.
  if (k.unit === 'left') return value < 1 ? byRatio(1 - value, 1 - unacceptable, 1 - comfortable) : Infinity;
  // Of what should be little, a tenth is ten times better: by ratios, else nothing would look near to the limit.
  return comfortable > 0 && comfortable < unacceptable && value > 0
    ? byRatio(value, unacceptable, comfortable)
    : (value - unacceptable) / (comfortable - unacceptable);
}

/** The gate that a doubt about a candidate rests on; of a doubtful print the check that it only just passes. */
function doubtedGate({ gates, doubtAbout }: Candidate): Gate | undefined {
  return doubtAbout === 'print'
    ? gates.find(g => g.verdict === 'marginal' && g.id.startsWith('printability.'))
    : gates.find(g => g.id === doubtAbout);
}

/**
 * The gate of a candidate with the least to spare, the one that decides: what it only just passes comes first, then
 * what is nearest to that; null where nothing is asked.
 */
export function thinnestMargin(candidate: Candidate | null): Gate | null {
  if (!candidate) return null;
  const doubted = doubtedGate(candidate);
  if (doubted) return doubted;
  // What is said in words, as that nothing is known against it, has no margin to be thin.
  const measured = candidate.gates.filter(gate => typeof gate.have === 'number');
  const weighed = measured.flatMap(gate => {
    const k = candidate.criteria.find(c => c.id === gate.id && c.weight > 0);
    return k && Number.isFinite(room(k)) ? [{ gate, room: room(k) }] : [];
  });
  return weighed.sort((a, b) => a.room - b.room)[0]?.gate ?? null;
}
