import type { CardLesson } from '../records/card.js';
import { causes } from './knowledge.js';
import type { Fault, FaultEnd, FaultPlace } from './fault.js';
import { symptomWords, type SymptomId } from './symptoms.js';

/** A fault whose cause was found. */
export type SolvedFault = Fault & { end: FaultEnd };

/** Whether its cause was found. */
export function isSolved(fault: Fault): fault is SolvedFault {
  return fault.end !== null;
}

/** What a cause is called; its id where it is none that is known. */
export function causeLabel(id: string): string {
  return causes.find(c => c.id === id)?.label ?? id;
}

/**
 * How often each cause turned out to be the one: what moves the priors of `triage.rank`. A fault whose mending did not
 * help tells nothing of its cause.
 */
export function faultHistory(faults: readonly Fault[]): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const { end } of faults)
    if (end && end.mending !== 'did not') counts[end.cause] = (counts[end.cause] ?? 0) + 1;
  return counts;
}

/** Faults that a memory looks back on. */
const LOOKED_BACK = 3;

/** The day that a fault was found, or seen. */
const dayOf = (fault: SolvedFault): string => fault.end.at;

/**
 * What faults that looked like this were before, in a sentence: "The last 3 times with strings it was wet filament."
 * Empty where there was none.
 */
export function rememberedWords(symptoms: readonly SymptomId[], faults: readonly Fault[]): string {
  const alike = faults
    .filter(isSolved)
    .filter(f => f.end.mending !== 'did not' && f.symptoms.some(s => symptoms.includes(s)))
    .sort((a, b) => dayOf(b).localeCompare(dayOf(a)))
    .slice(0, LOOKED_BACK);
  const [newest] = alike;
  if (!newest) return '';
  const shared = newest.symptoms.find(s => symptoms.includes(s))!;
  const seen = symptomWords[shared].toLowerCase();
  const { cause } = newest.end;
  const same = alike.filter(f => f.end.cause === cause).length;
  const label = causeLabel(cause).toLowerCase();
  if (alike.length === 1) return `Last time (${seen}) it was ${label}.`;
  if (same === alike.length) return `The last ${same} times that looked like this it was ${label}.`;
  return `Last time that looked like this (${seen}) it was ${label}; so it was in ${same} of the last ${alike.length}.`;
}

/** Where a print is about to be made. */
export interface LessonsAsked {
  place: FaultPlace;
  /** The id of that part, spool or printer. */
  id: string | null;
}

/** What faults say at a part's card, a spool or a printer, the newest first; each cause once. */
export function faultLessons(faults: readonly Fault[], { place, id }: LessonsAsked): CardLesson[] {
  if (id === null) return [];
  const idOf = (fault: Fault): string | null => {
    if (place === 'card') return fault.of.partId;
    return place === 'spool' ? fault.of.spoolId : fault.of.printerId;
  };
  const told = new Set<string>();
  return faults
    .filter(isSolved)
    .filter(f => f.end.tellAt.includes(place) && f.end.mending !== 'did not' && idOf(f) === id)
    .sort((a, b) => dayOf(b).localeCompare(dayOf(a)))
    .filter(f => !told.has(f.end.cause) && told.add(f.end.cause))
    .map(lessonOf);
}

function lessonOf({ symptoms, end }: SolvedFault): CardLesson {
  const seen = symptoms.map(s => symptomWords[s].toLowerCase()).join(', ');
  const cause = causes.find(c => c.id === end.cause);
  const advised = cause?.remedies[0]?.how ?? '';
  return {
    what: seen ? `${causeLabel(end.cause)} (${seen})` : causeLabel(end.cause),
    remedy: end.remedy || advised,
    at: end.at,
  };
}
