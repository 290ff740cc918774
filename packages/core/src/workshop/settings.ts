import { Choice, ListOf, Nested, NumberMap, Quantity, Text } from '../input/fields.js';
import { parseInput } from '../input/parse.js';
import { AllowedFilament } from './allowed.js';
import { ModelScales } from './model-scales.js';
import { machineKinds, type MachineKind } from './presets.js';
import { upgradeKinds, type UpgradeKind } from './purchases.js';
import { unsaidSettings } from './unsaid.js';

/** `hornblende-workshop/1`: what holds for a workshop as a whole. */
export class WorkshopSettings {
  @Choice(['hornblende-workshop'], { doc: 'Always hornblende-workshop.' }) format!: 'hornblende-workshop';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({
    maxLength: 4,
    optional: true,
    doc: 'Sign of its currency; a label, nothing is converted; default €.',
  })
  currency = unsaidSettings.currency;
  @Quantity({
    min: 0,
    max: 100,
    unit: '%',
    optional: true,
    doc: 'Relative humidity of the room that spools stand in; default 50.',
  })
  roomRhPct = unsaidSettings.roomRhPct;
  @Quantity({
    min: 0,
    max: 1e5,
    optional: true,
    doc: 'What an hour of a printer costs, in its currency: power, wear, its price by its hours; default 0.5.',
  })
  machinePerHour = unsaidSettings.machinePerHour;
  @Quantity({
    min: 0,
    max: 1e5,
    optional: true,
    doc: 'What it costs to set one print up, take it off and clean it, in its currency; default 1.',
  })
  labourEach = unsaidSettings.labourEach;
  @ListOf(() => AllowedFilament, {
    max: 200,
    optional: true,
    doc: 'The only families and grades that are printed here, such as a class prints three; default all.',
  })
  allowed: AllowedFilament[] = [];
  @Nested(() => ModelScales, {
    optional: true,
    doc: 'How far the models are moved by what parts in service taught; default not at all.',
  })
  scales = new ModelScales();
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
  upgradeBudget = unsaidSettings.upgradeBudget;
}

/** Reads a workshop's settings: defaults filled in, unknown fields refused. @throws InputError */
export function parseWorkshop(plain: unknown): WorkshopSettings {
  return parseInput(WorkshopSettings, plain);
}
