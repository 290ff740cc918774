import type { SymptomId } from '@hornblende/core/triage';

/** A drawing of what is seen: what there is, and, set off from it, what is wrong. */
export interface SymptomDrawing {
  /** The piece, the nozzle or the filament. */
  thing: string;
  wrong: string;
}

const PLATE = 'M3 44h58';
const NOZZLE = 'M24 4h16v12l-5 7h-6l-5-7z';
const BLOCK = 'M10 8h44v34H10z';

/** Symptoms in lines on a field of 64 by 48. */
export const symptomDrawings: Record<SymptomId, SymptomDrawing> = {
  'corner-lift': {
    thing: `${PLATE} M8 44V20h46v14q-14 2-22 10z`,
    wrong: 'M54 34q-14 2-22 10 M57 43v-8m-3 3l3-3 3 3',
  },
  'part-loose': {
    thing: `${PLATE} M16 25l27-9 6 17-27 9z`,
    wrong: 'M10 24q-4 6 0 12 M55 18q4 6 0 12 M24 43l3 0 M44 36v7',
  },
  'bow-after-release': {
    thing: 'M6 30q26-22 52 0v7q-26-22-52 0z',
    wrong: 'M6 42h52 M32 27v14m-3-3l3 3 3-3',
  },
  'layer-split': {
    thing: `${PLATE} M14 44V32 M50 44V32 M14 24V6h36v18`,
    wrong: 'M14 32l6-3 8 4 8-4 8 4 6-2 M14 24l6 3 8-4 8 4 8-3 6 2',
  },
  strings: {
    thing: `${PLATE} M9 44V12h11v32 M44 44V12h11v32`,
    wrong: 'M20 17q12 9 24 0 M20 25q12 10 24 0 M20 33q12 7 24 0',
  },
  'nozzle-blobs': {
    thing: `${PLATE} ${NOZZLE}`,
    wrong: 'M29 23q-9 7-1 15 8 4 11-4 1-8-4-11z M24 44q3-4 7 0',
  },
  popping: {
    thing: `${NOZZLE} M32 23v21`,
    wrong:
      'M26 28l-7-4 M38 28l7-4 M25 36l-8 3 M39 36l8 3 M30 32a2.4 2.4 0 1 0 4.8 0a2.4 2.4 0 1 0-4.8 0 ' +
      'M29 41a1.6 1.6 0 1 0 3.2 0a1.6 1.6 0 1 0-3.2 0',
  },
  gaps: {
    thing: 'M10 6h44v38H10z M10 14h44 M10 35h44',
    wrong: 'M10 21h9 M28 21h26 M10 28h20 M40 28h6',
  },
  'filament-ground': {
    thing: 'M24 3v42 M33 3v12 M33 33v12 M56 24a9 9 0 1 0-18 0a9 9 0 1 0 18 0 M47 24h.1',
    wrong: 'M33 15l-4 3 4 3-4 3 4 3-4 3 4 3',
  },
  jam: { thing: NOZZLE, wrong: 'M24 29l16 15 M40 29L24 44' },
  'filament-brittle': {
    thing: 'M4 38q10-20 26-21 M36 22q14 0 24 18',
    wrong: 'M30 11l1 5 M36 10l-2 7 M41 16l-5 3',
  },
  'overhang-sag': {
    thing: `${PLATE} M8 44V6h50v7 M52 44V13`,
    wrong: 'M8 14q24 16 44 0 M8 20q24 18 44 0 M8 26q24 16 44 0',
  },
  'rough-underside': {
    thing: 'M8 28V8h48v20',
    wrong: 'M8 28l5 8 5-6 5 10 6-9 5 7 6-8 5 9 6-8 5-3',
  },
  'supports-fused': {
    thing: `${PLATE} M6 6h52v11H6z M14 44V25 M23 44V25 M32 44V25 M41 44V25 M50 44V25`,
    wrong: 'M10 17l4 8 4-8 5 8 5-8 4 8 5-8 4 8 5-8 4 8 4-8',
  },
  'size-off': {
    thing: 'M12 16h32v24H12z',
    wrong: 'M12 9h32 M12 6v6 M44 6v6 M52 10v36 M49 10h6 M49 46h6 M44 9h5 M44 3v12',
  },
  'holes-small': {
    thing: 'M8 4h48v40H8z M18 24a14 14 0 1 0 28 0a14 14 0 1 0-28 0',
    wrong: 'M25 24a7 7 0 1 0 14 0a7 7 0 1 0-14 0 M22 14l4 4 M42 14l-4 4 M22 34l4-4 M42 34l-4-4',
  },
  'first-layer-squashed': {
    thing: `${PLATE} M16 35V6h32v29`,
    wrong: 'M16 33q-9 2-11 11h54q-2-9-11-11',
  },
  'layer-shift': {
    thing: `${PLATE} M8 44V27h32v17 M20 27V7h32v20z`,
    wrong: 'M8 27h12 M40 27h12 M43 35h12m-4-3l4 3-4 3',
  },
  'scorched-specks': {
    thing: BLOCK,
    wrong: 'M19 15h3v3h-3z M40 13h4v4h-4z M27 26h4v5h-4z M45 30h3v3h-3z M16 34h3v3h-3z M34 37h2v2h-2z',
  },
  'foam-uneven': {
    thing: BLOCK,
    wrong:
      'M15 17a3 3 0 1 0 6 0a3 3 0 1 0-6 0 M29 19a7 7 0 1 0 14 0a7 7 0 1 0-14 0 M18 34a4 4 0 1 0 8 0a4 4 0 1 0-8 0 ' +
      'M36 35a2 2 0 1 0 4 0a2 2 0 1 0-4 0 M46 33a3 3 0 1 0 6 0a3 3 0 1 0-6 0',
  },
  'too-soft': { thing: 'M6 22h16q10 17 20 0h16v20H6z', wrong: 'M32 3v21m-6-6l6 6 6-6' },
  'too-hard': { thing: 'M6 24h52v18H6z', wrong: 'M32 3v17m-6-6l6 6 6-6 M24 20l-5-4 M40 20l5-4' },
  cloudy: { thing: BLOCK, wrong: 'M14 38L46 11 M13 27l18-16 M28 40l24-21 M40 41l13-12' },
  ringing: {
    thing: `${PLATE} M10 44V6h44v38`,
    wrong: 'M16 8q4 4 0 9t0 9 0 9 0 8 M23 8q4 4 0 9t0 9 0 9 0 8 M30 8q3 4 0 9t0 9 0 9 0 8',
  },
  seam: {
    thing: `${PLATE} M12 44V6h40v38`,
    wrong:
      'M30 10h3v2h-3z M31 15h3v2h-3z M30 20h3v2h-3z M31 25h3v2h-3z M30 30h3v2h-3z M31 35h3v2h-3z M30 40h3v2h-3z',
  },
  'top-open': {
    thing: 'M4 20L20 7h40L44 20z M4 20v22h40V20 M44 42l16-13V7',
    wrong: 'M12 18l10-9 M20 18l10-9 M35 18l10-9 M43 17l9-8',
  },
  'feed-jerks': {
    thing: 'M36 25a16 16 0 1 0-32 0a16 16 0 1 0 32 0 M25 25a5 5 0 1 0-10 0a5 5 0 1 0 10 0 M32 14l28-8',
    wrong: 'M24 11l14 12 M50 4l6 8 M44 16l4 3 M52 16l3 5',
  },
};
