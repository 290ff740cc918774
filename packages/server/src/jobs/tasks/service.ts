import type { ListedPlacement, SeenLook, ServiceEvidence } from '@hornblende/core/api';
import { annualGhiKWhm2, type Weather } from '@hornblende/core/climate';
import type { Brief, Placement } from '@hornblende/core/formats';
import { families, gradeFamily, type Family } from '@hornblende/core/materials';
import {
  byLesson,
  dueOf,
  evidence,
  failuresOfKind,
  fieldEvidence,
  happened,
  modelCalibration,
  serviceCsv,
  serviceStanding,
  yearsOut,
  type Due,
  type FieldEvidence,
  type Grouping,
  type Look,
  type Placed,
} from '@hornblende/core/service';
import type { Knex } from 'knex';
import { GradeStore } from '../../db/grades.js';
import { InspectionStore } from '../../db/inspections.js';
import { PartStore } from '../../db/parts.js';
import { allPlaced, failedKinds, looksOf } from '../../db/placed.js';
import { placements } from '../../db/kinds/placements.js';
import { RevisionedStore } from '../../db/revisioned-store.js';
import { WeatherStore } from '../../db/weathers.js';
import { serviceCalendar } from '../calendar.js';
import { bytes, json, type JobAnswer } from '../answer.js';
import type { Task } from '../task.js';
import { pageAnswer, type ListAsked } from './lists.js';

/** Parts in service by place, with how each stands and when it is due. */
export const listPlacements: Task<ListAsked & { now: string }> = {
  async run(db, asked) {
    const page = await new RevisionedStore(db, placements).page(asked);
    const looks = await looksOf(
      db,
      page.items.map(p => p.id),
    );
    const ofKind = failuresOfKind(await failedKinds(db));
    const items = page.items.map((stored): ListedPlacement => {
      const { id, placement } = stored;
      const own = looks.get(id) ?? [];
      const standing = serviceStanding(placement, own, asked.now);
      const due = dueNow({ id, placement, standing }, own, ofKind, asked.now);
      return { ...stored, standing, due, seen: seenLooks(placement, own) };
    });
    return pageAnswer({ ...page, items }, asked);
  },
};

/** Looks that are told of a part in a list, the last ones. */
const MOST_SEEN = 20;

/** How a part was found, look by look, the oldest first. */
function seenLooks(placement: Placement, looks: readonly Look[]): SeenLook[] {
  return looks
    .filter(l => !l.struck)
    .map(({ at, verdict }) => ({ years: yearsOut(placement, at), verdict }))
    .sort((a, b) => a.years - b.years)
    .slice(-MOST_SEEN);
}

/** Looks at a part, the newest first. */
export const listInspections: Task<ListAsked & { placementId: string }> = {
  async run(db, asked) {
    await new RevisionedStore(db, placements).get(asked.placementId);
    return pageAnswer(await new InspectionStore(db).page(asked.placementId, asked), asked);
  },
};

/** What parts in service tell: how long they stand, in groups; the field's word; what was predicted. */
export const serviceEvidence: Task<{ by: Grouping; now: string }> = {
  async run(db, { by, now }) {
    // Years in service move on by the day; what was worked out stands until then, or until something is written.
    const stamp = `${by} ${now.slice(0, 10)} ${await writtenStamp(db)}`;
    if (remembered?.stamp !== stamp) remembered = { stamp, answer: json(await workedOut(db, by, now)) };
    return copied(remembered.answer);
  },
};

/** What was worked out last in this thread, and what it rests on. */
let remembered: { stamp: string; answer: JobAnswer } | null = null;

/** An answer whose bytes may be handed over: those that are remembered stay. */
function copied(answer: JobAnswer): JobAnswer {
  return { ...answer, body: new Uint8Array(answer.body) };
}

/**
 * What changes with every write by another connection (`data_version`, SQLite), and besides with every row, for a
 * connection that was opened anew counts from the start.
 */
async function writtenStamp(db: Knex): Promise<string> {
  const tables = [
    ['placements', 'updated_at'],
    ['inspections', 'saved_at'],
    ['grades', 'updated_at'],
    ['parts', 'updated_at'],
  ] as const;
  const rows = await Promise.all(
    tables.map(([table, at]) => db(table).max({ last: at }).count({ rows: '*' }).first()),
  );
  return JSON.stringify([await db.raw('PRAGMA data_version'), rows]);
}

