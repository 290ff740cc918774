import type { Brief } from '../brief/brief.js';
import { plateLengthMm, solidFractionOf } from '../brief/size.js';
import { sig } from '../lib/figures.js';
import type { Family } from '../materials/family.js';
import { splitChance } from '../print/splitting.js';
import { warpOnPrinter, type WarpOnPrinter, type WarpTweaks } from '../print/warp-on-printer.js';
import type { Printer } from '../workshop/printer.js';

/** Where something is changed against warping. */
export const warpDomains = ['design', 'filament', 'slicing', 'machine', 'process'] as const;
/** Where something is changed against warping. */
export type WarpDomain = (typeof warpDomains)[number];

/** All that decides how a part warps. */
export interface WarpSetup {
  brief: Brief;
  family: Family;
  printer: Printer | null;
  solidFraction: number;
  tweaks: WarpTweaks;
}

/** How a part warps: what it bows, and how likely it is lost on the way. */
export interface WarpOutcome extends WarpOnPrinter {
  bowMm: number;
  pSplit: number;
  /** Chance that it lifts or splits. */
  pTrouble: number;
}

/** Something that can be done against warping: a change of inputs, and what it costs to do. */
export interface WarpMitigation {
  id: string;
  domain: WarpDomain;
  label: string;
  how: string;
  /** 1: a setting; 2: a minute at the machine; 3: something to make or buy; 4: a change of the part. */
  effort: number;
  apply: (setup: WarpSetup) => WarpSetup;
}

/** A mitigation, or several at once, with what a rerun of the model gives. */
export interface WarpRemedy {
  ids: string[];
  label: string;
  domain: WarpDomain;
  how: string;
  effort: number;
  bowMm: number;
  pTrouble: number;
  /** What it gains: trouble that is left out, and bow in tolerances. */
  gain: number;
}

/** Runs the model for a setup. */
export function warpOutcome({ brief, family, printer, solidFraction, tweaks }: WarpSetup): WarpOutcome {
  const warp = warpOnPrinter(brief, family, printer, solidFraction, tweaks);
  const pSplit = splitChance(brief, family, warp.bowInput.chamberC);
  return { ...warp, bowMm: warp.bow.bowMm, pSplit, pTrouble: 1 - (1 - warp.pLift) * (1 - pSplit) };
}

/** The setup of a brief in a family on a printer, as it is now. */
export function warpSetup(brief: Brief, family: Family, printer: Printer | null): WarpSetup {
  return { brief, family, printer, solidFraction: solidFractionOf(brief), tweaks: {} };
}

const tweaked =
  (tweaks: WarpTweaks) =>
  (s: WarpSetup): WarpSetup => ({
    ...s,
    tweaks: {
      ...s.tweaks,
      ...tweaks,
      holdFactor: (s.tweaks.holdFactor ?? 1) * (tweaks.holdFactor ?? 1),
      bowShare: (s.tweaks.bowShare ?? 1) * (tweaks.bowShare ?? 1),
    },
  });
const onPrinter =
  (change: (p: Printer) => Partial<Printer>) =>
  (s: WarpSetup): WarpSetup =>
    s.printer ? { ...s, printer: { ...s.printer, ...change(s.printer) } } : s;
const shaped =
  (change: (g: Brief['geometry']) => Partial<Brief['geometry']>) =>
  (s: WarpSetup): WarpSetup => ({
    ...s,
    brief: { ...s.brief, geometry: { ...s.brief.geometry, ...change(s.brief.geometry) } },
  });

/** As light as a part is usually printed that must hold together at all. */
const LIGHT = { walls: 2, infill: 0.1 };

/** The share of a part that is plastic when it is printed light: thin walls stay solid however it is filled. */
function lightestOf({ geometry, print }: Brief): number {
  return solidFractionOf({ geometry: { ...geometry, solidFraction: null }, print: { ...print, ...LIGHT } });
}

/** Air that a cover adds in an open room, K, and what half an hour of preheating adds in a closed printer. */
const AIR_K = { cover: 12, preheat: 5 };
/** Estimates of what is known to help but not worked out from first principles: factors of the edge's hold. */
const HOLD = { brim: 1.6, slowFirstLayer: 1.25, ears: 1.15, washed: 1.3 };
/** What of the bow is left where a part cools on the plate before it is taken off; an estimate. */
const COOLED_ON_PLATE = 0.85;
/** Grooves under the base: every so many mm, and what of the bow they leave; an estimate. */
const GROOVES = { everyMm: 30, bowShare: 0.75 };

