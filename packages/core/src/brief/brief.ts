import {
  TOP_WEIGHT,
  heatSettings,
  type HeatSetting,
  climateChoices,
  type ClimateChoice,
  foods,
  flexWants,
  type FlexWant,
  finishes,
  purposes,
  type Purpose,
  consequences,
  type Consequence,
  waters,
  type Water,
  criterionIds,
  type CriterionId,
  rubberPositions,
  schools,
  type RubberPosition,
  type School,
  outdoorSchools,
  type OutdoorSchool,
  wears,
  type Wear,
  electricals,
  type Electrical,
  seals,
  type Seal,
  surfaceRouteIds,
  surfaceWishes,
  type SurfaceRouteId,
  type SurfaceWish,
} from './choices.js';
import { RUBBERY_SHORE_A } from './defaults.js';
import {
  Choice,
  Choices,
  Flag,
  Interval,
  ListOf,
  Nested,
  NumberMap,
  PairMap,
  Quantity,
  Text,
} from '../input/fields.js';
import { chemicals, type Chemical } from '../materials/family.js';
import { colours, type Colour } from '../materials/colours.js';
import { exposures, glasses, type Exposure, type Glass } from '../models/uv-dose.js';
import { BriefLoad } from './brief-load.js';
import { BriefGeometry } from './brief-geometry.js';
import { BriefPrint } from './brief-print.js';
import { BriefRoom } from './brief-room.js';
import { fillable, type Fillable } from './unsaid.js';

/** Temperatures that a brief needs in some settings. */
export const heatNumbers = ['sourceC', 'partC'] as const;

/** A temperature that a brief needs in some settings. */
export type HeatNumber = (typeof heatNumbers)[number];

/** How hot the part gets. */
export class BriefHeat {
  @Choice(heatSettings, { optional: true, doc: 'Where it lives; default indoors.' }) setting: HeatSetting =
    'indoors';
  @Choice(climateChoices, {
    optional: true,
    nullable: true,
    doc: 'A year of weather instead of one hot day; default null.',
  })
  climate: ClimateChoice | null = null;
  @Quantity({
    min: -50,
    max: 60,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Hottest air; default 28 indoors, 35 elsewhere.',
  })
  ambientMaxC: number | null = null;
  @Quantity({
    min: -60,
    max: 50,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Coldest air; default 15 indoors, −10 elsewhere.',
  })
  ambientMinC: number | null = null;
  @Quantity({
    min: -50,
    max: 400,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'What the part reaches near its source; for near-source.',
  })
  sourceC: number | null = null;
  @Quantity({
    min: -50,
    max: 400,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Hottest that the part gets; for custom.',
  })
  partC: number | null = null;
  @Quantity({
    min: -60,
    max: 400,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Coldest that the part gets; default its coldest air, near a source and custom its hottest: steady.',
  })
  partMinC: number | null = null;
  @Quantity({
    min: 0,
    max: 24,
    unit: 'h',
    optional: true,
    nullable: true,
    doc: 'Hours a day at its hottest; default 24 near a source and custom, else 6.',
  })
  hoursADay: number | null = null;
  @Choice(glasses, {
    optional: true,
    nullable: true,
    doc: 'Glass before the sun; default a window indoors, a vehicle’s in a closed one, none outdoors.',
  })
  glass: Glass | null = null;
  @Choice(rubberPositions, {
    optional: true,
    doc:
      'What is held of rubber in a closed vehicle: it holds its shape unloaded (holds), or no rubber lives there ' +
      '(dead); default holds.',
  })
  rubber: RubberPosition = 'holds';
  @Quantity({
    min: 0,
    max: 1e5,
    optional: true,
    doc: 'Times that it is steamed in its life, about twenty minutes each, without load; default 0.',
  })
  steamCycles = 0;
  @Quantity({
    min: 100,
    max: 150,
    unit: '°C',
    optional: true,
    doc: 'Temperature of that steam; default 121.',
  })
  steamC = 121;
  @Choices(heatNumbers, {
    optional: true,
    doc: 'Temperatures that were put in to start from and that nobody has said yet; default none.',
  })
  assumed: HeatNumber[] = [];
}

