import type { Weather } from '@hornblende/core/climate';
import { knownMaterial, type Brief } from '@hornblende/core/formats';
import { families, gradeFamily, type Family } from '@hornblende/core/materials';
import { happened, standingAt, type Happened, type Placed } from '@hornblende/core/service';
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { GradeStore } from '../db/grades.js';
import { fileOfDatabase } from '../db/database.js';
import { KeptService, type KeptRow, type ReadPart } from '../db/kept-service.js';
import { PartStore } from '../db/parts.js';
import { placedByIds, stampedParts } from '../db/placed.js';
import { WeatherStore } from '../db/weathers.js';

/** A part in service, how it stands, and, where it is asked for, what the models say of it beside what happened. */
export interface PlacedPart extends Placed {
  happened: () => Happened | null;
}

/** The program's own state: what an earlier one worked out is worked out anew. Set by the build. */
declare const HORNBLENDE_BUILD: string | undefined;
const BUILD = typeof HORNBLENDE_BUILD === 'string' ? HORNBLENDE_BUILD : randomUUID();

/** Parts that are worked out and kept at once. */
const CHUNK = 500;

/**
 * Every part in service that is not put away, in the order of lists. What was worked out before is taken as it was
 * kept, as long as nothing was written that it rests on; the rest is worked out and kept.
 */
export async function placedParts(db: Knex, now: string): Promise<PlacedPart[]> {
  const stamped = (await stampedParts(db)).map(({ id, stamp }) => ({ id, stamp: `${BUILD} ${stamp}` }));
  const kept = new WhatIsKept(fileOfDatabase(db));
  try {
    const found = new Map<string, KeptRow>();
    const before = new Map(kept.rows.map(row => [row.id, row]));
    const anew = stamped.filter(({ id, stamp }) => before.get(id)?.stamp !== stamp);
    for (const { id, stamp } of stamped) {
      const row = before.get(id);
      if (row?.stamp === stamp) found.set(id, row);
      before.delete(id);
    }
    const sources = new Sources(db);
    for (let i = 0; i < anew.length; i += CHUNK) {
      const chunk = anew.slice(i, i + CHUNK);
      const rows = await workedOut(db, chunk, sources, now);
      for (const row of rows) found.set(row.id, row);
      kept.change(rows, []);
    }
    kept.change([], [...before.keys()]);
    return stamped.flatMap(({ id }) => found.get(id) ?? []).map(row => placedPart(row, now));
  } finally {
    kept.close();
  }
}

function placedPart({ id, read, happened: outcome }: KeptRow, now: string): PlacedPart {
  const { placement, standing } = JSON.parse(read) as ReadPart;
  return {
    id,
    placement,
    standing: standingAt(standing, placement, now),
    happened: () => JSON.parse(outcome) as Happened | null,
  };
}

/**
 * What is kept, as far as its file can be used: where the disk is full or read only, or another thread is at it for
 * long, everything is worked out as if nothing were kept. Keeping must never cost an answer.
 */
class WhatIsKept {
  readonly rows: readonly KeptRow[] = [];
  private kept: KeptService | null = null;

  constructor(database: string) {
    try {
      this.kept = new KeptService(database);
      this.rows = this.kept.all();
    } catch {
      this.close();
    }
  }

  change(anew: readonly KeptRow[], gone: readonly string[]): void {
    try {
      this.kept?.change(anew, gone);
    } catch {
      this.close();
    }
  }

  close(): void {
    this.kept?.close();
    this.kept = null;
  }
}

async function workedOut(
  db: Knex,
  stamped: readonly { id: string; stamp: string }[],
  sources: Sources,
  now: string,
): Promise<KeptRow[]> {
  const stampOf = new Map(stamped.map(({ id, stamp }) => [id, stamp]));
  const placed = await placedByIds(db, [...stampOf.keys()], now);
  await sources.load(placed);
  return placed.map(p => {
    const { placement, standing } = p;
    const read: ReadPart = { placement, standing };
    const outcome = happened(p, sources.materialOf(p), sources.briefOf(p), sources.weatherOf(p));
    return {
      id: p.id,
      stamp: stampOf.get(p.id)!,
      read: JSON.stringify(read),
      happened: JSON.stringify(outcome),
    };
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
  placed: readonly Placed[],
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
export async function weathersFor(db: Knex, placed: readonly Placed[]): Promise<Map<string, Weather>> {
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
function namedBy(placed: readonly Placed[], name: (p: Placed) => string | null): string[] {
  return [...new Set(placed.flatMap(p => name(p) ?? []))];
}
