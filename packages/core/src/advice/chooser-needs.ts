import { parseBrief } from '../brief/parse-brief.js';
import type { Brief } from '../brief/brief.js';

/** Something that a filament is wanted for, and a usual part that stands for it. */
export interface ChooserNeed {
  id: string;
  /** What it is called, as people ask. */
  label: string;
  /** The usual part, in a sentence. */
  means: string;
  /** Its brief, without format, version and name. */
  brief: Record<string, unknown>;
}

/** What filaments are wanted for, the commonest first. Their parts are typical, of one's hand's size. */
export const chooserNeeds: readonly ChooserNeed[] = [
  {
    id: 'first-print',
    label: 'A first print',
    means: 'A prototype of 40 × 40 × 30 mm that carries nothing.',
    brief: { purpose: 'prototype', geometry: { xMm: 40, yMm: 40, zMm: 30 } },
  },
  {
    id: 'sun',
    label: 'Lies in the sun',
    means: 'A hook outdoors in full sun and rain that holds 0.5 kg for five years.',
    brief: {
      ...{ sun: 'full', water: 'rain', lifeYears: 5, heat: { setting: 'outdoors' } },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 5, lengthMm: 40, widthMm: 25, heightMm: 6 }],
    },
  },
  {
    id: 'hot-car',
    label: 'A hot car',
    means: 'A holder in a parked car, in the sun through its glass, that carries 0.2 kg.',
    brief: {
      ...{ sun: 'reflected', heat: { setting: 'closed-vehicle' } },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 2, lengthMm: 50, widthMm: 20, heightMm: 5 }],
    },
  },
  {
    id: 'knocks',
    label: 'Knocks',
    means: 'A case of 0.3 kg that falls a metre on to a hard floor.',
    brief: {
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.3, heightM: 1, widthMm: 20, heightMm: 6 }],
    },
  },
  {
    id: 'rubber',
    label: 'Bends like rubber',
    means: 'A pad of 60 × 40 × 8 mm, as soft as a tyre: 80 to 98 Shore A.',
    brief: {
      flex: { want: 'rubbery', shoreA: [80, 98] },
      geometry: { xMm: 60, yMm: 40, zMm: 8 },
    },
  },
  {
    id: 'clip',
    label: 'Snaps, again and again',
    means: 'A snap finger 18 mm long and 2 mm thick that is pressed in by 1 mm, a thousand times.',
    brief: {
      flex: { want: 'springy' },
      loads: [
        { kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 18, cycles: 1000 },
      ],
    },
  },
  {
    id: 'gear',
    label: 'A gear',
    means: 'A gear of 50 mm whose teeth bear 2.5 MPa a million times in three years.',
    brief: {
      ...{ wear: 'gear', lifeYears: 3 },
      loads: [{ kind: 'cyclic', case: 'direct-stress', stressMPa: 2.5, cycles: 1_000_000 }],
      geometry: { xMm: 50, yMm: 50, zMm: 12, sharpCorners: 0 },
    },
  },
  {
    id: 'water',
    label: 'Stands in water',
    means: 'A fitting under water outdoors for three years that now and then bears 1 kg.',
    brief: {
      ...{ water: 'immersed', lifeYears: 3, heat: { setting: 'outdoors' } },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 40, widthMm: 20, heightMm: 6 }],
    },
  },
  {
    id: 'true',
    label: 'Must be true',
    means: 'A jig of 60 × 40 × 20 mm that is right within 0.1 mm.',
    brief: { toleranceMm: 0.1, geometry: { xMm: 60, yMm: 40, zMm: 20 } },
  },
  {
    id: 'carries',
    label: 'Carries for years',
    means: 'A bracket indoors that holds 1.5 kg on a 60 mm arm for ten years.',
    brief: {
      ...{ lifeYears: 10, ifItFails: 'damages' },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 15, lengthMm: 60, widthMm: 30, heightMm: 8 }],
    },
  },
  {
    id: 'clear',
    label: 'Clear',
    means: 'A cover of 60 × 40 mm, 2 mm thick, that light comes through.',
    brief: {
      looks: { colour: 'clear', clear: true },
      geometry: { xMm: 60, yMm: 40, zMm: 10, wallMm: 2 },
    },
  },
  {
    id: 'food',
    label: 'Next to food',
    means: 'A box for wet food that is washed by hand in hot water, up to 60 °C.',
    brief: {
      contact: { food: 'wet' },
      ...{ water: 'humid', heat: { setting: 'custom', partC: 60, hoursADay: 0.5 } },
    },
  },
  {
    id: 'light',
    label: 'Light',
    means: 'Something to be looked at that should weigh as little as it can.',
    brief: { purpose: 'decorative', weights: { mass: 5 } },
  },
  {
    id: 'no-smell',
    label: 'No smell',
    means: 'Something printed in a room where children are, eight hours a day.',
    brief: {
      room: { who: 'children', hoursADay: 8, fumes: 'limit' },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 40, widthMm: 20, heightMm: 6 }],
    },
  },
];

/** The brief of the usual part that stands for a need. */
export function chooserBrief({ label, brief }: ChooserNeed): Brief {
  return parseBrief({ format: 'hornblende-brief', version: 1, name: label, ...brief });
}
