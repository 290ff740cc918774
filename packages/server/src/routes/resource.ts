import { InputError } from '@hornblende/core/input';
import { Router, type RequestHandler } from 'express';
import type { DocumentKind, RevisionedRow } from '../db/document-kind.js';
import type { RevisionedStore } from '../db/revisioned-store.js';
import { split } from '../lib/split.js';

/** What the routes of a kind of document are made of. */
export interface Resource<Content, Stored extends { revision: number }, Row extends RevisionedRow> {
  store: RevisionedStore<Content, Stored, Row>;
  /** Answers with a page of the list. */
  list: RequestHandler;
  now: () => string;
}

/** The routes that every kind of document has: list, read, make, change, remove for good. */
export function resource<Content, Stored extends { revision: number }, Row extends RevisionedRow>({
  store,
  list,
  now,
}: Resource<Content, Stored, Row>): Router {
  const router = Router();
  const read = (from: unknown): ReturnType<typeof readDocument<Content, Stored, Row>> =>
    readDocument(store.kind, from);
  router.get('/', list);
  router.post('/', async (req, res) => {
    const { content, id } = read(req.body);
    res.status(201).json(await store.create(content, now(), id));
  });
  router.get('/:id', async (req, res) => {
    res.json(await store.get(req.params.id));
  });
  router.put('/:id', async (req, res) => {
    const { content, revision } = read(req.body);
    res.json(await store.update(req.params.id, content, revisionOf(revision), now()));
  });
  router.delete('/:id', async (req, res) => {
    await store.remove(req.params.id, now());
    res.status(204).end();
  });
  return router;
}

/** A document as it is sent: its content, what it changes, and the id that it is to have. @throws InputError */
export function readDocument<Content, Stored, Row extends RevisionedRow>(
  { body }: DocumentKind<Content, Stored, Row>,
  from: unknown,
): { content: Content; revision: number | undefined; id: string | null } {
  const { rest, taken } = split(from, body.Envelope, body.name);
  if (rest.id !== null && !/^[\w-]+$/.test(rest.id))
    throw new InputError([{ field: 'id', value: rest.id, message: 'may hold letters, digits, - and _' }]);
  return { content: body.read(taken[body.name], rest), revision: rest.revision, id: rest.id };
}

/** @throws InputError when an update does not say what it changes */
function revisionOf(revision: number | undefined): number {
  if (revision === undefined)
    throw new InputError([
      { field: 'revision', value: undefined, message: 'is needed to update: the revision that was changed' },
    ]);
  return revision;
}
