import type { SymptomId } from './symptoms.js';

/** Where causes lie. */
export const causeDomains = ['design', 'filament', 'slicing', 'machine', 'room'] as const;
/** Where a cause lies. */
export type CauseDomain = (typeof causeDomains)[number];

/** What helps against a cause, and where it is done: it need not be where the cause lies. */
export interface Remedy {
  where: CauseDomain;
  how: string;
}

/** A cause of faults: how likely it shows how, and what helps. */
export interface Cause {
  id: string;
  domain: CauseDomain;
  /** What it is, in words. */
  label: string;
  /** How common it is among faults, relative to the others. */
  prior: number;
  /** How likely each symptom shows under it; of those not named only by chance. */
  shows: Partial<Record<SymptomId, number>>;
  remedies: readonly Remedy[];
  /** What to heed when mending it. */
  caution?: string;
}

/** Declares the causes of one domain. */
export function causesOf(domain: CauseDomain, list: readonly Omit<Cause, 'domain'>[]): readonly Cause[] {
  return list.map(c => ({ ...c, domain }));
}

/** Declares what helps, by where it is done. */
export function remedies(by: Partial<Record<CauseDomain, string>>): Remedy[] {
  return causeDomains.flatMap(where => (by[where] === undefined ? [] : [{ where, how: by[where] }]));
}
