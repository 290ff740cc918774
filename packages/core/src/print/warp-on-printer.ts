import type { Brief } from '../brief/brief.js';
import { plateLengthMm } from '../brief/size.js';
import { typical, type Family } from '../materials/family.js';
import { warpBowOf, type WarpBowInput, type WarpBowResult } from '../models/warp-bow.js';
import { liftOff, type WarpLiftOffInput } from '../models/warp-lift-off.js';
import type { Printer } from '../workshop/printer.js';
import { bestAdhesion, type Adhesion } from './adhesion.js';
import { storedModulusMPa } from './stored-modulus.js';

/** Air that a print stands in when no printer is named and the family asks for nothing warmer, °C. */
const ROOM_AIR_C = 28;

/** How a part of one family warps on one printer. */
export interface WarpOnPrinter {
  bow: WarpBowResult;
  bowInput: WarpBowInput;
  pLift: number;
  liftInput: WarpLiftOffInput;
  adhesion: Adhesion | null;
}

/** Warp of the part on a printer; without one, in the air the family asks for. */
export function warpOnPrinter(brief: Brief, f: Family, p: Printer | null): WarpOnPrinter {
  const g = brief.geometry;
  const lengthMm = plateLengthMm(brief);
  const bedMid = (f.windows.bedC.low + f.windows.bedC.high) / 2;
  const bowInput: WarpBowInput = {
    alphaPerK: typical(f, 'alphaPerK'),
    solidificationC: typical(f, 'solidificationC'),
    bedC: p ? Math.min(p.bedMaxC, bedMid) : bedMid,
    chamberC: p
      ? Math.min(p.chamberC, f.windows.chamberC.high)
      : Math.max(ROOM_AIR_C, f.windows.chamberC.low),
    heightMm: g.zMm,
    lengthMm,
    crystallisationStrain: f.properties.crystallisationStrain?.typical ?? 0,
    solidFraction: g.solidFraction,
  };
  const bow = warpBowOf(bowInput);
  const adhesion = bestAdhesion(f, p);
  // Thin-film lift-off holds for a film long against its height: beyond a quarter of the length the upper layers
  // no longer pull on the edge. An infilled part stores its share of a solid one's energy, and a plastic that is
  // soft while it contracts stores less: see storedModulusMPa.
  const liftInput: WarpLiftOffInput = {
    modulusMPa: storedModulusMPa(f, bowInput.chamberC) * g.solidFraction,
    meanStrain: bow.meanStrain,
    heightMm: Math.min(g.zMm, lengthMm / 4),
    adhesionJm2: adhesion?.energyJm2 ?? 1,
    sharpCorners: g.sharpCorners,
    filletMm: 0,
  };
  return { bow, bowInput, liftInput, pLift: liftOff(liftInput).pLift, adhesion };
}
