import type { Part } from '@hornblende/core/api';
import { newBrief, parseBrief } from '@hornblende/core/brief';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, vi } from 'vitest';
import { useDraft } from '../../../src/features/part/draft';
import { stubBrowserStore, type FakeStorage } from '../../browser-store';

/** A server in memory: one part, with revisions, and a switch for being away. */
export class OnePartServer {
  part: Part;
  away = false;
  /** Whether it saves, and its answer does not arrive. */
  losesAnswers = false;
  puts = 0;
  constructor() {
    const given = { format: 'hornblende-brief', version: 1, name: 'Bracket' };
    this.part = {
      id: 'p1',
      name: 'Bracket',
      brief: newBrief('Bracket'),
      given,
      printerId: null,
      weatherId: null,
      revision: 1,
      createdAt: '',
      updatedAt: '',
      archivedAt: null,
    };
  }

  readonly fetch = (path: string, init?: RequestInit): Promise<Response> => {
    if (this.away) return Promise.reject(new TypeError('fetch failed'));
    if (path !== '/api/parts/p1')
      return Promise.resolve(
        Response.json(
          { errors: [{ field: 'part', value: null, message: 'does not exist' }] },
          { status: 404 },
        ),
      );
    if (init?.method !== 'PUT') return Promise.resolve(Response.json(this.part));
    this.puts++;
    const body = JSON.parse(String(init.body)) as {
      brief: object;
      printerId: string | null;
      weatherId: string | null;
      revision: number;
    };
    if (body.revision !== this.part.revision)
      return Promise.resolve(
        Response.json(
          {
            errors: [{ field: 'revision', value: body.revision, message: 'was saved from elsewhere' }],
            current: this.part,
          },
          { status: 409 },
        ),
      );
    if (body.printerId === 'gone')
      return Promise.resolve(
        Response.json(
          { errors: [{ field: 'printerId', value: 'gone', message: 'is not in this workshop' }] },
          { status: 400 },
        ),
      );
    this.save(body.brief, body.printerId);
    if (this.losesAnswers) return Promise.reject(new TypeError('fetch failed'));
    return Promise.resolve(Response.json(this.part));
  };

  /** Saves as another tab would. */
  save(given: object, printerId: string | null = null): void {
    this.part = {
      ...this.part,
      given,
      brief: parseBrief(given),
      printerId,
      revision: this.part.revision + 1,
    };
  }
}

/** The draft of its part, opened. */
export async function opened(): Promise<ReturnType<typeof useDraft>> {
  const draft = useDraft();
  await draft.open('p1');
  return draft;
}

/** Before each test a server, an empty browser store and stores of their own. */
export function servedAnew(): { server: OnePartServer; storage: FakeStorage } {
  const now = {} as { server: OnePartServer; storage: FakeStorage };
  beforeEach(() => {
    setActivePinia(createPinia());
    now.server = new OnePartServer();
    vi.stubGlobal('fetch', now.server.fetch);
    now.storage = stubBrowserStore();
  });
  return now;
}
