import { relaxations } from '@hornblende/core/advice';
import { parseBrief } from '@hornblende/core/brief';
import { parsePrinter } from '@hornblende/core/formats';
import { families } from '@hornblende/core/materials';
import { calculate } from '@hornblende/core/registry';
import { rank } from '@hornblende/core/score';
import { RankEnvelope } from '../../lib/envelopes.js';
import { split, within } from '../../lib/split.js';
import { json } from '../answer.js';
import type { Task } from '../task.js';

/** A model's answer with its working. */
export const calculateModel: Task<{ id: string; body: unknown }> = {
  run: (_db, { id, body }) => json(calculate(id, body)),
};

/** A ranking, and where nothing fits, what to ask less of. */
export const rankBrief: Task<{ body: unknown }> = {
  run(_db, { body }) {
    const { rest, taken } = split(body, RankEnvelope, 'brief', 'printer');
    const brief = within('brief', () => parseBrief(taken.brief));
    const printer = taken.printer == null ? null : within('printer', () => parsePrinter(taken.printer));
    const ranking = rank(brief, { printer, ...(rest.school ? { school: rest.school } : {}) });
    return json(
      ranking.firstChoice ? ranking : { ...ranking, nothingFits: relaxations(brief, printer, families) },
    );
  },
};
