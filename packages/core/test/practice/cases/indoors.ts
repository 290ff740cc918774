import type { PracticeCase } from '../practice-case.js';

/** Indoors, cool and easy: the cheapest filament that does the job. */
export const indoors: readonly PracticeCase[] = [
  {
    name: 'coat hook for a cap, 5 N',
    printer: 'open-remote',
    asks: {
      lifeYears: 10,
      geometry: { xMm: 60, yMm: 30, zMm: 12 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 5, lengthMm: 40, widthMm: 20, heightMm: 8 }],
    },
    first: ['pla', 'pla-tough', 'petg'],
    notFirst: ['asa-cf', 'pla-cf', 'peek'],
    why: 'A light hook in a cool room: nothing beats the cheapest stiff filament, with PETG for who fears creep.',
  },
  {
    name: 'drill jig, true to 0.15 mm',
    printer: 'open-direct',
    asks: { toleranceMm: 0.15, lifeYears: 1, geometry: { xMm: 80, yMm: 50, zMm: 15 } },
    first: ['pla'],
    why: 'PLA shrinks and warps least, and a jig is neither hot nor loaded for long.',
  },
  {
    name: 'electronics housing on a desk',
    printer: 'cabinet',
    asks: { lifeYears: 5, electrical: 'low-voltage', geometry: { xMm: 110, yMm: 70, zMm: 30, wallMm: 2 } },
    first: ['pla', 'pla-tough', 'petg'],
    why: 'A cool housing asks for looks and fit.',
  },
  {
    name: 'prototype of anything',
    printer: 'open-remote',
    asks: { purpose: 'prototype', lifeYears: 0.2 },
    first: ['pla'],
    why: 'A prototype wants the quickest and cheapest print.',
  },
  {
    name: 'figurine for a shelf',
    printer: 'open-direct',
    asks: {
      purpose: 'decorative',
      looks: { finish: 'fine', colour: 'light' },
      geometry: { xMm: 50, yMm: 50, zMm: 90 },
    },
    first: ['pla', 'pla-silk'],
    why: 'PLA takes detail best; silk hides its layers.',
  },
  {
    name: 'white shelf label holder',
    printer: 'cabinet',
    asks: { looks: { colour: 'white' }, geometry: { xMm: 90, yMm: 25, zMm: 6 } },
    first: ['pla', 'pla-tough', 'petg'],
    out: { 'pla-cf': 'looks', 'asa-cf': 'looks', 'pa12-cf': 'looks' },
    why: 'What is filled with carbon is never white.',
  },
  {
    name: 'jig that gets dropped',
    printer: 'open-direct',
    asks: {
      lifeYears: 2,
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 20, heightMm: 6 }],
    },
    first: ['pla-tough', 'petg'],
    notFirst: ['pla', 'pla-cf', 'pla-ht'],
    why: 'Plain PLA snaps where it is knocked; its tougher sister or PETG takes it.',
  },
  {
    name: 'tool rack for a cool workshop, 20 N for years',
    printer: 'open-direct',
    asks: {
      lifeYears: 5,
      geometry: { xMm: 120, yMm: 40, zMm: 30 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 20, lengthMm: 40, widthMm: 30, heightMm: 10 }],
    },
    first: ['petg', 'pla', 'pla-tough'],
    why: 'Low stress indoors: either common filament holds.',
  },
  {
    name: 'bracket held for ten years, 65 N',
    printer: 'open-direct',
    asks: {
      lifeYears: 10,
      ifItFails: 'annoys',
      geometry: { xMm: 80, yMm: 40, zMm: 40 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 65, lengthMm: 50, widthMm: 30, heightMm: 15 }],
    },
    first: ['petg'],
    notFirst: ['pla', 'pla-silk', 'pla-wood'],
    why: 'Held load for years is a creep question: PETG, not PLA, on an open machine.',
  },
  {
    name: 'bolted boss, squeezed for five years',
    printer: 'open-direct',
    asks: {
      lifeYears: 5,
      loads: [{ kind: 'sustained', case: 'clamp', forceN: 800, areaMm2: 100 }],
    },
    first: ['petg'],
    notFirst: ['pla', 'pla-tough'],
    why: 'A screw in PLA loosens over months; PETG keeps more of its grip on the same machine.',
  },
  {
    name: 'press fit in a warm cabinet, 45 °C',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      heat: { setting: 'custom', partC: 45 },
      loads: [{ kind: 'sustained', case: 'clamp', stressMPa: 5 }],
      geometry: { xMm: 40, yMm: 40, zMm: 20 },
    },
    first: ['pc-blend', 'pc', 'abs', 'asa', 'asa-cf', 'copolyester-ht', 'petg-cf'],
    out: { pla: 'heat' },
    why: 'Warm and squeezed for years: amorphous plastics with a high glass transition keep their grip.',
  },
];
