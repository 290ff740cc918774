import type { Brief } from '../brief/brief.js';
import { plateLengthMm } from '../brief/size.js';
import { footFillAt } from '../geometry/foot-fill.js';
import { typical, type Family } from '../materials/family.js';
import { SOLID_EXPONENT, warpBowOf, type WarpBowInput, type WarpBowResult } from '../models/warp-bow.js';
import { liftOff, type WarpLiftOffInput } from '../models/warp-lift-off.js';
import { plateLift, WarpPlateLiftInput, type WarpPlateLiftResult } from '../models/warp-plate-lift.js';
import { OPEN_AIR_C, type Printer } from '../workshop/printer.js';
import { aidTweaks } from './aid-effects.js';
import { bestAdhesion, type Adhesion } from './adhesion.js';
import { reachesRim } from './plate-turn.js';
import { storedModulusMPa } from './stored-modulus.js';
import { warpCalibrationFor } from './warp-calibration.js';
import { bothTweaks, type WarpTweaks } from './warp-tweaks.js';

/** How a part of one family warps on one printer. */
export interface WarpOnPrinter {
  bow: WarpBowResult;
  bowInput: WarpBowInput;
  pLift: number;
  liftInput: WarpLiftOffInput;
  adhesion: Adhesion | null;
  /** Whether the plate itself lifts off; null where no magnets hold it. */
  plateLift: (WarpPlateLiftResult & { input: WarpPlateLiftInput }) | null;
}

/** Kelvins that a bed may fall short of a family's window before its hold is down by a factor e. */
const COLD_BED_K = 20;
/** What is left of adhesion at the rim of a bed that is heated in its middle. */
const COOL_RIM = 0.7;
/**
 * Beyond this share of its length, or this height, a part's upper layers no longer pull on its edge. A thin part pulls
 * harder than its height says, for it cools from above as well: its film grows to the full height as
 * 1 − e^{−height/8 mm}. Estimates, set so that flat plates lift as practice has it.
 */
const FILM = { share: 0.2, mostMm: 21.8, growsMm: 8 };

/** The height of the layer that pulls on the plate's edge, mm. */
function filmHeightMm(heightMm: number, pieceMm: number): number {
  const most = Math.min(pieceMm * FILM.share, FILM.mostMm);
  return most * (1 - Math.exp(-heightMm / FILM.growsMm));
}

/** Beds are set in steps of this, K. */
const BED_STEP_K = 5;

/** The bed a family is printed on, °C: the middle of its window as one sets it, as far as the printer reaches. */
function bedOf(f: Family, p: Printer | null): number {
  const middle = (f.windows.bedC.low + f.windows.bedC.high) / 2;
  const wanted = BED_STEP_K * Math.round(middle / BED_STEP_K);
  return p ? Math.min(Math.max(p.bedMaxC, p.chamberC), wanted) : wanted;
}

/** The air around the print, °C. */
function airOf(f: Family, p: Printer | null): number {
  return p ? Math.min(p.chamberC, f.windows.chamberC.high) : Math.max(OPEN_AIR_C, f.windows.chamberC.low);
}

/** What is left of a plate's hold on a bed that is too cold, and where the part reaches its cool rim. */
function holdLeft(brief: Brief, f: Family, p: Printer | null, bedC: number, { offRim }: WarpTweaks): number {
  const shortK = f.flags.coldBed ? 0 : Math.max(0, f.windows.bedC.low - bedC);
  const cold = Math.exp(-shortK / COLD_BED_K);
  return cold * (p && !offRim && reachesRim(brief, p) ? COOL_RIM : 1);
}

/** A brim of this width doubles the hold of an edge, and halves what a corner adds; an estimate. */
const BRIM_DOUBLES_MM = 8;

/** How much better an edge holds with a brim: the crack begins under a single layer at its rim, 1 + w/8 mm. */
function brimHolds(widthMm: number): number {
  return 1 + widthMm / BRIM_DOUBLES_MM;
}

