import type { Placement } from '@hornblende/core/formats';
import { familyByKey } from '@hornblende/core/materials';
import { materialFinderByName, readPlacedTable, type PlacedTable } from '@hornblende/core/tables';

/** A table of parts in service as a file or a paste has it, and what it is read against. */
export interface PlacedQuestion {
  bytes: Uint8Array;
  existing: Pick<Placement, 'name' | 'since' | 'place'>[];
  grades: { key: string; name: string }[];
  origin: string;
  weight: number;
  today: string;
}

/** Reads a table of parts in service, row by row. */
export function run({ bytes, grades, ...reading }: PlacedQuestion): PlacedTable {
  const materialNamed = materialFinderByName(grades, key => familyByKey(key) !== undefined);
  return readPlacedTable(bytes, { ...reading, materialNamed });
}
