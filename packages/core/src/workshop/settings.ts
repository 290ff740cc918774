import { Choice, NumberMap, Quantity, Text } from '../input/fields.js';
import { parseInput } from '../input/parse.js';
import { machineKinds, type MachineKind } from './presets.js';
import { upgradeKinds, type UpgradeKind } from './purchases.js';

/** `hornblende-workshop/1`: what holds for a workshop as a whole. */
export class WorkshopSettings {
  @Choice(['hornblende-workshop'], { doc: 'Always hornblende-workshop.' }) format!: 'hornblende-workshop';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({
    maxLength: 4,
    optional: true,
    doc: 'Sign of its currency; a label, nothing is converted; default €.',
  })
  currency = '€';
  @Quantity({
    min: 0,
    max: 100,
    unit: '%',
    optional: true,
    doc: 'Relative humidity of the room that spools stand in; default 50.',
  })
  roomRhPct = 50;
  @NumberMap(upgradeKinds, {
    min: 0,
    max: 1e6,
    optional: true,
    doc: 'Own prices of upgrades, where they differ from the made-up ones.',
  })
  upgradePrices: Partial<Record<UpgradeKind, number>> = {};
  @NumberMap(machineKinds, {
    min: 0,
    max: 1e6,
    optional: true,
    doc: 'Own prices of other machines, where they differ from the made-up ones.',
  })
  machinePrices: Partial<Record<MachineKind, number>> = {};
  @Quantity({
    min: 0,
    max: 1e7,
    optional: true,
    nullable: true,
    doc: 'The most that may be spent on upgrades; null for no limit.',
  })
  upgradeBudget: number | null = null;
}

/** Reads a workshop's settings: defaults filled in, unknown fields refused. @throws InputError */
export function parseWorkshop(plain: unknown): WorkshopSettings {
  return parseInput(WorkshopSettings, plain);
}
