import { parseBrief } from '@hornblende/core/brief';
import { parseWorkshop } from '@hornblende/core/formats';
import { vi } from 'vitest';
import { stubBrowserStore } from './browser-store';

/** A server in memory with one part, for tests of what follows from it; `put` counts what is saved. */
export function stubPartServer(
  given: Record<string, unknown>,
  extras: Record<string, unknown> = {},
): { puts: number } {
  const seen = { puts: 0 };
  let brief = { format: 'hornblende-brief', version: 1, name: 'Bracket', ...given };
  let revision = 1;
  const part = (): object => ({
    id: 'p1',
    name: 'Bracket',
    brief: parseBrief(brief),
    given: brief,
    printerId: null,
    weatherId: null,
    revision,
    createdAt: '',
    updatedAt: '',
    archivedAt: null,
  });
  vi.stubGlobal('fetch', (asked: string, init?: RequestInit): Promise<Response> => {
    const path = asked.replace(/\?.*/, '');
    if (path === '/api/parts/p1' && init?.method === 'PUT') {
      seen.puts++;
      revision++;
      brief = (JSON.parse(String(init.body)) as { brief: typeof brief }).brief;
    }
    const known: Record<string, unknown> = {
      '/api/parts/p1': part(),
      '/api/workshop': { settings: parseWorkshop({ format: 'hornblende-workshop', version: 1 }), quotes: {} },
      '/api/grades': [],
      '/api/spools': [],
      '/api/printers': [],
      ...extras,
    };
    return Promise.resolve(
      path in known ? Response.json(known[path]) : Response.json({ errors: [] }, { status: 404 }),
    );
  });
  stubBrowserStore();
  return seen;
}