/** What can be done against the warping of a setup; what changes nothing there is left out by its rerun. */
export function warpMitigationsFor(setup: WarpSetup): WarpMitigation[] {
  const { family: f } = setup;
  const length = plateLengthMm(setup.brief);
  const list: WarpMitigation[] = [
    {
      id: 'fillet',
      domain: 'design',
      label: 'round the corners on the plate by 5 mm',
      how: 'A fillet in the drawing; the peel begins at a sharp corner.',
      effort: 3,
      apply: tweaked({ filletMm: 5 }),
    },
    {
      id: 'grooves',
      domain: 'design',
      label: 'cut relief grooves under the base',
      how: `A groove of two layers every ${GROOVES.everyMm} mm across its length: each piece pulls by itself.`,
      effort: 4,
      apply: tweaked({ pieceMm: GROOVES.everyMm, bowShare: GROOVES.bowShare }),
    },
    {
      id: 'split',
      domain: 'design',
      label: 'print it in two halves',
      how: 'Half the length bows by a quarter; join them by a lap, glue or screws.',
      effort: 5,
      apply: shaped(g => (g.xMm >= g.yMm ? { xMm: g.xMm / 2 } : { yMm: g.yMm / 2 })),
    },
    {
      id: 'lighter',
      domain: 'slicing',
      label: `${LIGHT.walls} walls and ${100 * LIGHT.infill} % infill`,
      how: 'Less plastic pulls less on the edge. Look at its strength again.',
      effort: 1,
      apply: s => ({ ...s, solidFraction: Math.min(s.solidFraction, lightestOf(s.brief)) }),
    },
    {
      id: 'brim',
      domain: 'slicing',
      label: 'a brim of 8 mm',
      how: 'A rim of one layer round it, trimmed off afterwards.',
      effort: 1,
      apply: tweaked({ holdFactor: HOLD.brim }),
    },
    {
      id: 'ears',
      domain: 'slicing',
      label: 'discs at its corners',
      how: 'Thin discs that its corners stand on; take them from here as a file.',
      effort: 2,
      apply: tweaked({ cornersHeld: true, holdFactor: HOLD.ears }),
    },
    {
      id: 'first-layer',
      domain: 'slicing',
      label: 'a slower first layer',
      how: 'Half the speed and no fan: it lies down and holds.',
      effort: 1,
      apply: tweaked({ holdFactor: HOLD.slowFirstLayer }),
    },
    {
      id: 'middle',
      domain: 'slicing',
      label: 'keep it off the cool rim of the plate',
      how: 'In the middle, or turned along the diagonal.',
      effort: 1,
      apply: tweaked({ offRim: true }),
    },
    {
      id: 'cover',
      domain: 'machine',
      label: 'cover it',
      how: 'A box over it, or a cabinet: warm, still air. Corners need their fan a little more.',
      effort: 3,
      apply: onPrinter(p =>
        p.chamber === 'open'
          ? { chamberC: Math.max(p.chamberC, Math.min(f.windows.chamberC.high, p.chamberC + AIR_K.cover)) }
          : {},
      ),
    },
    {
      id: 'preheat',
      domain: 'machine',
      label: 'heat the bed for half an hour before',
      how: 'The frame and the air come up with it.',
      effort: 2,
      apply: onPrinter(p =>
        p.chamber === 'open'
          ? {}
          : { chamberC: Math.max(p.chamberC, Math.min(f.windows.chamberC.high, p.chamberC + AIR_K.preheat)) },
      ),
    },
    {
      id: 'bed',
      domain: 'machine',
      label: 'the bed at the top of its range',
      how: 'The foot stays softer and holds better.',
      effort: 1,
      apply: s => tweaked({ bedC: Math.min(f.windows.bedC.high, s.printer?.bedMaxC ?? Infinity) })(s),
    },
    {
      id: 'wash',
      domain: 'machine',
      label: 'wash the plate with soap',
      how: 'Fingers leave grease; wiping spreads it.',
      effort: 2,
      apply: tweaked({ holdFactor: HOLD.washed }),
    },
    {
      id: 'plate',
      domain: 'machine',
      label: 'the plate and adhesive that hold it best',
      how: 'Each family has a surface of its own: see its page in the library.',
      effort: 3,
      apply: onPrinter(p => ({
        plates: [...new Set([...p.plates, ...(Object.keys(f.adhesion) as Printer['plates'])])],
        adhesives: [
          ...new Set([
            ...p.adhesives,
            ...Object.values(f.adhesion).flatMap(h => Object.keys(h.adhesive ?? {}) as Printer['adhesives']),
          ]),
        ],
      })),
    },
    {
      id: 'cool',
      domain: 'process',
      label: 'let it cool on the plate',
      how: 'Taken off hot it bends freely; held down it keeps more of its shape.',
      effort: 1,
      apply: tweaked({ bowShare: COOLED_ON_PLATE }),
    },
  ];
  return length < 2 * GROOVES.everyMm ? list.filter(m => m.id !== 'grooves' && m.id !== 'split') : list;
}

