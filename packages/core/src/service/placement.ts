import { MaterialKey } from '../materials/material-key.js';
import { isISO8601 } from 'class-validator';
import {
  consequences,
  heatSettings,
  waters,
  type Consequence,
  type HeatSetting,
  type Water,
} from '../brief/choices.js';
import { climateKeys, type ClimateKey } from '../climate/climates.js';
import { exposures, type Exposure } from '../models/uv-dose.js';
import { Choice, Flag, ListOf, Nested, Quantity, Text } from '../input/fields.js';
import { InputError, parseInput, type Problem } from '../input/parse.js';
import { colours, type Colour } from '../materials/colours.js';
import { PhotoRef, photoProblems } from '../records/photo-ref.js';

/** Which way a part faces. */
export const aspects = ['any', 'north', 'east', 'south', 'west', 'up'] as const;
/** What bears on a part. */
export const placeLoads = ['none', 'held', 'moving', 'knocks'] as const;

/** A filament that a part may be of. */
export class PlacedMaterial {
  @MaterialKey({ doc: 'The key of its family or grade.' }) material!: string;
  @Quantity({ min: 0.01, max: 1, optional: true, doc: 'How likely it is that one; default 1: it is known.' })
  share = 1;
}

/** Where a part is of which nobody has said. */
export const PLACE_UNSAID = 'not said';

/** Where a part is. */
export class ServicePlace {
  @Text({
    maxLength: 120,
    optional: true,
    doc: 'Where it is, in words: a list to walk with goes by it; default not said.',
  })
  where = PLACE_UNSAID;
  @Choice(heatSettings, { optional: true, doc: 'Its air; default outdoors.' }) heat: HeatSetting = 'outdoors';
  @Choice(exposures, { optional: true, doc: 'Its sun; default none.' }) sun: Exposure = 'none';
  @Choice(aspects, { optional: true, doc: 'Which way it faces; default any.' })
  aspect: (typeof aspects)[number] = 'any';
  @Choice(waters, { optional: true, doc: 'Its water; default dry.' }) water: Water = 'dry';
  @Choice(placeLoads, { optional: true, doc: 'What bears on it; default none.' })
  load: (typeof placeLoads)[number] = 'none';
  @Quantity({
    min: -60,
    max: 400,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'How warm the part itself gets, where that is known; default null.',
  })
  partMaxC: number | null = null;
  @Choice(climateKeys, {
    optional: true,
    nullable: true,
    doc: 'A year of weather that its air and sun are like; default null: one hot, clear day.',
  })
  climate: ClimateKey | null = null;
  @Quantity({
    min: -40,
    max: 60,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'The hottest air there; default null: as its setting has it.',
  })
  airMaxC: number | null = null;
  @Quantity({
    min: 0,
    max: 366,
    optional: true,
    nullable: true,
    doc: 'Times a year that it freezes and thaws; default null: not known.',
  })
  frostsAYear: number | null = null;
  @Quantity({
    min: 0,
    max: 100_000,
    optional: true,
    nullable: true,
    doc: 'Times a year that it is heated and cools again, such as by an engine or a dishwasher; default null.',
  })
  heatingsAYear: number | null = null;
  @Text({
    maxLength: 60,
    optional: true,
    nullable: true,
    doc: 'A year of one’s own weather that its air and sun are like; default null. Goes before `climate`.',
  })
  weatherId: string | null = null;
}

/** A time in which a part was taken in: it ages little on a shelf. */
export class ServicePause {
  @Text({ maxLength: 10, doc: 'From when, as YYYY-MM-DD.' }) from!: string;
  @Text({ maxLength: 10, optional: true, nullable: true, doc: 'Until when; default null: it is in still.' })
  to: string | null = null;
}

