import { Flag, ListOf, Quantity, Text } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { lowerShare } from '../lib/distributions.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';
import {
  incidenceByMode,
  kaplanMeier,
  type IncidenceStep,
  type Lifetime,
  type SurvivalStep,
} from './kaplan-meier.js';
import { soundEnds } from './modes.js';
import { fitWeibull, type WeibullTime } from './weibull.js';

/** One part's time in service. */
export class ServiceRecord {
  @Quantity({ min: 0, max: 200, unit: 'a', doc: 'Years in service, until it ended or was last seen sound.' })
  years!: number;
  @Flag({ optional: true, doc: 'Whether its service ended then; default false.' }) ended = false;
  @Text({
    maxLength: 40,
    optional: true,
    nullable: true,
    doc: 'How it ended: deformed, brittle, cracked, faded, worn, chewed, other; lost or removed are no failures.',
  })
  mode: string | null = null;
  @Quantity({
    min: 0,
    max: 200,
    unit: 'a',
    optional: true,
    nullable: true,
    doc: 'When it was last seen sound, where the failure was found later; default null: it failed at that time.',
  })
  soundYears: number | null = null;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'How much it counts, 0 to 1; default 1.' }) weight = 1;
}

/** Input of `service.survival`. */
export class ServiceSurvivalInput {
  @ListOf(() => ServiceRecord, { max: 200_000, doc: 'The parts.' }) records!: ServiceRecord[];
  @Quantity({
    min: 0,
    max: 200,
    unit: 'a',
    optional: true,
    nullable: true,
    doc: 'Time that the lower bound is for; default null: the longest that every part which stands has reached.',
  })
  atYears: number | null = null;
}

/** Result of `service.survival`. */
export interface ServiceSurvivalResult {
  curve: SurvivalStep[];
  /** Null where fewer than two failures, or nothing that bounds the shape. Intervals are 95 %, by profile. */
  weibull: {
    shape: number;
    scale: number;
    shapeLow: number | null;
    shapeHigh: number | null;
    scaleLow: number | null;
    scaleHigh: number | null;
  } | null;
  /** Share that stands at {@link atYears}, at least, with 95 % confidence; null of none that has reached it. */
  lowerBound95: number | null;
  atYears: number;
  /** Parts that tell of that time, and how many of them stood it, by what they count. */
  reached: number;
  stood: number;
  /** Share that failed in each way by a time, the ways competing. */
  incidence: Record<string, IncidenceStep[]>;
  parts: number;
  failures: number;
}

/** Whether a record's end is a failure. */
export function isFailure({ ended, mode }: Pick<ServiceRecord, 'ended' | 'mode'>): boolean {
  return ended && !(mode !== null && soundEnds.has(mode));
}

/**
 * What parts in service tell: the share that stands over the years, a Weibull distribution, an exact lower bound, and
 * how those that failed did.
 */
export function serviceSurvival({ records, atYears }: ServiceSurvivalInput): ServiceSurvivalResult {
  const lives = records.map((r): Lifetime => ({
    ...{ years: foundYears(r), failed: isFailure(r), mode: r.mode, weight: r.weight },
  }));
  const at = atYears ?? timeOf(records);
  const telling = records.filter(r => tells(r, at));
  const counts = (list: readonly ServiceRecord[]): number => list.reduce((sum, r) => sum + r.weight, 0);
  const reached = counts(telling);
  const stood = counts(telling.filter(r => stands(r, at)));
  const fit = fitWeibull(
    records.map((r): WeibullTime => ({
      ...{ years: r.years, failed: isFailure(r), sinceYears: r.soundYears, weight: r.weight },
    })),
  );
  return {
    curve: kaplanMeier(lives),
    weibull: fit && {
      shape: fit.shape.typical,
      scale: fit.scale.typical,
      shapeLow: fit.shape.low,
      shapeHigh: fit.shape.high,
      scaleLow: fit.scale.low,
      scaleHigh: fit.scale.high,
    },
    lowerBound95: reached > 0 ? lowerShare(stood, reached, 0.95) : null,
    atYears: at,
    reached,
    stood,
    incidence: incidenceByMode(lives),
    parts: records.length,
    failures: lives.filter(l => l.failed).length,
  };
}