/** Other families, as mitigations: what comes next in the ranking may warp less. */
export function filamentMitigations(others: readonly Family[]): WarpMitigation[] {
  return others.map(f => ({
    id: `filament-${f.key}`,
    domain: 'filament' as const,
    label: `print it in ${f.name}`,
    how: 'It is in the running for this part too.',
    effort: 2,
    apply: s => ({ ...s, family: f }),
  }));
}

/** Chance of trouble that is good enough, and gains too small to tell. */
const GOOD_CHANCE = 0.05;
const LEAST_GAIN = 0.005;
/** Mitigations that stacks are made of, and how many of them at once. */
const STACKED = 9;
const MOST_AT_ONCE = 3;

/** Every mitigation that helps, by what it gains for its effort. */
export function warpRemedies(
  setup: WarpSetup,
  mitigations: readonly WarpMitigation[] = warpMitigationsFor(setup),
): WarpRemedy[] {
  const before = warpOutcome(setup);
  return mitigations
    .map(m => remedyOf([m], setup, before))
    .filter(r => r.gain > LEAST_GAIN)
    .sort((a, b) => b.gain / b.effort - a.gain / a.effort);
}

/**
 * The least that gets a part under its tolerance and down to a chance of trouble of one in twenty: of one, two or
 * three mitigations at once the set of least effort. Null where it is there already, or no set gets it there.
 */
export function cheapestRemedy(
  setup: WarpSetup,
  mitigations: readonly WarpMitigation[] = warpMitigationsFor(setup),
): WarpRemedy | null {
  const { toleranceMm } = setup.brief;
  const before = warpOutcome(setup);
  const enough = (o: Pick<WarpOutcome, 'bowMm' | 'pTrouble'>): boolean =>
    o.bowMm <= toleranceMm && o.pTrouble <= GOOD_CHANCE;
  if (enough(before)) return null;
  const best = warpRemedies(setup, mitigations).slice(0, STACKED);
  const byId = new Map(mitigations.map(m => [m.id, m]));
  const sets = subsets(best.flatMap(r => r.ids.map(id => byId.get(id)!)));
  const found = sets.map(set => remedyOf(set, setup, before)).filter(enough);
  found.sort((a, b) => a.effort - b.effort || b.gain - a.gain);
  return found[0] ?? null;
}

/** Every choice of up to three; of filaments one at the most. */
function subsets(list: readonly WarpMitigation[]): WarpMitigation[][] {
  let sets: WarpMitigation[][] = [[]];
  for (const m of list)
    sets = [...sets, ...sets.filter(s => s.length < MOST_AT_ONCE && fitsIn(s, m)).map(s => [...s, m])];
  return sets.filter(s => s.length);
}

function fitsIn(set: readonly WarpMitigation[], m: WarpMitigation): boolean {
  return m.domain !== 'filament' || !set.some(s => s.domain === 'filament');
}

function remedyOf(set: readonly WarpMitigation[], setup: WarpSetup, before: WarpOutcome): WarpRemedy {
  // The filament first: what else is changed is changed for it.
  const order = [...set].sort((a, b) => Number(b.domain === 'filament') - Number(a.domain === 'filament'));
  const { bowMm, pTrouble } = warpOutcome(order.reduce((s, m) => m.apply(s), setup));
  const [first] = set;
  return {
    ids: set.map(m => m.id),
    label: set.map(m => m.label).join(', '),
    domain: first!.domain,
    how: set.length === 1 ? first!.how : '',
    effort: set.reduce((sum, m) => sum + m.effort, 0),
    bowMm,
    pTrouble,
    gain: before.pTrouble - pTrouble + (before.bowMm - bowMm) / (2 * setup.brief.toleranceMm),
  };
}

/** How a part warps, in a sentence. */
export function warpSentence({ bowMm, pLift, pSplit }: WarpOutcome, lengthMm: number): string {
  const times = (p: number): string =>
    p < 0.01 ? 'less than once in 100' : `${Math.round(100 * p)} times in 100`;
  const split = pSplit >= 0.02 ? `, splits between its layers ${times(pSplit)}` : '';
  return `Over ${sig(lengthMm, 3)} mm it bows ${sig(bowMm, 2)} mm; a corner lifts ${times(pLift)}${split}.`;
}
