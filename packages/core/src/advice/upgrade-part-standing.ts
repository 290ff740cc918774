import { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import type { Family } from '../materials/family.js';
import { bestAdhesion } from '../print/adhesion.js';
import { bySchool } from '../score/order.js';
import { rank } from '../score/rank.js';
import type { Candidate } from '../score/candidate.js';
import { Printer } from '../workshop/printer.js';

/** Who is in the running on a printer, and who leads. */
export interface Standing {
  running: Map<string, Candidate>;
  first: Candidate | null;
}

/**
 * How one part stands on a printer. A family is judged again only where the printer differs in something
 * that the family can feel,
 * which turns thousands of rankings into some hundred judgements.
 */
export class PartStanding {
  private readonly known = new Map<string, Candidate>();
  constructor(
    private readonly brief: Brief,
    private readonly weather: Weather | null,
  ) {}

  on(printer: Printer, families: readonly Family[]): Standing {
    const running = families
      .map(f => this.judged(f, printer))
      .filter(c => c.status !== 'out')
      .sort(bySchool(this.brief.school));
    return { running: new Map(running.map(c => [c.material, c])), first: running[0] ?? null };
  }

  private judged(f: Family, printer: Printer): Candidate {
    const key = feltBy(f, printer);
    const found =
      this.known.get(key) ??
      rank(this.brief, { printer, families: [f], weather: this.weather }).candidates[0];
    if (!found) throw new Error(`${f.key} was not judged`);
    this.known.set(key, found);
    return found;
  }
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
