import type { ListedPlacement } from '@hornblende/core/api';
import { failureModeWords } from '@hornblende/core/service';

/** How the parts that follow a decision do out there, in a sentence. */
export function outThereWords(placed: readonly Pick<ListedPlacement, 'standing'>[]): string {
  if (!placed.length) return 'None of it is in service yet.';
  const failed = placed.filter(p => p.standing.verdict === 'failed');
  const ways = new Map<string, number>();
  for (const { standing } of failed) {
    const way = failureModeWords[standing.mode ?? 'other'];
    ways.set(way, (ways.get(way) ?? 0) + 1);
  }
  const said = [...ways].map(([way, n]) => `${n} ${way}`).join(', ');
  const count = `In service: ${placed.length}`;
  return said ? `${count}, ${said}.` : `${count}, none failed.`;
}
