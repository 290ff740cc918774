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
} from '../formats/fields.js';
import { InputError, parseInput, type Problem } from '../formats/parse.js';
import { chemicals, type Chemical } from '../materials/family.js';
import { colours, type Colour } from '../models/colours.js';
import { climateKeys, type ClimateKey } from '../climate/climates.js';
import { exposures, type Exposure } from '../models/uv-dose.js';

export const purposes = ['functional', 'decorative', 'prototype', 'dissolving-support'] as const;
export const consequences = ['nothing', 'annoys', 'damages', 'injures'] as const;
export const loadKinds = ['sustained', 'short', 'cyclic', 'impact'] as const;
export const loadCases = [
  'cantilever',
  'simply-supported',
  'fixed-fixed',
  'tension',
  'compression',
  'direct-stress',
  'snap-fit',
  'deceleration',
  'drop',
] as const;
export const heatSettings = ['indoors', 'outdoors', 'closed-vehicle', 'near-source', 'custom'] as const;
export const waters = ['dry', 'humid', 'rain', 'immersed'] as const;
export const foods = ['none', 'dry', 'wet'] as const;
export const flexWants = ['rigid', 'springy', 'hinge', 'rubbery'] as const;
export const finishes = ['any', 'fair', 'fine'] as const;
export const schools = ['weighted', 'step-up', 'weakest-link'] as const;
export const outdoorSchools = ['laboratory', 'field'] as const;
/** What a ranking weighs, in the order of the strata. */
export const criterionIds = [
  'heat',
  'uv',
  'strength',
  'stiffness',
  'creep',
  'impact',
  'flex',
  'warp',
  'printability',
  'accuracy',
  'finish',
  'mass',
  'moisture',
  'cost',
] as const;

/** Where the weather comes from: a shipped climate, or hourly weather of one's own. */
export const climateChoices = [...climateKeys, 'own'] as const;
export type ClimateChoice = ClimateKey | 'own';

export type Purpose = (typeof purposes)[number];
export type Consequence = (typeof consequences)[number];
export type LoadKind = (typeof loadKinds)[number];
export type LoadCase = (typeof loadCases)[number];
export type HeatSetting = (typeof heatSettings)[number];
export type Water = (typeof waters)[number];
export type FlexWant = (typeof flexWants)[number];
export type School = (typeof schools)[number];
export type OutdoorSchool = (typeof outdoorSchools)[number];
export type CriterionId = (typeof criterionIds)[number];
/** Criteria of which less is better. */
const lessHelps: ReadonlySet<CriterionId> = new Set<CriterionId>([
  'stiffness',
  'creep',
  'warp',
  'accuracy',
  'mass',
  'moisture',
  'cost',
]);

const mm = { min: 0.1, max: 2000, unit: 'mm' };

/** The part's size and shape. */
export class BriefGeometry {
  @Quantity({ ...mm, optional: true, doc: 'Size along X as printed; default 60.' }) xMm = 60;
  @Quantity({ ...mm, optional: true, doc: 'Size along Y as printed; default 40.' }) yMm = 40;
  @Quantity({ ...mm, optional: true, doc: 'Height as printed; default 20.' }) zMm = 20;
  @Quantity({ min: 0.2, max: 200, unit: 'mm', optional: true, doc: 'Typical wall; default 3.' }) wallMm = 3;
  @Quantity({
    min: 0.001,
    max: 1e6,
    unit: 'cm³',
    optional: true,
    nullable: true,
    doc: 'Volume of the model; default null: 0.32 of its bounding box.',
  })
  volumeCm3: number | null = null;
  @Quantity({ min: 0, max: 1000, optional: true, doc: 'Sharp corners on the plate; default 4.' })
  sharpCorners = 4;
  @Quantity({
    min: 0.01,
    max: 1,
    optional: true,
    doc: 'Share of the volume that is plastic once sliced; default 0.4.',
  })
  solidFraction = 0.4;
}

