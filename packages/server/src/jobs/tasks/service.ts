import type { ListedPlacement, SeenLook, ServiceEvidence } from '@hornblende/core/api';
import { annualGhiKWhm2 } from '@hornblende/core/climate';
import type { Placement } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import {
  byLesson,
  dueOf,
  evidence,
  failedKinds,
  failuresOfKind,
  fieldEvidence,
  modelCalibration,
  serviceCsv,
  serviceStanding,
  yearsOut,
  type Due,
  type FailedKind,
  type FieldEvidence,
  type Grouping,
  type Look,
  type Placed,
} from '@hornblende/core/service';
import type { Knex } from 'knex';
import { InspectionStore } from '../../db/inspections.js';
import { failedKindsIn, looksOf, placedPartNames } from '../../db/placed.js';
import { placements } from '../../db/kinds/placements.js';
import { RevisionedStore } from '../../db/revisioned-store.js';
import { serviceCalendar } from '../calendar.js';
import { bytes, json } from '../answer.js';
import { libraryFor, placedParts, weathersFor } from '../placed-parts.js';
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
    const failed = await failedKindsIn(db);
    const items = page.items.map((stored): ListedPlacement => {
      const { id, placement } = stored;
      const own = looks.get(id) ?? [];
      const standing = serviceStanding(placement, own, asked.now);
      const due = dueNow({ placement, standing }, failed, asked.now);
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
    const placed = await placedParts(db, now);
    const library = await libraryFor(db, placed);
    const outcomes = byLesson(placed.flatMap(p => p.happened() ?? []));
    const answer: ServiceEvidence = {
      groups: evidence(placed, by, key => library.get(key)?.grade?.family ?? (library.has(key) ? key : null)),
      parts: by === 'part' ? await placedPartNames(db) : {},
      field: await fieldOf(db, placed, library),
      happened: outcomes,
      calibration: modelCalibration(outcomes),
    };
    return json(answer);
  },
};

/** Works out, and keeps, what has changed of parts in service, so that nobody waits for it. */
export const keepService: Task<{ now: string }, number> = {
  run: async (db, { now }) => (await placedParts(db, now)).length,
};

/** What parts in service say of the library's families outdoors. */
export async function ownFieldEvidence(db: Knex, now: string): Promise<FieldEvidence[]> {
  const placed = await placedParts(db, now);
  return fieldOf(db, placed, await libraryFor(db, placed));
}

/** Inspections to come, as a calendar. */
export const calendar: Task<{ now: string }> = {
  async run(db, { now }) {
    const placed = await placedParts(db, now);
    const failed = failedKinds(placed);
    const rows = placed.flatMap(p => {
      const due = dueNow(p, failed, now);
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
    const placed = await placedParts(db, now);
    const failed = failedKinds(placed);
    return {
      status: 200,
      type: 'text/csv; charset=utf-8',
      body: bytes(serviceCsv(placed.map(p => ({ ...p, due: dueNow(p, failed, now) })))),
      headers: { 'Content-Disposition': 'attachment; filename="in-service.csv"' },
    };
  },
};

/** When a part is due; one that only just passed when it was chosen sooner. */
function dueNow(
  { placement, standing }: Omit<Placed, 'id'>,
  failed: readonly FailedKind[],
  now: string,
): Due | null {
  const { status } = placement;
  const marginal = status === 'marginal' || status === 'out';
  return dueOf(placement, standing, { marginal, failuresOfKind: failuresOfKind(failed, placement) }, now);
}

async function fieldOf(
  db: Knex,
  placed: readonly Placed[],
  library: ReadonlyMap<string, Family>,
): Promise<FieldEvidence[]> {
  const weather = await weathersFor(db, placed);
  const familyOf = (key: string): Family | null => {
    const f = library.get(key);
    return f ? (library.get(f.grade?.family ?? f.key) ?? null) : null;
  };
  return fieldEvidence(placed, familyOf, id => {
    const own = weather.get(id);
    return own ? annualGhiKWhm2(own) : null;
  });
}
