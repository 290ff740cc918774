import type { Brief } from '../../brief/brief.js';
import type { Family } from '../../materials/family.js';
import type { SpoolMoisture } from '../../workshop/spool.js';
import type { Printer } from '../../workshop/printer.js';
import type { WarpOnPrinter } from '../warp-on-printer.js';

/** The order in which a print is made ready, made, and taken off. */
export const recipeGroups = ['ready', 'heat', 'plate', 'motion', 'body', 'after'] as const;
/** A stage of a print. */
export type RecipeGroup = (typeof recipeGroups)[number];

/** Stages as they are called. */
export const recipeGroupNames: Record<RecipeGroup, string> = {
  ready: 'Make ready',
  heat: 'Heat',
  plate: 'On the plate',
  motion: 'Speed and air',
  body: 'Walls and inside',
  after: 'Afterwards',
};

/** One thing to set or do, and why. */
export interface RecipeLine {
  id: string;
  group: RecipeGroup;
  label: string;
  /** What to set or do, in words short enough for a glance. */
  value: string;
  why: string;
  /** The figure behind it and the range that works, where there is one. */
  set?: number;
  low?: number;
  high?: number;
  unit?: string;
}

/** All that a recipe follows from. */
export interface RecipeGround {
  brief: Brief;
  family: Family;
  printer: Printer | null;
  warp: WarpOnPrinter;
  /** Chance that it splits between its layers. */
  pSplit: number;
  /** The water in the spool that is meant, by its ledger; null where none is. */
  moisture: SpoolMoisture | null;
  /** What supports take, as the part is laid, g. */
  supportG: number;
  /** How long one layer takes on average, s. */
  layerS: number;
  /** What an oven makes of it, where it is judged as baked. */
  baked: { ovenC: number; hours: number; shrinkagePct: number } | null;
}

/** A rule that gives a line, or none where there is nothing to say. */
export type RecipeRule = (ground: RecipeGround) => RecipeLine | null;
