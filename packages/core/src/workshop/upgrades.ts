import { Choice, ListOf, Nested, Quantity, Text } from '../formats/fields.js';
import { Brief, parseBrief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import type { Family } from '../materials/family.js';
import { families as libraryFamilies } from '../materials/library.js';
import { model, sig, step } from '../models/model.js';
import { bestAdhesion } from '../score/printability.js';
import { bySchool, rank, type Candidate } from '../score/rank.js';
import { Printer } from './printer.js';

export const upgradeKinds = [
  'enclosure',
  'heated-chamber',
  'hot-end',
  'hardened-nozzle',
  'direct-drive',
  'dryer',
  'hot-dryer',
  'bed',
  'plates',
  'tape',
] as const;
export type UpgradeKind = (typeof upgradeKinds)[number];

/** What can be bought for a printer: what it changes, and a made-up price to start from. */
export interface Upgrade {
  kind: UpgradeKind;
  name: string;
  price: number;
  apply: (p: Printer) => Partial<Printer> | null;
}

const union = <T>(a: readonly T[], ...b: T[]): T[] => [...new Set([...a, ...b])];

/** Upgrades, cheap to dear. `apply` is null where the printer has it already. Prices are invented; the user's own replace them. */
export const upgrades: readonly Upgrade[] = [
  {
    kind: 'tape',
    name: 'PP tape and glue',
    price: 12,
    apply: p =>
      p.adhesives.includes('pp-tape') && p.adhesives.includes('glue-stick')
        ? null
        : { adhesives: union(p.adhesives, 'pp-tape', 'glue-stick') },
  },
  {
    kind: 'hardened-nozzle',
    name: 'Hardened nozzle',
    price: 22,
    apply: p => (p.nozzleMetal === 'hardened' ? null : { nozzleMetal: 'hardened' }),
  },
  {
    kind: 'plates',
    name: 'Textured and garolite plates',
    price: 45,
    apply: p =>
      p.plates.includes('textured-pei') && p.plates.includes('garolite')
        ? null
        : { plates: union(p.plates, 'textured-pei', 'garolite') },
  },
  {
    kind: 'dryer',
    name: 'Filament dryer, 70 °C',
    price: 55,
    apply: p => (p.dryerMaxC !== null && p.dryerMaxC >= 70 ? null : { dryerMaxC: 70 }),
  },
  {
    kind: 'hot-end',
    name: 'All-metal hot end, 300 °C',
    price: 70,
    apply: p =>
      p.nozzleMaxC >= 300 && p.linerLimitC === null
        ? null
        : { nozzleMaxC: Math.max(300, p.nozzleMaxC), linerLimitC: null },
  },
  {
    kind: 'direct-drive',
    name: 'Direct drive',
    price: 75,
    apply: p => (p.drive === 'direct' ? null : { drive: 'direct' }),
  },
  {
    kind: 'bed',
    name: 'Bed for 110 °C',
    price: 85,
    apply: p => (p.bedMaxC >= 110 ? null : { bedMaxC: 110 }),
  },
  {
    kind: 'enclosure',
    name: 'Enclosure, about 45 °C inside',
    price: 95,
    apply: p => (p.chamberC >= 45 ? null : { chamber: 'enclosed', chamberC: 45 }),
  },
  {
    kind: 'hot-dryer',
    name: 'Oven dryer, 110 °C',
    price: 160,
    apply: p => (p.dryerMaxC !== null && p.dryerMaxC >= 110 ? null : { dryerMaxC: 110 }),
  },
  {
    kind: 'heated-chamber',
    name: 'Heated chamber, 65 °C',
    price: 390,
    apply: p => (p.chamberC >= 65 ? null : { chamber: 'heated', chamberC: 65 }),
  },
];

/** An upgrade on offer. */
export class UpgradeOffer {
  @Choice(upgradeKinds, { doc: 'Which upgrade.' }) kind!: UpgradeKind;
  @Quantity({ min: 0, max: 1e6, doc: 'What it costs here.' }) price!: number;
}

/** A part that an upgrade could help, and what a print service asks for it. */
export class UpgradePart {
  @Text({ maxLength: 200, doc: 'The part.' }) name!: string;
  @Nested(() => Brief, { doc: 'Its brief.' }) brief!: Brief;
  @Quantity({
    min: 0.01,
    max: 1e6,
    optional: true,
    nullable: true,
    doc: 'What a print service asks for one; default no quote.',
  })
  quoteEach: number | null = null;
}

/** Input of `workshop.upgrades`. */
export class WorkshopUpgradesInput {
  @Nested(() => Printer, { doc: 'The printer as it is.' }) printer!: Printer;
  @ListOf(() => UpgradeOffer, { max: 10, doc: 'What may be bought.' }) upgrades!: UpgradeOffer[];
  @ListOf(() => UpgradePart, { max: 200, doc: 'The open parts.' }) parts!: UpgradePart[];
  @Quantity({
    min: 0,
    max: 1e7,
    optional: true,
    nullable: true,
    doc: 'The most that may be spent; default no limit.',
  })
  budget: number | null = null;
}

/** What a purchase does for one part. */
export interface Unlocked {
  /** Its place among the parts, from 0: names may stand twice. */ index: number;
  part: string;
  materials: string[];
  firstBefore: string | null;
  firstAfter: string | null;
  scoreBefore: number;
  scoreAfter: number;
  costAfter: number | null;
}

/** One purchase: a set of upgrades, its price, what it opens and how much better the open parts come out in sum. */
export interface UpgradeOption {
  kinds: UpgradeKind[];
  cost: number;
  /** Sum over the parts of the rise in the best candidate's score; a part that nothing fitted counts from 0. */
  gain: number;
  /** Count of part and filament pairs that pass every gate and did not before. */
  opens: number;
  unlocked: Unlocked[];
  /** No cheaper purchase gains as much, and none as cheap gains more. */
  pareto: boolean;
}

/** Making against ordering, for one part. */
export interface BreakEven {
  /** Its place among the parts, from 0. */ index: number;
  part: string;
  quoteEach: number;
  ownEach: number | null;
  savingEach: number | null;
  breakEvenQuantity: number | null;
  quantity: number;
  note: string;
}

/** Result of `workshop.upgrades`. */
export interface WorkshopUpgradesResult {
  options: UpgradeOption[];
  mostOpened: UpgradeKind[] | null;
  bestSingle: UpgradeKind | null;
  breakEven: BreakEven[];
}

/** What the weighing needs besides the input. */
export interface UpgradeContext {
  families?: readonly Family[];
  weathers?: readonly (Weather | null)[];
  progress?: (done: number, total: number) => void;
}

/** A printer with upgrades fitted. Where two raise the same thing, the higher stands. */
export function withUpgrades(printer: Printer, kinds: readonly UpgradeKind[]): Printer {
  return upgrades.filter(u => kinds.includes(u.kind)).reduce((p, u) => ({ ...p, ...u.apply(p) }), printer);
}

interface Standing {
  running: Map<string, Candidate>;
  first: Candidate | null;
}

/**
 * How one part stands on a printer. A family is judged again only where the printer differs in something that the family can feel,
 * which turns thousands of rankings into some hundred judgements.
 */
class PartStanding {
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
    f.flags.moisture === 'low' ? '' : p.dryerMaxC !== null && p.dryerMaxC >= (f.properties.dryC?.low ?? 0),
    bestAdhesion(f, p),
  ]);
}

