import type { Part } from '@hornblende/core/api';
import type { Brief } from '@hornblende/core/formats';

/** What is edited and undone as one. Replaced, never changed in place. */
export interface DraftContent {
  brief: Brief;
  /** The brief as it was said, before defaults. */
  given: object;
  printerId: string | null;
  weatherId: string | null;
}

/** What of a part is edited. */
export function contentOf({ brief, given, printerId, weatherId }: Part): DraftContent {
  return { brief, given, printerId, weatherId };
}

/** Whether two contents say the same. */
export function sameContent(a: Omit<DraftContent, 'brief'>, b: Omit<DraftContent, 'brief'>): boolean {
  const said = (c: typeof a): string => JSON.stringify([c.given, c.printerId, c.weatherId]);
  return said(a) === said(b);
}
