import type { SymptomId } from '@hornblende/core/triage';

/** Symptoms drawn in lines, on a square of 32: the plate at y 27, the nozzle from above. */
export const symptomDrawings: Record<SymptomId, string> = {
  'corner-lift': 'M2 27h28 M6 26V14h20v8q-9 6-20 4',
  'part-loose': 'M2 27h28 M9 20l13-7 4 8-13 6z M4 22l3 2 M4 18l3 2',
  'bow-after-release': 'M3 21q13-12 26 0 M3 25q13-12 26 0 M3 21v4 M29 21v4',
  'layer-split': 'M6 6h20v8l-4 1-5-2-5 2-6-1z M6 19l6 1 5-2 5 2 4-1v7H6z',
  strings: 'M4 27V9h6v18 M22 27V9h6v18 M10 12q6 4 12 0 M10 17q6 5 12 0 M10 22q6 3 12 0',
  'nozzle-blobs': 'M11 4h10v8l-3 5h-4l-3-5z M12 19q-4 4 0 7 4 2 8 0 3-4-1-7',
  popping: 'M11 4h10v8l-3 5h-4l-3-5z M16 18v9 M10 20l-4 2 M22 20l4 2 M11 25l-4 3 M21 25l4 3',
  gaps: 'M4 8h24 M4 13h9 M18 13h10 M4 18h24 M4 23h5 M15 23h13',
  'filament-ground': 'M13 2v28 M19 2v28 M13 13l3 2-3 2 M19 12l-2 2 2 2 M21 16a5 5 0 1 0 10 0a5 5 0 1 0-10 0',
  jam: 'M11 4h10v8l-3 5h-4l-3-5z M12 22l8 7 M20 22l-8 7',
  'filament-brittle': 'M3 20q7-9 12-8 M18 11l2 3 M29 22q-4-9-9-9 M15 7l1 3 M20 6l-1 3',
  'overhang-sag': 'M4 27V8h24 M8 12q10 9 20 3 M8 17q10 9 18 3',
  'rough-underside': 'M5 8h22v9l-2 3-3-2-2 4-3-3-3 4-3-4-3 3-3-3z',
  'supports-fused': 'M4 6h24v6H4z M8 12v15 M13 12v15 M19 12v15 M24 12v15 M8 14l5 3 M19 14l5 3',
  'size-off': 'M6 10h17v14H6z M3 7h26v20H3z M26 4l3 3-3 3 M6 4L3 7l3 3',
  'holes-small': 'M4 5h24v22H4z M9 16a7 7 0 1 0 14 0a7 7 0 1 0-14 0 M12 16a4 4 0 1 0 8 0a4 4 0 1 0-8 0',
  'first-layer-squashed': 'M2 27h28 M9 6h14v15H9z M9 21q-5 1-6 5h26q-1-4-6-5',
  'layer-shift': 'M5 27V18h17v9 M10 18V9h17v9',
  'scorched-specks': 'M5 6h22v20H5z M10 11h2v2h-2z M19 10h3v2h-3z M13 18h2v3h-2z M21 19h2v2h-2z',
  'foam-uneven':
    'M5 6h22v20H5z M10 12a2 2 0 1 0 4 0a2 2 0 1 0-4 0 M18 12a4 4 0 1 0 8 0a4 4 0 1 0-8 0 M9 21h6',
  'too-soft': 'M5 12h7q4 8 8 0h7v14H5z M16 2v10 M13 9l3 4 3-4',
  'too-hard': 'M5 14h22v12H5z M16 2v9 M13 8l3 4 3-4 M20 5l5-2 M20 9h5',
  cloudy: 'M5 6h22v20H5z M8 23L24 9 M8 17l9-8 M15 23l9-8',
};
