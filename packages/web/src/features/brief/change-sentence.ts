import type { BriefChange, BriefGeometry, BriefLoad } from '@hornblende/core/brief';
import type { UnitSystem } from '@hornblende/core/units';
import { shownValue } from '../part/shown-value';

/** The unit at the end of a label, which stands beside the figures themselves: "Load 1, force, N". */
const UNIT = /, (?:mm|mm²|cm³|N|MPa|g|kg|m|m\/s|°C|%|g₀)$/;

/** What of a load is told where the whole load came or went. */
const LOAD_FIELDS = [
  'kind',
  'case',
  'forceN',
  'massKg',
  'lengthMm',
] as const satisfies readonly (keyof BriefLoad)[];

function loadBriefly(load: BriefLoad, path: string, system: UnitSystem): string {
  return LOAD_FIELDS.filter(name => load[name] !== null)
    .map(name => shownValue(`${path}.${name}`, load[name], system))
    .join(', ');
}

/**
 * A change of a brief as a sentence, in the reader’s units.
 * @example changeSentence({ path: 'loads.0.forceN', label: 'Load 1, force, N', from: 3, to: 4 }, 'metric');
 * // 'Load 1, force: 3 N → 4 N'
 */
export function changeSentence({ path, label, from, to }: BriefChange, system: UnitSystem): string {
  if (path === 'geometry') return `Shape taken from ${(to as BriefGeometry).file}`;
  if (/^loads\.\d+$/.test(path)) {
    const came = from === undefined;
    const load = (came ? to : from) as BriefLoad;
    return `${label} ${came ? 'added' : 'taken away'}: ${loadBriefly(load, path, system)}`;
  }
  const what = label.replace(UNIT, '');
  return `${what}: ${shownValue(path, from, system)} → ${shownValue(path, to, system)}`;
}
