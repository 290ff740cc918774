import type { Gate, GateId } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate, enclosedPrinter } from '../cases.js';

/** One gate of one family for a brief; undefined when the brief does not call for it. */
export function gate(fields: Record<string, unknown>, key: string, id: GateId): Gate | undefined {
  return candidate(rank(brief(fields), { printer: enclosedPrinter }), key).gates.find(g => g.id === id);
}
/** What one gate of one family says of a brief. */
export const verdict = (fields: Record<string, unknown>, key: string, id: GateId): string | undefined =>
  gate(fields, key, id)?.verdict;
