import { DecisionStore } from '../../db/decisions.js';
import { DrillAnswerStore } from '../../db/drill-answers.js';
import { FaultStore } from '../../db/faults.js';
import { GradeStore } from '../../db/grades.js';
import type { Page, PageAsked } from '../../db/page.js';
import { PartStore } from '../../db/parts.js';
import { PrinterStore } from '../../db/printers.js';
import { PrintStore } from '../../db/prints.js';
import { SpoolStore } from '../../db/spools.js';
import { TrialStore } from '../../db/trials.js';
import { WeatherStore } from '../../db/weathers.js';
import { json, type JobAnswer } from '../answer.js';
import type { Task } from '../task.js';

/** A page of a list, asked for under this path. */
export interface ListAsked extends PageAsked {
  /** The list's own address with its other parameters, to which the next page's cursor is added. */
  path: string;
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

/** Printers, the default first. */
export const listPrinters = list((db, asked: ListAsked) => new PrinterStore(db).page(asked));

/** Grades by key. */
export const listGrades = list((db, asked: ListAsked) => new GradeStore(db).page(asked));

/** The shelf. */
export const listSpools = list((db, asked: ListAsked) => new SpoolStore(db).page(asked));

/** The log of prints. */
export const listPrints = list((db, asked: ListAsked) => new PrintStore(db).page(asked));

/** The trials. */
export const listTrials = list((db, asked: ListAsked) => new TrialStore(db).page(asked));

/** The faults, the newest first. */
export const listFaults = list((db, asked: ListAsked) => new FaultStore(db).page(asked));

/** What was answered in drills, the newest first. */
export const listDrillAnswers = list((db, asked: ListAsked) => new DrillAnswerStore(db).page(asked));

/** Years of weather. */
export const listWeathers = list((db, asked: ListAsked) => new WeatherStore(db).page(asked));
