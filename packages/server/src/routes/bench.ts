import { TrialReading, type Trial } from '@hornblende/core/formats';
import { InputError, parseInput } from '@hornblende/core/input';
import { materialFinder } from '@hornblende/core/materials';
import { withReading, type OpenTrial } from '@hornblende/core/trials';
import { Router } from 'express';
import type { Knex } from 'knex';
import { GradeStore } from '../db/grades.js';
import { trials } from '../db/kinds/trials.js';
import { RevisionedStore } from '../db/revisioned-store.js';
import { HttpProblem } from '../lib/errors.js';
import { BenchEnvelope } from '../lib/envelopes.js';
import { split, within } from '../lib/split.js';

/** A desk that saves at the same moment is waited for so many times. */
const TRIES = 5;

/** /bench: trials that are not decided, and readings put into them one by one, at a desk or from a phone. */
export function benchRoutes(db: Knex, now: () => string): Router {
  const router = Router();
  const store = new RevisionedStore(db, trials);
  router.get('/', async (_req, res) => {
    const open = (await store.all()).filter(({ trial }) => trial.decided === null);
    const find = materialFinder((await new GradeStore(db).all()).map(g => g.grade));
    const nameOf = (e: Trial['entrants'][number]): string =>
      e.foreign?.name ?? find(e.material)?.name ?? e.material;
    res.json(
      open.map(({ id, trial }): OpenTrial => ({
        ...{ id, trial },
        names: Object.fromEntries(trial.entrants.map(e => [e.material, nameOf(e)])),
      })),
    );
  });
  router.put('/:id/readings', async (req, res) => {
    const { rest, taken } = split(req.body, BenchEnvelope, 'reading');
    const reading = within('reading', () => parseInput(TrialReading, taken.reading));
    const put = (trial: Trial): Trial => {
      if (trial.decided !== null)
        throw new HttpProblem(409, [
          { field: 'trial', value: req.params.id, message: 'is decided: nothing more is read' },
        ]);
      return withReadingOf(trial, rest.material, reading);
    };
    res.json((await updated(store, req.params.id, put, now())).trial);
  });
  return router;
}

/** @throws InputError for what is not in the trial */
function withReadingOf(trial: Trial, material: string, reading: TrialReading): Trial {
  try {
    return withReading(trial, material, reading);
  } catch (e) {
    if (!(e instanceof RangeError)) throw e;
    throw new InputError([{ field: 'material', value: material, message: e.message }]);
  }
}

type Trials = RevisionedStore<Trial, { revision: number; trial: Trial }, never>;

/** Changes a trial as it stands now; where somebody saves at the same moment, as it stands then. @throws HttpProblem */
async function updated(
  store: Pick<Trials, 'get' | 'update'>,
  id: string,
  change: (trial: Trial) => Trial,
  at: string,
): Promise<{ trial: Trial }> {
  for (let tried = 1; ; tried++) {
    const { trial, revision } = await store.get(id);
    try {
      return await store.update(id, change(trial), revision, at);
    } catch (e) {
      if (!(e instanceof HttpProblem) || e.status !== 409 || trial.decided !== null || tried === TRIES)
        throw e;
    }
  }
}
