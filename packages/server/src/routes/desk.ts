import type { DeskState } from '@hornblende/core/api';
import { parseInput } from '@hornblende/core/input';
import { Router, type Request, type RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import { DeskSessions } from '../http/desk-sessions.js';
import { jsonBody } from '../http/json-body.js';
import { NewPhraseInput, PhraseInput } from '../lib/envelopes.js';
import { HttpProblem } from '../lib/errors.js';
import type { DeskPhrase } from '../workplace/desk-phrase.js';
import type { Journal } from '../workplace/journal.js';

/** Largest body that is read before anybody is let in, bytes. */
const SMALL = 4096;
/** Fewer letters are guessed. */
const SHORTEST = 8;
/** Wrong phrases that are heard in some minutes: nobody mistypes theirs more often. */
const GUESSES = { limit: 10, windowMs: 5 * 60_000 };

/** Who is let in at the desk: everybody where no pass phrase is set. */
export class DeskDoor {
  private readonly sessions: DeskSessions;

  constructor(
    private readonly phrase: DeskPhrase,
    private readonly journal: Journal,
    clock?: () => number,
  ) {
    this.sessions = new DeskSessions(clock);
  }

  /** Whether a request is heard. */
  isOpenTo(req: Pick<Request, 'headers'>): boolean {
    if (!this.phrase.isSet || this.sessions.has(req)) return true;
    const shown = /^Bearer (\S+)$/.exec(req.headers.authorization ?? '')?.[1];
    return shown !== undefined && this.phrase.isOwner(shown);
  }

  /** Refuses whoever did not give the pass phrase. */
  gate(): RequestHandler {
    return (req, _res, next) => {
      if (!this.isOpenTo(req))
        throw new HttpProblem(401, [
          { field: '(desk)', value: null, message: 'is locked: give its pass phrase' },
        ]);
      next();
    };
  }

  /** /desk: whether a pass phrase is set, letting a browser in and out, and changing it. */
  routes(): Router {
    const { phrase, sessions, journal } = this;
    const router = Router();
    const guesses = rateLimit({
      ...GUESSES,
      skipSuccessfulRequests: true,
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      message: {
        errors: [
          {
            field: '(desk)',
            value: null,
            message: 'was given too many wrong pass phrases: wait five minutes',
          },
        ],
      },
    });
    const read = jsonBody(SMALL);
    const check = async (given: string): Promise<void> => {
      if (await phrase.is(given)) return;
      journal.refusal('desk-refused', 'this machine');
      throw new HttpProblem(403, [{ field: '(desk)', value: null, message: 'has another pass phrase' }]);
    };
    router.get('/', (req, res) => {
      const state: DeskState = { phrase: phrase.isSet, open: this.isOpenTo(req) };
      res.json(state);
    });
    router.post('/session', guesses, read, async (req, res) => {
      await check(parseInput(PhraseInput, req.body).phrase);
      sessions.begin(res);
      res.status(204).end();
    });
    router.delete('/session', (req, res) => {
      sessions.end(req);
      res.status(204).end();
    });
    router.put('/phrase', this.gate(), guesses, read, async (req, res) => {
      const { phrase: next, old } = parseInput(NewPhraseInput, req.body);
      if (next !== null && next.length < SHORTEST)
        throw new HttpProblem(400, [
          { field: 'phrase', value: null, message: `must have at least ${SHORTEST} letters` },
        ]);
      if (phrase.isSet) await check(old);
      await phrase.set(next);
      // Whoever was let in by the old one gives the new one; the browser that set it stays.
      sessions.endAll();
      if (next !== null) sessions.begin(res);
      journal.write(next === null ? 'phrase-removed' : 'phrase-set', 'at the desk');
      res.status(204).end();
    });
    return router;
  }
}
