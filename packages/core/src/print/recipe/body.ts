import { sig } from '../../lib/figures.js';
import type { Family } from '../../materials/family.js';
import { solubleSupports } from '../pair.js';
import type { RecipeRule } from './recipe-line.js';

/** Walls, top and bottom, as the brief is judged with. */
export const wallsRule: RecipeRule = ({ brief: { print, loads } }) => ({
  id: 'walls',
  group: 'body',
  label: 'Walls',
  set: print.walls,
  value:
    `${print.walls} walls of ${sig(print.lineMm, 2)} mm, ` +
    `${print.topLayers} layers on top, ${print.bottomLayers} below`,
  why: loads.length
    ? 'Walls carry: the ranking is worked out for these. Fewer, and its margins are others.'
    : 'As the brief has it; nothing is carried here.',
});

/** Layers. */
export const layersRule: RecipeRule = ({ brief: { print, loads, geometry } }) => ({
  id: 'layers',
  group: 'body',
  label: 'Layers',
  set: print.layerMm,
  unit: 'mm',
  value: `${sig(print.layerMm, 2)} mm, ${Math.max(1, Math.round(geometry.zMm / print.layerMm))} of them`,
  why: loads.some(l => l.acrossLayers)
    ? 'A load pulls them apart: if it can be laid otherwise, lay it otherwise.'
    : 'Laid so that what it carries runs along them.',
});

/** Infill. */
export const infillRule: RecipeRule = ({ brief: { print } }) => ({
  id: 'infill',
  group: 'body',
  label: 'Infill',
  set: 100 * print.infill,
  unit: '%',
  value: print.pattern === 'solid' ? 'solid' : `${sig(100 * print.infill, 3)} % ${print.pattern}`,
  why: 'It holds walls, top and bottom apart; those carry.',
});

/** Stringing from which a bridge sags that others draw straight. */
const SAGS_FROM = 0.4;

/** Bridges from wall to wall, where the file has some. */
export const bridgeRule: RecipeRule = ({ family: f, brief }) => {
  const spanMm = brief.geometry.bridgeMm ?? 0;
  if (spanMm <= 0) return null;
  const fan = sig(f.windows.fanPct.high, 3);
  return {
    id: 'bridges',
    group: 'body',
    label: 'Bridges',
    value: `no support under spans of up to ${sig(spanMm, 2)} mm, fan at ${fan} % there`,
    why:
      'Their lines are drawn from wall to wall through the air; what hangs on one side only is no bridge.' +
      (f.flags.stringing >= SAGS_FROM
        ? ' This filament sags there: slower and cooler, or allow for it.'
        : ''),
  };
};

/** A family that is printed with less air than this, %, fuses to its own supports over one layer. */
const AIRY_PCT = 40;

/** How far a support of itself stands off the part, mm: what fuses needs more than a layer. */
function standOffMm(f: Family, layerMm: number): number {
  const fuses = (f.windows.fanPct.low + f.windows.fanPct.high) / 2 < AIRY_PCT;
  return (fuses ? 1.5 : 1) * layerMm;
}

/** Supports, where the family has something to say about them. */
export const supportRule: RecipeRule = ({ family: f, brief, supportG }) => {
  const line = { id: 'supports', group: 'body' as const, label: 'Supports' };
  if (f.flags.soluble) return { ...line, value: 'it is one', why: 'It washes away in water.' };
  if (f.flags.support === 'clings')
    return { ...line, value: 'lay it so that it needs none', why: 'Those of rubber hardly come off.' };
  if (brief.geometry.supportCm3 !== null && supportG < 0.05)
    return { ...line, value: 'none', why: 'Laid as it is, nothing of it hangs over far enough.' };
  const washes = solubleSupports(f).map(s => s.name);
  return {
    ...line,
    value:
      `only under what hangs over by more than 45°${supportG < 0.05 ? '' : `, about ${sig(supportG, 2)} g`}, ` +
      `${sig(standOffMm(f, brief.print.layerMm), 2)} mm beneath the part`,
    why:
      'Straight ones under flat faces, branching ones under round ones, with two close layers on top. Every one ' +
      'leaves a rough face; a bridge between two walls needs none.' +
      (washes.length ? ` With a second nozzle ${washes.join(' or ')} washes away from it.` : ''),
  };
};
