import { Choice, Choices, ListOf, Nested, Quantity, Text, Vector } from '../input/fields.js';
import { parseInput } from '../input/parse.js';
import { Gauge } from './gauge.js';
import { OwnPlate } from './own-plate.js';
import { PrintRates } from './print-rates.js';
import { PrinterRecord } from './printer-record.js';
import { WarpBar } from './warp-bar.js';
import { adhesives, plates, type Adhesive, type Plate } from '../materials/family.js';

/** Air around a print on an open printer after half an hour, °C. */
export const OPEN_AIR_C = 28;

/** What may stand around a print. */
export const chambers = ['open', 'enclosed', 'heated'] as const;
/** Where the feeder may sit. */
export const drives = ['direct', 'bowden'] as const;
/** What a nozzle may be made of. */
export const nozzleMetals = ['brass', 'hardened'] as const;
/** How the filament runs between the feeder's gears and the hot end: with room about it, or led closely. */
export const filamentPaths = ['open', 'guided'] as const;
/** From how many sides the feeder's gears grip the filament. */
export const feederGears = ['one-side', 'both-sides'] as const;
/** Who makes the bed level. */
export const levellings = ['by-itself', 'by-hand'] as const;
/** The bore that nozzles are sold with, mm. */
export const USUAL_BORE_MM = 0.4;
/** Where fumes may go. */
export const ventilations = ['none', 'room', 'extracted'] as const;

/** `hornblende-printer/1`: what a printer can really do. */
export class Printer {
  @Choice(['hornblende-printer'], { doc: 'Always hornblende-printer.' }) format!: 'hornblende-printer';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 120, doc: 'The printer.' }) name!: string;
  @Quantity({ min: 0, max: 600, unit: '°C', optional: true, doc: 'Hottest nozzle; default 260.' })
  nozzleMaxC = 260;
  @Quantity({
    min: 0,
    max: 300,
    unit: '°C',
    optional: true,
    doc: 'Hottest bed; 0 for an unheated one; default 100.',
  })
  bedMaxC = 100;
  @Choice(chambers, { optional: true, doc: 'default open.' }) chamber: (typeof chambers)[number] = 'open';
  @Quantity({
    min: -10,
    max: 250,
    unit: '°C',
    optional: true,
    doc: 'Air around a print after half an hour; default 28.',
  })
  chamberC = OPEN_AIR_C;
  @Choice(drives, {
    optional: true,
    doc: 'Where the feeder sits: direct, or remote through a tube (bowden); default direct.',
  })
  drive: (typeof drives)[number] = 'direct';
  @Choice(filamentPaths, {
    optional: true,
    doc: 'How filament runs between the gears and the hot end: open, or guided closely; default open.',
  })
  path: (typeof filamentPaths)[number] = 'open';
  @Choice(feederGears, {
    optional: true,
    doc: 'From where the feeder grips: one-side, both-sides; default one-side.',
  })
  gears: (typeof feederGears)[number] = 'one-side';
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Bore of the nozzle; default 0.4.' })
  nozzleMm = USUAL_BORE_MM;
  @Choice(nozzleMetals, { optional: true, doc: 'default brass.' })
  nozzleMetal: (typeof nozzleMetals)[number] = 'brass';
  @Quantity({
    min: 150,
    max: 400,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Highest safe temperature of a lined hot end; null for all-metal; default 240.',
  })
  linerLimitC: number | null = 240;
  @Choices(plates, { optional: true, doc: 'default smooth-pei.' }) plates: Plate[] = ['smooth-pei'];
  @ListOf(() => OwnPlate, {
    max: 20,
    optional: true,
    doc: 'Plates and films of one’s own, each with how it holds; default none.',
  })
  ownPlates: OwnPlate[] = [];
  @Choices(adhesives, { optional: true, doc: 'default none.' }) adhesives: Adhesive[] = [];
  @Quantity({
    min: 0.1,
    max: 200,
    unit: 'kPa',
    optional: true,
    nullable: true,
    doc: 'How hard magnets hold its plate down; default null: the plate is clamped, or one with the bed.',
  })
  magnetsKPa: number | null = null;
  @Choice(levellings, {
    optional: true,
    doc: 'Who makes the bed level: by-itself, by-hand; default by-itself.',
  })
  levelling: (typeof levellings)[number] = 'by-itself';
  @Quantity({
    min: 0.05,
    max: 1.5,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Height of the first layer that it does best; default null: as its line and layer have it.',
  })
  firstLayerMm: number | null = null;
  @Vector({
    min: 1,
    max: 5000,
    unit: 'mm',
    length: 3,
    optional: true,
    doc: 'Build volume; default [220, 220, 250].',
  })
  buildMm: [number, number, number] = [220, 220, 250];
  @Choice(ventilations, { optional: true, doc: 'default room.' }) ventilation: (typeof ventilations)[number] =
    'room';
  @Quantity({
    min: 1,
    max: 1e5,
    unit: 'm³',
    optional: true,
    nullable: true,
    doc: 'Volume of its room; default null: taken as 45.',
  })
  roomM3: number | null = null;
  @Quantity({
    min: 0,
    max: 100,
    unit: '1/h',
    optional: true,
    nullable: true,
    doc: 'Times an hour that the air of its room is changed; default null: 0.3, or 2 where it is ventilated.',
  })
  airChangesPerH: number | null = null;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'Share that a hood or duct takes away at the printer; default null: 0.8 where it is extracted, else 0.',
  })
  capturedShare: number | null = null;
  @Quantity({
    min: 0,
    max: 1e5,
    unit: 'm³/h',
    optional: true,
    doc: 'Clean air that a filter for vapours delivers; default 0.',
  })
  filterCadrM3H = 0;
  @Quantity({ min: 1, max: 1000, optional: true, doc: 'Printers that run in its room at once; default 1.' })
  machinesInRoom = 1;
  @Quantity({
    min: 20,
    max: 250,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Hottest dryer; null for none; default null.',
  })
  dryerMaxC: number | null = null;
  @Quantity({
    min: 20,
    max: 120,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Air of the box that filament is fed from while it prints; default null: it is fed from open air.',
  })
  feedDryerC: number | null = null;
  @Quantity({
    min: 1,
    max: 64,
    optional: true,
    doc: 'Spools that it feeds to one nozzle by turns, by itself; default 1.',
  })
  spoolsAtOnce = 1;
  @Quantity({ min: 0.1, max: 200, unit: 'mm³/s', optional: true, doc: 'Melt flow limit; default 12.' })
  maxFlowMm3s = 12;
  @ListOf(() => WarpBar, {
    max: 300,
    optional: true,
    doc: 'Bars printed on it to see how much it warps; default none.',
  })
  warpBars: WarpBar[] = [];
  @ListOf(() => Gauge, {
    max: 100,
    optional: true,
    doc: 'Gauges printed on it to see how true it is; default none.',
  })
  gauges: Gauge[] = [];
  @Nested(() => PrinterRecord, {
    optional: true,
    nullable: true,
    doc: 'What its own log of prints says; told by the server, not kept from what is sent; default null.',
  })
  record: PrinterRecord | null = null;
  @Nested(() => PrintRates, {
    optional: true,
    nullable: true,
    doc: 'What its hours and its handling cost: told by the server from the settings of the workshop; default null.',
  })
  rates: PrintRates | null = null;
}

/** Reads a printer: defaults filled in, unknown fields refused. @throws InputError */
export function parsePrinter(plain: unknown): Printer {
  return parseInput(Printer, plain);
}
