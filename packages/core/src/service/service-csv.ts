import Papa from 'papaparse';
import { guarded } from '../lib/formula-guard.js';
import type { Due } from './due.js';
import type { Placed } from './placed.js';

const HEADINGS = [
  'code',
  'name',
  'where',
  'materials',
  'colour',
  'heat',
  'sun',
  'water',
  'load',
  'since',
  'pauses',
  'years',
  'looks',
  'lastLook',
  'verdict',
  'mode',
  'dueOn',
  'ifItFails',
  'replacementPrice',
  'frostsAYear',
  'heatingsAYear',
  'note',
] as const;

/** Every part in service as a CSV table (RFC 4180, with a byte order mark), a line a part. */
export function serviceCsv(rows: Iterable<Placed & { due: Due | null }>): string {
  const data = Array.from(rows, ({ placement: p, standing: s, due }) =>
    [
      p.code,
      p.name,
      p.place.where,
      p.materials.map(m => (p.materials.length > 1 ? `${m.material} ${m.share}` : m.material)).join(' or '),
      p.colour,
      p.place.heat,
      p.place.sun,
      p.place.water,
      p.place.load,
      p.since,
      p.pauses.map(x => `${x.from}/${x.to ?? ''}`).join(' '),
      s.years.toFixed(2),
      String(s.looks),
      s.lastLookAt?.slice(0, 10) ?? '',
      s.verdict ?? '',
      s.mode ?? '',
      due?.on ?? '',
      p.ifItFails,
      p.replacementPrice === null ? '' : String(p.replacementPrice),
      p.place.frostsAYear === null ? '' : String(p.place.frostsAYear),
      p.place.heatingsAYear === null ? '' : String(p.place.heatingsAYear),
      p.note,
    ].map(guarded),
  );
  return `\ufeff${Papa.unparse({ fields: [...HEADINGS], data }, { newline: '\r\n' })}\r\n`;
}
