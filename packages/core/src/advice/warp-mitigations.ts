import { plateLengthMm } from '../brief/size.js';
import { printAidWords } from '../brief/print-aids.js';
import { solidFractionOf } from '../brief/solid-fraction.js';
import type { Brief } from '../brief/brief.js';
import type { Family } from '../materials/family.js';
import { offRimTurnDeg } from '../print/plate-turn.js';
import { aidTweaks, COOLED_ON_PLATE, PREHEAT_K } from '../print/aid-effects.js';
import { bothTweaks, type WarpTweaks } from '../print/warp-tweaks.js';
import type { Printer } from '../workshop/printer.js';
import type { WarpSetup } from './warp-outcome.js';

/** Where something is changed against warping. */
export const warpDomains = ['design', 'filament', 'slicing', 'machine', 'process'] as const;
/** Where something is changed against warping. */
export type WarpDomain = (typeof warpDomains)[number];

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

const tweaked =
  (tweaks: WarpTweaks) =>
  (s: WarpSetup): WarpSetup => ({ ...s, tweaks: bothTweaks(s.tweaks, tweaks) });
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
export const AIR_K = { cover: 12, preheat: PREHEAT_K };
/** Estimates of what is known to help but not worked out from first principles: factors of the edge's hold. */
const HOLD = { parted: 1.08, washed: 1.3 };
/** Discs that stand off by a hair hold a corner as a fillet of this radius would, mm; an estimate. */
const PARTED_AS_FILLET_MM = 4;
/** What half the pace leaves of the bow, and how much better its lines hold; estimates: it helps a little. */
const SLOWER = { bowShare: 0.93, holdFactor: 1.1 };
/** Grooves under the base: every so many mm, and what of the bow they leave; an estimate. */
const GROOVES = { everyMm: 30, bowShare: 0.75 };
/** A part this full is as good as solid, and ribs in its place leave this share; an estimate. */
const RIBS = { fromShare: 0.6, share: 0.35 };

/** What can be done against the warping of a setup; what changes nothing there is left out by its rerun. */
export function warpMitigationsFor(setup: WarpSetup): WarpMitigation[] {
  const { family: f } = setup;
  const length = plateLengthMm(setup.brief);
  const turnDeg = setup.printer && offRimTurnDeg(setup.brief, setup.printer);
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
      id: 'ribs',
      domain: 'design',
      label: 'ribs in place of a solid body',
      how: 'A floor and ribs carry nearly as much and pull a third as hard.',
      effort: 4,
      apply: t => (t.solidFraction < RIBS.fromShare ? t : { ...t, solidFraction: RIBS.share }),
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
      ...printAidWords.brim,
      effort: 1,
      apply: tweaked(aidTweaks(['brim'], f, setup.printer)),
    },
    {
      id: 'ears',
      domain: 'slicing',
      ...printAidWords.ears,
      effort: 2,
      apply: tweaked(aidTweaks(['ears'], f, setup.printer)),
    },
    {
      id: 'ears-parted',
      domain: 'slicing',
      label: 'discs at its corners, a hair apart',
      how: 'With a gap of 0.15 mm they snap off without a knife, and hold less.',
      effort: 2,
      apply: tweaked({ filletMm: PARTED_AS_FILLET_MM, holdFactor: HOLD.parted }),
    },
    {
      id: 'first-layer',
      domain: 'slicing',
      ...printAidWords['first-layer'],
      effort: 1,
      apply: tweaked(aidTweaks(['first-layer'], f, setup.printer)),
    },
    {
      id: 'slower',
      domain: 'slicing',
      label: 'print it at half the pace',
      how: 'Strands are stretched less as they are laid and lie down better. It takes about twice as long.',
      effort: 2,
      apply: tweaked(SLOWER),
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
      id: 'clips',
      domain: 'machine',
      label: 'clip the plate down',
      how: 'At both ends of the part: magnets let go before clips do.',
      effort: 2,
      apply: onPrinter(p => (p.magnetsKPa === null ? {} : { magnetsKPa: null })),
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
  if (turnDeg)
    list.push({
      id: 'turn',
      domain: 'slicing',
      label: `turn it ${turnDeg}° on the plate`,
      how: 'So it keeps off the cool rim of a bed that is heated in its middle.',
      effort: 1,
      apply: tweaked({ offRim: true }),
    });
  // What is ticked already counts in the setup itself.
  const ticked: readonly string[] = setup.brief.print.aids;
  const short = length < 2 * GROOVES.everyMm;
  return list.filter(m => !ticked.includes(m.id) && !(short && (m.id === 'grooves' || m.id === 'split')));
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
