import type { StoredPrint } from '@hornblende/core/api';
import { parseBrief } from '@hornblende/core/brief';
import { parsePrinter, parseSpool, type Grade, type PrintEntry, type Spool } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import type { Family } from '@hornblende/core/materials';
import { freshPlace, plateUse } from '@hornblende/core/print';
import { expectedGrams, printCard, printOfCard, type PrintCard } from '@hornblende/core/records';
import type { ReachedWorkshop } from '@hornblende/server';
import { materialOf } from './material.js';

// A print as the command line writes it down, over the workshop's own API.

/** The workshop's API: where it is, and what goes with each request. */
type Api = Pick<ReachedWorkshop, 'url' | 'headers'>;

/** What is said of a print. */
export interface PrintSaid {
  material?: string;
  printer?: string;
  spool?: string;
  grams?: number;
  minutes?: number;
  failed?: string | true;
  at?: string;
}

interface StoredPart {
  id: string;
  name: string;
  brief: object;
  printerId: string | null;
  decision: { firstChoice: string } | null;
}
interface StoredPrinter {
  id: string;
  profile: { name: string };
}
interface StoredSpool {
  id: string;
  spool: { code: string };
}

/** A print that was written down, and what is said of it. */
export interface WrittenPrint {
  stored: StoredPrint;
  line: string;
}

/**
 * Writes a print of a part down, with what its card expects of it and the freshest place on its plate.
 * @param api the workshop's API, as it was reached
 * @throws InputError naming what is not there, or what the server refuses
 */
export async function writePrint(api: Api, named: string, o: PrintSaid): Promise<WrittenPrint> {
  const part = only('part', named, await all<StoredPart>(api, 'parts'), p => [p.id, p.name]);
  const printers = await all<StoredPrinter>(api, 'printers');
  const byName = (p: StoredPrinter): string[] => [p.id, p.profile.name];
  const printer = o.printer
    ? only('printer', o.printer, printers, byName)
    : printers.find(p => p.id === part.printerId);
  if (!printer) throw missing('printer', 'is needed: the part is for none');
  const held = o.spool
    ? only('spool', o.spool, await all<StoredSpool>(api, 'spools'), s => [s.id, s.spool.code])
    : null;
  const spool = held && { id: held.id, ...parseSpool(held.spool) };
  const family = await filamentOf(api, o, part, spool);
  const profile = parsePrinter(printer.profile);
  const card = printCard(parseBrief(part.brief), { family, printer: profile });
  const entry = printOfCard(card, family, {
    outcome: o.failed === undefined ? 'well' : 'failed',
    at: o.at ?? new Date().toISOString(),
    partId: part.id,
    printerId: printer.id,
    spoolId: spool?.id ?? null,
    grams: o.grams ?? expectedGrams(card),
    minutes: o.minutes ?? null,
    note: typeof o.failed === 'string' ? o.failed : '',
    ...(await placeOf(api, card, part, { id: printer.id, buildMm: profile.buildMm })),
  });
  const stored = await posted(api, entry);
  const off = spool ? ` ${entry.grams} g came off ${spool.code || 'its spool'}.` : '';
  const went = entry.outcome === 'well' ? 'went well' : 'failed';
  return {
    stored,
    line: `${part.name} in ${family.name} on ${printer.profile.name} ${went}: written down.${off}`,
  };
}

async function filamentOf(api: Api, o: PrintSaid, part: StoredPart, spool: Spool | null): Promise<Family> {
  if (o.material && spool && o.material !== spool.material)
    throw new InputError([
      {
        field: 'material',
        value: o.material,
        message: `is not on that spool, which holds ${spool.material}`,
      },
    ]);
  const key = o.material ?? spool?.material ?? part.decision?.firstChoice;
  if (!key) throw missing('material', 'is needed: the part is not decided, and no spool is named');
  const grades = (await all<{ grade: Grade }>(api, 'grades')).map(g => g.grade);
  return materialOf(key, grades);
}

/** Where it stands on the plate: the freshest place, as the print card says it. */
async function placeOf(
  api: Api,
  card: PrintCard,
  { brief }: StoredPart,
  printer: { id: string; buildMm: readonly [number, number, number] },
): Promise<Pick<PrintEntry, 'placeMm' | 'sizeMm'>> {
  const { xMm, yMm } = parseBrief(brief).geometry;
  const sizeMm: [number, number] = [xMm, yMm];
  const log = (await all<StoredPrint>(api, 'prints')).map(p => p.print);
  const place = freshPlace(plateUse(log, printer.id, printer.buildMm, card), printer.buildMm, sizeMm);
  return { placeMm: place && [place.xMm, place.yMm], sizeMm };
}

async function posted({ url, headers }: Api, print: PrintEntry): Promise<StoredPrint> {
  const answer = await fetch(`${url}/api/prints`, {
    method: 'POST',
    headers: { ...headers, 'content-type': 'application/json' },
    body: JSON.stringify({ print }),
  });
  const body = (await answer.json()) as StoredPrint & { errors?: InputError['problems'] };
  if (answer.ok) return body;
  if (body.errors) throw new InputError(body.errors);
  throw new Error(`the workshop answered ${answer.status}`);
}

/** Every record of a kind, page after page. */
async function all<T>({ url, headers }: Api, kind: string): Promise<T[]> {
  const found: T[] = [];
  let next: string | null = `/api/${kind}`;
  while (next !== null) {
    const answer: Response = await fetch(new URL(next, url), { headers });
    if (!answer.ok) throw new Error(`the workshop answered ${answer.status} for ${next}`);
    found.push(...((await answer.json()) as T[]));
    next = /<([^>]+)>;\s*rel="next"/.exec(answer.headers.get('link') ?? '')?.[1] ?? null;
  }
  return found;
}

/** The one record that goes by a name or an id. @throws InputError where there is none, or several */
function only<T>(field: string, name: string, records: readonly T[], names: (record: T) => string[]): T {
  const wanted = name.trim().toLowerCase();
  const found = records.filter(r => names(r).some(n => n.toLowerCase() === wanted));
  if (found.length === 1) return found[0]!;
  const known = records
    .slice(0, MOST_NAMED)
    .map(r => names(r).at(-1))
    .join(', ');
  throw new InputError([
    {
      field,
      value: name,
      message: found.length ? `is the name of ${found.length}: say its id` : `must be one of ${known}`,
    },
  ]);
}

/** As many names as an error tells. */
const MOST_NAMED = 30;

function missing(field: string, message: string): InputError {
  return new InputError([{ field, value: undefined, message }]);
}