/** The best score among those in the running; a school's first need not have the highest, but what can be reached is the measure of a purchase. */
function bestScore(s: Standing): number {
  return Math.max(0, ...[...s.running.values()].map(c => c.score));
}

/** A rise of score too small to pay for, summed over the parts. */
const WORTHLESS = 0.005;

/** Weighs every affordable set of upgrades over all parts: some hundred rankings, so off the main thread. */
export function weighUpgrades(
  input: WorkshopUpgradesInput,
  { families = libraryFamilies, weathers = [], progress = () => undefined }: UpgradeContext = {},
): WorkshopUpgradesResult {
  const { printer, parts } = input;
  const budget = input.budget ?? Infinity;
  const offers = input.upgrades.filter(
    (o, i) =>
      o.price <= budget &&
      input.upgrades.findIndex(x => x.kind === o.kind) === i &&
      upgrades.find(u => u.kind === o.kind)?.apply(printer) != null,
  );
  const everything = withUpgrades(
    printer,
    offers.map(o => o.kind),
  );
  // Only what could ever run with all of it is judged again for each set.
  const judges = parts.map((p, i) => new PartStanding(p.brief, weathers[i] ?? null));
  const could = judges.map(j => {
    const s = j.on(everything, families);
    return families.filter(f => s.running.has(f.key));
  });
  const now = judges.map(j => j.on(printer, families));
  const sets = subsets(offers).filter(s => s.length && cost(s) <= budget && !redundant(printer, s));
  const options = sets.map((set, k): UpgradeOption => {
    progress(k, sets.length);
    const kinds = set.map(o => o.kind);
    const better = withUpgrades(printer, kinds);
    const unlocked = parts.flatMap((p, i): Unlocked[] => {
      const before = now[i];
      if (!before) return [];
      const after = judges[i]?.on(better, could[i] ?? []);
      if (!after) return [];
      const materials = [...after.running.keys()].filter(m => !before.running.has(m));
      const [scoreBefore, scoreAfter] = [bestScore(before), bestScore(after)];
      if (!materials.length && scoreAfter - scoreBefore < 1e-9) return [];
      return [
        {
          index: i,
          part: p.name,
          materials,
          firstBefore: before.first?.material ?? null,
          firstAfter: after.first?.material ?? null,
          scoreBefore,
          scoreAfter,
          costAfter: after.first?.printing.costEach ?? null,
        },
      ];
    });
    return {
      kinds,
      cost: cost(set),
      gain: unlocked.reduce((s, u) => s + Math.max(0, u.scoreAfter - u.scoreBefore), 0),
      opens: unlocked.reduce((s, u) => s + u.materials.length, 0),
      unlocked,
      pareto: false,
    };
  });
  progress(sets.length, sets.length);
  for (const o of options)
    o.pareto =
      o.gain > 0 &&
      !options.some(
        x =>
          x !== o &&
          x.cost <= o.cost &&
          x.gain >= o.gain - WORTHLESS &&
          (x.cost < o.cost || x.gain > o.gain + WORTHLESS),
      );
  options.sort((a, b) => a.cost - b.cost || b.gain - a.gain || (a.kinds.join() < b.kinds.join() ? -1 : 1));
  const singles = options.filter(o => o.kinds.length === 1);
  const top = (list: UpgradeOption[], of: (o: UpgradeOption) => number): UpgradeOption | null =>
    list.reduce<UpgradeOption | null>((m, o) => (of(o) > (m ? of(m) : 0) ? o : m), null);
  return {
    options,
    bestSingle: top(singles, o => o.gain)?.kinds[0] ?? null,
    mostOpened: top(singles, o => o.opens)?.kinds ?? null,
    breakEven: parts.flatMap((p, i) =>
      p.quoteEach === null ? [] : [breakEven(p, i, now[i]?.first ?? null, options)],
    ),
  };
}

