import { Quantity } from '../input/fields.js';
import { model, step } from '../models/model.js';
import { typical, type Family } from '../materials/family.js';
import { sig } from '../lib/figures.js';
import { USUAL_RATES } from '../workshop/unsaid.js';

/** Input of `print.economics`. */
export class PrintEconomicsInput {
  @Quantity({ min: 0.0001, max: 1e6, unit: 'cm³', doc: 'Volume of the model.' }) volumeCm3!: number;
  @Quantity({ min: 0.01, max: 1, optional: true, doc: 'Share of it that is plastic; default 0.4.' })
  solidFraction = 0.4;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'cm³',
    optional: true,
    doc: 'Room under what hangs over, which supports fill in part; default 0.',
  })
  supportCm3 = 0;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'cm³',
    optional: true,
    doc: 'Plastic of brim and discs, which are cut away; default 0.',
  })
  aidCm3 = 0;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'h',
    optional: true,
    doc: 'Hours of the machine beside the print: preheating, cooling, a slow first layer; default 0.',
  })
  aidHours = 0;
  @Quantity({ min: 0.1, max: 25, unit: 'g/cm³', doc: 'Density.' }) densityGcm3!: number;
  @Quantity({ min: 0, max: 1e5, unit: 'per kg', doc: 'Price of the filament.' }) pricePerKg!: number;
  @Quantity({
    min: 0.1,
    max: 200,
    unit: 'mm³/s',
    doc: 'Melt flow limit: the lesser of filament and hot end.',
  })
  maxFlowMm3s!: number;
  @Quantity({ min: 1, max: 1000, unit: 'mm/s', optional: true, doc: 'Print speed; default 60.' }) speedMmS =
    60;
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Line width; default 0.45.' }) lineMm = 0.45;
  @Quantity({ min: 0.04, max: 1, unit: 'mm', optional: true, doc: 'Layer height; default 0.2.' }) layerMm =
    0.2;
  @Quantity({ min: 0.1, max: 2000, unit: 'mm', optional: true, doc: 'Height of the part; default 20.' })
  heightMm = 20;
  @Quantity({ min: 0, max: 1000, unit: 'per h', optional: true, doc: 'Machine hour; default 0.5.' })
  machinePerHour = USUAL_RATES.machinePerHour;
  @Quantity({ min: 0, max: 1e5, optional: true, doc: 'Labour for one print; default 1.' })
  labour = USUAL_RATES.labourEach;
  @Quantity({ min: 0.01, max: 1, optional: true, doc: 'Chance that a print succeeds; default 1.' }) success =
    1;
  @Quantity({
    min: 0.001,
    max: 1000,
    optional: true,
    doc: 'How long prints take on this printer against what is expected, by its own log; default 1.',
  })
  timeFactor = 1;
}

/** Result of `print.economics`, for one part. */
export interface PrintEconomicsResult {
  massG: number;
  /** What supports, brim and discs take besides; it is thrown away. */
  supportG: number;
  /** By the printer’s own record. */
  hours: number;
  /** As the models alone have it. */
  modelHours: number;
  costEach: number;
  flowMm3s: number;
}

/** Share of the time that goes into travel and retraction on top of extrusion. */
const TRAVEL = 0.25;
/** Share of the room under an overhang that a support fills: sparse lines under a dense roof; an estimate. */
const SUPPORT_SHARE = 0.18;
/** Seconds a layer change takes. */
const LAYER_SECONDS = 2;

/** The flow at which a family prints: its own limit, the hot end's, or the line speed, mm³/s. */
export function printFlowMm3s(
  f: Family,
  printer: { maxFlowMm3s: number } | null,
  { lineMm, layerMm }: { lineMm: number; layerMm: number },
): number {
  return Math.min(
    typical(f, 'maxFlowMm3s'),
    printer?.maxFlowMm3s ?? Infinity,
    usualSpeedMmS(f) * lineMm * layerMm,
  );
}

