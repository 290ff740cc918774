import { MaterialKey } from '../materials/material-key.js';
import { isISO8601 } from 'class-validator';
import { Choice, Flag, ListOf, Nested, Quantity, Text } from '../input/fields.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { typical, type Family } from '../materials/family.js';
import { OwnFacts } from '../materials/own-facts.js';
import type { SpoolState } from '../materials/spool-state.js';
import { moistureVerdict, waterAfterPct } from '../models/spool-moisture.js';
import { HOUR_MS } from '../lib/physical-constants.js';

/** What happens to a spool. */
export const spoolEvents = ['opened', 'boxed', 'dried', 'printed', 'weighed'] as const;
/** What happens to a spool. */
export type SpoolEventKind = (typeof spoolEvents)[number];

/** One line of a spool's ledger. */
export class SpoolEvent {
  @Choice(spoolEvents, {
    doc: 'opened (out of its bag or box), boxed (closed up with desiccant), dried, printed, weighed.',
  })
  kind!: SpoolEventKind;
  @Text({ maxLength: 40, doc: 'When, as an ISO 8601 date or date and time.' }) at!: string;
  @Quantity({
    min: 20,
    max: 250,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'dried: at what temperature.',
  })
  dryingC: number | null = null;
  @Quantity({ min: 0.1, max: 500, unit: 'h', optional: true, nullable: true, doc: 'dried: how long.' })
  hours: number | null = null;
  @Quantity({
    min: 0,
    max: 20_000,
    unit: 'g',
    optional: true,
    nullable: true,
    doc: 'printed: grams taken off; weighed: grams of filament left.',
  })
  grams: number | null = null;
  @Text({ maxLength: 200, optional: true, allowEmpty: true, doc: 'What was printed, or anything else.' })
  note = '';
  @Text({
    maxLength: 60,
    optional: true,
    nullable: true,
    doc: 'printed: the print it is of, in the log of prints; default null.',
  })
  print: string | null = null;
}

/** `hornblende-spool/1`: a spool on the shelf. */
export class Spool {
  @Choice(['hornblende-spool'], { doc: 'Always hornblende-spool.' }) format!: 'hornblende-spool';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @MaterialKey({ doc: 'The key of its family or grade.' }) material!: string;
  @Text({
    maxLength: 120,
    optional: true,
    allowEmpty: true,
    doc: 'Who made it, when it is no grade; default empty.',
  })
  maker = '';
  @Text({ maxLength: 60, optional: true, allowEmpty: true, doc: 'Its colour, in words; default empty.' })
  colour = '';
  @Text({ maxLength: 40, optional: true, allowEmpty: true, doc: 'Short code or barcode; default empty.' })
  code = '';
  @Quantity({ min: 1, max: 20_000, unit: 'g', optional: true, doc: 'Filament on it when new; default 1000.' })
  netG = 1000;
  @Quantity({ min: 0, max: 5000, unit: 'g', optional: true, doc: 'The empty reel; default 220.' }) reelG =
    220;
  @Quantity({
    min: 0,
    max: 20_000,
    unit: 'g',
    optional: true,
    nullable: true,
    doc: 'Filament left; default all of it.',
  })
  leftG: number | null = null;
  @Quantity({ min: 0, max: 20_000, unit: 'g', optional: true, doc: 'Low when under this; default 150.' })
  lowG = 150;
  @Quantity({
    min: 0,
    max: 100_000,
    optional: true,
    nullable: true,
    doc: 'What it cost; null when not known.',
  })
  price: number | null = null;
  @Text({ maxLength: 40, optional: true, nullable: true, doc: 'When it was bought; null when not known.' })
  boughtAt: string | null = null;
  @ListOf(() => SpoolEvent, { max: 2000, optional: true, doc: 'What has happened to it, oldest first.' })
  events: SpoolEvent[] = [];
  @Nested(() => OwnFacts, {
    optional: true,
    nullable: true,
    doc: 'What is known of this very spool and beats what the library says of its filament; default null.',
  })
  facts: OwnFacts | null = null;
  @Flag({ optional: true, doc: 'Whether it is finished and put away; default false.' }) archived = false;
}

/** Whether a text is a date that a calendar has: not the thirtieth of February. */
function isDate(text: string): boolean {
  return isISO8601(text, { strict: true, strictSeparator: true }) && /^\d{4}-\d{2}-\d{2}/.test(text);
}

