import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import type { Family } from '../materials/family.js';
import type { Candidate } from '../score/candidate.js';
import { judgeAll } from '../score/judge.js';
import { bySchool } from '../score/order.js';
import type { Printer } from '../workshop/printer.js';
import { upgrades, withUpgrades, type UpgradeKind } from '../workshop/purchases.js';
import { feltPrinter, PartStanding, standingOf, type Standing } from './upgrade-part-standing.js';

/** A part as it is judged: what is asked of it, and the weather that it meets where its climate is its own. */
export interface BriefInWeather {
  brief: Brief;
  weather: Weather | null;
}

/**
 * How parts stand on a printer, with upgrades and with other machines beside it. What was worked out once is kept, so
 * that a price, a budget or an offer that is left out asks for no judgement again.
 */
export class UpgradeStandings {
  /** How each part stands on the printer as it is. */
  readonly now: readonly Standing[];
  private readonly judges: readonly PartStanding[];
  /** Of each part, the families that run once all is fitted: no others are judged for a set of upgrades. */
  private readonly could: readonly (readonly Family[])[];
  private readonly fitted = new Map<string, readonly Standing[]>();
  private readonly machines = new Map<Printer, readonly Standing[]>();

  constructor(
    readonly printer: Printer,
    private readonly parts: readonly BriefInWeather[],
    private readonly families: readonly Family[],
  ) {
    this.judges = parts.map(p => new PartStanding(p.brief, p.weather));
    const all = upgrades.filter(u => u.apply(printer) !== null).map(u => u.kind);
    const withAll = feltPrinter(withUpgrades(printer, all), families);
    this.could = this.judges.map(judge => {
      const { running } = judge.on(withAll, families);
      return families.filter(f => running.has(f.key));
    });
    const asItIs = feltPrinter(printer, families);
    this.now = this.judges.map(judge => judge.on(asItIs, families));
  }

  /** How each part stands once these are fitted. */
  with(kinds: readonly UpgradeKind[]): readonly Standing[] {
    const key = kinds.join();
    const known = this.fitted.get(key);
    if (known) return known;
    const better = feltPrinter(withUpgrades(this.printer, kinds), this.families);
    const standings = this.judges.map((judge, i) => judge.on(better, this.could[i]!));
    this.fitted.set(key, standings);
    return standings;
  }

  /**
   * How each part stands where it may go on this printer or on another machine. The other differs in more than what
   * can be fitted: every family is judged on it.
   */
  beside(machine: Printer): readonly Standing[] {
    const known = this.machines.get(machine);
    if (known) return known;
    const standings = this.parts.map(({ brief, weather }, i) => {
      const { candidates } = judgeAll(brief, { printer: machine, families: this.families, weather });
      return eitherOf(this.now[i]!, candidates, brief);
    });
    this.machines.set(machine, standings);
    return standings;
  }
}

/** How a part stands where it may go on either of two machines: each filament on the one that suits it better. */
function eitherOf(here: Standing, there: readonly Candidate[], brief: Brief): Standing {
  const order = bySchool(brief.school);
  const better = there.map(c => {
    const own = here.running.get(c.material);
    return own && (c.status === 'out' || order(own, c) <= 0) ? own : c;
  });
  return standingOf(better, brief);
}
