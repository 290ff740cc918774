import { median } from 'simple-statistics';
import { Choice, ListOf, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** One touch of a durometer. */
export class DurometerReading {
  @Quantity({ min: 0, max: 100, doc: 'What it showed.' }) hardness!: number;
  @Quantity({
    min: 0,
    max: 120,
    unit: 's',
    optional: true,
    nullable: true,
    doc: 'Seconds after contact at which it was read; default null: at the time that is set.',
  })
  afterS: number | null = null;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Distance from the nearest edge; default null: far enough.',
  })
  edgeMm: number | null = null;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Distance from the nearest other place; default null: far enough.',
  })
  apartMm: number | null = null;
}

/** Input of `flex.reading`. */
export class FlexReadingInput {
  @Choice(['A', 'D'], { doc: 'Shore scale.' }) scale!: 'A' | 'D';
  @ListOf(() => DurometerReading, { max: 200, doc: 'Readings, in the order in which they were taken.' })
  readings!: DurometerReading[];
  @Quantity({
    min: 0.1,
    max: 100,
    unit: 'mm',
    optional: true,
    doc: 'Thickness of one layer of the stack; default 6.',
  })
  layerMm = 6;
  @Quantity({ min: 1, max: 20, whole: true, optional: true, doc: 'Layers in the stack; default 1.' })
  layers = 1;
  @Quantity({
    min: 0,
    max: 60,
    unit: 's',
    optional: true,
    doc: 'Time to read as set, for scale A; default 15. Scale D is always read after 15 s.',
  })
  readAfterS = 15;
}

/** A reading that was kept apart, and the rules that it breaks. */
export interface ApartReading {
  /** Its place among the readings. */
  index: number;
  hardness: number;
  rules: string[];
}

/** Result of `flex.reading`. */
export interface FlexReadingResult {
  /** Median of the readings that keep the rules; null while none does, or the stack is too thin. */
  hardness: number | null;
  accepted: number[];
  rejected: ApartReading[];
  thicknessMm: number;
  /** Readings still to take until there are five. */
  toTake: number;
  /** The scale that reads this best: the one in use from 20 to 90 of it. */
  useScale: 'A' | 'D';
}

/** The rules, as `MODELS` has them: ISO 868 in millimetres and seconds; ISO 868 itself allows 9 mm and 6 mm. */
const RULES = { thickMm: 6, edgeMm: 12, apartMm: 9, secondsD: 15, slackS: 1, readings: 5 } as const;
/** Where a scale reads well. */
const WELL = { from: 20, to: 90 } as const;

/** Judges readings by ISO 868: what breaks a rule is named and kept apart, the median of the rest counts. */
export function durometerReading(i: FlexReadingInput): FlexReadingResult {
  const thicknessMm = i.layerMm * i.layers;
  const thick = thicknessMm >= RULES.thickMm - 1e-9;
  const dueS = i.scale === 'D' ? RULES.secondsD : i.readAfterS;
  const judged = i.readings.map((r, index) => ({ index, hardness: r.hardness, rules: broken(r, dueS) }));
  const rejected = judged.filter(r => r.rules.length);
  const accepted = judged.filter(r => !r.rules.length).map(r => r.hardness);
  const middle = accepted.length ? median(accepted) : null;
  return {
    hardness: thick ? middle : null,
    accepted,
    rejected,
    thicknessMm,
    toTake: Math.max(0, RULES.readings - accepted.length),
    useScale: scaleFor(i.scale, middle),
  };
}

function broken(r: DurometerReading, dueS: number): string[] {
  const rules: string[] = [];
  if (r.edgeMm !== null && r.edgeMm < RULES.edgeMm)
    rules.push(`${sig(r.edgeMm)} mm from an edge: at least ${RULES.edgeMm} mm`);
  if (r.apartMm !== null && r.apartMm < RULES.apartMm)
    rules.push(`${sig(r.apartMm)} mm from another place: at least ${RULES.apartMm} mm`);
  if (r.afterS !== null && Math.abs(r.afterS - dueS) > RULES.slackS)
    rules.push(`read after ${sig(r.afterS)} s: ${sig(dueS)} s, give or take ${RULES.slackS} s`);
  return rules;
}

/** Over 90 A a blunt needle hardly sinks in, under 20 D a sharp one goes through: the other scale reads better. */
function scaleFor(scale: 'A' | 'D', hardness: number | null): 'A' | 'D' {
  if (hardness === null) return scale;
  if (scale === 'A' && hardness > WELL.to) return 'D';
  return scale === 'D' && hardness < WELL.from ? 'A' : scale;
}

/** `flex.reading`: a hardness by the rules. */
export const flexReadingModel = model({
  id: 'flex.reading',
  title: 'Shore hardness from readings',
  source:
    'ISO 868: at least 6 mm thick, stacked if need be, 15 s for D and as set for A, 12 mm from an edge, 9 mm ' +
    'apart, the median of five',
  validity: 'Flat, smooth faces on a hard table, at 23 °C.',
  Input: FlexReadingInput,
  compute(i: FlexReadingInput) {
    const r = durometerReading(i);
    const warnings: string[] = [];
    if (r.thicknessMm < RULES.thickMm - 1e-9)
      warnings.push(
        `${sig(r.thicknessMm)} mm thick: the table is felt under ${RULES.thickMm} mm. Stack ` +
          `${Math.ceil(RULES.thickMm / i.layerMm)} layers.`,
      );
    if (r.toTake && i.readings.length) warnings.push(`${r.toTake} more to take: the median wants five.`);
    if (r.useScale !== i.scale)
      warnings.push(
        r.useScale === 'D'
          ? 'Over 90 on scale A: read it on scale D.'
          : 'Under 20 on scale D: read it on scale A.',
      );
    else if (r.hardness !== null && i.scale === 'A' && r.hardness < WELL.from)
      warnings.push('Under 20 on scale A: softer than this scale tells well.');
    else if (r.hardness !== null && i.scale === 'D' && r.hardness > WELL.to)
      warnings.push('Over 90 on scale D: harder than this scale tells well.');
    return {
      result: r,
      warnings,
      steps: [
        step('h', 'layers × thickness', `${i.layers} × ${sig(i.layerMm)}`, r.thicknessMm, 'mm'),
        ...r.rejected.map(a =>
          step(`apart ${a.index + 1}`, a.rules.join('; '), '', a.hardness, `Shore ${i.scale}`),
        ),
        ...(r.hardness === null
          ? []
          : [step('H', 'median', r.accepted.map(h => sig(h)).join(', '), r.hardness, `Shore ${i.scale}`)]),
      ],
    };
  },
});