/** One load. Which lengths are needed depends on the case; see `docs/formats.md`. */
export class BriefLoad {
  @Choice(loadKinds, { doc: 'Held for long, short, repeated, or a knock.' }) kind!: LoadKind;
  @Choice(loadCases, { doc: 'How the loaded member is held.' }) case!: LoadCase;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'N',
    optional: true,
    nullable: true,
    doc: 'Force; the upper end where it is not sure.',
  })
  forceN: number | null = null;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'N',
    optional: true,
    nullable: true,
    doc: 'Lower end of the force, where it is not sure; default null.',
  })
  forceLowN: number | null = null;
  @Quantity({ ...mm, optional: true, nullable: true, doc: 'Free length or span.' }) lengthMm: number | null =
    null;
  @Quantity({ ...mm, optional: true, nullable: true, doc: 'Section width.' }) widthMm: number | null = null;
  @Quantity({ ...mm, optional: true, nullable: true, doc: 'Section height, in the direction of bending.' })
  heightMm: number | null = null;
  @Quantity({
    min: 0,
    max: 500,
    unit: 'MPa',
    optional: true,
    nullable: true,
    doc: 'Stress, for direct-stress.',
  })
  stressMPa: number | null = null;
  @Quantity({
    min: 0.1,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Root thickness of a snap finger; default its section height.',
  })
  thicknessMm: number | null = null;
  @Quantity({
    min: 0,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Undercut of a snap finger.',
  })
  undercutMm: number | null = null;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'kg',
    optional: true,
    nullable: true,
    doc: 'Mass, for deceleration and drop.',
  })
  massKg: number | null = null;
  @Quantity({ min: 0, max: 10000, unit: 'g₀', optional: true, nullable: true, doc: 'Deceleration.' })
  decelerationG: number | null = null;
  @Quantity({ min: 0, max: 100, unit: 'm', optional: true, nullable: true, doc: 'Height of a drop.' })
  heightM: number | null = null;
  @Flag({ optional: true, doc: 'Whether the load pulls the layers apart; default false.' }) acrossLayers =
    false;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'h',
    optional: true,
    nullable: true,
    doc: 'Hours held in all; default the whole life when sustained, else 0.',
  })
  hours: number | null = null;
  @Quantity({
    min: 1,
    max: 1e10,
    optional: true,
    nullable: true,
    doc: 'Cycles; default 10 000 when cyclic, else 1.',
  })
  cycles: number | null = null;
}

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
    doc: 'Measured part temperature; for custom.',
  })
  partC: number | null = null;
}

/** What touches the part. */
export class BriefContact {
  @Choice(foods, { optional: true, doc: 'Food contact; default none.' }) food: (typeof foods)[number] =
    'none';
  @Flag({ optional: true, doc: 'Held against skin; default false.' }) skin = false;
  @Choices(chemicals, { optional: true, doc: 'Chemicals that touch it; default none.' })
  chemicals: Chemical[] = [];
}

/** How flexible it must be. */
export class BriefFlex {
  @Choice(flexWants, { optional: true, doc: 'default rigid.' }) want: FlexWant = 'rigid';
  @Interval({
    min: 10,
    max: 100,
    optional: true,
    nullable: true,
    doc: 'Wanted hardness, [min, max] Shore A; default [75, 98] when rubbery.',
  })
  shoreA: [number, number] | null = null;
}

/** How it must look. */
export class BriefLooks {
  @Choice(colours, { optional: true, doc: 'Colour; default mid.' }) colour: Colour = 'mid';
  @Flag({ optional: true, doc: 'See-through; default false.' }) clear = false;
  @Choice(finishes, { optional: true, doc: 'Surface; default any.' }) finish: (typeof finishes)[number] =
    'any';
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
    optional: true,
    nullable: true,
    doc: 'Most one may cost; default no limit.',
  })
  maxCostEach: number | null = null;
  @Quantity({ min: 1, max: 1e6, optional: true, doc: 'How many; default 1.' }) quantity = 1;
  @NumberMap(criterionIds, {
    min: 0,
    max: 5,
    optional: true,
    doc: 'Weights that the user set; the rest follow from the brief.',
  })
  weights: Partial<Record<CriterionId, number>> = {};
  @PairMap(criterionIds, {
    optional: true,
    doc: 'Points of a criterion that the user set, [unacceptable, comfortable] in its own unit; the rest follow from the brief.',
  })
  points: Partial<Record<CriterionId, [number, number]>> = {};
  @Choice(schools, { optional: true, doc: 'How to choose; default weighted.' }) school: School = 'weighted';
  @Choice(outdoorSchools, { optional: true, doc: 'Whose word counts outdoors; default laboratory.' })
  outdoorSchool: OutdoorSchool = 'laboratory';
}

