import { coolingInputOf, layerCooling, type PrintCoolingInput } from '../print/layer-cooling.js';
import { AIR_K } from './warp-mitigations.js';
import { liftsFromMm, warpOutcome, type WarpOutcome, type WarpSetup } from './warp-outcome.js';

/** A print in one air: how it warps there, and how long its layers stay soft. */
export interface WarpInAir {
  label: string;
  airC: number;
  outcome: WarpOutcome;
  /** Height at which a corner is as likely to lift as not, mm; null where none is reached. */
  liftsFromMm: number | null;
  cooling: PrintCoolingInput;
  /** Seconds until a line has set: smaller layers lose their corners; null where it never does. */
  setsInS: number | null;
}

/** What air a print stands in with the door of its enclosure open, and what a cabinet makes of it, °C. */
const DOOR_OPEN_C = 30;
const ENCLOSED_C = 45;

/** The airs that a print can be given on its printer, side by side: door open, closed, preheated; or covered. */
export function warpInAirs(setup: WarpSetup): WarpInAir[] {
  const { printer } = setup;
  if (!printer) return [];
  const airs: [string, number][] =
    printer.chamber === 'open'
      ? [
          ['as it stands', printer.chamberC],
          ['covered', printer.chamberC + AIR_K.cover],
          ['in a cabinet', Math.max(ENCLOSED_C, printer.chamberC)],
        ]
      : [
          ['door open', Math.min(DOOR_OPEN_C, printer.chamberC)],
          ['door closed', printer.chamberC],
          ['closed and preheated', printer.chamberC + AIR_K.preheat],
        ];
  return airs.map(([label, airC]) => inAir(setup, label, airC));
}

function inAir(setup: WarpSetup, label: string, airC: number): WarpInAir {
  const there = { ...setup, tweaks: { ...setup.tweaks, airC } };
  const cooling = coolingInputOf(setup.family, setup.brief.print, airC);
  return {
    label,
    airC,
    outcome: warpOutcome(there),
    liftsFromMm: liftsFromMm(there),
    cooling,
    setsInS: layerCooling(cooling).seconds,
  };
}
