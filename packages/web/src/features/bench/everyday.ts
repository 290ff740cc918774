/** Things that everybody has pressed a thumb into, by their usual hardness. */
export const everyday: readonly { name: string; scale: 'A' | 'D'; hardness: number }[] = [
  { name: 'a rubber band', scale: 'A', hardness: 30 },
  { name: 'a pencil eraser', scale: 'A', hardness: 45 },
  { name: 'the sole of a shoe', scale: 'A', hardness: 62 },
  { name: 'a car tyre', scale: 'A', hardness: 68 },
  { name: 'a leather belt', scale: 'A', hardness: 80 },
  { name: 'the wheel of a shopping trolley', scale: 'A', hardness: 92 },
  { name: 'a golf ball', scale: 'D', hardness: 60 },
  { name: 'a hard hat', scale: 'D', hardness: 75 },
];

/** How deep the needle sinks, mm: 2.5·(1 − H/100), on either scale by its own needle. */
export function depthMm(hardness: number): number {
  return 2.5 * (1 - hardness / 100);
}
