/** Printers that faults happen on. */
const P = {
  open: {
    chamber: 'open',
    chamberC: 25,
    drive: 'direct',
    nozzleMetal: 'brass',
    linerLimitC: 240,
    buildMm: [220, 220, 250],
  },
  bow: {
    chamber: 'open',
    chamberC: 25,
    drive: 'bowden',
    nozzleMetal: 'brass',
    linerLimitC: 240,
    buildMm: [220, 220, 250],
  },
  cab: {
    chamber: 'enclosed',
    chamberC: 45,
    drive: 'direct',
    nozzleMetal: 'hardened',
    linerLimitC: null,
    buildMm: [256, 256, 256],
  },
};

/** More faults, written down after the likelihoods were set; no likelihood was moved for these. */
export const heldOutFaults: readonly { truth: string; symptoms: string[]; context: object }[] = [
  {
    truth: 'sharp-corners',
    symptoms: ['corner-lift'],
    context: {
      family: 'abs',
      printer: P.cab,
      chamberC: 45,
      bedC: 100,
      plate: 'smooth-pei',
      adhesive: 'glue-stick',
      part: { lengthMm: 80, sharpCorners: 4 },
    },
  },
  {
    truth: 'wide-flat-base',
    symptoms: ['corner-lift', 'bow-after-release'],
    context: {
      family: 'asa',
      printer: P.cab,
      chamberC: 45,
      bedC: 100,
      part: { lengthMm: 210, sharpCorners: 0 },
    },
  },
  {
    truth: 'draught',
    symptoms: ['corner-lift', 'layer-split'],
    context: { family: 'abs', printer: P.open, bedC: 100, part: { lengthMm: 60, sharpCorners: 2 } },
  },
  {
    truth: 'chamber-too-cold',
    symptoms: ['layer-split'],
    context: { family: 'pc', printer: P.cab, chamberC: 38, nozzleC: 275, fanPct: 0, spool: { state: 'dry' } },
  },
  {
    truth: 'fan-too-strong',
    symptoms: ['layer-split'],
    context: { family: 'abs', printer: P.cab, chamberC: 45, fanPct: 80, nozzleC: 245 },
  },
  {
    truth: 'nozzle-too-cold',
    symptoms: ['layer-split'],
    context: { family: 'petg', printer: P.open, nozzleC: 215, fanPct: 30, spool: { state: 'dry' } },
  },
  {
    truth: 'wet-filament',
    symptoms: ['layer-split', 'popping', 'rough-underside'],
    context: { family: 'pa12', spool: { state: 'dry it first' } },
  },
  {
    truth: 'wet-filament',
    symptoms: ['strings', 'nozzle-blobs'],
    context: { family: 'tpu-95a', spool: { state: 'dry it first' }, printer: P.open },
  },
  {
    truth: 'wet-filament',
    symptoms: ['cloudy', 'popping'],
    context: { family: 'copolyester-ht', spool: { state: 'dry it first' } },
  },
  {
    truth: 'nozzle-too-hot',
    symptoms: ['strings', 'overhang-sag'],
    context: { family: 'pla', nozzleC: 235, spool: { state: 'dry' }, fanPct: 100 },
  },
  {
    truth: 'retraction-too-little',
    symptoms: ['strings'],
    context: { family: 'pla', printer: P.bow, retractionMm: 1, nozzleC: 205, spool: { state: 'dry' } },
  },
  {
    truth: 'fan-too-weak',
    symptoms: ['overhang-sag', 'rough-underside'],
    context: { family: 'pla', fanPct: 20, nozzleC: 205 },
  },
  {
    truth: 'unsupported-span',
    symptoms: ['overhang-sag'],
    context: { family: 'petg', fanPct: 50, nozzleC: 235, part: { overhangMm2: 900 } },
  },
  {
    truth: 'bed-dirty',
    symptoms: ['part-loose'],
    context: { family: 'petg', bedC: 75, plate: 'smooth-pei', printer: P.open, part: { liftChance: 0.01 } },
  },
  {
    truth: 'plate-wrong',
    symptoms: ['part-loose', 'corner-lift'],
    context: { family: 'pp', plate: 'smooth-pei', bedC: 90 },
  },
  { truth: 'plate-wrong', symptoms: ['part-loose'], context: { family: 'pa6', plate: 'glass', bedC: 80 } },
  {
    truth: 'bed-too-cold',
    symptoms: ['part-loose'],
    context: { family: 'asa', bedC: 70, printer: P.cab, chamberC: 45 },
  },
  {
    truth: 'first-gap-wide',
    symptoms: ['part-loose', 'gaps'],
    context: { family: 'petg', bedC: 75, plate: 'textured-pei' },
  },
  { truth: 'first-gap-close', symptoms: ['first-layer-squashed'], context: { family: 'petg', bedC: 72 } },
  { truth: 'bed-too-hot', symptoms: ['first-layer-squashed'], context: { family: 'pla', bedC: 80 } },
  {
    truth: 'remote-drive-soft',
    symptoms: ['filament-ground', 'jam'],
    context: { family: 'tpu-85a', printer: P.bow },
  },
  {
    truth: 'too-fast',
    symptoms: ['gaps', 'filament-ground'],
    context: { family: 'petg', speedMmS: 180, nozzleC: 240 },
  },
  {
    truth: 'nozzle-clogged',
    symptoms: ['gaps', 'filament-ground'],
    context: { family: 'pla', nozzleC: 210, speedMmS: 60 },
  },
  {
    truth: 'chamber-too-warm',
    symptoms: ['jam', 'filament-ground'],
    context: { family: 'pla', printer: P.cab, chamberC: 45, nozzleC: 205 },
  },
  { truth: 'liner-damaged', symptoms: ['jam'], context: { family: 'abs', printer: P.open, nozzleC: 265 } },
  { truth: 'belt-loose', symptoms: ['layer-shift'], context: { family: 'petg' } },
  {
    truth: 'nozzle-worn',
    symptoms: ['size-off', 'gaps'],
    context: { family: 'pla-glow', printer: P.open, nozzleC: 210 },
  },
  { truth: 'no-allowance', symptoms: ['holes-small'], context: { family: 'pla', bedC: 60 } },
  {
    truth: 'flow-off',
    symptoms: ['size-off', 'nozzle-blobs'],
    context: { family: 'petg', nozzleC: 235, spool: { state: 'dry' } },
  },
  { truth: 'support-gap-wrong', symptoms: ['supports-fused'], context: { family: 'pla', nozzleC: 205 } },
  {
    truth: 'rubber-supports',
    symptoms: ['supports-fused', 'rough-underside'],
    context: { family: 'tpu-95a' },
  },
  {
    truth: 'walls-too-few',
    symptoms: ['too-soft'],
    context: { family: 'petg', part: { walls: 2, infill: 0.25 } },
  },
  {
    truth: 'infill-too-little',
    symptoms: ['too-soft'],
    context: { family: 'petg', part: { walls: 4, infill: 0.08 } },
  },
  {
    truth: 'old-filament',
    symptoms: ['filament-brittle'],
    context: { family: 'pla', spool: { state: 'dry' } },
  },
  {
    truth: 'wet-filament',
    symptoms: ['filament-brittle', 'strings'],
    context: { family: 'pla', spool: { state: 'dry it first' } },
  },
  { truth: 'left-hot-idle', symptoms: ['scorched-specks'], context: { family: 'pva' } },
  {
    truth: 'tall-thin',
    symptoms: ['part-loose', 'layer-shift'],
    context: { family: 'pla', part: { lengthMm: 12, widthMm: 12, heightMm: 120 } },
  },
  {
    truth: 'bed-edge-cold',
    symptoms: ['corner-lift'],
    context: { family: 'petg', printer: P.open, bedC: 75, part: { lengthMm: 200, sharpCorners: 0 } },
  },
  {
    truth: 'plate-worn',
    symptoms: ['part-loose', 'corner-lift'],
    context: {
      family: 'petg',
      plate: 'smooth-pei',
      bedC: 78,
      part: { printsThere: 5, failedThere: 3, liftChance: 0.01 },
    },
  },
  {
    truth: 'no-brim',
    symptoms: ['corner-lift'],
    context: {
      family: 'pla',
      printer: P.open,
      bedC: 60,
      part: { lengthMm: 140, sharpCorners: 0, heightMm: 40 },
    },
  },
  {
    truth: 'shrinks-much',
    symptoms: ['corner-lift', 'bow-after-release'],
    context: {
      family: 'pp',
      printer: P.cab,
      chamberC: 60,
      plate: 'pp-sheet',
      bedC: 90,
      part: { lengthMm: 60, sharpCorners: 0 },
    },
  },
  {
    truth: 'humid-air',
    symptoms: ['popping', 'strings'],
    context: { family: 'pa6', spool: { state: 'dry' } },
  },
  { truth: 'snagged-spool', symptoms: ['gaps', 'layer-shift'], context: { family: 'pla' } },
  { truth: 'contaminated', symptoms: ['jam', 'scorched-specks'], context: { family: 'pla' } },
  {
    truth: 'retraction-too-much',
    symptoms: ['filament-ground', 'jam'],
    context: { family: 'pla', printer: P.open, retractionMm: 6, chamberC: 24 },
  },
  {
    truth: 'wrong-lay',
    symptoms: ['layer-split'],
    context: { family: 'petg', nozzleC: 240, fanPct: 30, spool: { state: 'dry' } },
  },
  {
    truth: 'travel-over-part',
    symptoms: ['strings', 'layer-shift'],
    context: { family: 'petg', nozzleC: 235, spool: { state: 'dry' }, retractionMm: 0.8 },
  },
  {
    truth: 'bed-unlevel',
    symptoms: ['part-loose', 'first-layer-squashed'],
    context: { family: 'pla', bedC: 60 },
  },
  {
    truth: 'wrong-grade',
    symptoms: ['too-hard'],
    context: { family: 'tpu-85a', part: { infill: 0.15, walls: 2 } },
  },
  {
    truth: 'feeder-worn',
    symptoms: ['filament-ground', 'gaps'],
    context: { family: 'petg', printer: P.open, speedMmS: 50, nozzleC: 240, retractionMm: 0.8 },
  },
];
