import { nodePlace } from './grid.js';
import type { Operator } from './level.js';

/**
 * Takes the six motions of a rigid body out of three numbers a node: what nothing holds can move so without a force,
 * and without them its solution is one.
 */
export function withoutRigid({ counts, lines, inverseDiagonal }: Operator): (v: Float64Array) => void {
  const nodes: number[] = [];
  for (let n = 0; n < inverseDiagonal.length / 3; n++) if (inverseDiagonal[3 * n]! > 0) nodes.push(n);
  const at = (n: number): [number, number, number] =>
    nodePlace(n, counts).map((i, k) => lines[k]![i]!) as [number, number, number];
  const middle = [0, 0, 0];
  for (const n of nodes) at(n).forEach((x, k) => (middle[k]! += x / nodes.length));
  const motions = Array.from({ length: 6 }, () => new Float64Array(inverseDiagonal.length));
  for (const n of nodes) {
    const [x, y, z] = at(n).map((p, k) => p - middle[k]!) as [number, number, number];
    for (let k = 0; k < 3; k++) motions[k]![3 * n + k] = 1;
    motions[3]!.set([0, -z, y], 3 * n);
    motions[4]!.set([z, 0, -x], 3 * n);
    motions[5]!.set([-y, x, 0], 3 * n);
  }
  const dot = (a: Float64Array, b: Float64Array): number => a.reduce((s, x, i) => s + x * b[i]!, 0);
  const takeOut = (v: Float64Array, m: Float64Array): void => {
    const share = dot(v, m);
    for (let i = 0; i < v.length; i++) v[i]! -= share * m[i]!;
  };
  // Made square to each other (Gram and Schmidt), so that each is taken out by itself.
  motions.forEach((m, k) => {
    for (let j = 0; j < k; j++) takeOut(m, motions[j]!);
    const length = Math.sqrt(dot(m, m));
    for (let i = 0; i < m.length; i++) m[i]! /= length;
  });
  return v => motions.forEach(m => takeOut(v, m));
}