/** The fillet that would round a corner as much as a brim does: `1 + 0.6·e^(−r/4)` falls towards 1 as w grows, mm. */
function brimAsFilletMm(widthMm: number): number {
  return 4 * Math.log(brimHolds(widthMm));
}

/** Warp of the part on a printer; without one, in the air the family asks for. */
export function warpOnPrinter(
  brief: Brief,
  f: Family,
  p: Printer | null,
  solidFraction: number,
  more: WarpTweaks = {},
): WarpOnPrinter {
  const tweaks = bothTweaks(aidTweaks(brief.print.aids, f, p), more);
  const g = brief.geometry;
  const lengthMm = plateLengthMm(brief);
  const calibration = warpCalibrationFor(p, f);
  const bowInput: WarpBowInput = {
    alphaPerK: typical(f, 'alphaPerK'),
    solidificationC: typical(f, 'solidificationC'),
    bedC: tweaks.bedC ?? bedOf(f, p),
    chamberC: tweaks.airC ?? airOf(f, p),
    heightMm: g.zMm,
    lengthMm,
    crystallisationStrain: f.properties.crystallisationStrain?.typical ?? 0,
    solidFraction,
    scale: (calibration?.scale ?? 1) * (tweaks.bowShare ?? 1),
    solidExponent: calibration?.solidExponent ?? SOLID_EXPONENT,
  };
  const bow = warpBowOf(bowInput);
  const pieceMm = Math.min(lengthMm, tweaks.pieceMm ?? lengthMm);
  const filmMm = filmHeightMm(g.zMm, pieceMm);
  const adhesion = bestAdhesion(f, p);
  // Thin-film lift-off holds for a film long against its height: only the lower layers of a tall part pull
  // on its edge, and their strain is what counts. An infilled part stores its share of a solid one's energy, an
  // open box over its footprint that of its walls and floor, and a plastic that is soft while it contracts less:
  // see storedModulusMPa.
  const full = g.footFill ? footFillAt(g.footFill, filmMm) : 1;
  const liftInput: WarpLiftOffInput = {
    modulusMPa: storedModulusMPa(f, bowInput.chamberC) * solidFraction * full,
    meanStrain: warpBowOf({ ...bowInput, heightMm: filmMm }).meanStrain,
    heightMm: filmMm,
    adhesionJm2:
      (adhesion?.energyJm2 ?? 1) *
      holdLeft(brief, f, p, bowInput.bedC, tweaks) *
      (tweaks.holdFactor ?? 1) *
      brimHolds(tweaks.brimMm ?? 0),
    sharpCorners: tweaks.cornersHeld ? 0 : g.sharpCorners,
    filletMm: (tweaks.filletMm ?? 0) + brimAsFilletMm(tweaks.brimMm ?? 0),
  };
  return {
    ...{ bow, bowInput, liftInput, pLift: liftOff(liftInput).pLift, adhesion },
    plateLift: plateOffMagnets(p, bow, {
      ...{ modulusMPa: liftInput.modulusMPa, heightMm: g.zMm },
      ...{ lengthMm: pieceMm, widthMm: Math.min(g.xMm, g.yMm) },
    }),
  };
}

/** Whether the part lifts the plate off the magnets of a printer; null where none hold it. */
function plateOffMagnets(
  p: Printer | null,
  { meanStrain, curvaturePerMm }: WarpBowResult,
  size: Pick<WarpPlateLiftInput, 'modulusMPa' | 'heightMm' | 'lengthMm' | 'widthMm'>,
): WarpOnPrinter['plateLift'] {
  if (p?.magnetsKPa == null) return null;
  const input = Object.assign(new WarpPlateLiftInput(), {
    ...size,
    ...{ meanStrain, curvaturePerMm, holdKPa: p.magnetsKPa },
  });
  return { ...plateLift(input), input };
}
