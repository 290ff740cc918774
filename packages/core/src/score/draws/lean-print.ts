import { plateLengthMm } from '../../brief/size.js';
import { typical, type Family } from '../../materials/family.js';
import { asTried } from '../../materials/tried.js';
import { printEconomics } from '../../print/economics.js';
import { cornerFactor, liftChance, releasedPerMm } from '../../models/warp-lift-off.js';
import { warpBowOf } from '../../models/warp-bow.js';
import type { Context } from '../context.js';
import { expectedDeviationMm } from '../deviation.js';
import { LIFT_POINTS, LIFT_SHARE } from '../printability.js';
import { gaugeLeftOf } from '../../print/gauge-calibration.js';
import { successByRecord } from '../../print/success-record.js';
import { storedModulusMPa } from '../../print/stored-modulus.js';
import type { Candidate } from '../candidate.js';
import type { LeanPrint } from './drawn-parts.js';
import { slot } from './slots.js';
import { tabulated } from '../../lib/tabulated.js';

/** Makes a family’s printing ready for draws. */
export function leanPrint(ctx: Context, f: Family, candidate: Candidate): LeanPrint {
  const { brief } = ctx;
  const { bowInput, liftInput, pLift, modelSuccess, difficulty, economicsInput } = candidate.printing;
  const range = f.properties.solidificationC;
  const from = range?.low ?? 0;
  const to = range?.high ?? 0;
  // The bow and the film's mean strain are α·(a function of T_s) + s_c·(a constant).
  const unit = 1e-4;
  const film = { ...bowInput, heightMm: liftInput.heightMm };
  const thermal = { alphaPerK: unit, crystallisationStrain: 0 };
  const crystalline = { alphaPerK: 0, crystallisationStrain: 1 };
  const bowOf = tabulated(
    from,
    to,
    ts => warpBowOf({ ...bowInput, ...thermal, solidificationC: ts }).bowMm / unit,
  );
  const strainOf = tabulated(
    from,
    to,
    ts => warpBowOf({ ...film, ...thermal, solidificationC: ts }).meanStrain / unit,
  );
  const crystalBowMm = warpBowOf({ ...bowInput, ...crystalline }).bowMm;
  const crystalStrain = warpBowOf({ ...film, ...crystalline }).meanStrain;
  const storedOf = tabulated(
    from,
    to,
    ts => storedModulusMPa(f, bowInput.chamberC, ts) / typical(f, 'modulusMPa'),
  );
  // How much of the film is plastic, as its own input has it.
  const share = liftInput.modulusMPa / storedModulusMPa(f, bowInput.chamberC);
  const corner = cornerFactor(liftInput.sharpCorners, liftInput.filletMm);
  const certain = modelSuccess / (1 - LIFT_SHARE * pLift);
  // The printer's own record moves an estimate along a straight line.
  const record = ctx.printer?.record ?? null;
  const [neverDoes, everDoes] = [0, 1].map(p => successByRecord(p, record, candidate.family).success) as [
    number,
    number,
  ];
  const otherDifficulty = difficulty - LIFT_POINTS * pLift;
  const lengthMm = plateLengthMm(brief);
  const printerFlow = ctx.printer?.maxFlowMm3s ?? Infinity;
  const sAlpha = slot.alphaPerK;
  const sTs = slot.solidificationC;
  const sCrystal = slot.crystallisationStrain;
  const sE = slot.modulusMPa;
  const sRho = slot.densityGcm3;
  const sPrice = slot.pricePerKg;
  const sFlow = slot.maxFlowMm3s;
  const sWater = slot.waterUptakePct;
  const economics = { ...economicsInput };
  const deviation = {
    waterUptakePct: 0,
    alphaPerK: 0,
    solidificationC: 0,
    crystallisationStrain: 0,
    bowMm: 0,
    lengthMm,
    water: brief.water,
    bakedPct: candidate.baked?.shrinkagePct ?? 0,
    gauge: gaugeLeftOf(ctx.printer, f),
  };
  const self: LeanPrint = {
    bowMm: 0,
    success: 0,
    difficulty: 0,
    pLift: 0,
    massG: 0,
    costEach: 0,
    deviationMm: 0,
    of(v) {
      const alpha = v[sAlpha]!;
      const ts = v[sTs]!;
      const shrink = Number.isNaN(v[sCrystal]!) ? 0 : v[sCrystal]!;
      self.bowMm = alpha * bowOf(ts) + shrink * crystalBowMm;
      const meanStrain = alpha * strainOf(ts) + shrink * crystalStrain;
      const energy = releasedPerMm(v[sE]! * storedOf(ts) * share, meanStrain) * liftInput.heightMm;
      const lift = liftChance(energy * corner, liftInput.adhesionJm2);
      self.success = neverDoes + (everDoes - neverDoes) * certain * (1 - LIFT_SHARE * lift);
      self.pLift = lift;
      self.difficulty = otherDifficulty + LIFT_POINTS * lift;
      economics.densityGcm3 = v[sRho]!;
      economics.pricePerKg = v[sPrice]!;
      economics.maxFlowMm3s = Math.min(v[sFlow]!, printerFlow);
      economics.success = Math.max(0.05, self.success);
      const e = asTried(printEconomics(economics), f.tried);
      self.massG = e.massG;
      self.costEach = e.costEach;
      deviation.waterUptakePct = v[sWater]!;
      deviation.alphaPerK = alpha;
      deviation.solidificationC = ts;
      deviation.crystallisationStrain = shrink;
      deviation.bowMm = self.bowMm;
      self.deviationMm = f.tried?.deviationMm ?? expectedDeviationMm(deviation);
    },
  };
  return self;
}
