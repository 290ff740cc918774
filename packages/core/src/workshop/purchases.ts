import { printerPresets, type MachineKind } from './presets.js';
import { Printer } from './printer.js';

/** What can be bought for a printer. */
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

/** What is bought for a printer. */
export type UpgradeKind = (typeof upgradeKinds)[number];

/** What can be bought for a printer: what it changes, and a made-up price to start from. */
export interface Upgrade {
  kind: UpgradeKind;
  name: string;
  /** Buying it, as a sentence without its end. */
  deed: string;
  price: number;
  apply: (p: Printer) => Partial<Printer> | null;
}

const union = <T>(a: readonly T[], ...b: T[]): T[] => [...new Set([...a, ...b])];

/**
 * Upgrades, cheap to dear. `apply` is null where the printer has it already. Prices are invented; the
 * user's own replace them.
 */
export const upgrades: readonly Upgrade[] = [
  {
    kind: 'tape',
    name: 'PP tape and glue',
    deed: 'Get PP tape and glue',
    price: 12,
    apply: p =>
      p.adhesives.includes('pp-tape') && p.adhesives.includes('glue-stick')
        ? null
        : { adhesives: union(p.adhesives, 'pp-tape', 'glue-stick') },
  },
  {
    kind: 'hardened-nozzle',
    name: 'Hardened nozzle',
    deed: 'Fit a hardened nozzle',
    price: 22,
    apply: p => (p.nozzleMetal === 'hardened' ? null : { nozzleMetal: 'hardened' }),
  },
  {
    kind: 'plates',
    name: 'Textured and garolite plates',
    deed: 'Get a textured and a garolite plate',
    price: 45,
    apply: p =>
      p.plates.includes('textured-pei') && p.plates.includes('garolite')
        ? null
        : { plates: union(p.plates, 'textured-pei', 'garolite') },
  },
  {
    kind: 'dryer',
    name: 'Filament dryer, 70 °C',
    deed: 'Get a dryer for 70 °C',
    price: 55,
    apply: p => (p.dryerMaxC !== null && p.dryerMaxC >= 70 ? null : { dryerMaxC: 70 }),
  },
  {
    kind: 'hot-end',
    name: 'All-metal hot end, 300 °C',
    deed: 'Fit an all-metal hot end for 300 °C',
    price: 70,
    apply: p =>
      p.nozzleMaxC >= 300 && p.linerLimitC === null
        ? null
        : { nozzleMaxC: Math.max(300, p.nozzleMaxC), linerLimitC: null },
  },
  {
    kind: 'direct-drive',
    name: 'Direct drive',
    deed: 'Fit a direct drive',
    price: 75,
    apply: p => (p.drive === 'direct' ? null : { drive: 'direct' }),
  },
  {
    kind: 'bed',
    name: 'Bed for 110 °C',
    deed: 'Fit a bed for 110 °C',
    price: 85,
    apply: p => (p.bedMaxC >= 110 ? null : { bedMaxC: 110 }),
  },
  {
    kind: 'enclosure',
    name: 'Enclosure, about 45 °C inside',
    deed: 'Put the printer in an enclosure (45 °C)',
    price: 95,
    apply: p => (p.chamberC >= 45 ? null : { chamber: 'enclosed', chamberC: 45 }),
  },
  {
    kind: 'hot-dryer',
    name: 'Oven dryer, 110 °C',
    deed: 'Get an oven dryer for 110 °C',
    price: 160,
    apply: p => (p.dryerMaxC !== null && p.dryerMaxC >= 110 ? null : { dryerMaxC: 110 }),
  },
  {
    kind: 'heated-chamber',
    name: 'Heated chamber, 65 °C',
    deed: 'Fit a heated chamber (65 °C)',
    price: 390,
    apply: p => (p.chamberC >= 65 ? null : { chamber: 'heated', chamberC: 65 }),
  },
];

/** What a purchase is called: the upgrades that it fits, or the machine that it adds. */
export function purchaseName({
  kinds,
  machine,
}: {
  kinds: readonly UpgradeKind[];
  machine: MachineKind | null;
}): string {
  const added = printerPresets.find(p => p.key === machine);
  return [
    ...kinds.map(k => upgrades.find(u => u.kind === k)?.name ?? k),
    ...(added ? [`another machine: ${added.name}`] : []),
  ].join(' + ');
}

/** A printer with upgrades fitted. Where two raise the same thing, the higher stands. */
export function withUpgrades(printer: Printer, kinds: readonly UpgradeKind[]): Printer {
  return upgrades.filter(u => kinds.includes(u.kind)).reduce((p, u) => ({ ...p, ...u.apply(p) }), printer);
}
