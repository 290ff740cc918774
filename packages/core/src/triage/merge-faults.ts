import type { Fault } from './fault.js';

/**
 * An open fault that two have changed at once, at the desk and on a phone: what either saw, looked for or tried counts,
 * and of a test with two answers, and of what is known besides, the first one's.
 */
export function mergedFault(ours: Fault, theirs: Fault): Fault {
  const symptoms = [...new Set([...ours.symptoms, ...theirs.symptoms])].filter(s => !ours.absent.includes(s));
  const absent = [...new Set([...ours.absent, ...theirs.absent])].filter(s => !symptoms.includes(s));
  const answered = new Set(ours.tried.map(t => t.test));
  const tried = [...ours.tried, ...theirs.tried.filter(t => !answered.has(t.test))];
  return { ...ours, symptoms, absent, tried, end: ours.end ?? theirs.end };
}

/** Whether two copies of a fault say the same of what was seen, what was not, and what was tried. */
export function isSeenAlike(a: Fault, b: Fault): boolean {
  const told = ({ symptoms, absent, tried }: Fault): string => JSON.stringify([symptoms, absent, tried]);
  return told(a) === told(b);
}
