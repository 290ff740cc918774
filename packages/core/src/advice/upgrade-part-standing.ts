import { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import type { Family } from '../materials/family.js';
import { bestAdhesion } from '../print/adhesion.js';
import { bySchool } from '../score/order.js';
import { judgeAll } from '../score/judge.js';
import type { Candidate } from '../score/candidate.js';
import { Printer } from '../workshop/printer.js';

/** Who is in the running on a printer, and who leads. */
export interface Standing {
  running: ReadonlyMap<string, Candidate>;
  first: Candidate | null;
}

/** A printer with what each family feels of it: see {@link feltBy}. */
export interface FeltPrinter {
  printer: Printer;
  /** By the family's key. */
  felt: ReadonlyMap<string, string>;
}

/** What each family feels of a printer, worked out once for all parts. */
export function feltPrinter(printer: Printer, families: readonly Family[]): FeltPrinter {
  return { printer, felt: new Map(families.map(f => [f.key, feltBy(f, printer)])) };
}

/**
 * How one part stands on printers that differ in their upgrades alone. A family is judged again only where the
 * printer differs in something that the family can feel, which turns thousands of rankings into some hundred
 * judgements.
 */
export class PartStanding {
  private readonly known = new Map<string, Candidate>();
  private readonly standings = new Map<string, Standing>();
  constructor(
    private readonly brief: Brief,
    private readonly weather: Weather | null,
  ) {}

  /** @param families those that are asked about; each must be among those that the printer was felt by */
  on({ printer, felt }: FeltPrinter, families: readonly Family[]): Standing {
    const keys = families.map(f => felt.get(f.key)!);
    const asFelt = keys.join('\n');
    const stood = this.standings.get(asFelt);
    if (stood) return stood;
    const news = families.filter((_, i) => !this.known.has(keys[i]!));
    const { candidates } = judgeAll(this.brief, { printer, families: news, weather: this.weather });
    news.forEach((f, i) => this.known.set(felt.get(f.key)!, candidates[i]!));
    const standing = standingOf(
      keys.map(key => this.known.get(key)!),
      this.brief,
    );
    this.standings.set(asFelt, standing);
    return standing;
  }
}

/** Those of the candidates that are in the running, best first. */
export function standingOf(candidates: readonly Candidate[], { school }: Brief): Standing {
  const running = candidates.filter(c => c.status !== 'out').sort(bySchool(school));
  return { running: new Map(running.map(c => [c.material, c])), first: running[0] ?? null };
}

/** What of a printer's upgradable features can change the verdict on a family. */
function feltBy(f: Family, p: Printer): string {
  const middle = (w: { low: number; high: number }): number => (w.low + w.high) / 2;
  const { nozzleC, bedC, chamberC } = f.windows;
  const hot = middle(nozzleC) <= p.nozzleMaxC && (p.linerLimitC === null || middle(nozzleC) <= p.linerLimitC);
  return JSON.stringify([
    f.key,
    hot ? 'hot' : [p.nozzleMaxC, p.linerLimitC],
    p.bedMaxC >= middle(bedC) ? 'bed' : p.bedMaxC,
    Math.min(p.chamberC, chamberC.high),
    f.flags.drive === 'any' ? '' : p.drive,
    f.flags.abrasive ? p.nozzleMetal : '',
    f.flags.moisture === 'low'
      ? ''
      : Math.max(p.dryerMaxC ?? -Infinity, p.feedDryerC ?? -Infinity) >= (f.properties.dryC?.low ?? 0),
    bestAdhesion(f, p),
  ]);
}
