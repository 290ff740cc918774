import type { Brief } from '../brief/brief.js';
import { parseBrief } from '../brief/parse-brief.js';
import type { Family } from '../materials/family.js';
import { families as libraryFamilies } from '../materials/library.js';
import { rank } from '../score/rank.js';
import type { Candidate } from '../score/candidate.js';
import type { PrintEntry } from '../workshop/print-log.js';
import type { Printer } from '../workshop/printer.js';
import { couponFor, type LadderCoupon } from './ladder-coupon.js';

/** A printer of the workshop, by its id. */
export interface LadderPrinter {
  id: string;
  printer: Printer;
}

/** A part that is still to be decided, with the printer that it is meant for. */
export interface LadderPart {
  name: string;
  brief: Brief;
  printer: Printer | null;
}

/** One rung: a family, what it asks for here, and how it has gone. */
export interface Rung {
  family: string;
  name: string;
  /** The printer on which it is the easiest; null where none can print it. */
  printer: string | null;
  /** Print difficulty there; on no printer in particular where none can print it. */
  difficulty: number;
  asks: string[];
  /** Why no printer here can print it; empty where one can. */
  blocked: string;
  /** Prints of the log that went well, and that failed. */
  well: number;
  failed: number;
  /** Open parts that it would open: it fits, and nothing that was printed well so far does. */
  opens: string[];
  /** Open parts that it fits at all. */
  fits: string[];
  coupon: LadderCoupon;
}

/** The families by their difficulty here, and the next one that is worth learning. */
export interface Ladder {
  rungs: Rung[];
  next: { family: string; why: string } | null;
}

/** What is printed to learn a filament: ten grams, small and plain. */
const lesson = parseBrief({
  format: 'hornblende-brief',
  version: 1,
  name: 'A first print',
  purpose: 'prototype',
  geometry: { xMm: 40, yMm: 30, zMm: 10, wallMm: 2, sharpCorners: 4, solidFraction: 0.8 },
});

/** What it takes to build a ladder, and where it tells how far it is. */
export interface LadderInput {
  printers: readonly LadderPrinter[];
  prints: readonly Pick<PrintEntry, 'family' | 'outcome'>[];
  parts: readonly LadderPart[];
  families?: readonly Family[];
  progress?: (done: number, of: number) => void;
}

/** Orders the families by how hard they are on these printers, and finds the next one that is worth learning. */
export function ladder({
  printers,
  prints,
  parts,
  families = libraryFamilies,
  progress = () => undefined,
}: LadderInput): Ladder {
  const learnable = families.filter(f => !f.flags.soluble);
  const fitting = parts.map((part, n) => {
    progress(n, parts.length);
    return fittingOf(part, learnable);
  });
  progress(parts.length, parts.length);
  const went = (key: string, outcome: PrintEntry['outcome']): number =>
    prints.filter(p => p.family === key && p.outcome === outcome).length;
  const known = new Set(learnable.filter(f => went(f.key, 'well') > 0).map(f => f.key));
  const rungs = learnable.map((f): Rung => {
    const fits = parts.filter((_, n) => fitting[n]!.has(f.key));
    const opens = known.has(f.key)
      ? []
      : parts.filter((_, n) => fitting[n]!.has(f.key) && ![...known].some(k => fitting[n]!.has(k)));
    return {
      family: f.key,
      name: f.name,
      ...easiestOf(f, printers),
      well: went(f.key, 'well'),
      failed: went(f.key, 'failed'),
      opens: opens.map(p => p.name),
      fits: fits.map(p => p.name),
      coupon: couponFor(f),
    };
  });
  rungs.sort(
    (a, b) =>
      Number(a.blocked !== '') - Number(b.blocked !== '') ||
      a.difficulty - b.difficulty ||
      a.family.localeCompare(b.family),
  );
  return { rungs, next: nextOf(rungs) };
}

function fittingOf({ brief, printer }: LadderPart, families: readonly Family[]): Set<string> {
  const { candidates } = rank(brief, { printer, families });
  return new Set(candidates.filter(c => c.status === 'fits').map(c => c.material));
}

/** Points of difficulty that are worth a word. */
const LEAST_DEMAND_TOLD = 0.2;

/** The printer on which a family asks for the least. */
function easiestOf(
  f: Family,
  printers: readonly LadderPrinter[],
): Pick<Rung, 'printer' | 'difficulty' | 'asks' | 'blocked'> {
  const judged = printers.map(({ id, printer }) => ({ id, on: judge(f, printer) }));
  const able = judged.filter(({ on }) => !blockOf(on));
  able.sort((a, b) => a.on.printing.difficulty - b.on.printing.difficulty);
  const [best] = able;
  const shown = best?.on ?? judged[0]?.on ?? judge(f, null);
  return {
    printer: best?.id ?? null,
    difficulty: shown.printing.difficulty,
    asks: shown.printing.asks.filter(a => a.points >= LEAST_DEMAND_TOLD).map(a => a.label),
    blocked: best ? '' : (blockOf(shown)?.why ?? 'There is no printer yet.'),
  };
}

function judge(f: Family, printer: Printer | null): Candidate {
  return rank(lesson, { printer, families: [f] }).candidates[0]!;
}

/** What of printing fails; service is not asked of a first print. */
function blockOf(c: Candidate): { why: string } | undefined {
  return c.gates.find(g => g.id.startsWith('printability') && g.verdict === 'fail');
}

/**
 * The one that opens the most parts, the easiest of those. Where every open part is served already, the easiest that
 * would give one of them another choice.
 */
function nextOf(rungs: readonly Rung[]): Ladder['next'] {
  const unlearnt = rungs.filter(r => r.blocked === '' && r.well === 0);
  // Rungs stand from the easiest on, and sorting leaves equals as they stand.
  const [opener] = unlearnt.filter(r => r.opens.length).sort((a, b) => b.opens.length - a.opens.length);
  if (opener)
    return {
      family: opener.family,
      why: `It fits ${listed(opener.opens)}, for which nothing printed well so far does.`,
    };
  const useful = unlearnt.find(r => r.fits.length);
  if (useful)
    return {
      family: useful.family,
      why:
        `What was printed well so far serves every open part; this is the easiest that would give ` +
        `${listed(useful.fits)} another choice.`,
    };
  const [easiest] = unlearnt;
  return easiest
    ? { family: easiest.family, why: 'Nothing open asks for it; it is the easiest of the rest.' }
    : null;
}

/** Names that are said one by one; of more only how many. */
const MOST_NAMES_SAID = 2;

function listed(names: readonly string[]): string {
  return names.length <= MOST_NAMES_SAID
    ? names.join(' and ')
    : `${names[0]} and ${names.length - 1} more parts`;
}