/** The middle of a family's speeds, mm/s. */
export function usualSpeedMmS(f: Family): number {
  return (f.windows.speedMmS.low + f.windows.speedMmS.high) / 2;
}

/** Mass, time and cost of one part. */
export function printEconomics(i: PrintEconomicsInput): PrintEconomicsResult {
  const partMm3 = i.volumeCm3 * 1000 * i.solidFraction;
  const supportMm3 = i.supportCm3 * 1000 * SUPPORT_SHARE + i.aidCm3 * 1000;
  const plasticMm3 = partMm3 + supportMm3;
  const massG = (partMm3 / 1000) * i.densityGcm3;
  const supportG = (supportMm3 / 1000) * i.densityGcm3;
  const flowMm3s = Math.min(i.maxFlowMm3s, i.speedMmS * i.lineMm * i.layerMm);
  const modelHours =
    ((plasticMm3 / flowMm3s) * (1 + TRAVEL) + (i.heightMm / i.layerMm) * LAYER_SECONDS) / 3600;
  const hours = modelHours * i.timeFactor + i.aidHours;
  const costEach =
    (((massG + supportG) / 1000) * i.pricePerKg + hours * i.machinePerHour + i.labour) / i.success;
  return { massG, supportG, hours, modelHours, costEach, flowMm3s };
}

/** `print.economics`: mass, time and cost of one printed part. */
export const printEconomicsModel = model({
  id: 'print.economics',
  title: 'Mass, time and cost of one part',
  source:
    'Volume over the slower of melt flow and line speed; a quarter more for travel, 2 s a layer; ' +
    'spread over the prints that succeed',
  validity: 'Single parts; speeds as the slicer sets them.',
  Input: PrintEconomicsInput,
  compute(i: PrintEconomicsInput) {
    const r = printEconomics(i);
    return {
      result: r,
      warnings: [],
      steps: [
        step(
          'm',
          'V·φ·ρ',
          `${sig(i.volumeCm3)} × ${sig(i.solidFraction)} × ${sig(i.densityGcm3)}`,
          r.massG,
          'g',
        ),
        ...(i.supportCm3 > 0 || i.aidCm3 > 0
          ? [
              step(
                'm_s',
                `(V_s·${SUPPORT_SHARE} + V_b)·ρ`,
                `(${sig(i.supportCm3)} × ${SUPPORT_SHARE} + ${sig(i.aidCm3)}) × ${sig(i.densityGcm3)}`,
                r.supportG,
                'g',
              ),
            ]
          : []),
        step(
          'Q',
          'min(Q_max, v·w·h)',
          `min(${sig(i.maxFlowMm3s)}, ${sig(i.speedMmS)} × ${sig(i.lineMm)} × ${sig(i.layerMm)})`,
          r.flowMm3s,
          'mm³/s',
        ),
        step(
          't',
          '(V·φ + V_s)/Q·1.25 + layers·2 s',
          `${sig(((r.massG + r.supportG) / i.densityGcm3) * 1000)}/${sig(r.flowMm3s)} × 1.25 s + ` +
            `${sig(i.heightMm / i.layerMm)} × 2 s`,
          r.modelHours,
          'h',
        ),
        ...(i.timeFactor === 1 && i.aidHours === 0
          ? []
          : [
              step(
                't_p',
                't·k + t_aids',
                `${sig(r.modelHours)} × ${sig(i.timeFactor)} + ${sig(i.aidHours)}`,
                r.hours,
                'h',
              ),
            ]),
        step(
          'cost',
          '((m + m_s)·price + t·machine + labour)/p',
          `(${sig((r.massG + r.supportG) / 1000)} × ${sig(i.pricePerKg)} + ${sig(r.hours)} × ` +
            `${sig(i.machinePerHour)} + ${sig(i.labour)}) / ${sig(i.success)}`,
          r.costEach,
          '',
        ),
      ],
    };
  },
});
