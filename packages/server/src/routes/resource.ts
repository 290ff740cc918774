import { InputError } from '@hornblende/core';
import { Router, type RequestHandler } from 'express';
import type { RevisionedRow, RevisionedStore } from '../db/revisioned-store.js';
import { split, within } from '../lib/split.js';

/** How a kind of document travels: an envelope with the document under a name of its own. */
export interface ResourceKind<Content, Stored extends { revision: number }, Envelope extends object, Doc> {
  store: Pick<RevisionedStore<Content, Stored, RevisionedRow>, 'get' | 'create' | 'update' | 'remove'>;
  /** What the document is called in the body: "spool". */
  document: string;
  Envelope: new () => Envelope & { revision?: number };
  /** Reads the document. @throws InputError */
  parse: (plain: unknown) => Doc;
  /** What a write sets. @param plain the document as it was given */
  content: (doc: Doc, envelope: Envelope, plain: unknown) => Content;
  /** Answers with a page of the list. */
  list: RequestHandler;
  now: () => string;
}

/** The routes that every kind of revisioned document has: list, read, make, change, remove for good. */
export function resource<Content, Stored extends { revision: number }, Envelope extends object, Doc>(
  kind: ResourceKind<Content, Stored, Envelope, Doc>,
): Router {
  const { store, now } = kind;
  const router = Router();
  const read = (body: unknown): { content: Content; revision: number | undefined } => {
    const { rest, taken } = split(body, kind.Envelope, kind.document);
    const plain = taken[kind.document];
    const doc = within(kind.document, () => kind.parse(plain));
    return { content: kind.content(doc, rest, plain), revision: rest.revision };
  };
  router.get('/', kind.list);
  router.post('/', async (req, res) => {
    res.status(201).json(await store.create(read(req.body).content, now()));
  });
  router.get('/:id', async (req, res) => {
    res.json(await store.get(req.params.id));
  });
  router.put('/:id', async (req, res) => {
    const { content, revision } = read(req.body);
    res.json(await store.update(req.params.id, content, revisionOf(revision), now()));
  });
  router.delete('/:id', async (req, res) => {
    await store.remove(req.params.id);
    res.status(204).end();
  });
  return router;
}

/** @throws InputError when an update does not say what it changes */
function revisionOf(revision: number | undefined): number {
  if (revision === undefined)
    throw new InputError([
      { field: 'revision', value: undefined, message: 'is needed to update: the revision that was changed' },
    ]);
  return revision;
}
