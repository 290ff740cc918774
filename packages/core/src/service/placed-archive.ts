import { unzipSync, type UnzipFileInfo, type Unzipped } from 'fflate';
import { familyByKey } from '../materials/library.js';
import { InputError, type Problem } from '../input/parse.js';
import { parseInspection, type Inspection } from './inspection.js';
import { MOST_PLACED_AT_ONCE, parsePlacement, type PlacedMaterial, type Placement } from './placement.js';
import { whole } from './placed-cells.js';
import {
  markDoubles,
  type PlacedLook,
  type PlacedReading,
  type PlacedRow,
  type PlacedTable,
} from './placed-row.js';

/** The folders of an archive that tell of parts in service. */
const FOLDERS = ['service', 'inspections', 'grades'] as const;
type Folder = (typeof FOLDERS)[number];
/** Most that these folders may unpack to, bytes: more is no workshop but a bomb. */
const MOST_BYTES = 2e8;

/** How a zip begins. */
const ZIP = [0x50, 0x4b, 0x03, 0x04];

/** Whether a file is a zip, by how it begins. */
export function isZip(bytes: Uint8Array): boolean {
  return ZIP.every((b, i) => bytes[i] === b);
}

/**
 * Reads the parts in service out of the archive of another workshop, each with every look that it was given. Nothing
 * else of it is taken: neither its parts and decisions, to which they no longer refer, nor its photographs. A grade
 * that is not known here counts as its family. Never throws for what is in the file.
 */
export function readPlacedArchive(bytes: Uint8Array, reading: PlacedReading): PlacedTable {
  const nothing = (message: string): PlacedTable => ({
    rows: [],
    columns: [],
    problems: [whole(message)],
    notes: [],
  });
  let files: Unzipped;
  try {
    files = unzipSync(bytes, { filter: withinLimits() });
  } catch (e) {
    return nothing(e instanceof TooLarge ? e.message : 'is a zip that cannot be unpacked: it is cut short');
  }
  if (!reading.origin)
    return nothing('is somebody else’s: say whose records they are, and how much each counts');
  const placed = recordsIn(files, 'service');
  if (!placed.length) return nothing('is no archive of a workshop, or one without parts in service');
  if (placed.length > MOST_PLACED_AT_ONCE)
    return nothing(`holds more than ${MOST_PLACED_AT_ONCE} parts in service`);
  const looks = looksByPart(files);
  const familyOf = familiesOfGrades(files);
  const rows = placed.map(({ id, data }, i) => rowOf(i + 1, data, looks.get(id) ?? [], reading, familyOf));
  markDoubles(rows, reading.existing);
  return { rows, columns: [], problems: [], notes: notesOn(rows, looks) };
}

/** An archive that would unpack to more than it may. */
class TooLarge extends Error {}

/** Lets the files through that tell of parts in service, up to {@link MOST_BYTES} of them. */
function withinLimits(): (file: UnzipFileInfo) => boolean {
  let sum = 0;
  return ({ name, originalSize }) => {
    if (!name.endsWith('.json') || !FOLDERS.some(f => name.startsWith(`${f}/`))) return false;
    sum += originalSize;
    if (sum > MOST_BYTES) throw new TooLarge(`holds more than ${MOST_BYTES / 1e6} MB of parts in service`);
    return true;
  };
}

interface Row {
  id: string;
  data: Record<string, unknown>;
}

/** The records of a folder; what is not JSON of a record is passed over. */
function recordsIn(files: Unzipped, folder: Folder): Row[] {
  const text = new TextDecoder();
  return Object.keys(files)
    .filter(name => name.startsWith(`${folder}/`))
    .sort()
    .flatMap(name => {
      try {
        const { id, key, data } = JSON.parse(text.decode(files[name])) as Record<string, unknown>;
        const named = typeof id === 'string' ? id : key;
        if (typeof named !== 'string' || typeof data !== 'object' || data === null) return [];
        return [{ id: named, data: data as Record<string, unknown> }];
      } catch {
        return [];
      }
    });
}

