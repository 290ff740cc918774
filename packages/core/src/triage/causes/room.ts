import { causesOf, remedies } from '../cause.js';

/** What the room may bring about. How likely each shows is an estimate from general practice of printing. */
export const roomCauses = causesOf('room', [
  {
    id: 'draught',
    label: 'A draught',
    prior: 3,
    shows: { 'corner-lift': 0.72, 'layer-split': 0.5, 'bow-after-release': 0.3 },
    remedies: remedies({ room: 'Doors and windows shut, a box over it', machine: 'An enclosure' }),
  },
  {
    id: 'chamber-too-cold',
    label: 'Air too cold',
    prior: 3,
    shows: { 'corner-lift': 0.68, 'layer-split': 0.6, 'bow-after-release': 0.45 },
    remedies: remedies({
      machine: 'An enclosure, preheated for twenty minutes with its door shut',
      filament: 'An easier filament',
    }),
    caution: 'Heated enclosures and mains-powered heaters are for qualified people and local code.',
  },
  {
    id: 'chamber-too-warm',
    label: 'Air too warm',
    prior: 1.5,
    shows: { 'overhang-sag': 0.5, jam: 0.55, 'filament-ground': 0.4, 'rough-underside': 0.2, strings: 0.15 },
    remedies: remedies({ room: 'Open the door or the lid', machine: 'Look at the hot end’s own fan' }),
  },
  {
    id: 'humid-air',
    label: 'Damp air while it prints',
    prior: 2,
    shows: { popping: 0.5, strings: 0.5, cloudy: 0.3, 'nozzle-blobs': 0.25 },
    remedies: remedies({ room: 'Print from a dry box', filament: 'Dry it before each print' }),
  },
]);
