import type { Knex } from 'knex';
import { parseBrief, parsePrinter, rank } from '@hornblende/core';
import { DecisionRepository } from '../db/decisions.js';
import { PartRepository } from '../db/parts.js';
import { PrinterRepository } from '../db/printers.js';
import { demoParts } from './parts.js';
import { demoPrinters } from './printers.js';

/** Fills an empty database with the demo workshop; leaves any other alone. @returns whether it did */
export async function seedDemo(db: Knex): Promise<boolean> {
  if (await db('parts').first() || await db('printers').first()) return false;
  const parts = new PartRepository(db);
  const printers = new PrinterRepository(db);
  const decisions = new DecisionRepository(db);
  const stored = [];
  for (const [i, plain] of demoPrinters.entries()) stored.push(await printers.create(parsePrinter(plain), i === 1, '2026-01-10T08:00:00.000Z'));
  // The first part is touched last, so that the list opens on it.
  for (const [i, { printer, brief: plain, decision }] of demoParts.entries()) {
    const brief = parseBrief(plain);
    const machine = stored[printer];
    if (!machine) continue;
    const touched = new Date(Date.UTC(2026, 10, 20 - i, 9)).toISOString();
    const part = await parts.create({ brief, given: plain, printerId: machine.id, weatherId: null }, touched);
    if (decision) await decisions.add({ ...decision, partId: part.id, hazardAcknowledged: false, brief, printer: machine.profile, ranking: rank(brief, { printer: machine.profile }) });
  }
  return true;
}
