import type { SpoolEvent, SpoolEventKind } from '@hornblende/core/formats';
import { sig } from '@hornblende/core/lib';
import type { ShelfRow } from '../../stores/shelf';
import type { Units } from '../../ui/useUnits';

/** What can happen to a spool. */
export const eventKinds: { value: SpoolEventKind; label: string }[] = [
  { value: 'printed', label: 'Printed from' },
  { value: 'weighed', label: 'Weighed' },
  { value: 'opened', label: 'Opened' },
  { value: 'boxed', label: 'Boxed' },
  { value: 'dried', label: 'Dried' },
];

/** How the states of a spool's water look. */
export const waterLook = {
  dry: { mark: '●', tone: 'fits' },
  'dry it first': { mark: '◐', tone: 'marginal' },
  unusable: { mark: '○', tone: 'out' },
} as const;

const keptWords = { sealed: 'sealed', open: 'open in the room', boxed: 'boxed with desiccant' };

/** An entry of the ledger in words. */
export function eventLine(e: SpoolEvent, show: Units['show']): string {
  const lines: Record<SpoolEventKind, () => string> = {
    opened: () => 'Opened',
    boxed: () => 'Closed up with desiccant',
    dried: () => `Dried ${sig(e.hours ?? 0, 2)} h at ${show(e.dryingC, 'temperature')}`,
    printed: () => `Printed ${show(e.grams, 'mass')}`,
    weighed: () => `Weighed: ${show(e.grams, 'mass')} of filament left`,
  };
  return lines[e.kind]();
}

/** What is to be done with a spool before it prints; where it is dry, how it is kept. */
export function whatToDo({ moisture }: ShelfRow, { show, say }: Units): string {
  if (!moisture) return '';
  if (moisture.state === 'dry') return keptWords[moisture.where];
  if (moisture.dryHours === null) return say(moisture.advice);
  return `${sig(moisture.dryHours, 2)} h at ${show(moisture.dryC, 'temperature')}`;
}
