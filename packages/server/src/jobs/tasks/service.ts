import type { ListedHappened, ListedPlacement, SeenLook, ServiceEvidence } from '@hornblende/core/api';
import { yearSpan } from '@hornblende/core/climate';
import type { Placement } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import {
  dueOf,
  evidence,
  failuresOfKind,
  fieldEvidence,
  happenedTally,
  modelCalibration,
  serviceCsv,
  serviceStanding,
  standingAt,
  yearsOut,
  type CountedPart,
  type Due,
  type FailedKind,
  type FieldEvidence,
  type Grouping,
  type Look,
  type Placed,
} from '@hornblende/core/service';
import type { Knex } from 'knex';
import { InspectionStore } from '../../db/inspections.js';
import type { KeptService } from '../../db/kept-service.js';
import type { Page } from '../../db/page.js';
import { failedKindsIn, looksOf, placedPartNames } from '../../db/placed.js';
import { placements } from '../../db/kinds/placements.js';
import { RevisionedStore } from '../../db/revisioned-store.js';
import { serviceCalendar } from '../calendar.js';
import { bytes, json, type JobAnswer } from '../answer.js';
import { libraryFor, weathersFor, withKeptService } from '../placed-parts.js';
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

/** What parts in service tell: how long they stand, in groups; the field's word; how right the models were. */
export const serviceEvidence: Task<{ by: Grouping; now: string }> = {
  async run(db, { by, now }) {
    const body = await withKeptService(db, now, kept =>
      kept.answer(`evidence by ${by}`, async () => JSON.stringify(await evidenceOf(db, kept, by))),
    );
    return { status: 200, type: 'application/json', body: bytes(body) };
  },
};

async function evidenceOf(db: Knex, kept: KeptService, by: Grouping): Promise<ServiceEvidence> {
  const parts = kept.counted();
  const outcomes = kept.judged();
  const library = await libraryFor(db, parts);
  return {
    groups: evidence(parts, by, key => library.get(key)?.grade?.family ?? (library.has(key) ? key : null)),
    parts: by === 'part' ? await placedPartNames(db) : {},
    field: await fieldOf(db, parts, library),
    record: happenedTally(outcomes),
    calibration: modelCalibration(outcomes),
  };
}

/** What the models say of each part in service beside what happened to it, what teaches most first. */
export const listHappened: Task<ListAsked & { now: string }> = {
  run: (db, asked) =>
    withKeptService(db, asked.now, (kept): JobAnswer => {
      const page: Page<ListedHappened> = kept.happened(asked);
      return pageAnswer(page, asked);
    }),
};

/** What the models say of one part in service beside what happened to it; null where nothing is said. */
export const happenedToPart: Task<{ placementId: string; now: string }> = {
  async run(db, { placementId, now }) {
    await new RevisionedStore(db, placements).get(placementId);
    return json(await withKeptService(db, now, kept => kept.happenedTo(placementId)));
  },
};

/** Works out, and keeps, what has changed of parts in service, so that nobody waits for it. */
export const keepService: Task<{ now: string }, null> = {
  run: (db, { now }) => withKeptService(db, now, () => null),
};

/** What parts in service say of the library's families outdoors. */
export function ownFieldEvidence(db: Knex, now: string): Promise<FieldEvidence[]> {
  return withKeptService(db, now, async kept => {
    const said = await kept.answer('field', async () => {
      const parts = kept.counted();
      return JSON.stringify(await fieldOf(db, parts, await libraryFor(db, parts)));
    });
    return JSON.parse(said) as FieldEvidence[];
  });
}

/** Every part in service as it stands now, with when it is due, one at a time: there may be very many. */
function* dueParts(
  kept: KeptService,
  failed: readonly FailedKind[],
  now: string,
): Generator<Placed & { due: Due | null }> {
  for (const { id, placement, standing } of kept.all()) {
    const part = { id, placement, standing: standingAt(standing, placement, now), due: null };
    yield Object.assign(part, { due: dueNow(part, failed, now) });
  }
}

/** Inspections to come, as a calendar. */
export const calendar: Task<{ now: string }> = {
  async run(db, { now }) {
    const failed = await failedKindsIn(db);
    const body = await withKeptService(db, now, kept => serviceCalendar(dueParts(kept, failed, now), now));
    return {
      status: 200,
      type: 'text/calendar; charset=utf-8',
      body: bytes(body),
      headers: { 'Content-Disposition': 'attachment; filename="inspections.ics"' },
    };
  },
};

/** Every part in service in one table. */
export const serviceTable: Task<{ now: string }> = {
  async run(db, { now }) {
    const failed = await failedKindsIn(db);
    const body = await withKeptService(db, now, kept => serviceCsv(dueParts(kept, failed, now)));
    return {
      status: 200,
      type: 'text/csv; charset=utf-8',
      body: bytes(body),
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
  placed: readonly CountedPart[],
  library: ReadonlyMap<string, Family>,
): Promise<FieldEvidence[]> {
  const weather = await weathersFor(db, placed);
  const familyOf = (key: string): Family | null => {
    const f = library.get(key);
    return f ? (library.get(f.grade?.family ?? f.key) ?? null) : null;
  };
  return fieldEvidence(placed, familyOf, id => {
    const own = weather.get(id);
    return own ? yearSpan(own).ghiKWhm2Year : null;
  });
}