/** `hornblende-service/1`: a part that is out there. Its inspections stand beside it. */
export class Placement {
  @Choice(['hornblende-service'], { doc: 'Always hornblende-service.' }) format!: 'hornblende-service';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 120, doc: 'What it is called.' }) name!: string;
  @Text({ maxLength: 12, optional: true, allowEmpty: true, doc: 'The short code on its tag; default none.' })
  code = '';
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The part that it is one of; default null.' })
  partId: string | null = null;
  @Quantity({
    min: 1,
    max: 1e9,
    whole: true,
    optional: true,
    nullable: true,
    doc: 'The version of the part’s design that was printed, by its revision; default null: not known.',
  })
  partRevision: number | null = null;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The decision that it follows; default null.' })
  decisionId: string | null = null;
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The print that it came from; default null.' })
  printId: string | null = null;
  @ListOf(() => PlacedMaterial, { max: 4, doc: 'What it is made of; several where that is half remembered.' })
  materials!: PlacedMaterial[];
  @Text({ maxLength: 60, optional: true, nullable: true, doc: 'The spool that it came off; default null.' })
  spoolId: string | null = null;
  @Choice(colours, { optional: true, doc: 'How dark it is; default mid.' }) colour: Colour = 'mid';
  @Quantity({ min: 0, max: 50, optional: true, nullable: true, doc: 'Its walls; default null: not known.' })
  walls: number | null = null;
  @Nested(() => ServicePlace, { optional: true, doc: 'Where it is; default outdoors, nothing else said.' })
  place = new ServicePlace();
  @Text({ maxLength: 10, doc: 'Since when, as YYYY-MM-DD.' }) since!: string;
  @Flag({ optional: true, doc: 'Whether that is from memory; default false.' }) sinceRough = false;
  @Choice(consequences, { optional: true, doc: 'What happens if it fails; default annoys.' })
  ifItFails: Consequence = 'annoys';
  @ListOf(() => ServicePause, {
    max: 100,
    optional: true,
    doc: 'When it was taken in, such as for the winter: that time does not count; default never.',
  })
  pauses: ServicePause[] = [];
  @Quantity({
    min: 0,
    max: 1e6,
    optional: true,
    nullable: true,
    doc: 'What the bought part would cost that it replaces, in the workshop’s currency; default null: not known.',
  })
  replacementPrice: number | null = null;
  @Quantity({
    min: 0,
    max: 1e5,
    unit: 'N',
    optional: true,
    nullable: true,
    doc: 'The force at which a fresh one broke or gave way, bent on purpose; default null.',
  })
  freshBreakN: number | null = null;
  @Quantity({ min: 0.1, max: 100, unit: 'a', optional: true, doc: 'How long it is to stand; default 5.' })
  lifeYears = 5;
  @Choice(['fits', 'marginal', 'out'], {
    optional: true,
    nullable: true,
    doc: 'How its filament stood when it was chosen; default null: not known.',
  })
  status: 'fits' | 'marginal' | 'out' | null = null;
  @ListOf(() => PhotoRef, { max: 12, optional: true, doc: 'Photographs of its first day; default none.' })
  photos: PhotoRef[] = [];
  @Text({ maxLength: 2000, optional: true, allowEmpty: true, doc: 'Anything worth keeping; default empty.' })
  note = '';
  @Flag({ optional: true, doc: 'Whether it is put away; default false.' }) archived = false;
  @Text({ maxLength: 120, optional: true, allowEmpty: true, doc: 'Whose record it is; default one’s own.' })
  origin = '';
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'How much it counts wherever parts are counted, 0 to 1; default 1.',
  })
  weight = 1;
}

/** Reads a part in service: defaults filled in, unknown fields refused. @throws InputError */
export function parsePlacement(plain: unknown): Placement {
  const placement = parseInput(Placement, plain);
  const problems: Problem[] = [];
  const { since, materials } = placement;
  if (!isISO8601(since, { strict: true }) || since.length !== 10)
    problems.push({ field: 'since', value: since, message: 'must be a date such as 2024-05-17' });
  if (!materials.length)
    problems.push({ field: 'materials', value: [], message: 'must name a filament at least' });
  const keys = materials.map(m => m.material);
  const twice = keys.findIndex((key, n) => keys.indexOf(key) !== n);
  if (twice >= 0)
    problems.push({
      field: `materials[${twice}].material`,
      value: keys[twice],
      message: 'stands there twice',
    });
  problems.push(...pauseProblems(placement), ...photoProblems(placement.photos));
  if (problems.length) throw new InputError(problems);
  return placement;
}

/** What is wrong with the times in which a part was taken in. */
function pauseProblems({ pauses, since }: Placement): Problem[] {
  const isDay = (day: string): boolean => day.length === 10 && isISO8601(day, { strict: true });
  return pauses.flatMap(({ from, to }, n): Problem[] => {
    const say = (field: 'from' | 'to', value: unknown, message: string): Problem[] => [
      { field: `pauses[${n}].${field}`, value, message },
    ];
    if (!isDay(from)) return say('from', from, 'must be a date such as 2024-11-01');
    if (from < since) return say('from', from, `must not be before it was placed, ${since}`);
    if (to === null)
      return n === pauses.length - 1 ? [] : say('to', to, 'must be said but for the last: it came out again');
    if (!isDay(to)) return say('to', to, 'must be a date such as 2025-04-01');
    if (to < from) return say('to', to, `must not be before ${from}`);
    const next = pauses[n + 1];
    return next && next.from < to ? say('to', to, 'must not be after the next one begins') : [];
  });
}

/** Whether a part is one’s own: what others wrote down is counted by its weight, and looked at by them. */
export function isOwn({ origin }: Pick<Placement, 'origin'>): boolean {
  return origin === '';
}

/** Parts that can be placed at once. */
export const MOST_PLACED_AT_ONCE = 20_000;

/** The one filament that a part is of; null where that is not known. */
export function knownMaterial({ materials }: Pick<Placement, 'materials'>): string | null {
  return materials.length === 1 ? materials[0]!.material : null;
}
