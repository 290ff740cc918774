import { climateKeys, type ClimateKey } from '../climate/climates.js';

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

/** Weights run from 0 to this. */
export const TOP_WEIGHT = 5;