/** The fields of a load that each case cannot do without. */
export const neededByCase: Record<LoadCase, readonly (keyof BriefLoad)[]> = {
  cantilever: ['forceN', 'lengthMm', 'widthMm', 'heightMm'],
  'simply-supported': ['forceN', 'lengthMm', 'widthMm', 'heightMm'],
  'fixed-fixed': ['forceN', 'lengthMm', 'widthMm', 'heightMm'],
  tension: ['forceN', 'widthMm', 'heightMm'],
  compression: ['forceN', 'widthMm', 'heightMm'],
  'direct-stress': ['stressMPa'],
  'snap-fit': ['lengthMm', 'undercutMm'],
  deceleration: ['massKg', 'decelerationG', 'lengthMm', 'widthMm', 'heightMm'],
  drop: ['massKg', 'heightM', 'widthMm', 'heightMm'],
};

/**
 * Reads a brief: defaults filled in, unknown fields refused, and what one field asks of another checked.
 * @throws InputError with every problem
 */
export function parseBrief(plain: unknown): Brief {
  const brief = parseInput(Brief, plain);
  const problems: Problem[] = brief.loads.flatMap((load, i) => {
    const missing = neededByCase[load.case]
      .filter(field => load[field] === null)
      .map(field => ({
        field: `loads[${i}].${field}`,
        value: load[field] ?? undefined,
        message: `is needed for the case ${load.case}`,
      }));
    if (load.case === 'snap-fit' && load.thicknessMm === null && load.heightMm === null)
      missing.push({
        field: `loads[${i}].thicknessMm`,
        value: undefined,
        message: 'is needed for the case snap-fit',
      });
    return missing;
  });
  const { setting, sourceC, partC, ambientMaxC, ambientMinC } = brief.heat;
  if (setting === 'near-source' && sourceC === null)
    problems.push({
      field: 'heat.sourceC',
      value: undefined,
      message: 'is needed near a source: what the part itself reaches, −50 to 400 °C',
    });
  if (setting === 'custom' && partC === null)
    problems.push({
      field: 'heat.partC',
      value: undefined,
      message: 'is needed for custom: the part temperature, −50 to 400 °C',
    });
  if (ambientMaxC !== null && ambientMinC !== null && ambientMinC > ambientMaxC)
    problems.push({
      field: 'heat.ambientMinC',
      value: ambientMinC,
      message: `must not be above heat.ambientMaxC (${ambientMaxC} °C)`,
    });
  brief.loads.forEach((load, i) => {
    if (load.forceLowN !== null && load.forceN !== null && load.forceLowN > load.forceN)
      problems.push({
        field: `loads[${i}].forceLowN`,
        value: load.forceLowN,
        message: `must not be above forceN (${load.forceN} N)`,
      });
  });
  for (const [id, [unacceptable, comfortable]] of Object.entries(brief.points) as [
    CriterionId,
    [number, number],
  ][]) {
    const wanted =
      id === 'flex' ? (brief.flex.want === 'rubbery' ? 'less' : 'more') : lessHelps.has(id) ? 'less' : 'more';
    if ((comfortable < unacceptable ? 'less' : 'more') !== wanted)
      problems.push({
        field: `points.${id}`,
        value: [unacceptable, comfortable],
        message: `must run ${wanted === 'less' ? 'down' : 'up'}: ${wanted} of it is better, so the comfortable point lies ${wanted === 'less' ? 'below' : 'above'} the unacceptable one`,
      });
  }
  if (problems.length) throw new InputError(problems);
  return brief;
}

/** A new brief with every default. */
export function newBrief(name: string): Brief {
  return parseBrief({ format: 'hornblende-brief', version: 1, name });
}
