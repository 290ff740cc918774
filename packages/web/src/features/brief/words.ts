import type {
  Consequence,
  FlexWant,
  HeatSetting,
  LoadCase,
  LoadKind,
  Purpose,
  Water,
  School,
  OutdoorSchool,
  BakeChoice,
  Electrical,
  Seal,
  Wear,
} from '@hornblende/core/brief';
import type { Colour } from '@hornblende/core/materials';
import type { Exposure, Glass, InfillPattern } from '@hornblende/core/models';
import { surfaceWishes, surfaceWishWords } from '@hornblende/core/brief';
import { chemicalNames, chemicals } from '@hornblende/core/materials';

/** The words of the brief's choices, as they read inside a sentence. */
export const words = {
  purpose: [
    { value: 'functional', label: 'a working part' },
    { value: 'decorative', label: 'for looks' },
    { value: 'prototype', label: 'a prototype' },
    { value: 'dissolving-support', label: 'a support to dissolve' },
  ] as { value: Purpose; label: string }[],
  ifItFails: [
    { value: 'nothing', label: 'nothing much happens' },
    { value: 'annoys', label: 'it annoys' },
    { value: 'damages', label: 'something is damaged' },
    { value: 'injures', label: 'someone could be hurt' },
  ] as { value: Consequence; label: string }[],
  setting: [
    { value: 'indoors', label: 'indoors' },
    { value: 'outdoors', label: 'outdoors' },
    { value: 'closed-vehicle', label: 'in a closed vehicle' },
    { value: 'near-source', label: 'near something hot' },
    { value: 'custom', label: 'where I measured it' },
  ] as { value: HeatSetting; label: string }[],
  sun: [
    { value: 'none', label: 'out of the sun' },
    { value: 'reflected', label: 'in reflected light' },
    { value: 'part', label: 'in the sun half the day' },
    { value: 'full', label: 'in full sun' },
  ] as { value: Exposure; label: string }[],
  water: [
    { value: 'dry', label: 'dry' },
    { value: 'humid', label: 'in damp air' },
    { value: 'rain', label: 'in the rain' },
    { value: 'immersed', label: 'under water' },
  ] as { value: Water; label: string }[],
  flex: [
    { value: 'rigid', label: 'stay rigid' },
    { value: 'springy', label: 'spring back' },
    { value: 'hinge', label: 'fold like a hinge' },
    { value: 'rubbery', label: 'be rubbery' },
  ] as { value: FlexWant; label: string }[],
  kind: [
    { value: 'sustained', label: 'held for long' },
    { value: 'short', label: 'now and then' },
    { value: 'cyclic', label: 'again and again' },
    { value: 'impact', label: 'a knock' },
  ] as { value: LoadKind; label: string }[],
  case: [
    { value: 'cantilever', label: 'an arm held at one end' },
    { value: 'simply-supported', label: 'a bar on two rests' },
    { value: 'fixed-fixed', label: 'a bar held at both ends' },
    { value: 'tension', label: 'a tie, pulled' },
    { value: 'compression', label: 'a post, pressed' },
    { value: 'direct-stress', label: 'a known stress' },
    { value: 'snap-fit', label: 'a snap finger' },
    { value: 'deceleration', label: 'an arm with a braked mass' },
    { value: 'drop', label: 'a drop' },
    { value: 'clamp', label: 'a joint, squeezed' },
    { value: 'insert', label: 'a heat-set insert' },
  ] as { value: LoadCase; label: string }[],
  colour: [
    { value: 'white', label: 'white' },
    { value: 'light', label: 'light' },
    { value: 'mid', label: 'medium' },
    { value: 'dark', label: 'dark' },
    { value: 'black', label: 'black' },
    { value: 'clear', label: 'clear' },
  ] as { value: Colour; label: string }[],
  finish: [
    { value: 'any', label: 'any' },
    { value: 'fair', label: 'fair' },
    { value: 'fine', label: 'fine' },
  ] as { value: 'any' | 'fair' | 'fine'; label: string }[],
  wishes: surfaceWishes.map(value => ({ value, label: surfaceWishWords[value] })),
  food: [
    { value: 'none', label: 'no food' },
    { value: 'dry', label: 'dry food' },
    { value: 'wet', label: 'wet food' },
  ] as { value: 'none' | 'dry' | 'wet'; label: string }[],
  school: [
    { value: 'step-up', label: 'Step-up' },
    { value: 'weighted', label: 'Weighted' },
    { value: 'weakest-link', label: 'Weakest link' },
  ] as { value: School; label: string }[],
  outdoorSchool: [
    { value: 'laboratory', label: 'laboratory ageing' },
    { value: 'field', label: 'what is logged outdoors' },
  ] as { value: OutdoorSchool; label: string }[],
  wear: [
    { value: 'none', label: 'nothing rubs on it' },
    { value: 'sliding', label: 'something slides on it' },
    { value: 'gear', label: 'its teeth mesh' },
  ] as { value: Wear; label: string }[],
  rubber: [
    { value: 'holds', label: 'keeps its shape while it is unloaded' },
    { value: 'dead', label: 'is dead' },
  ],
  roomPeople: [
    { value: 'unsaid', label: 'it is not said who is in the room' },
    { value: 'nobody', label: 'nobody is in the room' },
    { value: 'adults', label: 'adults are in the room' },
    { value: 'children', label: 'children are in the room' },
  ],
  fumesSchool: [
    { value: 'computed', label: 'are weighed for this room' },
    { value: 'limit', label: 'over the reference value rule it out' },
    { value: 'decisive', label: 'rule it out in a room that is not ventilated' },
    { value: 'nuisance', label: 'are a caution only' },
  ],
  electrical: [
    { value: 'none', label: 'no electricity' },
    { value: 'low-voltage', label: 'low voltage' },
    { value: 'mains', label: 'mains voltage' },
    { value: 'static-safe', label: 'static that must be led away' },
    { value: 'radio', label: 'radio that must pass' },
  ] as { value: Electrical; label: string }[],
  glass: [
    { value: 'auto', label: 'as its place has it' },
    { value: 'none', label: 'no glass' },
    { value: 'window', label: 'a window' },
    { value: 'vehicle', label: 'a vehicle’s glass' },
    { value: 'laminated', label: 'laminated glass' },
  ] as { value: Glass | 'auto'; label: string }[],
  pattern: [
    { value: 'lines', label: 'lines' },
    { value: 'grid', label: 'grid' },
    { value: 'triangles', label: 'triangles' },
    { value: 'gyroid', label: 'gyroid' },
    { value: 'cubic', label: 'cubic' },
    { value: 'solid', label: 'solid' },
  ] as { value: InfillPattern; label: string }[],
  bake: [
    { value: 'if-needed', label: 'may be baked where only that helps' },
    { value: 'never', label: 'is never baked' },
  ] as { value: BakeChoice; label: string }[],
  seal: [
    { value: 'none', label: 'nothing' },
    { value: 'water', label: 'water' },
    { value: 'gas', label: 'gas' },
    { value: 'fuel', label: 'fuel' },
  ] as { value: Seal; label: string }[],
  chemicals: chemicals.map(value => ({ value, label: chemicalNames[value] })),
};