/** What touches the part. */
export class BriefContact {
  @Choice(foods, { optional: true, doc: 'Food contact; default none.' }) food: (typeof foods)[number] =
    'none';
  @Flag({ optional: true, doc: 'Held against skin; default false.' }) skin = false;
  @Choices(chemicals, { optional: true, doc: 'Chemicals that touch it; default none.' })
  chemicals: Chemical[] = [];
  @Quantity({
    min: 0.01,
    max: 1e6,
    unit: 'h',
    optional: true,
    nullable: true,
    doc: 'Hours for which the chemicals touch it in all; default null: the whole life.',
  })
  hours: number | null = null;
}

/** How flexible it must be. */
export class BriefFlex {
  @Choice(flexWants, { optional: true, doc: 'default rigid.' }) want: FlexWant = 'rigid';
  @Interval({
    min: 10,
    max: 100,
    optional: true,
    nullable: true,
    doc: `Wanted hardness, [min, max] Shore A; default [${RUBBERY_SHORE_A.join(', ')}] when rubbery.`,
  })
  shoreA: [number, number] | null = null;
}

/** How it must look. */
export class BriefLooks {
  @Choice(colours, { optional: true, doc: 'Colour; default mid.' }) colour: Colour = 'mid';
  @Flag({ optional: true, doc: 'See-through; default false.' }) clear = false;
  @Choice(finishes, { optional: true, doc: 'Surface; default any.' }) finish: (typeof finishes)[number] =
    'any';
  @Choices(surfaceWishes, { optional: true, doc: 'What else is wished of the surface; default nothing.' })
  wishes: SurfaceWish[] = [];
  @Choice(surfaceRouteIds, {
    optional: true,
    nullable: true,
    doc: 'How its surface is to be finished, for the print card; default null: not said.',
  })
  route: SurfaceRouteId | null = null;
}

