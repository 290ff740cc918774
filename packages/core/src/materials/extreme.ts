import type { Family } from './family.js';
import { eachProperty, type PropertyName } from './property.js';

/** Properties of which more helps a part; of the rest less does, save those below. */
const moreHelps: ReadonlySet<PropertyName> = new Set<PropertyName>([
  'modulusMPa',
  'yieldMPa',
  'zRatio',
  'elongationPct',
  'charpy23KJm2',
  'charpyMinus30KJm2',
  'charpyUnnotched23KJm2',
  'coldStrainShare',
  'unloadedC',
  'hdt045C',
  'hdt18C',
  'vicatC',
  'tgC',
  'uvHalfDoseMJm2',
  'fieldUvFactor',
  'wetFactor',
  'ageingIndexC',
  'waterHalfLifeY',
  'maxFlowMm3s',
  'strainOncePct',
  'strainRepeatedPct',
]);
/** Properties that are neither good nor bad in themselves. */
const neutral: ReadonlySet<PropertyName> = new Set<PropertyName>([
  'tmC',
  'shoreA',
  'shoreD',
  'dryC',
  'dryHours',
  'spoolLimitC',
  'printWaterPct',
  'solidificationC',
]);

/** Whether more or less of a property helps a part; null where neither does. */
export function helps(name: PropertyName): 'more' | 'less' | null {
  return neutral.has(name) ? null : moreHelps.has(name) ? 'more' : 'less';
}

const cache = new WeakMap<Family, Partial<Record<'worst' | 'best', Family>>>();

/**
 * A family with every property at the bad (or good) end of its range as its typical value: how poor or fine
 * a spool of it can be.
 */
export function extremeOf(f: Family, end: 'worst' | 'best'): Family {
  const known = cache.get(f) ?? {};
  const found = known[end];
  if (found) return found;
  const properties = eachProperty(name => {
    const p = f.properties[name];
    if (!p || neutral.has(name)) return p;
    return { ...p, typical: moreHelps.has(name) === (end === 'best') ? p.high : p.low };
  });
  const made = { ...f, properties };
  cache.set(f, { ...known, [end]: made });
  return made;
}