/** The looks of each part that are not struck out, the oldest first. */
function looksByPart(files: Unzipped): Map<string, Inspection[]> {
  const byPart = new Map<string, Inspection[]>();
  for (const { data } of recordsIn(files, 'inspections')) {
    try {
      const look = parseInspection(data);
      if (look.struck) continue;
      byPart.set(look.placementId, [...(byPart.get(look.placementId) ?? []), look]);
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
    }
  }
  for (const list of byPart.values()) list.sort((a, b) => a.at.localeCompare(b.at));
  return byPart;
}

/** The family of each of the archive's grades. */
function familiesOfGrades(files: Unzipped): (grade: string) => string | null {
  const families = new Map(recordsIn(files, 'grades').map(({ id, data }) => [id, data.family]));
  return grade => {
    const family = families.get(grade);
    return typeof family === 'string' && familyByKey(family) ? family : null;
  };
}

function rowOf(
  line: number,
  data: Record<string, unknown>,
  looks: readonly Inspection[],
  reading: PlacedReading,
  familyOf: (grade: string) => string | null,
): PlacedRow {
  const row: PlacedRow = {
    ...{ line, verdict: 'reject', placement: null, looks: [], problems: [], twin: '' },
    name: typeof data.name === 'string' ? data.name : '',
  };
  try {
    const placement = parsePlacement(data);
    const unknown: Problem[] = [];
    const materials = placement.materials.map(m => {
      const material = reading.materialNamed(m.material) ?? familyOf(m.material);
      if (material === null)
        unknown.push({ field: 'material', value: m.material, message: 'is no family or grade here' });
      return { ...m, material: material ?? m.material };
    });
    if (unknown.length) return { ...row, problems: unknown };
    return {
      ...row,
      verdict: 'add',
      placement: standingAlone({ ...placement, materials: merged(materials) }, reading),
      looks: looks.map(withoutPhotos),
    };
  } catch (e) {
    if (!(e instanceof InputError)) throw e;
    return { ...row, problems: e.problems };
  }
}

/** Two grades of one family, of which a part may be, are one where neither is known here. */
function merged(materials: readonly PlacedMaterial[]): PlacedMaterial[] {
  const shares = new Map<string, number>();
  for (const { material, share } of materials) shares.set(material, (shares.get(material) ?? 0) + share);
  return [...shares].map(([material, share]) => ({ material, share: Math.min(1, share) }));
}

/** The part without what it refers to in its own workshop, and with whose it is. */
function standingAlone(placement: Placement, { origin, weight }: PlacedReading): Placement {
  const { place } = placement;
  return {
    ...placement,
    ...{
      code: '',
      partId: null,
      partRevision: null,
      decisionId: null,
      printId: null,
      spoolId: null,
      photos: [],
    },
    place: { ...place, weatherId: null },
    // What was somebody else's there already counts less still.
    ...{ origin: placement.origin ? `${placement.origin}, by ${origin}`.slice(0, 120) : origin },
    weight: placement.weight * weight,
  };
}

function withoutPhotos({ id: _id, placementId: _placementId, ...look }: Inspection): PlacedLook {
  return { ...look, photos: [] };
}

function notesOn(rows: readonly PlacedRow[], looks: ReadonlyMap<string, Inspection[]>): string[] {
  const pictures = [...looks.values()].flat().reduce((n, look) => n + look.photos.length, 0);
  const taken = rows.reduce((n, r) => n + r.looks.length, 0);
  return [
    taken === 1 ? 'One look comes with them.' : `${taken} looks come with them.`,
    ...(pictures === 0
      ? []
      : [
          pictures === 1
            ? 'One photograph is not taken over.'
            : `${pictures} photographs are not taken over.`,
        ]),
  ];
}
