import { yearsWords } from '../lib/years-text.js';
import { isHeldLong } from '../brief/held.js';
import { effectiveColour } from '../brief/looks.js';
import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import type { PropertyName } from '../materials/property.js';
import { uvColourFactor } from '../materials/colours.js';
import { sig } from '../lib/figures.js';
import { contextOf } from '../score/context.js';
import { RIGID_MPA } from '../score/flexibility.js';

/**
 * What a brief asks of one property, in the property's own unit: a plain line to plot families against. The
 * gates judge more finely.
 */
export interface PropertyNeed {
  value: number;
  better: 'more' | 'less';
  why: string;
}

/**
 * What a brief asks of properties, where that can be said in one number each.
 * @param weather its own weather, for briefs that name one
 */
export function needsOf(
  brief: Brief,
  weather: Weather | null = null,
): Partial<Record<PropertyName, PropertyNeed>> {
  const ctx = contextOf(brief, null, weather);
  const { conditions: c, loads, safety } = ctx;
  const needs: Partial<Record<PropertyName, PropertyNeed>> = {};
  const top = (values: (number | null)[]): number => values.reduce<number>((m, v) => Math.max(m, v ?? 0), 0);
  const held = loads.some(isHeldLong) ? 10 : 0;
  const heat = {
    value: c.partMaxC + held,
    better: 'more' as const,
    why: `the part reaches ${sig(c.partMaxC, 3)} °C${held ? `, and is held under load: ${held} K more` : ''}`,
  };
  for (const name of ['hdt045C', 'hdt18C', 'vicatC', 'tgC'] as const) needs[name] = heat;
  const stress = top(loads.map(l => l.stressMPa)) * safety;
  if (stress > 0)
    needs.yieldMPa = {
      value: stress,
      better: 'more',
      why:
        `the worst load asks ${sig(stress / safety, 3)} MPa × ${safety} for safety, before heat, time ` +
        'and layers take their part',
    };
  const knock = top(loads.map(l => l.severityKJm2)) * safety;
  if (knock > 0)
    for (const name of ['charpy23KJm2', 'charpyMinus30KJm2'] as const)
      needs[name] = {
        value: knock,
        better: 'more',
        why: `the worst knock is ${sig(knock / safety, 2)} kJ/m² × ${safety} for safety`,
      };
  if (c.uvDoseMJm2 > 0)
    needs.uvHalfDoseMJm2 = {
      value: c.uvDoseMJm2 / uvColourFactor[effectiveColour(brief)],
      better: 'more',
      why: `half its toughness left after ${yearsWords(brief.lifeYears)} in this sun, in this colour`,
    };
  if (brief.mustFloat) needs.densityGcm3 = { value: 1, better: 'less', why: 'floats without sealed air' };
  if (brief.flex.want === 'rigid')
    needs.modulusMPa = { value: RIGID_MPA.comfortable, better: 'more', why: 'rigid' };
  const strain = top(loads.map(l => l.strainPct));
  if (strain > 0)
    for (const name of ['strainOncePct', 'strainRepeatedPct'] as const)
      needs[name] = { value: strain, better: 'more', why: `the snap finger strains ${sig(strain, 2)} %` };
  return needs;
}
