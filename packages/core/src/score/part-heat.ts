import type { Ranking } from './candidate.js';

/** One temperature that the part reaches, and in which filaments. */
export interface PartHeat {
  partC: number;
  names: string[];
}

/** Two temperatures that differ by less are one, K. */
const SAME_K = 0.05;

/**
 * How hot the part gets in each filament that is in the running: one temperature for all of them, or, where some come
 * in black only and the sun shines on them, several. That of the first choice stands first. Where nothing is in the
 * running, that of the colour that was asked for.
 */
export function partHeats({
  candidates,
  conditions,
}: Pick<Ranking, 'candidates' | 'conditions'>): PartHeat[] {
  const heats: PartHeat[] = [];
  for (const { rank, name, partC } of candidates) {
    if (rank === null) continue;
    const same = heats.find(h => Math.abs(h.partC - partC) < SAME_K);
    if (same) same.names.push(name);
    else heats.push({ partC, names: [name] });
  }
  return heats.length ? heats : [{ partC: conditions.partMaxC, names: [] }];
}
