import type { Brief } from '../brief/brief.js';
import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { typical, type Family } from '../materials/family.js';
import { model, step } from '../models/model.js';

/** Input of `print.cooling`. */
export class PrintCoolingInput {
  @Quantity({ min: 150, max: 500, unit: '°C', doc: 'Nozzle temperature.' }) nozzleC!: number;
  @Quantity({ min: -50, max: 450, unit: '°C', doc: 'Solidification temperature.' }) solidificationC!: number;
  @Quantity({ min: -20, max: 250, unit: '°C', doc: 'Air around the print.' }) airC!: number;
  @Quantity({ min: 0, max: 100, unit: '%', optional: true, doc: 'Fan; default 0.' }) fanPct = 0;
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Line width; default 0.45.' }) lineMm = 0.45;
  @Quantity({ min: 0.04, max: 1, unit: 'mm', optional: true, doc: 'Layer height; default 0.2.' }) layerMm =
    0.2;
}

/** Result of `print.cooling`. */
export interface PrintCoolingResult {
  /** Seconds until a line has set; null where the air is too warm for it ever to. */
  seconds: number | null;
  timeConstantS: number;
}

/** Heat that a cubic metre of plastic holds, J/(m³·K): density times specific heat, alike for most plastics. */
const HEAT_J_M3K = 1.9e6;
/** Heat that goes into still air, and that the whole fan adds, W/(m²·K); estimates for a line's width. */
const INTO_AIR = { still: 15, fan: 60 };

/**
 * How long a fresh line takes to set: a lump that cools by its top and one side (Newton), τ = ρ·c·A/(h·perimeter), t =
 * τ·ln((T_n − T_a)/(T_s − T_a)). A layer laid sooner than that lands on soft plastic, and its corners go round.
 */
export function layerCooling(i: PrintCoolingInput): PrintCoolingResult {
  const h = INTO_AIR.still + (INTO_AIR.fan * i.fanPct) / 100;
  const perMm = (i.lineMm * i.layerMm) / (i.lineMm + i.layerMm);
  const timeConstantS = (HEAT_J_M3K * perMm) / 1000 / h;
  const sets = i.solidificationC > i.airC;
  return {
    timeConstantS,
    seconds: sets ? timeConstantS * Math.log((i.nozzleC - i.airC) / (i.solidificationC - i.airC)) : null,
  };
}

/** What a line of a family cools from and into, at the middle of its windows. */
export function coolingInputOf(
  f: Family,
  { lineMm, layerMm }: Pick<Brief['print'], 'lineMm' | 'layerMm'>,
  airC: number,
): PrintCoolingInput {
  const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2;
  return Object.assign(new PrintCoolingInput(), {
    nozzleC: middle(f.windows.nozzleC),
    solidificationC: typical(f, 'solidificationC'),
    airC,
    fanPct: middle(f.windows.fanPct),
    lineMm,
    layerMm,
  });
}

/** `print.cooling`: how long a layer takes to set, and with it how small a part keeps its corners. */
export const printCoolingModel = model({
  id: 'print.cooling',
  title: 'How long a layer takes to set',
  source:
    'Lumped cooling of a line by its top and one side: τ = ρ·c·A/(h·perimeter), ρ·c 1.9 MJ/(m³·K), h = 15 + 60·fan ' +
    'W/(m²·K); t = τ·ln((T_n − T_a)/(T_s − T_a))',
  validity: 'A single wall of a small part; an estimate, for comparing airs and fans.',
  Input: PrintCoolingInput,
  compute(i: PrintCoolingInput) {
    const result = layerCooling(i);
    return {
      result,
      warnings: result.seconds === null ? ['The air is as warm as the plastic sets: it stays soft.'] : [],
      steps: [
        step(
          'h',
          '15 + 60·fan',
          `15 + 60 × ${sig(i.fanPct / 100)}`,
          INTO_AIR.still + (INTO_AIR.fan * i.fanPct) / 100,
          'W/(m²·K)',
        ),
        step(
          'τ',
          'ρ·c·w·t/(h·(w + t))',
          `1.9e6 × ${sig(i.lineMm)} × ${sig(i.layerMm)} / (h × ${sig(i.lineMm + i.layerMm)}) / 1000`,
          result.timeConstantS,
          's',
        ),
        ...(result.seconds === null
          ? []
          : [
              step(
                't',
                'τ·ln((T_n − T_a)/(T_s − T_a))',
                `${sig(result.timeConstantS)} × ln(${sig(i.nozzleC - i.airC)}/${sig(i.solidificationC - i.airC)})`,
                result.seconds,
                's',
              ),
            ]),
      ],
    };
  },
});
