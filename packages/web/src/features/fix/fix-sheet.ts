import type { StoredFault } from '@hornblende/core/api';
import type { Mending, Outcome } from '@hornblende/core/formats';
import type { OwnFacts } from '@hornblende/core/materials';
import type { SymptomId } from '@hornblende/core/triage';
import { dayText } from '../../ui/day-text';

/** What is known of a fault besides what is seen, as a sheet has it. */
export interface FixSheet {
  seen: SymptomId[];
  absent: SymptomId[];
  tried: { test: string; outcome: Outcome }[];
  family: string;
  printerId: string;
  spoolState: string;
  /** What is stated of the spool or the grade that was printed; null where nothing is. */
  facts: OwnFacts | null;
  nozzleC: number | null;
  bedC: number | null;
  chamberC: number | null;
  fanPct: number | null;
  lengthMm: number | null;
  sharpCorners: number | null;
  /** The print that it came from, in words. */
  from: string;
  /** What it is of, by name and by id; empty where that is not known. */
  name: string;
  printId: string;
  partId: string;
  spoolId: string;
  /** The warp model's chance that it lifts on a clean plate. */
  liftChance: number | null;
  /** The last prints at that place of the plate, and how many of them failed. */
  printsThere: number | null;
  failedThere: number | null;
  /** What it was, as far as that is written down already; an empty cause is the likeliest. */
  found: { cause: string; remedy: string; mending: Mending };
  /** The id that it is kept under. */
  id: string;
}

/** A sheet on which nothing is written. */
export const emptySheet: FixSheet = {
  seen: [],
  absent: [],
  tried: [],
  family: '',
  printerId: '',
  spoolState: '',
  facts: null,
  nozzleC: null,
  bedC: null,
  chamberC: null,
  fanPct: null,
  lengthMm: null,
  sharpCorners: null,
  from: '',
  name: '',
  printId: '',
  partId: '',
  spoolId: '',
  liftChance: null,
  printsThere: null,
  failedThere: null,
  found: { cause: '', remedy: '', mending: 'helped' },
  id: '',
};

/** Whether anything is said on a sheet that tells of a fault. */
export function isBegun({ seen, absent, tried }: Pick<FixSheet, 'seen' | 'absent' | 'tried'>): boolean {
  return seen.length + absent.length + tried.length > 0;
}

const numberOf = (x: unknown): number | null => (typeof x === 'number' ? x : null);

/** The sheet of a fault that was kept, to go on with. */
export function sheetOf({ id, fault }: StoredFault): FixSheet {
  const { context, of } = fault;
  const { part, spool } = context;
  return {
    ...emptySheet,
    seen: [...fault.symptoms],
    absent: [...fault.absent],
    tried: fault.tried.map(({ test, outcome }) => ({ test, outcome })),
    family: context.family ?? '',
    printerId: of.printerId ?? '',
    spoolState: typeof spool.state === 'string' ? spool.state : '',
    facts: context.facts,
    nozzleC: context.nozzleC,
    bedC: context.bedC,
    chamberC: context.chamberC,
    fanPct: context.fanPct,
    lengthMm: numberOf(part.lengthMm),
    sharpCorners: numberOf(part.sharpCorners),
    liftChance: numberOf(part.liftChance),
    printsThere: numberOf(part.printsThere),
    failedThere: numberOf(part.failedThere),
    from: of.name && fault.at ? `${of.name}, ${dayText(fault.at)}` : of.name,
    name: of.name,
    printId: of.printId ?? '',
    partId: of.partId ?? '',
    spoolId: of.spoolId ?? '',
    id,
  };
}
