import type { Family } from '../materials/family.js';
import { extremeOf } from '../materials/extreme.js';
import { normalCdf } from '../lib/normal.js';
import { assess } from './assess.js';
import type { Context } from './context.js';
import { isLimit, type Gate, type GateId } from './gate.js';
import { serviceGates } from './service-gates.js';

/** Standard deviations from the typical value to the poor end of a range, which one spool in ten falls short of. */
export const SDS_TO_POOR_END = 1.2816;

/** Gates that rest on the same properties: of such only the least certain counts, once. */
const together: readonly (readonly GateId[])[] = [
  ['stiffness', 'creep', 'flex'],
  ['heat', 'ageing'],
];

/**
 * The chance that a part of a family holds in service, 0 to 1: the product over its service gates of Φ(margin/σ), with
 * σ = (margin of a typical spool − margin of a poor one)/1.2816, and what moves together counted once. It is shown and
 * compared with what happened; it does not order.
 * @param ctx the context in the family's own colour, see `contextFor`
 * @param f the family as it was judged
 * @param gates the gates that it was judged by
 */
export function chanceThatHolds(ctx: Context, f: Family, gates: readonly Gate[]): number {
  return chanceOfAll(gatesWithPoor(ctx, f, gates));
}

/** A gate of a typical spool, and the same of a poor one. */
export interface GateWithPoor {
  gate: Gate;
  poor: Gate;
}

/** Each service gate with what it would be for a spool that is poor in everything. */
export function gatesWithPoor(ctx: Context, f: Family, gates: readonly Gate[]): GateWithPoor[] {
  const poor = new Map(serviceGates(ctx, assess(ctx, extremeOf(f, 'worst'))).map(g => [g.id, g]));
  return gates.flatMap(gate => {
    const worst = poor.get(gate.id);
    return worst ? [{ gate, poor: worst }] : [];
  });
}

/** The chance that every gate holds, what moves together counted once. */
export function chanceOfAll(gates: readonly GateWithPoor[]): number {
  const chances = new Map(gates.map(({ gate, poor }) => [gate.id, gateChance(gate, poor)]));
  for (const ids of together) {
    const shared = ids.flatMap(id => chances.get(id) ?? []);
    if (shared.length < 2) continue;
    const least = Math.min(...shared);
    ids.forEach(id => chances.delete(id));
    chances.set(ids[0]!, least);
  }
  return [...chances.values()].reduce((product, p) => product * p, 1);
}

/** How much a gate has to spare, in its own unit; null where it is judged in words. */
function marginOf(g: Gate): number | null {
  if (typeof g.have !== 'number' || typeof g.need !== 'number') return null;
  return isLimit(g) ? g.need - g.have : g.have - g.need;
}

/** The chance that a margin is above nothing where a poor spool has less. @example marginChance(1.2, 5) // 0.621 */
export function marginChance(margin: number, spread: number): number {
  if (margin === Infinity) return 1;
  return spread > 0 ? normalCdf((SDS_TO_POOR_END * margin) / spread) : Number(margin >= 0);
}

function gateChance(gate: Gate, poor: Gate): number {
  const margin = marginOf(gate);
  const poorMargin = marginOf(poor);
  return margin === null || poorMargin === null || gate.unit !== poor.unit
    ? 1
    : marginChance(margin, margin - poorMargin);
}
