/** Faults as they happen, with what they turned out to be: general practice of printing. */
export const faults: readonly { truth: string; symptoms: string[]; context: object }[] = [
  {
    truth: 'wet-filament',
    symptoms: ['popping', 'strings'],
    context: { family: 'pa6', spool: { state: 'dry it first' } },
  },
  {
    truth: 'wet-filament',
    symptoms: ['cloudy', 'strings'],
    context: { family: 'petg', spool: { state: 'damp' } },
  },
  {
    truth: 'humid-air',
    symptoms: ['popping', 'strings'],
    context: { family: 'pa12', spool: { state: 'dry' } },
  },
  {
    truth: 'draught',
    symptoms: ['corner-lift', 'layer-split'],
    context: {
      family: 'abs',
      printer: { chamber: 'open' },
      part: { lengthMm: 90, sharpCorners: 0 },
      bedC: 105,
      fanPct: 0,
    },
  },
  {
    truth: 'chamber-too-cold',
    symptoms: ['layer-split', 'bow-after-release'],
    context: { family: 'pc', printer: { chamber: 'enclosed', chamberC: 35 }, nozzleC: 280, fanPct: 0 },
  },
  {
    truth: 'sharp-corners',
    symptoms: ['corner-lift'],
    context: {
      family: 'abs',
      printer: { chamber: 'enclosed' },
      chamberC: 50,
      bedC: 105,
      part: { lengthMm: 80, sharpCorners: 4 },
    },
  },
  {
    truth: 'bed-dirty',
    symptoms: ['part-loose'],
    context: { family: 'pla', bedC: 60, part: { lengthMm: 60, sharpCorners: 0 } },
  },
  { truth: 'bed-too-cold', symptoms: ['part-loose', 'corner-lift'], context: { family: 'petg', bedC: 50 } },
  {
    truth: 'plate-wrong',
    symptoms: ['part-loose', 'corner-lift'],
    context: { family: 'pp', plate: 'smooth-pei', bedC: 85 },
  },
  {
    truth: 'remote-drive-soft',
    symptoms: ['filament-ground', 'jam'],
    context: { family: 'tpu-85a', printer: { drive: 'bowden' } },
  },
  {
    truth: 'chamber-too-warm',
    symptoms: ['jam', 'filament-ground'],
    context: { family: 'pla', printer: { chamber: 'enclosed', drive: 'direct' }, chamberC: 45, nozzleC: 210 },
  },
  {
    truth: 'nozzle-too-cold',
    symptoms: ['layer-split', 'gaps'],
    context: { family: 'petg', nozzleC: 205, fanPct: 30 },
  },
  {
    truth: 'fan-too-strong',
    symptoms: ['layer-split'],
    context: { family: 'abs', fanPct: 100, nozzleC: 250, printer: { chamber: 'enclosed' }, chamberC: 55 },
  },
  {
    truth: 'retraction-too-little',
    symptoms: ['strings'],
    context: { family: 'pla', spool: { state: 'dry' }, nozzleC: 205, retractionMm: 0.2 },
  },
  {
    truth: 'nozzle-too-hot',
    symptoms: ['strings', 'nozzle-blobs'],
    context: { family: 'petg', spool: { state: 'dry' }, nozzleC: 275 },
  },
  { truth: 'first-gap-close', symptoms: ['first-layer-squashed'], context: { family: 'pla', bedC: 58 } },
  {
    truth: 'bed-too-hot',
    symptoms: ['first-layer-squashed', 'size-off'],
    context: { family: 'pla', bedC: 80 },
  },
  { truth: 'no-allowance', symptoms: ['holes-small'], context: { family: 'petg' } },
  { truth: 'belt-loose', symptoms: ['layer-shift', 'size-off'], context: { family: 'pla' } },
  { truth: 'left-hot-idle', symptoms: ['scorched-specks', 'jam'], context: { family: 'petg' } },
  { truth: 'old-filament', symptoms: ['filament-brittle'], context: { family: 'pla' } },
  {
    truth: 'support-gap-wrong',
    symptoms: ['supports-fused', 'rough-underside'],
    context: { family: 'petg' },
  },
  { truth: 'rubber-supports', symptoms: ['supports-fused'], context: { family: 'tpu-85a' } },
  {
    truth: 'unsupported-span',
    symptoms: ['overhang-sag', 'rough-underside'],
    context: { family: 'pla', fanPct: 100, part: { overhangMm2: 400 } },
  },
  {
    truth: 'fan-too-weak',
    symptoms: ['overhang-sag', 'strings'],
    context: { family: 'pla', fanPct: 10, part: { overhangMm2: 0 } },
  },
  { truth: 'flow-off', symptoms: ['foam-uneven', 'too-hard'], context: { family: 'tpu-foam' } },
  {
    truth: 'walls-too-few',
    symptoms: ['too-soft'],
    context: { family: 'petg', part: { walls: 2, infill: 0.2 } },
  },
  {
    truth: 'nozzle-clogged',
    symptoms: ['gaps', 'filament-ground'],
    context: { family: 'pla', spool: { state: 'dry' }, nozzleC: 210 },
  },
  {
    truth: 'nozzle-worn',
    symptoms: ['size-off', 'gaps'],
    context: { family: 'petg-cf', printer: { nozzleMetal: 'brass' } },
  },
  {
    truth: 'liner-damaged',
    symptoms: ['jam'],
    context: { family: 'petg', nozzleC: 260, printer: { linerLimitC: 240 } },
  },
  {
    truth: 'shrinks-much',
    symptoms: ['bow-after-release'],
    context: {
      family: 'asa',
      printer: { chamber: 'enclosed' },
      chamberC: 60,
      part: { lengthMm: 80, sharpCorners: 0 },
    },
  },
  {
    truth: 'wide-flat-base',
    symptoms: ['bow-after-release', 'corner-lift'],
    context: {
      family: 'petg',
      part: { lengthMm: 200, sharpCorners: 0 },
      printer: { chamber: 'enclosed' },
      bedC: 80,
      fanPct: 30,
    },
  },
  {
    truth: 'snagged-spool',
    symptoms: ['gaps', 'filament-ground', 'layer-shift'],
    context: { family: 'pla' },
  },
  { truth: 'first-gap-wide', symptoms: ['part-loose', 'gaps'], context: { family: 'pla', bedC: 60 } },
  {
    truth: 'too-fast',
    symptoms: ['gaps', 'layer-split'],
    context: { family: 'petg', speedMmS: 250, nozzleC: 240 },
  },
  {
    truth: 'tall-thin',
    symptoms: ['layer-shift', 'part-loose'],
    context: { family: 'pla', part: { lengthMm: 20, widthMm: 15, heightMm: 180 } },
  },
  {
    truth: 'travel-over-part',
    symptoms: ['strings', 'layer-shift'],
    context: { family: 'petg', spool: { state: 'dry' } },
  },
  {
    truth: 'feeder-worn',
    symptoms: ['filament-ground', 'gaps'],
    context: { family: 'petg', nozzleC: 240, spool: { state: 'dry' } },
  },
];
