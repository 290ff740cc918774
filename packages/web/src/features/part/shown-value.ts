import { sig } from '@hornblende/core/lib';
import { inSystem, type UnitSystem } from '@hornblende/core/units';

/** The unit of a field, from the end of its name, where the reader's may differ. */
const units: readonly { ending: RegExp; unit: string }[] = [
  { ending: /C$/, unit: '°C' },
  { ending: /Mm$/, unit: 'mm' },
  { ending: /N$/, unit: 'N' },
  { ending: /MPa$/, unit: 'MPa' },
  { ending: /G$/, unit: 'g' },
  { ending: /Years$/, unit: 'years' },
  { ending: /Pct$/, unit: '%' },
];

/** A value of a brief as people read it: in their units, never as it is stored. */
export function shownValue(path: string, value: unknown, system: UnitSystem): string {
  if (/^loads\.\d+\.field$/.test(path)) return value ? 'worked out' : 'a bar stands for it';
  if (value === undefined || value === null) return 'not said';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return shownNumber(path, value, system);
  if (Array.isArray(value)) return value.map(v => shownValue(path, v, system)).join(', ') || 'none';
  if (typeof value === 'object')
    return Object.entries(value)
      .filter(([, v]) => v !== null && v !== false)
      .map(([key, v]) => shownValue(key, v, system))
      .join(', ');
  return String(value).replaceAll('-', ' ');
}

function shownNumber(path: string, value: number, system: UnitSystem): string {
  const name = path.split('.').at(-1) ?? '';
  const unit = units.find(u => u.ending.test(name))?.unit;
  if (!unit) return sig(value, 4);
  const shown = inSystem(value, unit, system);
  return `${sig(shown.value, 4)} ${shown.unit}`;
}
