import { Choice, ListOf, Nested, Quantity, Text } from '../input/fields.js';
import { Brief } from '../brief/brief.js';
import { machineKinds, type MachineKind } from '../workshop/presets.js';
import { Printer } from '../workshop/printer.js';
import { upgradeKinds, type UpgradeKind } from '../workshop/purchases.js';
import type { UpgradeStandings } from './upgrade-standings.js';

/** An upgrade on offer. */
export class UpgradeOffer {
  @Choice(upgradeKinds, { doc: 'Which upgrade.' }) kind!: UpgradeKind;
  @Quantity({ min: 0, max: 1e6, doc: 'What it costs here.' }) price!: number;
}

/** Another machine on offer, to stand beside the printer. */
export class MachineOffer {
  @Choice(machineKinds, { doc: 'Which kind of machine.' }) machine!: MachineKind;
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
  @ListOf(() => MachineOffer, {
    max: machineKinds.length,
    optional: true,
    doc: 'Other machines that may be bought to stand beside it; default none.',
  })
  machines: MachineOffer[] = [];
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

/**
 * One purchase: a set of upgrades or another machine, its price, what it opens and how much better the open parts
 * come out in sum.
 */
export interface UpgradeOption {
  /** What is fitted to the printer; nothing where another machine is bought. */
  kinds: UpgradeKind[];
  machine: MachineKind | null;
  cost: number;
  /** Sum over the parts of the rise in the best candidate's score; a part that nothing fitted counts from 0. */
  gain: number;
  /** Count of part and filament pairs that pass every gate and did not before. */
  opens: number;
  unlocked: Unlocked[];
  /** No cheaper purchase gains as much, and none as cheap gains more. */
  pareto: boolean;
}

/** Result of `workshop.upgrades`. */
export interface WorkshopUpgradesResult {
  options: UpgradeOption[];
  mostOpened: UpgradeKind[] | null;
  bestSingle: UpgradeKind | null;
  /** The machine that gains most for its price, beside what fitting this printer out for as much would cost. */
  bestMachine: MachineOrUpgrades | null;
  breakEven: BreakEven[];
}

/** Another machine against fitting out the one that is there. */
export interface MachineOrUpgrades {
  machine: UpgradeOption;
  /** The cheapest set of upgrades that gains as much; null where none does. */
  upgrades: UpgradeOption | null;
}

/** What the weighing needs besides the input. */
export interface UpgradeContext {
  /** How these parts stand on this printer, as far as an earlier question has found out; of the library by default. */
  standings?: UpgradeStandings;
  progress?: (done: number, total: number) => void;
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
