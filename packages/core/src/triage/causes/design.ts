import { causesOf, remedies } from '../cause.js';

/** What the drawing may bring about. How likely each shows is an estimate from general practice of printing. */
export const designCauses = causesOf('design', [
  {
    id: 'sharp-corners',
    label: 'Sharp corners in the base',
    prior: 3,
    shows: { 'corner-lift': 0.85, 'bow-after-release': 0.25, 'layer-split': 0.15 },
    remedies: remedies({
      design: 'Round the corners of the base by 5 mm and more',
      slicing: 'Ears or a brim at the corners',
      machine: 'A cleaner, stickier plate',
    }),
  },
  {
    id: 'wide-flat-base',
    label: 'A long flat base',
    prior: 3,
    shows: { 'corner-lift': 0.75, 'bow-after-release': 0.55, 'part-loose': 0.15 },
    remedies: remedies({
      design: 'Relief grooves under the base, ribs in place of a solid body, or two parts',
      slicing: 'A brim, less infill, the part turned off the rim',
      room: 'Warmer, still air',
    }),
  },
  {
    id: 'no-allowance',
    label: 'Drawn without room for what printing adds',
    prior: 3,
    shows: { 'size-off': 0.6, 'holes-small': 0.85 },
    remedies: remedies({
      design: 'Holes 0.2 to 0.4 mm wider, fits with a gap',
      slicing: 'Compensation for outlines and holes, from a gauge',
    }),
  },
  {
    id: 'unsupported-span',
    label: 'Spans or overhangs without support',
    prior: 3,
    shows: { 'overhang-sag': 0.88, 'rough-underside': 0.6, strings: 0.1 },
    remedies: remedies({
      design: 'Chamfers of 45° in place of flat ceilings',
      slicing: 'Supports, or the part laid otherwise',
    }),
  },
  {
    id: 'tall-thin',
    label: 'Tall on a small foot',
    prior: 1.5,
    shows: { 'part-loose': 0.5, 'layer-shift': 0.35, 'overhang-sag': 0.15, gaps: 0.1 },
    remedies: remedies({
      design: 'A wider foot, or two parts joined',
      slicing: 'A wide brim, slower at the top, laid down',
    }),
  },
  {
    id: 'wrong-lay',
    label: 'Laid the wrong way',
    prior: 2,
    shows: { 'layer-split': 0.5, 'overhang-sag': 0.4, 'rough-underside': 0.4, 'supports-fused': 0.3 },
    remedies: remedies({
      design: 'Split it, so that each piece lies well',
      slicing: 'Lay it so that the load runs along the layers',
    }),
  },
]);
