import { helps } from './extreme.js';
import type { Family } from './family.js';
import { familyByKey } from './library.js';
import { propertyNames, type PropertyName } from './property.js';

/** What a filler did to one property of its base. */
export interface TradeLine {
  name: PropertyName;
  base: number;
  filled: number;
  ratio: number | null;
  verdict: 'gained' | 'given up' | 'changed';
}

/** Changes smaller than this share of the base are not worth a line. */
const LEAST_CHANGE_TOLD = 0.07;

/**
 * The filler's trade: what was gained and what given up against the base, the largest first; empty for an
 * unfilled family.
 */
export function fillerTrade(f: Family): TradeLine[] {
  const base = f.base ? familyByKey(f.base) : undefined;
  if (!base) return [];
  const lines = propertyNames.flatMap((name): (TradeLine & { size: number })[] => {
    const from = base.properties[name]?.typical;
    const to = f.properties[name]?.typical;
    if (from === undefined || to === undefined || from === to) return [];
    // Temperatures have no natural zero: their change is judged against 50 K.
    const thermal = /C$/.test(name);
    const size = thermal
      ? Math.abs(to - from) / 50
      : from > 0 && to > 0
        ? Math.abs(Math.log(to / from))
        : Math.abs(to - from);
    if (size < LEAST_CHANGE_TOLD) return [];
    const better = helps(name);
    return [
      {
        name,
        base: from,
        filled: to,
        ratio: thermal || from <= 0 ? null : to / from,
        verdict: better === null ? 'changed' : to > from === (better === 'more') ? 'gained' : 'given up',
        size,
      },
    ];
  });
  return lines.sort((a, b) => b.size - a.size).map(({ size: _size, ...line }) => line);
}

/**
 * How alike two families are: distance in stiffness, heat, toughness and stretch, each on the scale on
 * which plastics differ.
 */
function distance(a: Family, b: Family): number {
  const log = (f: Family, name: PropertyName): number =>
    Math.log(Math.max(1e-6, f.properties[name]?.typical ?? 1));
  const heat = ((a.properties.hdt045C?.typical ?? 0) - (b.properties.hdt045C?.typical ?? 0)) / 40;
  return Math.hypot(
    log(a, 'modulusMPa') - log(b, 'modulusMPa'),
    heat,
    log(a, 'charpy23KJm2') - log(b, 'charpy23KJm2'),
    (log(a, 'elongationPct') - log(b, 'elongationPct')) / 2,
  );
}

/** The families nearest to one: its base or what is made from it first, then those most like it. */
export function neighboursOf(f: Family, families: readonly Family[], count = 5): Family[] {
  const own = f.grade?.family ?? f.key;
  const kin = (g: Family): number => (g.key === f.base || g.key === own || g.base === own ? 0 : 1);
  return families
    .filter(g => g.key !== f.key && g.grade === null)
    .sort((a, b) => kin(a) - kin(b) || distance(f, a) - distance(f, b) || (a.key < b.key ? -1 : 1))
    .slice(0, count);
}
