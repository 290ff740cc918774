import { DecisionStore } from '../../db/decisions.js';
import { DrillAnswerStore } from '../../db/drill-answers.js';
import { documentKinds, type AnyDocumentKind } from '../../db/kinds/index.js';
import type { Page, PageAsked } from '../../db/page.js';
import { PartStore } from '../../db/parts.js';
import { RevisionedStore } from '../../db/revisioned-store.js';
import { WeatherStore } from '../../db/weathers.js';
import { json, type JobAnswer } from '../answer.js';
import type { Task } from '../task.js';

/** A page of a list, asked for under this path. */
export interface ListAsked extends PageAsked {
  /** The list's own address with its other parameters, to which the next page's cursor is added. */
  path: string;
  /** Words to look for; null or nothing for all. */
  search?: string | null;
}

/** A page as it goes out: its rows, and in the headers where the next one is (RFC 8288) and what cannot be read. */
export function pageAnswer(page: Page<object>, { path, limit }: ListAsked): JobAnswer {
  const next = new URL(path, 'http://localhost');
  next.searchParams.set('limit', String(limit));
  next.searchParams.set('after', page.next ?? '');
  return json(page.items, {
    ...(page.next === null ? {} : { Link: `<${next.pathname}${next.search}>; rel="next"` }),
    ...(page.unreadable.length ? { 'Unreadable-Rows': String(page.unreadable.length) } : {}),
  });
}

function list<Input extends ListAsked>(
  read: (db: Parameters<Task<Input>['run']>[0], asked: Input) => Promise<Page<object>>,
): Task<Input> {
  return { run: async (db, asked) => pageAnswer(await read(db, asked), asked) };
}

/** Documents of a kind, in its order. */
export const listDocuments = list((db, asked: ListAsked & { kind: keyof typeof documentKinds }) =>
  new RevisionedStore(db, documentKinds[asked.kind] as unknown as AnyDocumentKind).page(asked),
);

/** Parts with their newest decisions. */
export const listParts = list(async (db, asked: ListAsked & { archived: boolean }) => {
  const page = await new PartStore(db).listed(asked, asked.archived);
  const latest = await new DecisionStore(db).latest(page.items.map(p => p.id));
  return { ...page, items: page.items.map(p => ({ ...p, decision: latest[p.id] ?? null })) };
});

/** How a part's brief has stood. */
export const listVersions = list((db, asked: ListAsked & { partId: string }) =>
  new PartStore(db).versions(asked.partId, asked),
);

/** A part's decisions. */
export const listDecisions = list(async (db, asked: ListAsked & { partId: string }) => {
  await new PartStore(db).get(asked.partId);
  return new DecisionStore(db).page(asked.partId, asked);
});

/** What was answered in drills, the newest first. */
export const listDrillAnswers = list((db, asked: ListAsked) => new DrillAnswerStore(db).page(asked));

/** Years of weather. */
export const listWeathers = list((db, asked: ListAsked) => new WeatherStore(db).page(asked));