/** Reads a spool: defaults filled in, events put in order, dates checked. @throws InputError */
export function parseSpool(plain: unknown): Spool {
  const spool = parseInput(Spool, plain);
  const problems: Problem[] = spool.events.flatMap((e, i) => {
    const list: Problem[] = [];
    const need = (field: 'dryingC' | 'hours' | 'grams', what: string): void => {
      if (e[field] === null)
        list.push({ field: `events[${i}].${field}`, value: null, message: `is needed: ${what}` });
    };
    if (!isDate(e.at))
      list.push({ field: `events[${i}].at`, value: e.at, message: 'must be a date such as 2026-03-14' });
    if (e.kind === 'dried') {
      need('dryingC', 'at what temperature it was dried');
      need('hours', 'how long it was dried');
    }
    if (e.kind === 'printed' || e.kind === 'weighed') need('grams', 'how many grams');
    return list;
  });
  if (spool.boughtAt !== null && !isDate(spool.boughtAt))
    problems.push({
      field: 'boughtAt',
      value: spool.boughtAt,
      message: 'must be a date such as 2026-03-14, or null',
    });
  if (problems.length) throw new InputError(problems);
  spool.events.sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  return spool;
}

/** Grams of filament from a weighing: with the reel, the reel comes off. Never below zero. */
export function filamentG(weighedG: number, withReel: boolean, reelG: number): number {
  return Math.max(0, withReel ? weighedG - reelG : weighedG);
}

/** Grams left: what was last weighed or said, less what was printed since. */
export function gramsLeft(spool: Spool): number {
  let left = spool.leftG ?? spool.netG;
  for (const e of spool.events) {
    if (e.kind === 'weighed' && e.grams !== null) left = e.grams;
    if (e.kind === 'printed' && e.grams !== null) left -= e.grams;
  }
  return Math.max(0, left);
}

/** Humidity in a closed box with desiccant, %. */
export const BOX_RH_PCT = 15;

/** The water in a spool, now and over its history. */
export interface SpoolMoisture {
  waterPct: number;
  state: SpoolState;
  advice: string;
  dryC: number | null;
  dryHours: number | null;
  limitPct: number;
  where: 'sealed' | 'open' | 'boxed';
  history: { at: string; waterPct: number; kind: SpoolEventKind | 'now' }[];
}

/**
 * Follows a spool's ledger: sealed and dry until it is opened, damp air while it stands open, a desiccant
 * box while it is boxed, the dryer when it is dried.
 * @param now the moment to judge, ISO 8601
 * @param rhPct relative humidity of the room
 * @param dryerMaxC the hottest dryer there is, or null
 */
export function spoolMoistureNow(
  spool: Spool,
  f: Family,
  now: string,
  rhPct: number,
  dryerMaxC: number | null,
): SpoolMoisture {
  let waterPct = 0;
  let where: SpoolMoisture['where'] = 'sealed';
  let last: number | null = null;
  const history: SpoolMoisture['history'] = [];
  const rest = (until: number): void => {
    if (last !== null && where !== 'sealed' && until > last)
      waterPct = waterAfterPct(
        f,
        waterPct,
        where === 'boxed' ? BOX_RH_PCT : rhPct,
        23,
        (until - last) / HOUR_MS,
      );
    last = Math.max(last ?? until, until);
  };
  for (const e of spool.events) {
    const at = Date.parse(e.at);
    if (at > Date.parse(now)) break;
    rest(at);
    if (e.kind === 'opened') where = 'open';
    if (e.kind === 'boxed') where = 'boxed';
    if (e.kind === 'dried' && e.dryingC !== null && e.hours !== null) {
      waterPct = waterAfterPct(f, waterPct, rhPct, Math.min(e.dryingC, typical(f, 'spoolLimitC')), e.hours);
      // Out of the dryer it stands open until it is boxed.
      if (where === 'sealed') where = 'open';
      last = at + e.hours * HOUR_MS;
    }
    // What is printed from has been opened, whether that was noted or not.
    if (e.kind === 'printed' && where === 'sealed') where = 'open';
    history.push({ at: e.at, waterPct, kind: e.kind });
  }
  rest(Date.parse(now));
  history.push({ at: now, waterPct, kind: 'now' });
  return { waterPct, where, history, ...moistureVerdict(f, waterPct, rhPct, dryerMaxC) };
}
