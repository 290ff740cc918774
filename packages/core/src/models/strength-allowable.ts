import { FamilyKey } from '../materials/material-key.js';
import { Choice, Flag, NumberMap, Quantity } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { retentionAt } from '../materials/retention.js';
import { typical, type Family } from '../materials/family.js';
import { familyByKey, familyKeys } from '../materials/library.js';
import type { PropertyName, Range } from '../materials/property.js';
import { colours, type Colour } from '../materials/colours.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';
import { uvRetainedShare, uvSectionShare } from './uv-retained.js';

/** The properties that the allowable stress rests on. */
export const strengthProperties = [
  'yieldMPa',
  'zRatio',
  'timeSlope',
  'fatigueSlope',
  'uvHalfDoseMJm2',
  'wetFactor',
] as const satisfies readonly PropertyName[];

/** Input of `strength.allowable`. */
export class StrengthAllowableInput {
  @FamilyKey({ doc: 'Filament family.' }) family!: string;
  @Quantity({ min: -60, max: 400, unit: '°C', optional: true, doc: 'Part temperature; default 23.' })
  temperatureC = 23;
  @Flag({ optional: true, doc: 'Whether the load pulls the layers apart; default false.' }) acrossLayers =
    false;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'h',
    optional: true,
    doc: 'How long the load is held; default 0, a short pull.',
  })
  hours = 0;
  @Quantity({ min: 0, max: 1e10, optional: true, doc: 'Load cycles; default 1.' }) cycles = 1;
  @Quantity({ min: 0, max: 1e6, unit: 'MJ/m²', optional: true, doc: 'Ultraviolet dose; default 0.' })
  uvDoseMJm2 = 0;
  @Flag({ optional: true, doc: 'Whether the part is soaked; default false.' }) wet = false;
  @Choice(colours, { optional: true, doc: 'Colour, for the ultraviolet factor; default light.' })
  colour: Colour = 'light';
  @Quantity({
    min: 0.1,
    max: 1000,
    unit: 'mm',
    optional: true,
    doc: 'Wall thickness, for the ultraviolet factor; default 3.',
  })
  wallMm = 3;
  @Quantity({
    min: 0.01,
    max: 1,
    optional: true,
    doc: 'Strength of the printed section over a solid one; default 1.',
  })
  sectionFactor = 1;
  @NumberMap(strengthProperties, {
    min: 0,
    max: 1e5,
    optional: true,
    doc: "Values in place of the library's: a grade's own, or this workshop's.",
  })
  values: Partial<Record<(typeof strengthProperties)[number], number>> = {};
  @Quantity({
    min: 0,
    max: 5,
    optional: true,
    nullable: true,
    doc: "Share of strength left at the temperature, where it is not the family's; default from the family.",
  })
  retained: number | null = null;
}

/** The factors between a data-sheet strength and what a part may carry. */
export interface StrengthFactors {
  k_dir: number;
  k_T: number;
  k_time: number;
  k_cycles: number;
  k_uv: number;
  k_wet: number;
  k_section: number;
}

/** Result of `strength.allowable`. */
export interface StrengthAllowableResult {
  allowableMPa: number;
  yieldMPa: number;
  factors: StrengthFactors;
}

/** Factors are floored here: beyond, the part has failed and the fit means nothing. */
export const STRENGTH_FLOOR = 0.02;

/** Conditions under which a family carries load; as the input, without what names the filament. */
export type StrengthConditions = Omit<StrengthAllowableInput, 'family' | 'values' | 'retained'>;

/** The allowable stress of a family, MPa, and its factors. */
export function strengthAllowable(f: Family, c: StrengthConditions): StrengthAllowableResult {
  const surface = uvRetainedShare(c.uvDoseMJm2, typical(f, 'uvHalfDoseMJm2'), c.colour);
  const minutes = c.hours * 60;
  const factors: StrengthFactors = {
    k_dir: c.acrossLayers ? Math.min(1, typical(f, 'zRatio')) : 1,
    k_T: retentionAt(f.retention, c.temperatureC),
    k_time: minutes > 1 ? Math.max(STRENGTH_FLOOR, 1 - typical(f, 'timeSlope') * Math.log10(minutes)) : 1,
    k_cycles:
      c.cycles > 1 ? Math.max(STRENGTH_FLOOR, 1 - typical(f, 'fatigueSlope') * Math.log10(c.cycles)) : 1,
    k_uv: uvSectionShare(surface, c.wallMm),
    k_wet: c.wet ? Math.max(STRENGTH_FLOOR, typical(f, 'wetFactor')) : 1,
    k_section: c.sectionFactor,
  };
  const yieldMPa = typical(f, 'yieldMPa');
  const allowableMPa = Object.values(factors).reduce((product: number, k: number) => product * k, yieldMPa);
  return { allowableMPa, yieldMPa, factors };
}

