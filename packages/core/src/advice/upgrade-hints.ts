import type { Brief } from '../brief/brief.js';
import { families as libraryFamilies } from '../materials/library.js';
import { withUpgrades, upgrades } from '../workshop/purchases.js';
import { judgeAll, type RankOptions } from '../score/judge.js';

/** One purchase that would let filaments into a ranking, those with the best scores first. */
export interface UpgradeHint {
  kind: string;
  name: string;
  price: number;
  lets: { material: string; name: string; score: number }[];
}

/**
 * Which single purchase for the printer would let a filament in that only printing keeps out; the most
 * promising first.
 */
export function upgradeHints(brief: Brief, options: RankOptions = {}): UpgradeHint[] {
  const { printer } = options;
  if (!printer) return [];
  const families = options.families ?? libraryFamilies;
  const stopped = judgeAll(brief, options).candidates.filter(c => {
    const failed = c.gates.filter(g => g.verdict === 'fail');
    return failed.length > 0 && failed.every(g => g.id.startsWith('printability'));
  });
  const hopeful = families.filter(f => stopped.some(c => c.material === f.key));
  if (!hopeful.length) return [];
  const hints = upgrades.flatMap((u): UpgradeHint[] => {
    if (u.apply(printer) === null) return [];
    const lets = judgeAll(brief, { ...options, families: hopeful, printer: withUpgrades(printer, [u.kind]) })
      .candidates.filter(c => c.status !== 'out')
      .sort((a, b) => b.rating - a.rating || (a.material < b.material ? -1 : 1));
    return lets.length
      ? [
          {
            kind: u.kind,
            name: u.name,
            price: u.price,
            lets: lets.map(c => ({ material: c.material, name: c.name, score: c.rating })),
          },
        ]
      : [];
  });
  return hints.sort((a, b) => (b.lets[0]?.score ?? 0) - (a.lets[0]?.score ?? 0) || a.price - b.price);
}