function subsets<T>(list: readonly T[]): T[][] {
  return list.reduce<T[][]>((all, x) => [...all, ...all.map(s => [...s, x])], [[]]);
}
function cost(set: readonly UpgradeOffer[]): number {
  return set.reduce((s, o) => s + o.price, 0);
}

/** A set with a member that changes nothing beside the others (two dryers, two chambers) is no purchase. */
function redundant(printer: Printer, set: readonly UpgradeOffer[]): boolean {
  const whole = JSON.stringify(
    withUpgrades(
      printer,
      set.map(o => o.kind),
    ),
  );
  return set.some(
    o =>
      JSON.stringify(
        withUpgrades(
          printer,
          set.filter(x => x !== o).map(x => x.kind),
        ),
      ) === whole,
  );
}

/** From how many parts on printing it oneself, with the cheapest purchase that makes it possible, beats the quote. */
function breakEven(
  part: UpgradePart,
  index: number,
  first: Candidate | null,
  options: readonly UpgradeOption[],
): BreakEven {
  const quoteEach = part.quoteEach ?? 0;
  const { quantity } = part.brief;
  if (first) {
    const ownEach = first.printing.costEach;
    const savingEach = quoteEach - ownEach;
    return {
      index,
      part: part.name,
      quoteEach,
      ownEach,
      savingEach,
      breakEvenQuantity: savingEach > 0 ? 1 : null,
      quantity,
      note:
        savingEach > 0
          ? 'This printer makes it already, for less.'
          : 'This printer makes it already, but the service is cheaper.',
    };
  }
  const opening = options.flatMap(o => {
    const u = o.unlocked.find(x => x.index === index && x.firstAfter !== null);
    return u ? [{ o, u }] : [];
  })[0];
  if (!opening)
    return {
      index,
      part: part.name,
      quoteEach,
      ownEach: null,
      savingEach: null,
      breakEvenQuantity: null,
      quantity,
      note: 'No purchase here makes it: order it.',
    };
  const ownEach = opening.u.costAfter;
  const savingEach = ownEach === null ? null : quoteEach - ownEach;
  return {
    index,
    part: part.name,
    quoteEach,
    ownEach,
    savingEach,
    quantity,
    breakEvenQuantity: savingEach !== null && savingEach > 0 ? Math.ceil(opening.o.cost / savingEach) : null,
    note:
      savingEach !== null && savingEach > 0
        ? `With ${opening.o.kinds.join(', ')} for ${sig(opening.o.cost, 4)}, printing pays from ${Math.ceil(opening.o.cost / savingEach)} on; ${quantity} ${quantity === 1 ? 'is' : 'are'} wanted.`
        : 'The service is cheaper even once the printer can make it.',
  };
}

/** `workshop.upgrades`: what to buy for a printer. */
export const workshopUpgrades = model({
  id: 'workshop.upgrades',
  title: 'What an upgrade opens',
  source:
    'Every affordable set of upgrades, each open part ranked again; Pareto set of cost against the summed rise of the best score',
  validity:
    'Prices as given; an upgrade is taken to work as its name says, and the parts as they are briefed now.',
  Input: WorkshopUpgradesInput,
  compute(i: WorkshopUpgradesInput) {
    const result = weighUpgrades({ ...i, parts: i.parts.map(p => ({ ...p, brief: parseBrief(p.brief) })) });
    const best = result.options.filter(o => o.pareto);
    return {
      result,
      warnings: i.parts.length ? [] : ['There are no open parts to weigh upgrades with.'],
      steps: best.map(o =>
        step(
          o.kinds.join(' + '),
          'Σ (best score with − best score without)',
          `${sig(o.cost)} for ${o.opens} part–filament pairs`,
          o.gain,
          '',
        ),
      ),
    };
  },
});
