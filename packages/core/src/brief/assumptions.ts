import { yearsWords } from '../lib/years-text.js';
import { modelVolumeCm3 } from './size.js';
import { solidFractionOf } from './solid-fraction.js';
import { sig } from '../lib/figures.js';
import type { Brief } from './brief.js';
import type { LoadNumber } from './brief-load.js';
import type { BriefPrint } from './brief-print.js';
import { printAidWords } from './print-aids.js';
import type { Fillable } from './unsaid.js';
import type { Conditions } from './conditions.js';
import { HOURS_A_YEAR } from '../lib/physical-constants.js';

/** A default that stands in for something not said. Saying it sets `value` at `path`. */
export interface Assumption {
  path: string;
  label: string;
  shown: string;
  value: unknown;
}

/** Whether a path leads to something in a plain object. */
function said(given: unknown, path: string): boolean {
  let at: unknown = given;
  for (const key of path.split('.')) {
    if (typeof at !== 'object' || at === null || !(key in at)) return false;
    at = (at as Record<string, unknown>)[key];
  }
  return at !== undefined && at !== null;
}

/** How it is to be printed, in words: "3 walls, 4 + 4 layers of 0.2 mm, 20 % grid". */
export function printWords(p: BriefPrint): string {
  const inside = p.pattern === 'solid' ? 'solid' : `${sig(100 * p.infill, 2)} % ${p.pattern}`;
  return (
    `${sig(p.walls, 2)} walls of ${sig(p.lineMm, 2)} mm, ${sig(p.topLayers, 2)} + ${sig(p.bottomLayers, 2)} layers ` +
    `of ${sig(p.layerMm, 2)} mm, ${inside}${p.aids.map(aid => `, ${printAidWords[aid].label}`).join('')}`
  );
}

/** Units of a load's numbers, and how they are called. */
const loadNumberWords: Record<LoadNumber, [label: string, unit: string]> = {
  forceN: ['force', 'N'],
  lengthMm: ['length', 'mm'],
  widthMm: ['width', 'mm'],
  heightMm: ['height', 'mm'],
  stressMPa: ['stress', 'MPa'],
  thicknessMm: ['thickness', 'mm'],
  undercutMm: ['undercut', 'mm'],
  massKg: ['mass', 'kg'],
  decelerationG: ['deceleration', 'g₀'],
  heightM: ['drop', 'm'],
  areaMm2: ['squeezed face', 'mm²'],
};

/** Numbers that were put in to start from: they are in the brief, but nobody has said them. */
function assumedNumbers(brief: Brief): Assumed[] {
  const loads = brief.loads.flatMap((load, i) =>
    load.assumed.map((name): Assumed => {
      const [label, unit] = loadNumberWords[name];
      const value = load[name];
      return {
        path: `loads.${i}.${name}`,
        label: `load ${i + 1} ${label}`,
        shown: `${sig(value ?? 0, 3)} ${unit}`,
        value,
        put: true,
      };
    }),
  );
  const heat = brief.heat.assumed.map((name): Assumed => ({
    path: `heat.${name}`,
    label: 'the part reaches',
    shown: `${sig(brief.heat[name] ?? 0, 3)} °C`,
    value: brief.heat[name],
    put: true,
  }));
  return [...loads, ...heat];
}

/** How the fields that a kind of part fills in are called. */
const filledWords: Readonly<Record<Fillable, string>> = {
  purpose: 'purpose',
  lifeYears: 'life',
  ifItFails: 'if it fails',
  geometry: 'size',
  loads: 'load',
  heat: 'place',
  sun: 'sun',
  water: 'water',
  mustFloat: 'floating',
  contact: 'contact',
  flex: 'flexibility',
  looks: 'looks',
  wear: 'rubbing',
  electrical: 'electricity',
  seal: 'tightness',
  print: 'printing',
  toleranceMm: 'tolerance',
  quantity: 'number',
};

/** What the kind of part filled in: it counts, but nobody has said it. */
function filledInByKind(brief: Brief): Assumed[] {
  return brief.filledIn.map(field => ({
    path: field,
    label: filledWords[field],
    shown: 'as usual for its kind',
    value: brief[field],
    put: true,
  }));
}

