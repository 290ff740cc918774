import { parseInput } from '@hornblende/core/input';
import {
  decide,
  DecisionInput,
  recordDrift,
  recordHtml,
  recordMarkdown,
  type DecisionGround,
  type DecisionRecord,
} from '@hornblende/core/records';
import { DRAWS } from '@hornblende/core/score';
import { familiesFor } from '@hornblende/core/service';
import { allowedOf, isAllowed, isUnscaled } from '@hornblende/core/workshop';
import type { Knex } from 'knex';
import { DecisionStore, readyToKeep, type ReadyDecision } from '../../db/decisions.js';
import { GradeStore } from '../../db/grades.js';
import { PartStore } from '../../db/parts.js';
import { printers } from '../../db/kinds/printers.js';
import { RevisionedStore } from '../../db/revisioned-store.js';
import { shelfNow } from '../../db/shelf.js';
import { WorkshopStore } from '../../db/workshop.js';
import { WeatherStore } from '../../db/weathers.js';
import { notFound } from '../../lib/errors.js';
import { bytes, json } from '../answer.js';
import type { Task } from '../task.js';
import { ownFieldEvidence } from './service.js';

/** Which decision of which part. */
export interface DecisionAsked {
  partId: string;
  id: string;
}

/** Works a decision out from what is saved, packed for keeping: it must not depend on what a client claims. */
export const workOutDecision: Task<{ partId: string; body: unknown; now: string }, ReadyDecision> = {
  async run(db, { partId, body, now }) {
    const ground = await groundOf(db, partId, now);
    return readyToKeep(decide(parseInput(DecisionInput, body), ground, { at: now, draws: DRAWS }));
  },
};

/** How today's library answers the question that was decided. */
export const decisionDrift: Task<DecisionAsked & { now: string }> = {
  async run(db, { partId, id, now }) {
    const record = await new DecisionStore(db).whole(partId, id);
    const { brief } = record.premises;
    const field = brief.outdoorSchool === 'field' ? await ownFieldEvidence(db, now) : [];
    const { scales } = (await new WorkshopStore(db).get()).settings;
    return json(recordDrift(record, familiesFor(brief, field), await new GradeStore(db).active(), scales));
  },
};

/** The shapes a record goes out in. */
const writers: Record<string, { type: string; write: (r: DecisionRecord) => string }> = {
  json: { type: 'application/json', write: r => `${JSON.stringify(r, null, 1)}\n` },
  md: { type: 'text/markdown', write: recordMarkdown },
  html: { type: 'text/html', write: recordHtml },
};

/** A decision's record as a file; the header `Record-Name` has what it is called. */
export const decisionReport: Task<DecisionAsked & { type: string }> = {
  async run(db, { partId, id, type }) {
    const writer = Object.hasOwn(writers, type) ? writers[type] : undefined;
    if (!writer) throw notFound('type', type);
    const record = await new DecisionStore(db).whole(partId, id);
    const headers = { 'Record-Name': `${fileName(record.part)}-decision.${type}` };
    return { status: 200, type: writer.type, body: bytes(writer.write(record)), headers };
  },
};

/** What is saved of a part and all that its ranking rests on. @throws HttpProblem 404 */
async function groundOf(db: Knex, partId: string, now: string): Promise<DecisionGround> {
  const { brief, given, printerId, weatherId } = await new PartStore(db).get(partId);
  const grades = await new GradeStore(db).active();
  const { allowed, scales } = (await new WorkshopStore(db).get()).settings;
  return {
    brief,
    given,
    grades: grades.filter(g => isAllowed(allowed, g)),
    shelf: await shelfNow(db, grades, now),
    families: allowedOf(
      familiesFor(brief, brief.outdoorSchool === 'field' ? await ownFieldEvidence(db, now) : []),
      allowed,
    ),
    ...(isUnscaled(scales) ? {} : { scales }),
    printer: printerId ? (await new RevisionedStore(db, printers).get(printerId)).profile : null,
    weather: weatherId ? await new WeatherStore(db).get(weatherId) : null,
  };
}

/** A part's name as a file's. */
function fileName(part: string): string {
  const plain = part.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '');
  return encodeURIComponent(plain.toLowerCase() || 'decision');
}
