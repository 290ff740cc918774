import { parsePrinter, type Printer } from './printer.js';

/** Common kinds of machine, the simplest first. */
export const machineKinds = [
  'open-remote',
  'open-direct',
  'small-unheated',
  'cabinet',
  'large-open',
  'warm-cabinet',
  'hot-works',
] as const;

/** A common kind of machine. */
export type MachineKind = (typeof machineKinds)[number];

/** A common kind of machine to start a printer's profile from, or to buy. */
export interface PrinterPreset {
  key: MachineKind;
  name: string;
  about: string;
  /** Made up to start from; the user's own replaces it. */
  price: number;
  profile: Printer;
}

const preset = (
  key: MachineKind,
  name: string,
  about: string,
  price: number,
  fields: Omit<Partial<Printer>, 'format' | 'version' | 'name'>,
): PrinterPreset => ({
  key,
  name,
  about,
  price,
  profile: parsePrinter({ format: 'hornblende-printer', version: 1, name, ...fields }),
});

/** Kinds of machine, the simplest first; each is a starting point to correct, not a product. */
export const printerPresets: readonly PrinterPreset[] = [
  preset(
    'open-remote',
    'Open frame, remote drive',
    'The cheap first machine: lined hot end, brass nozzle, feeder on the frame.',
    220,
    { drive: 'bowden', plates: ['smooth-pei', 'textured-pei'], adhesives: ['glue-stick'] },
  ),
  preset(
    'open-direct',
    'Open frame, direct drive',
    'The same with the feeder on the carriage: soft filaments feed.',
    310,
    { plates: ['smooth-pei', 'textured-pei'], adhesives: ['glue-stick'], maxFlowMm3s: 14 },
  ),
  preset('small-unheated', 'Small, unheated plate', 'A desk-top or classroom machine.', 170, {
    nozzleMaxC: 230,
    bedMaxC: 0,
    drive: 'bowden',
    linerLimitC: 235,
    plates: ['textured-pei'],
    buildMm: [120, 120, 120],
    maxFlowMm3s: 7,
    ventilation: 'none',
  }),
  preset(
    'cabinet',
    'Quick cabinet',
    'Enclosed, all-metal, hardened, fast; the door warms the air to about 45 °C.',
    680,
    {
      nozzleMaxC: 300,
      bedMaxC: 110,
      chamber: 'enclosed',
      chamberC: 45,
      nozzleMetal: 'hardened',
      linerLimitC: null,
      plates: ['smooth-pei', 'textured-pei'],
      adhesives: ['glue-stick'],
      buildMm: [256, 256, 256],
      maxFlowMm3s: 24,
      dryerMaxC: 70,
    },
  ),
  preset(
    'large-open',
    'Large open gantry',
    'A big plate in open air: long parts, but nothing that warps.',
    1500,
    {
      nozzleMaxC: 285,
      bedMaxC: 90,
      chamberC: 26,
      linerLimitC: null,
      nozzleMetal: 'hardened',
      plates: ['textured-pei', 'glass'],
      adhesives: ['glue-stick'],
      buildMm: [420, 420, 480],
      maxFlowMm3s: 20,
    },
  ),
  preset(
    'warm-cabinet',
    'Heated cabinet',
    'Air held at 65 °C: PC, nylon and their fibre grades without splitting.',
    3200,
    {
      nozzleMaxC: 320,
      bedMaxC: 120,
      chamber: 'heated',
      chamberC: 65,
      nozzleMetal: 'hardened',
      linerLimitC: null,
      plates: ['smooth-pei', 'garolite'],
      adhesives: ['glue-stick', 'pp-tape'],
      buildMm: [300, 300, 300],
      ventilation: 'extracted',
      dryerMaxC: 110,
      maxFlowMm3s: 24,
    },
  ),
  preset('hot-works', 'High-temperature works machine', 'For PEEK and PEI, and priced like it.', 16000, {
    nozzleMaxC: 450,
    bedMaxC: 160,
    chamber: 'heated',
    chamberC: 120,
    nozzleMetal: 'hardened',
    linerLimitC: null,
    plates: ['smooth-pei', 'garolite'],
    adhesives: ['glue-stick'],
    buildMm: [300, 250, 300],
    ventilation: 'extracted',
    dryerMaxC: 160,
    maxFlowMm3s: 20,
  }),
];