/** A family with a grade's values in their places. */
function withOwnValues(f: Family, { values, retained }: StrengthAllowableInput): Family {
  const properties = { ...f.properties };
  for (const name of strengthProperties) {
    const p: Range | null = properties[name];
    const own = values[name];
    if (p && own !== undefined) properties[name] = { ...p, low: own, typical: own, high: own };
  }
  return { ...f, properties, retention: retained === null ? f.retention : [[23, retained]] };
}

/**
 * What `strength.allowable` needs to be told so that it judges a filament as the ranking does: the family, and whatever
 * of it is not as the library has it, be it a grade's, an oven's, the field's or this workshop's own.
 */
export function strengthInput(f: Family, c: StrengthConditions): Partial<StrengthAllowableInput> {
  const key = f.grade?.family ?? f.key;
  // Whoever judges a filament that the library does not have states all of it.
  const library = familyByKey(key);
  const own = strengthProperties.filter(n => !library || typical(f, n) !== typical(library, n));
  const retained = retentionAt(f.retention, c.temperatureC);
  const asInLibrary = library && retained === retentionAt(library.retention, c.temperatureC);
  return {
    family: key,
    ...c,
    ...(own.length ? { values: Object.fromEntries(own.map(n => [n, typical(f, n)])) } : {}),
    ...(asInLibrary ? {} : { retained }),
  };
}

/** The required factor of safety by what happens if the part fails. */
export const requiredSafety = { nothing: 1.2, annoys: 1.5, damages: 2, injures: 3 } as const;

/** `strength.allowable`: what stress a family may carry under service conditions. */
export const strengthAllowableModel = model({
  id: 'strength.allowable',
  title: 'Allowable stress under service conditions',
  source:
    'Product of reduction factors on the printed yield strength; retention, creep-rupture and ' +
    'fatigue slopes from the family’s data',
  validity: "Factors multiply as if independent; within the family's retention points.",
  Input: StrengthAllowableInput,
  compute(i: StrengthAllowableInput) {
    const family = familyByKey(i.family);
    if (!family)
      throw new InputError([
        { field: 'family', value: i.family, message: `must be one of ${familyKeys.join(', ')}` },
      ]);
    const f = withOwnValues(family, i);
    const result = strengthAllowable(f, i);
    const k = result.factors;
    const minutes = i.hours * 60;
    const warnings: string[] = [];
    const coldest = f.retention[0]?.[0] ?? 0;
    const hottest = f.retention[f.retention.length - 1]?.[0] ?? 0;
    if (i.temperatureC < coldest || i.temperatureC > hottest)
      warnings.push(`Retention is known from ${sig(coldest)} to ${sig(hottest)} °C; held flat beyond.`);
    return {
      result,
      warnings,
      steps: [
        step('σ_yield', 'typical, printed XY', f.name, result.yieldMPa, 'MPa'),
        step('k_dir', 'Z ratio across layers, else 1', i.acrossLayers ? 'across' : 'along', k.k_dir, ''),
        step('k_T', "the family's retention points", `${sig(i.temperatureC)} °C`, k.k_T, ''),
        step(
          'k_time',
          '1 − m·log₁₀(minutes)',
          minutes > 1 ? `1 − ${sig(typical(f, 'timeSlope'))} × log₁₀(${sig(minutes)})` : 'not held',
          k.k_time,
          '',
        ),
        step(
          'k_cycles',
          '1 − m_f·log₁₀(N)',
          i.cycles > 1 ? `1 − ${sig(typical(f, 'fatigueSlope'))} × log₁₀(${sig(i.cycles)})` : 'one pull',
          k.k_cycles,
          '',
        ),
        step(
          'k_uv',
          '1 − (1 − r)·min(1, 0.5/t)',
          `r after ${sig(i.uvDoseMJm2)} MJ/m², t = ${sig(i.wallMm)} mm`,
          k.k_uv,
          '',
        ),
        step('k_wet', 'wet factor if soaked, else 1', i.wet ? 'soaked' : 'dry', k.k_wet, ''),
        step('k_section', 'printed section over solid', sig(i.sectionFactor), k.k_section, ''),
        step(
          'σ_allow',
          'σ_yield·k_dir·k_T·k_time·k_cycles·k_uv·k_wet·k_section',
          [result.yieldMPa, ...Object.values(k)].map((x: number) => sig(x, 3)).join(' × '),
          result.allowableMPa,
          'MPa',
        ),
      ],
    };
  },
});
