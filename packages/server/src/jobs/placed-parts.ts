import type { Weather } from '@hornblende/core/climate';
import { knownMaterial, type Brief } from '@hornblende/core/formats';
import { families, gradeFamily, type Family } from '@hornblende/core/materials';
import { countedPart, happened, judgedPart, type CountedPart, type Placed } from '@hornblende/core/service';
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { GradeStore } from '../db/grades.js';
import { fileOfDatabase } from '../db/database.js';
import { KeptService, type KeptPart } from '../db/kept-service.js';
import { PartStore } from '../db/parts.js';
import { placedByIds } from '../db/placed.js';
import type { Stamped } from '../db/stamped-parts.js';
import { WeatherStore } from '../db/weathers.js';

/** The program's own state: what an earlier one worked out is worked out anew. Set by the build. */
declare const HORNBLENDE_BUILD: string | undefined;
const BUILD = typeof HORNBLENDE_BUILD === 'string' ? HORNBLENDE_BUILD : randomUUID();

/** Parts that are worked out and kept at once. */
const CHUNK = 500;

/**
 * What parts in service tell, brought up to date: what was worked out before holds as long as nothing was written that
 * it rests on; the rest is worked out and kept.
 * @param work what is wanted of it
 */
export async function withKeptService<T>(
  db: Knex,
  now: string,
  work: (kept: KeptService) => Promise<T> | T,
): Promise<T> {
  const kept = new KeptService(fileOfDatabase(db));
  try {
    try {
      await bringUpToDate(kept, db, now);
      return await work(kept);
    } catch (e) {
      if (!kept.isDamaged) throw e;
      kept.beginAnew();
      await bringUpToDate(kept, db, now);
      return await work(kept);
    }
  } finally {
    kept.close();
  }
}

async function bringUpToDate(kept: KeptService, db: Knex, now: string): Promise<void> {
  const inMemory = kept.isInMemory;
  kept.forgetGone();
  await workOutStale(kept, db, now);
  // A copy in memory has taken the file's place, and may lack what could not be read from it.
  if (kept.isInMemory !== inMemory) await workOutStale(kept, db, now);
}

async function workOutStale(kept: KeptService, db: Knex, now: string): Promise<void> {
  const stale = kept.stale(BUILD);
  // Read after the stamps, so that what is kept is never older than its stamp says.
  const sources = new Sources(db);
  for (let i = 0; i < stale.length; i += CHUNK)
    kept.keep(await workedOut(db, stale.slice(i, i + CHUNK), sources, now));
}

async function workedOut(
  db: Knex,
  stamped: readonly Stamped[],
  sources: Sources,
  now: string,
): Promise<KeptPart[]> {
  const ids = stamped.map(s => s.id);
  const readable = await placedByIds(db, ids, now);
  const placed = new Map(readable.map(p => [p.id, p]));
  await sources.load(readable);
  return stamped.map(written => {
    const p = placed.get(written.id);
    if (!p) return { ...written, found: null };
    const outcome = happened(p, sources.materialOf(p), sources.briefOf(p), sources.weatherOf(p));
    const { placement, standing } = p;
    const judged = outcome && judgedPart(outcome);
    const found = { placement, standing, counted: countedPart(p), happened: outcome, judged };
    return { ...written, found };
  });
}

/** What parts in service rest on: briefs, grades and weather, each read once. */
class Sources {
  private readonly briefs = new Map<string, Brief | null>();
  private readonly weathers = new Map<string, Weather | null>();
  private library = new Map<string, Family>();

  constructor(private readonly db: Knex) {}

  /** Reads what some parts rest on, as far as it is not read yet. */
  async load(placed: readonly Placed[]): Promise<void> {
    const partIds = namedBy(placed, p => p.placement.partId).filter(id => !this.briefs.has(id));
    for (const id of partIds) this.briefs.set(id, null);
    for (const { id, brief } of await new PartStore(this.db).all(q => q.whereIn('id', partIds)))
      this.briefs.set(id, brief);
    for (const id of namedBy(placed, p => p.placement.place.weatherId))
      if (!this.weathers.has(id)) this.weathers.set(id, await weatherOr(this.db, id));
    this.library = await libraryFor(this.db, placed, this.library);
  }

  briefOf({ placement }: Placed): Brief | null {
    return placement.partId === null ? null : (this.briefs.get(placement.partId) ?? null);
  }
  materialOf({ placement }: Placed): Family | null {
    return this.library.get(placement.materials[0]!.material) ?? null;
  }
  weatherOf({ placement }: Placed): Weather | null {
    const { weatherId } = placement.place;
    return weatherId === null ? null : (this.weathers.get(weatherId) ?? null);
  }
}

/** The library's families, and the grades that parts are of, by their keys. */
export async function libraryFor(
  db: Knex,
  placed: readonly CountedPart[],
  known: ReadonlyMap<string, Family> = new Map(),
): Promise<Map<string, Family>> {
  const library = new Map(known.size ? known : families.map(f => [f.key, f]));
  const keys = namedBy(placed, p => knownMaterial(p.placement) ?? null).filter(key => !library.has(key));
  if (!keys.length) return library;
  for (const { grade } of await new GradeStore(db).all(q => q.whereIn('key', keys)))
    library.set(grade.key, gradeFamily(grade));
  return library;
}

/** The years of weather that parts name; one that is gone or damaged is left out. */
export async function weathersFor(db: Knex, placed: readonly CountedPart[]): Promise<Map<string, Weather>> {
  const found = new Map<string, Weather>();
  for (const id of namedBy(placed, p => p.placement.place.weatherId)) {
    const weather = await weatherOr(db, id);
    if (weather) found.set(id, weather);
  }
  return found;
}

async function weatherOr(db: Knex, id: string): Promise<Weather | null> {
  return new WeatherStore(db).get(id).catch(() => null);
}

/** What parts name, each once. */
function namedBy<P extends CountedPart>(placed: readonly P[], name: (p: P) => string | null): string[] {
  return [...new Set(placed.flatMap(p => name(p) ?? []))];
}
