import { parseBrief } from '../brief/parse-brief.js';
import { families } from '../materials/library.js';
import { model, step } from '../models/model.js';
import { sig } from '../lib/figures.js';
import { Printer } from '../workshop/printer.js';
import type { Standing } from './upgrade-part-standing.js';
import { UpgradeStandings } from './upgrade-standings.js';
import {
  WorkshopUpgradesInput,
  type UpgradeContext,
  type WorkshopUpgradesResult,
  type UpgradeOption,
  type MachineOffer,
  type MachineOrUpgrades,
  type Unlocked,
  type UpgradePart,
  UpgradeOffer,
} from './upgrade-input.js';
import { printerPresets } from '../workshop/presets.js';
import { purchaseName, upgrades, withUpgrades } from '../workshop/purchases.js';
import { breakEven } from './break-even.js';

/**
 * The best score among those in the running; a school's first need not have the highest, but what can be
 * reached is the measure of a purchase.
 */
function bestScore(s: Standing): number {
  return Math.max(0, ...[...s.running.values()].map(c => c.score));
}

/** A rise of score too small to pay for, summed over the parts. */
const WORTHLESS = 0.005;

/**
 * Weighs every affordable set of upgrades, and every other machine, over all parts: some hundred rankings, so off the
 * main thread.
 */
export function weighUpgrades(
  input: WorkshopUpgradesInput,
  {
    standings = new UpgradeStandings(
      input.printer,
      input.parts.map(({ brief }) => ({ brief, weather: null })),
      families,
    ),
    progress = () => undefined,
  }: UpgradeContext = {},
): WorkshopUpgradesResult {
  const { printer, parts } = input;
  const { now } = standings;
  const budget = input.budget ?? Infinity;
  const offers = input.upgrades.filter(
    (o, i) =>
      o.price <= budget &&
      input.upgrades.findIndex(x => x.kind === o.kind) === i &&
      upgrades.find(u => u.kind === o.kind)?.apply(printer) != null,
  );
  const sets = subsets(offers).filter(s => s.length && cost(s) <= budget && !redundant(printer, s));
  const machines = machinesOf(input, budget);
  const total = sets.length + machines.length;
  const fitted = sets.map((set, k): UpgradeOption => {
    progress(k, total);
    const kinds = set.map(o => o.kind);
    return optionOf({ kinds, machine: null, cost: cost(set) }, parts, now, standings.with(kinds));
  });
  const bought = machines.map(({ machine, price, profile }, k): UpgradeOption => {
    progress(sets.length + k, total);
    return optionOf({ kinds: [], machine, cost: price }, parts, now, standings.beside(profile));
  });
  const options = [...fitted, ...bought];
  progress(total, total);
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
  options.sort((a, b) => a.cost - b.cost || b.gain - a.gain || (purchaseName(a) < purchaseName(b) ? -1 : 1));
  const singles = options.filter(o => o.kinds.length === 1);
  const top = (list: UpgradeOption[], of: (o: UpgradeOption) => number): UpgradeOption | null =>
    list.reduce<UpgradeOption | null>((m, o) => (of(o) > (m ? of(m) : 0) ? o : m), null);
  return {
    options,
    bestMachine: bestMachineOf(options),
    bestSingle: top(singles, o => o.gain)?.kinds[0] ?? null,
    mostOpened: top(singles, o => o.opens)?.kinds ?? null,
    breakEven: parts.flatMap((p, i) =>
      p.quoteEach === null ? [] : [breakEven(p, i, now[i]?.first ?? null, options)],
    ),
  };
}

/**
 * The machine that gains most, the cheaper of two that gain alike, and the cheapest set of upgrades that does as
 * much for the printer that is there.
 * @param options by price, cheapest first
 */
function bestMachineOf(options: readonly UpgradeOption[]): MachineOrUpgrades | null {
  const machine = options.reduce<UpgradeOption | null>(
    (best, o) => (o.machine !== null && o.gain > (best?.gain ?? 0) + WORTHLESS ? o : best),
    null,
  );
  if (!machine) return null;
  const upgrades = options.find(o => o.machine === null && o.gain >= machine.gain - WORTHLESS) ?? null;
  return { machine, upgrades };
}

/** A purchase with what it opens over the parts: how each stands now, and after it. */
function optionOf(
  purchase: Pick<UpgradeOption, 'kinds' | 'machine' | 'cost'>,
  parts: readonly UpgradePart[],
  now: readonly Standing[],
  after: readonly Standing[],
): UpgradeOption {
  const unlocked = parts.flatMap((p, i) => unlockedOf(p.name, i, now[i]!, after[i]!) ?? []);
  return {
    ...purchase,
    gain: unlocked.reduce((s, u) => s + Math.max(0, u.scoreAfter - u.scoreBefore), 0),
    opens: unlocked.reduce((s, u) => s + u.materials.length, 0),
    unlocked,
    pareto: false,
  };
}

/** What a purchase does for one part; null where it does nothing. */
function unlockedOf(part: string, index: number, before: Standing, after: Standing): Unlocked | null {
  const materials = [...after.running.keys()].filter(m => !before.running.has(m));
  const scoreBefore = bestScore(before);
  const scoreAfter = bestScore(after);
  if (!materials.length && scoreAfter - scoreBefore < 1e-9) return null;
  return {
    index,
    part,
    materials,
    firstBefore: before.first?.material ?? null,
    firstAfter: after.first?.material ?? null,
    scoreBefore,
    scoreAfter,
    costAfter: after.first?.printing.costEach ?? null,
  };
}

/** The machines on offer that can be paid for, each kind once, with their profiles. */
function machinesOf(
  { machines }: WorkshopUpgradesInput,
  budget: number,
): (MachineOffer & { profile: Printer })[] {
  return printerPresets.flatMap(({ key, profile }) => {
    const offer = machines.find(m => m.machine === key && m.price <= budget);
    return offer ? [{ ...offer, profile }] : [];
  });
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

/** `workshop.upgrades`: what to buy for a printer. */
export const workshopUpgrades = model({
  id: 'workshop.upgrades',
  title: 'What an upgrade opens',
  source:
    'Every affordable set of upgrades, and every other machine beside the printer, each open part ranked ' +
    'again; Pareto set of cost against the ' +
    'summed rise of the best score',
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
          purchaseName(o),
          'Σ (best score with − best score without)',
          `${sig(o.cost)} for ${o.opens} part–filament pairs`,
          o.gain,
          '',
        ),
      ),
    };
  },
});