/** An assumption before it is known whether it was said. */
interface Assumed extends Assumption {
  when?: boolean;
  /** Put in by the program: it stands in the brief although nobody said it. */
  put?: boolean;
}

/**
 * What was assumed because it was not said, the weightiest first.
 * @param given the brief as it was given, before defaults
 * @param brief the same with defaults
 */
export function assumptions(given: unknown, brief: Brief, conditions: Conditions): Assumption[] {
  const g = brief.geometry;
  const weather =
    brief.heat.setting === 'indoors' ||
    brief.heat.setting === 'outdoors' ||
    brief.heat.setting === 'closed-vehicle';
  const volume = Math.round(10 * modelVolumeCm3({ geometry: { ...g, volumeCm3: null } })) / 10;
  const all: Assumed[] = [
    { path: 'lifeYears', label: 'lasts', shown: yearsWords(brief.lifeYears), value: brief.lifeYears },
    {
      path: 'ifItFails',
      label: 'if it fails',
      shown: {
        nothing: 'nothing much happens',
        annoys: 'it annoys',
        damages: 'something is damaged',
        injures: 'someone could be hurt',
      }[brief.ifItFails],
      value: brief.ifItFails,
    },
    ...assumedNumbers(brief),
    ...filledInByKind(brief),
    { path: 'heat.setting', label: 'lives', shown: brief.heat.setting, value: brief.heat.setting },
    {
      path: 'heat.ambientMaxC',
      label: 'hottest air',
      shown: `${sig(conditions.ambientMaxC, 2)} °C`,
      value: Math.round(conditions.ambientMaxC),
      when: weather && brief.heat.climate === null,
    },
    {
      path: 'heat.ambientMinC',
      label: 'coldest air',
      shown: `${sig(conditions.ambientMinC, 2)} °C`,
      value: Math.round(conditions.ambientMinC),
      when: brief.heat.climate === null,
    },
    { path: 'sun', label: 'sun', shown: brief.sun, value: brief.sun },
    { path: 'water', label: 'water', shown: brief.water, value: brief.water },
    ...brief.loads.map((load, i) => ({
      path: `loads.${i}.hours`,
      label: `load ${i + 1} held`,
      shown: 'the whole life',
      value: brief.lifeYears * HOURS_A_YEAR,
      when: load.kind === 'sustained',
    })),
    ...brief.loads.map((load, i) => ({
      path: `loads.${i}.cycles`,
      label: `load ${i + 1} repeated`,
      shown: '10 000 times',
      value: 10_000,
      when: load.kind === 'cyclic',
    })),
    {
      path: 'looks.colour',
      label: 'colour',
      shown: brief.looks.colour === 'mid' ? 'medium' : brief.looks.colour,
      value: brief.looks.colour,
    },
    {
      path: 'geometry.xMm',
      label: 'size',
      shown: `${sig(g.xMm, 3)} × ${sig(g.yMm, 3)} × ${sig(g.zMm, 3)} mm`,
      value: g.xMm,
    },
    { path: 'geometry.wallMm', label: 'walls', shown: `${sig(g.wallMm, 2)} mm`, value: g.wallMm },
    {
      path: 'geometry.volumeCm3',
      label: 'volume',
      shown: `${sig(volume, 3)} cm³, from the size`,
      value: volume,
    },
    {
      path: 'geometry.solidFraction',
      label: 'plastic once sliced',
      shown: `${sig(100 * solidFractionOf(brief), 2)} %, from walls and infill`,
      value: Math.round(100 * solidFractionOf(brief)) / 100,
    },
    {
      path: 'print',
      label: 'printed with',
      shown: printWords(brief.print),
      value: brief.print,
    },
    {
      path: 'toleranceMm',
      label: 'true to',
      shown: `${sig(brief.toleranceMm, 2)} mm`,
      value: brief.toleranceMm,
    },
    { path: 'quantity', label: 'how many', shown: String(brief.quantity), value: brief.quantity },
  ];
  return all
    .filter(a => a.when !== false && (a.put === true || !said(given, a.path)))
    .map(({ path, label, shown, value }) => ({ path, label, shown, value }));
}