/** `hornblende-brief/1`: what a part must survive. Only format, version and name are required. */
export class Brief {
  @Choice(['hornblende-brief'], { doc: 'Always hornblende-brief.' }) format!: 'hornblende-brief';
  @Choice([1], { doc: 'Always 1.' }) version!: 1;
  @Text({ maxLength: 120, doc: 'The part.' }) name!: string;
  @Choice(purposes, { optional: true, doc: 'What it is for; default functional.' }) purpose: Purpose =
    'functional';
  @Quantity({ min: 0.01, max: 50, unit: 'years', optional: true, doc: 'Service life; default 5.' })
  lifeYears = 5;
  @Choice(consequences, { optional: true, doc: 'What happens if it fails; default annoys.' })
  ifItFails: Consequence = 'annoys';
  @Nested(() => BriefGeometry, { optional: true, doc: 'Size and shape.' }) geometry = new BriefGeometry();
  @ListOf(() => BriefLoad, { max: 20, optional: true, doc: 'Loads; default none.' }) loads: BriefLoad[] = [];
  @Nested(() => BriefHeat, { optional: true, doc: 'Heat.' }) heat = new BriefHeat();
  @Choice(exposures, { optional: true, doc: 'Sun; default none.' }) sun: Exposure = 'none';
  @Choice(waters, { optional: true, doc: 'Water; default dry.' }) water: Water = 'dry';
  @Flag({ optional: true, doc: 'Must float; default false.' }) mustFloat = false;
  @Nested(() => BriefContact, { optional: true, doc: 'Contact.' }) contact = new BriefContact();
  @Nested(() => BriefFlex, { optional: true, doc: 'Flexibility.' }) flex = new BriefFlex();
  @Nested(() => BriefLooks, { optional: true, doc: 'Looks.' }) looks = new BriefLooks();
  @Choice(wears, { optional: true, doc: 'What rubs on it; default none.' }) wear: Wear = 'none';
  @Quantity({
    min: 0,
    max: 100,
    unit: 'MPa',
    optional: true,
    nullable: true,
    doc: 'Pressure between what rubs; default null: judged by the loads.',
  })
  wearPressureMPa: number | null = null;
  @Quantity({
    min: 0,
    max: 20,
    unit: 'm/s',
    optional: true,
    nullable: true,
    doc: 'Speed at which it rubs; default null: taken as slow where the loads are light.',
  })
  wearSpeedMs: number | null = null;
  @Choice(electricals, { optional: true, doc: 'What electricity it meets; default none.' })
  electrical: Electrical = 'none';
  @Choice(seals, { optional: true, doc: 'What it must hold in or out; default none.' }) seal: Seal = 'none';
  @Nested(() => BriefRoom, { optional: true, doc: 'The room that it is printed in.' }) room = new BriefRoom();
  @Nested(() => BriefPrint, { optional: true, doc: 'How it is to be printed.' }) print = new BriefPrint();
  @Quantity({
    min: 1,
    max: 20,
    optional: true,
    nullable: true,
    doc: 'Factor of safety of one’s own; default by what happens if it fails.',
  })
  safety: number | null = null;
  @Quantity({
    min: 0.01,
    max: 100,
    unit: '%',
    optional: true,
    nullable: true,
    doc: 'Most that a held load may move the part, % of its span or % strain; default 5.',
  })
  deflectionLimitPct: number | null = null;
  @Text({
    maxLength: 80,
    optional: true,
    nullable: true,
    doc: 'The key of a filament that stands in for a fit-check before the final part; default none.',
  })
  checkIn: string | null = null;
  @Choices(fillable, {
    optional: true,
    doc: 'What the kind of part filled in to start from, and nobody has said yet; default none.',
  })
  filledIn: Fillable[] = [];
  @Quantity({ min: 0.01, max: 20, unit: 'mm', optional: true, doc: 'Tolerance; default 0.3.' }) toleranceMm =
    0.3;
  @Quantity({
    min: 0.01,
    max: 1e6,
    unit: 'g',
    optional: true,
    nullable: true,
    doc: 'Most it may weigh; default no limit.',
  })
  maxMassG: number | null = null;
  @Quantity({
    min: 0.01,
    max: 1e6,
    unit: 'g',
    optional: true,
    nullable: true,
    doc: 'Least it may weigh; default no limit.',
  })
  minMassG: number | null = null;
  @Quantity({
    min: 0.01,
    max: 1e6,
    unit: 'g',
    optional: true,
    nullable: true,
    doc: 'What it should weigh; default nothing in particular.',
  })
  targetMassG: number | null = null;
  @Quantity({
    min: 0.01,
    max: 1e6,
    optional: true,
    nullable: true,
    doc: 'Most one may cost; default no limit.',
  })
  maxCostEach: number | null = null;
  @Quantity({ min: 1, max: 1e6, optional: true, doc: 'How many; default 1.' }) quantity = 1;
  @NumberMap(criterionIds, {
    min: 0,
    max: TOP_WEIGHT,
    optional: true,
    doc: 'Weights that the user set; the rest follow from the brief.',
  })
  weights: Partial<Record<CriterionId, number>> = {};
  @PairMap(criterionIds, {
    optional: true,
    doc:
      'Points of a criterion that the user set, [unacceptable, comfortable] in its own unit; the rest ' +
      'follow from the brief.',
  })
  points: Partial<Record<CriterionId, [number, number]>> = {};
  @Choice(schools, { optional: true, doc: 'How to choose; default weighted.' }) school: School = 'weighted';
  @Choice(outdoorSchools, { optional: true, doc: 'Whose word counts outdoors; default laboratory.' })
  outdoorSchool: OutdoorSchool = 'laboratory';
}
