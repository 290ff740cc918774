import type { Problem } from '../input/parse.js';
import type { Inspection } from './inspection.js';
import type { PlacedColumn } from './placed-words.js';
import type { Placement } from './placement.js';

/** What becomes of a row: it is taken, stands there already, or cannot be read. */
export type PlacedVerdict = 'add' | 'double' | 'reject';

/** A look at a part that is yet to be placed. */
export type PlacedLook = Omit<Inspection, 'id' | 'placementId'>;

/** A row of a table of placed parts, as it was understood. */
export interface PlacedRow {
  /** Line of the file, from 1; the heading is one. Of an archive, the number of the part. */
  line: number;
  verdict: PlacedVerdict;
  name: string;
  /** Null where it cannot be read. */
  placement: Placement | null;
  /** The looks that it was given, the oldest first: of a row of a table the one that its outcome amounts to. */
  looks: PlacedLook[];
  problems: Problem[];
  /** Why it is a double. */
  twin: string;
}

/** A table of placed parts, read. */
export interface PlacedTable {
  rows: PlacedRow[];
  /** Columns of the file, with what each was taken for; null for those that are left out. */
  columns: { heading: string; as: PlacedColumn | null }[];
  problems: Problem[];
  notes: string[];
}

/** What a table is read against. */
export interface PlacedReading {
  /** Parts that are out there already. */
  existing: readonly Pick<Placement, 'name' | 'since' | 'place'>[];
  /** The key of a family or grade by a name; null for none. */
  materialNamed: (text: string) => string | null;
  /** Whose records they are; empty for one’s own. */
  origin: string;
  /** How much each counts, 0 to 1. */
  weight: number;
  /** Today, YYYY-MM-DD. */
  today: string;
}

/** A part of the same name at the same place since the same day is the same part. */
export function markDoubles(rows: readonly PlacedRow[], existing: PlacedReading['existing']): void {
  const keyOf = ({ name, since, place }: PlacedReading['existing'][number]): string =>
    [name, place.where, since].map(t => t.trim().toLowerCase()).join('\n');
  const known = new Map(existing.map(p => [keyOf(p), 'is out there already']));
  for (const row of rows) {
    if (!row.placement) continue;
    const twin = known.get(keyOf(row.placement));
    if (twin) Object.assign(row, { verdict: 'double', twin });
    else known.set(keyOf(row.placement), `is the same as line ${row.line}`);
  }
}
