import { climateKeys, type ClimateKey } from '../climate/climates.js';

export { criterionIds, type CriterionId } from '../lib/criterion-ids.js';

/** What a part may be for. */
export const purposes = ['functional', 'decorative', 'prototype', 'dissolving-support'] as const;

/** What may happen if a part fails, mildest first. */
export const consequences = ['nothing', 'annoys', 'damages', 'injures'] as const;

/** How long or how often a load acts. */
export const loadKinds = ['sustained', 'short', 'cyclic', 'impact'] as const;

/** How a loaded member may be held. */
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
  'clamp',
  'insert',
] as const;

/** Where a part may live, as far as its heat goes. */
export const heatSettings = ['indoors', 'outdoors', 'closed-vehicle', 'near-source', 'custom'] as const;

/** How wet a part may get. */
export const waters = ['dry', 'humid', 'rain', 'immersed'] as const;

/** What food a part may touch. */
export const foods = ['none', 'dry', 'wet'] as const;

/** How a part may have to bend. */
export const flexWants = ['rigid', 'springy', 'hinge', 'rubbery'] as const;

/** What rubs on a part. */
export const wears = ['none', 'sliding', 'gear'] as const;

/** What electricity a part meets. */
export const electricals = ['none', 'low-voltage', 'mains', 'static-safe', 'radio'] as const;

/** What a part may have to hold in, or out. */
export const seals = ['none', 'water', 'gas', 'fuel'] as const;

/** What is held of rubber in a hot car: where practitioners disagree. */
export const rubberPositions = ['holds', 'dead'] as const;

/** What is held of rubber in a hot car. */
export type RubberPosition = (typeof rubberPositions)[number];

/** Whether a part may be baked. */
export const bakeChoices = ['never', 'if-needed'] as const;

/** How fair a surface may have to be. */
export const finishes = ['any', 'fair', 'fine'] as const;
/** What else a surface may be wished to be. */
export const surfaceWishes = [
  'gloss',
  'matt',
  'line-free',
  'textured',
  'paintable',
  'dyeable',
  'smoothable',
  'sealed',
] as const;
/** Ways to a surface. */
export const surfaceRouteIds = [
  'as-printed',
  'smooth-plate',
  'textured-plate',
  'roughened-skin',
  'thin-layers',
  'tight-walls',
  'sanded',
  'solvent',
  'flamed',
  'painted',
  'dyed',
  'coated',
] as const;

/** Ways to choose. */
export const schools = ['weighted', 'step-up', 'weakest-link'] as const;

/** Whose word may count outdoors. */
export const outdoorSchools = ['laboratory', 'field'] as const;

/** Where the weather comes from: a shipped climate, or hourly weather of one's own. */
export const climateChoices = [...climateKeys, 'own'] as const;

/** A shipped climate, or weather of one’s own. */
export type ClimateChoice = ClimateKey | 'own';

/** What a part is for. */
export type Purpose = (typeof purposes)[number];

/** What happens if a part fails. */
export type Consequence = (typeof consequences)[number];

/** How long or how often a load acts. */
export type LoadKind = (typeof loadKinds)[number];

/** How a loaded member is held. */
export type LoadCase = (typeof loadCases)[number];

/** Where a part lives, as far as its heat goes. */
export type HeatSetting = (typeof heatSettings)[number];

/** How wet a part gets. */
export type Water = (typeof waters)[number];

/** How a part has to bend. */
export type FlexWant = (typeof flexWants)[number];

/** A way to choose. */
export type School = (typeof schools)[number];

/** Whose word counts outdoors. */
export type OutdoorSchool = (typeof outdoorSchools)[number];

/** What rubs on a part. */
export type Wear = (typeof wears)[number];

/** A way to a surface. */
export type SurfaceRouteId = (typeof surfaceRouteIds)[number];
/** A wish of how a surface is to be. */
export type SurfaceWish = (typeof surfaceWishes)[number];
/** What a part has to hold in, or out. */
export type Seal = (typeof seals)[number];

/** What electricity a part meets. */
export type Electrical = (typeof electricals)[number];

/** Whether a part may be baked. */
export type BakeChoice = (typeof bakeChoices)[number];

/** Weights run from 0 to this. */
export const TOP_WEIGHT = 5;
