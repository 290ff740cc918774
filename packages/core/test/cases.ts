import type { Brief } from '../src/brief/brief.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import type { Candidate, Ranking } from '../src/score/candidate.js';
import { rank } from '../src/score/rank.js';
import { parsePrinter, type Printer } from '../src/workshop/printer.js';

/** A valid brief with some fields said. */
export function brief(fields: Record<string, unknown> = {}): Brief {
  return parseBrief({ format: 'hornblende-brief', version: 1, name: 'Test part', ...fields });
}

/** An open machine with a remote drive, a lined hot end, a brass nozzle and no dryer. */
export const openPrinter: Printer = parsePrinter({
  format: 'hornblende-printer',
  version: 1,
  name: 'Open machine',
  drive: 'bowden',
  plates: ['smooth-pei', 'textured-pei'],
  adhesives: ['glue-stick'],
});

/** An enclosed machine with everything short of a heated chamber. */
export const enclosedPrinter: Printer = parsePrinter({
  format: 'hornblende-printer',
  version: 1,
  name: 'Enclosed machine',
  nozzleMaxC: 300,
  bedMaxC: 110,
  chamber: 'enclosed',
  chamberC: 45,
  nozzleMetal: 'hardened',
  linerLimitC: null,
  plates: ['smooth-pei', 'textured-pei', 'garolite'],
  adhesives: ['glue-stick', 'pp-tape'],
  ventilation: 'extracted',
  dryerMaxC: 85,
});

/** A hot, loaded bracket for a season: schools differ about it, and every choice gives something up. */
export const hotBracket = brief({
  lifeYears: 2,
  heat: { setting: 'near-source', sourceC: 66 },
  geometry: { xMm: 160, yMm: 60, zMm: 15 },
  toleranceMm: 0.2,
  loads: [{ kind: 'sustained', case: 'cantilever', forceN: 8, lengthMm: 40, widthMm: 20, heightMm: 10 }],
});

/** A candidate of a ranking. */
export function candidate(ranking: Ranking, key: string): Candidate {
  const found = ranking.candidates.find(c => c.material === key);
  if (!found) throw new Error(`no ${key}`);
  return found;
}

/** The ids of the gates that a family fails. */
export function failed(b: Brief, printer: Printer | null, key: string): string[] {
  return candidate(rank(b, { printer }), key)
    .gates.filter(g => g.verdict === 'fail')
    .map(g => g.id);
}
