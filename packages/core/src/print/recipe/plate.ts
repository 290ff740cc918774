import { timesIn100 } from '../../lib/chance-words.js';
import { sig } from '../../lib/figures.js';
import { adhesiveNames } from '../../materials/names.js';
import { footholdName } from '../adhesion.js';
import { BRIM_MM } from '../aid-effects.js';
import { aidSentence } from '../aid-words.js';
import type { RecipeRule } from './recipe-line.js';

/** Plate and what is put on it. */
export const plateRule: RecipeRule = ({ family: f, warp }) => {
  const line = { id: 'plate', group: 'plate' as const, label: 'Plate' };
  const best = warp.adhesion;
  if (!best)
    return { ...line, value: 'no plate here that it is known to hold on', why: 'Try a small print first.' };
  if (best.grips)
    return {
      ...line,
      value: `${footholdName({ ...best, adhesive: null })}, with a release layer of glue`,
      why: 'On it bare it bonds so hard that it tears the plate.',
    };
  const gripping = Object.entries(f.adhesion).some(([, hold]) => hold.grips) && best.adhesive !== null;
  return {
    ...line,
    value: footholdName(best),
    why: gripping
      ? `Here ${adhesiveNames[best.adhesive ?? 'glue-stick']} is to let go, not to hold: bare, it tears the plate.`
      : `The best hold there is here: ${sig(best.energyJm2, 3)} J/m². Washed with soap, not only wiped.`,
  };
};

/** Rims for the chance that it lifts, from which chance on, mm. */
const RIMS: readonly { from: number; rimMm: number; ears: boolean }[] = [
  { from: 0.15, rimMm: 8, ears: true },
  { from: 0.05, rimMm: 5, ears: false },
];

/** What holds its edge down. */
export const rimRule: RecipeRule = ({ brief, family, printer, warp }) => {
  const line = { id: 'rim', group: 'plate' as const, label: 'Brim' };
  const { aids } = brief.print;
  if (aids.includes('brim') || aids.includes('ears'))
    return {
      ...line,
      value: [
        ...(aids.includes('brim') ? [`${BRIM_MM} mm`] : []),
        ...(aids.includes('ears') ? ['discs at its corners'] : []),
      ].join(', and '),
      set: aids.includes('brim') ? BRIM_MM : 0,
      unit: 'mm',
      why: aidSentence(brief, family, printer),
    };
  const times = `This part lifts ${timesIn100(warp.pLift)}`;
  const rim = RIMS.find(r => warp.pLift >= r.from);
  if (!rim) {
    const { xMm, yMm, zMm } = brief.geometry;
    const tall = zMm > 3 * Math.min(xMm, yMm);
    return tall
      ? {
          ...line,
          value: '5 mm',
          set: 5,
          unit: 'mm',
          why: 'It stands tall on a small foot, and is knocked off easily.',
        }
      : { ...line, value: 'none', set: 0, unit: 'mm', why: `${times}.` };
  }
  const corners = brief.geometry.sharpCorners;
  const ears = rim.ears && corners > 0 ? `, and discs at its ${corners} sharp corners` : '';
  // It is advice until it is ticked: then it counts in what the print weighs, takes and costs.
  return {
    ...line,
    value: `${rim.rimMm} mm${ears}`,
    set: rim.rimMm,
    unit: 'mm',
    why: `${times}; bow when it is off ${sig(warp.bow.bowMm, 2)} mm. In the middle of the plate, not at its cool edge.`,
  };
};

/** A raft is thought of where a part lifts at least so often. */
const RAFT_THOUGHT_OF = 0.05;

/** Why not a raft, where one would think of it. */
export const raftRule: RecipeRule = ({ family: f, warp }) => {
  if (warp.pLift < RAFT_THOUGHT_OF) return null;
  const off =
    f.flags.support === 'clings'
      ? `${f.name} hardly comes off one again`
      : 'the face that lay on it stays rough';
  return {
    id: 'raft',
    group: 'plate',
    label: 'Raft',
    value: 'none: a brim instead',
    why: `It shrinks with the part and lifts with it, and ${off}. A rim of one layer holds the edge itself.`,
  };
};

/** Chance that the plate comes off its magnets from which it is clipped down. */
const CLIPPED_FROM = 0.05;

/** What holds the plate itself, where magnets do not do. */
export const clipRule: RecipeRule = ({ warp: { plateLift } }) =>
  plateLift && plateLift.pPlate >= CLIPPED_FROM
    ? {
        id: 'clips',
        group: 'plate',
        label: 'Clips',
        value: 'clip the plate down at both ends of the part',
        why:
          `It pulls the plate off its magnets ${timesIn100(plateLift.pPlate)}: ` +
          `its ends rise ${sig(plateLift.riseMm, 2)} mm.`,
      }
    : null;

/** How much thicker than the rest the first layer is, at most, and how much of a line’s width it may be. */
const FIRST_LAYER_TIMES = 1.25;
const FIRST_LAYER_OF_LINE = 0.6;
/** How much wider than the rest its lines are. */
const FIRST_LINE_TIMES = 1.2;

/** The first layer. */
export const firstLayerRule: RecipeRule = ({ brief, family: f, printer }) => {
  const soft = f.flags.drive === 'direct';
  const half = brief.print.aids.includes('first-layer');
  const { layerMm, lineMm } = brief.print;
  const highMm =
    printer?.firstLayerMm ??
    Math.max(layerMm, Math.min(FIRST_LAYER_TIMES * layerMm, FIRST_LAYER_OF_LINE * lineMm));
  const set = (soft ? 12 : 20) / (half ? 2 : 1);
  return {
    id: 'first-layer',
    group: 'plate',
    label: 'First layer',
    set,
    unit: 'mm/s',
    value:
      `${set} mm/s, ${sig(highMm, 2)} mm high, ` +
      `lines ${sig(FIRST_LINE_TIMES * lineMm, 2)} mm wide, fan off`,
    why:
      (half ? 'Half its usual pace, as ticked. ' : '') +
      (soft
        ? 'Soft filament buckles when it is pushed.'
        : 'All that follows stands on it: slow and without air it lies down and holds; a little thicker, it ' +
          'forgives a plate that is not quite level.'),
  };
};
