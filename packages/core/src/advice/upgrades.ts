import { parseBrief } from '../brief/parse-brief.js';
import { families as libraryFamilies } from '../materials/library.js';
import { model, step } from '../models/model.js';
import { sig } from '../lib/figures.js';
import { Printer } from '../workshop/printer.js';
import { type Standing, PartStanding } from './upgrade-part-standing.js';
import {
  WorkshopUpgradesInput,
  type UpgradeContext,
  type WorkshopUpgradesResult,
  type UpgradeOption,
  type Unlocked,
  UpgradeOffer,
} from './upgrade-input.js';
import { upgrades, withUpgrades } from '../workshop/purchases.js';
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
      const scoreBefore = bestScore(before);
      const scoreAfter = bestScore(after);
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

/** `workshop.upgrades`: what to buy for a printer. */
export const workshopUpgrades = model({
  id: 'workshop.upgrades',
  title: 'What an upgrade opens',
  source:
    'Every affordable set of upgrades, each open part ranked again; Pareto set of cost against the ' +
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