async function workedOut(db: Knex, by: Grouping, now: string): Promise<ServiceEvidence> {
  const placed = await allPlaced(db, now);
  const library = await libraryOf(db);
  const briefs = new Map<string, Brief>();
  for (const { id, brief } of await new PartStore(db).all()) briefs.set(id, brief);
  const briefOf = ({ placement }: Placed): Brief | null =>
    placement.partId === null ? null : (briefs.get(placement.partId) ?? null);
  const materialOf = ({ placement }: Placed): Family | null =>
    library.get(placement.materials[0]!.material) ?? null;
  const weather = await weathersOf(db, placed);
  const outcomes = byLesson(
    placed.flatMap(p => {
      const { weatherId } = p.placement.place;
      const own = weatherId === null ? null : (weather.get(weatherId) ?? null);
      return happened(p, materialOf(p), briefOf(p), own) ?? [];
    }),
  );
  return {
    groups: evidence(placed, by, key => library.get(key)?.grade?.family ?? (library.has(key) ? key : null)),
    field: await fieldOf(db, placed, library),
    happened: outcomes,
    calibration: modelCalibration(outcomes),
  };
}

/** What parts in service say of the library's families outdoors. */
export async function ownFieldEvidence(db: Knex, now: string): Promise<FieldEvidence[]> {
  return fieldOf(db, await allPlaced(db, now), await libraryOf(db));
}

/** Inspections to come, as a calendar. */
export const calendar: Task<{ now: string }> = {
  async run(db, { now }) {
    const placed = await allPlaced(db, now);
    const dueBy = await dueFinder(db, placed, now);
    const rows = placed.flatMap(p => {
      const due = dueBy(p);
      return due ? [{ ...p, due }] : [];
    });
    return {
      status: 200,
      type: 'text/calendar; charset=utf-8',
      body: bytes(serviceCalendar(rows, now)),
      headers: { 'Content-Disposition': 'attachment; filename="inspections.ics"' },
    };
  },
};

/** Every part in service in one table. */
export const serviceTable: Task<{ now: string }> = {
  async run(db, { now }) {
    const placed = await allPlaced(db, now);
    const dueBy = await dueFinder(db, placed, now);
    return {
      status: 200,
      type: 'text/csv; charset=utf-8',
      body: bytes(serviceCsv(placed.map(p => ({ ...p, due: dueBy(p) })))),
      headers: { 'Content-Disposition': 'attachment; filename="in-service.csv"' },
    };
  },
};

/** When each part is due, from its looks and the failures of its kind. */
async function dueFinder(
  db: Knex,
  placed: readonly Placed[],
  now: string,
): Promise<(p: Placed) => Due | null> {
  const looks = await looksOf(db);
  const ofKind = failuresOfKind(placed);
  return p => dueNow(p, looks.get(p.id) ?? [], ofKind, now);
}

/** When a part is due; one that only just passed when it was chosen sooner. */
function dueNow(p: Placed, looks: readonly Look[], ofKind: (p: Placed) => number, now: string): Due | null {
  const { status } = p.placement;
  const marginal = status === 'marginal' || status === 'out';
  return dueOf(p.placement, looks, { marginal, failuresOfKind: ofKind(p) }, now);
}

/** Families and grades by their key. */
async function libraryOf(db: Knex): Promise<Map<string, Family>> {
  const grades = (await new GradeStore(db).all()).map(g => gradeFamily(g.grade));
  return new Map([...families, ...grades].map(f => [f.key, f]));
}

async function fieldOf(
  db: Knex,
  placed: readonly Placed[],
  library: ReadonlyMap<string, Family>,
): Promise<FieldEvidence[]> {
  const weather = await weathersOf(db, placed);
  const familyOf = (key: string): Family | null => {
    const f = library.get(key);
    return f ? (library.get(f.grade?.family ?? f.key) ?? null) : null;
  };
  return fieldEvidence(placed, familyOf, id => {
    const own = weather.get(id);
    return own ? annualGhiKWhm2(own) : null;
  });
}

/** The years of weather that parts in service name; one that is gone or damaged is left out. */
async function weathersOf(db: Knex, placed: readonly Placed[]): Promise<Map<string, Weather>> {
  const ids = new Set(placed.flatMap(p => p.placement.place.weatherId ?? []));
  const store = new WeatherStore(db);
  const known = new Map<string, Weather>();
  for (const id of ids) {
    const weather = await store.get(id).catch(() => null);
    if (weather) known.set(id, weather);
  }
  return known;
}
