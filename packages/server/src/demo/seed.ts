import type { Knex } from 'knex';
import { laidBrief, parseBrief } from '@hornblende/core/brief';
import {
  parseFault,
  parsePrinter,
  parsePrintEntry,
  parseSpool,
  parseTrial,
  parseWorkshop,
  type Brief,
} from '@hornblende/core/formats';
import { parseGrade } from '@hornblende/core/materials';
import { decide } from '@hornblende/core/records';
import { makeCoupon, stlBytes, threeMfBytes } from '@hornblende/core/coupons';
import { layWith } from '@hornblende/core/geometry';
import { DecisionStore, readyToKeep } from '../db/decisions.js';
import { GradeStore } from '../db/grades.js';
import { PartStore } from '../db/parts.js';
import { insertRecord } from '../db/kind.js';
import { faults } from '../db/kinds/faults.js';
import { maps } from '../db/kinds/maps.js';
import { marks } from '../db/kinds/marks.js';
import { printers as printerKind } from '../db/kinds/printers.js';
import { prints as printKind } from '../db/kinds/prints.js';
import { spools as spoolKind } from '../db/kinds/spools.js';
import { trials } from '../db/kinds/trials.js';
import { RevisionedStore } from '../db/revisioned-store.js';
import { ShapeStore } from '../db/shapes.js';
import { WorkshopStore } from '../db/workshop.js';
import { writing } from '../db/write-gate.js';
import { demoFaults } from './faults.js';
import { demoGrades } from './grades.js';
import { demoMap } from './maps.js';
import { demoParts, type DemoPart } from './parts.js';
import { demoPrinters } from './printers.js';
import { demoPrints } from './prints.js';
import { layOutService } from './service.js';
import { demoTrials } from './trials.js';
import { demoSpools, demoWorkshop } from './spools.js';

/** Draws behind the demo's decisions: enough to show, few enough that the first start stays quick. */
const DEMO_DRAWS = 2000;
/** When printers, grades and spools of the demo were entered. */
const SEEDED_AT = '2026-01-10T08:00:00.000Z';

/** The mark of a workshop that the demo was laid out in: what was cleared away since stays so. */
const MARK = 'demo';

/**
 * Fills an empty database with the demo workshop, all of it or nothing; leaves any other alone.
 * @returns whether it did
 */
export async function seedDemo(db: Knex): Promise<boolean> {
  return writing(db, async t => {
    if ((await t('marks').where({ name: MARK }).first()) || (await t('parts').first())) return false;
    if (await t('printers').first()) return false;
    await layOut(t);
    await insertRecord(t, marks, { name: MARK, at: new Date().toISOString() });
    return true;
  });
}

async function layOut(db: Knex.Transaction): Promise<void> {
  const parts = new PartStore(db);
  const printers = new RevisionedStore(db, printerKind);
  const decisions = new DecisionStore(db);
  const stored = [];
  for (const [i, plain] of demoPrinters.entries())
    stored.push(await printers.create({ profile: parsePrinter(plain), isDefault: i === 1 }, SEEDED_AT));
  const grades = new GradeStore(db);
  const own = demoGrades.map(parseGrade);
  for (const grade of own) await grades.create(grade, SEEDED_AT);
  const spools = new RevisionedStore(db, spoolKind);
  for (const plain of demoSpools) await spools.create(parseSpool(plain), SEEDED_AT);
  const workshop = new WorkshopStore(db);
  await workshop.save(parseWorkshop(demoWorkshop.settings), SEEDED_AT);
  // The first part is touched last, so that the list opens on it.
  const partIds = new Map<string, string>();
  for (const [i, { printer, brief: said, decision, shape }] of demoParts.entries()) {
    const shaped = await shapedBrief(parseBrief(said), shape);
    const { brief } = shaped;
    const plain = shaped.file ? { ...said, geometry: brief.geometry, loads: brief.loads } : said;
    const machine = stored[printer];
    if (!machine) continue;
    const touched = new Date(Date.UTC(2026, 10, 20 - i, 9)).toISOString();
    const part = await parts.create(
      { brief, given: plain, printerId: machine.id, weatherId: null, archived: false },
      touched,
    );
    partIds.set(brief.name, part.id);
    if (shape && shaped.file)
      await new ShapeStore(db).put(part.id, shape.file, null, Buffer.from(shaped.file), touched);
    if (decision)
      await decisions.add(
        part.id,
        readyToKeep(
          decide(
            { ...decision, hazardAcknowledged: false },
            { brief, given: plain, printer: machine.profile, weather: null, grades: own },
            { at: decision.decidedAt, draws: DEMO_DRAWS },
          ),
        ),
      );
    const quote = demoWorkshop.quotes[brief.name];
    if (quote !== undefined) await workshop.quote(part.id, quote, SEEDED_AT);
  }
  for (const { part, trial } of demoTrials)
    await new RevisionedStore(db, trials).create(
      parseTrial({ ...trial, partId: partIds.get(part) ?? null }),
      SEEDED_AT,
    );
  for (const { part, printer, fault } of demoFaults)
    await new RevisionedStore(db, faults).create(
      parseFault({
        format: 'hornblende-fault',
        version: 1,
        ...fault,
        of: { name: part, partId: partIds.get(part) ?? null, printerId: stored[printer]!.id },
      }),
      SEEDED_AT,
    );
  await layOutService(db, partIds, new Date().toISOString());
  await new RevisionedStore(db, maps).create(demoMap, SEEDED_AT);
  const prints = new RevisionedStore(db, printKind);
  for (const { printer, part, ...print } of demoPrints)
    await prints.create(
      parsePrintEntry({
        format: 'hornblende-print',
        version: 1,
        ...print,
        part,
        partId: partIds.get(part) ?? null,
        printerId: stored[printer]!.id,
      }),
      print.at,
    );
}

/** A brief with the shape that its coupon has, lying as it is in its file, and the file. */
async function shapedBrief(
  brief: Brief,
  shape: DemoPart['shape'],
): Promise<{ brief: Brief; file: Uint8Array | null }> {
  if (!shape) return { brief, file: null };
  const positions = await makeCoupon(shape.coupon, shape.numbers);
  const file = shape.file.endsWith('.3mf') ? threeMfBytes(positions) : stlBytes(positions);
  return { brief: laidBrief(brief, layWith({ positions }, [0, 0, 1]), shape.file), file };
}