/** When a failure is taken to have come: in the middle between the last sound look and the one that found it. */
function foundYears(r: ServiceRecord): number {
  return isFailure(r) && r.soundYears !== null ? (r.soundYears + r.years) / 2 : r.years;
}

/** The longest time that every part which did not fail has reached; of none such, the longest of all. */
function timeOf(records: readonly ServiceRecord[]): number {
  const standing = records.filter(r => !isFailure(r)).map(r => r.years);
  if (standing.length) return Math.min(...standing);
  return records.length ? Math.max(...records.map(r => r.years)) : 0;
}

function stands(r: ServiceRecord, at: number): boolean {
  return isFailure(r) ? (r.soundYears ?? r.years) > at : r.years >= at;
}

/** A part tells of a time that it has reached, or before which it failed; one that went out of sight says nothing. */
function tells(r: ServiceRecord, at: number): boolean {
  return isFailure(r) || r.years >= at;
}

/** Parts under which a share is only a hint. */
const HINT_UNDER_PARTS = 5;

/** `service.survival`: what parts in service tell. */
export const serviceSurvivalModel = model({
  id: 'service.survival',
  title: 'How long parts stand in service',
  source:
    'Kaplan and Meier (1958) with Greenwood’s variance; Weibull by maximum likelihood with censoring and profile ' +
    'intervals (Meeker and Escobar 1998); exact lower bound (Clopper and Pearson 1934); competing ways by Aalen and ' +
    'Johansen (1978)',
  validity:
    'Parts that are alike in what they are asked; those lost from sight no likelier to have failed than others.',
  Input: ServiceSurvivalInput,
  compute(i: ServiceSurvivalInput) {
    const bad = i.records.findIndex(r => r.soundYears !== null && r.soundYears > r.years);
    if (bad >= 0)
      throw new InputError([
        {
          field: `records[${bad}].soundYears`,
          value: i.records[bad]!.soundYears,
          message: `must be at most its years, ${i.records[bad]!.years}`,
        },
      ]);
    const r = serviceSurvival(i);
    const warnings: string[] = [];
    if (r.parts < HINT_UNDER_PARTS) warnings.push(`Of ${r.parts} parts: a hint, no more.`);
    if (r.failures && !r.weibull) warnings.push('Too few failures for a distribution.');
    if (i.records.some(rec => isFailure(rec) && rec.soundYears !== null))
      warnings.push('Failures found between two looks stand in the middle of them on the curve.');
    const last = r.curve.at(-1);
    return {
      result: r,
      warnings,
      steps: [
        ...(last
          ? [
              step(
                'S',
                'Π (1 − d/n)',
                `${r.failures} of ${r.parts} failed by ${sig(last.years)} years`,
                last.survival,
                '',
              ),
            ]
          : []),
        ...(r.lowerBound95 === null
          ? []
          : [
              step(
                'S_low',
                'B⁻¹(0.05; k, n − k + 1)',
                `${r.stood} of ${r.reached} stood ${sig(r.atYears)} years`,
                r.lowerBound95,
                '',
              ),
            ]),
        ...(r.weibull
          ? [
              step('β', 'max L', interval(r.weibull.shapeLow, r.weibull.shapeHigh), r.weibull.shape, ''),
              step('η', 'max L', interval(r.weibull.scaleLow, r.weibull.scaleHigh), r.weibull.scale, 'a'),
            ]
          : []),
      ],
    };
  },
});

function interval(low: number | null, high: number | null): string {
  return `95 %: ${low === null ? 'no bound' : sig(low)} to ${high === null ? 'no bound' : sig(high)}`;
}
