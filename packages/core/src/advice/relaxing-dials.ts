import { yearsWords } from '../lib/years-text.js';
import { chemicalList } from '../materials/names.js';
import type { Brief } from '../brief/brief.js';
import { hardnessWanted } from '../brief/hardness.js';
import { sig } from '../lib/figures.js';
import type { Printer } from '../workshop/printer.js';
import { upgrades, withUpgrades } from '../workshop/purchases.js';
import { scaledLoad, withPartC } from './change-premises.js';

/** A requirement that can be eased by shares, from nothing (0) to all of it (1). */
export interface RelaxingDial {
  requirement: string;
  /** The brief or printer with a share of the requirement given up; null when there is nothing to give up. */
  at: (share: number) => { brief?: Brief; printer?: Printer } | null;
  say: (share: number) => string;
}

/** Coolest that a part can be kept, °C. */
const COOL_C = 20;
/** A life cannot be shortened to nothing, years. */
const SHORTEST_YEARS = 0.01;
/** How far a hardness range is widened at most, points of Shore A at each end. */
const WIDEST_SHORE_A = 60;
/** A limit on mass or cost is raised to at most this many times itself. */
const TEN_TIMES = 10;
/** What is given up wholly or not at all counts as given up from this share on. */
const WHOLLY = 0.5;

/** The requirements that can be eased, each on its own scale. */
export function relaxingDials(brief: Brief, printer: Printer | null, partMaxC: number): RelaxingDial[] {
  const ofBrief = [
    heatDial(brief, partMaxC),
    lifeDial(brief),
    loadDial(brief),
    printDial(brief),
    sunDial(brief),
    flexDial(brief),
    switchDial('water', brief.water !== 'dry', 'Keep it dry', { ...brief, water: 'dry' }),
    switchDial(
      'chemicals',
      brief.contact.chemicals.length > 0,
      `Keep ${chemicalList(brief.contact.chemicals)} off it`,
      { ...brief, contact: { ...brief.contact, chemicals: [] } },
    ),
    switchDial('clarity', brief.looks.clear, 'Let it be opaque', {
      ...brief,
      looks: { ...brief.looks, clear: false },
    }),
    switchDial('floating', brief.mustFloat, 'Let something else make it float', {
      ...brief,
      mustFloat: false,
    }),
    limitDial('mass', 'maxMassG', brief, limit => `Let it weigh ${sig(limit, 3)} g`),
    limitDial('cost', 'maxCostEach', brief, limit => `Let it cost ${sig(limit, 3)}`),
  ].filter(d => d !== null);
  return printer ? [...ofBrief, ...printerDials(printer)] : ofBrief;
}

function heatDial(brief: Brief, partMaxC: number): RelaxingDial {
  const coolerC = (share: number): number => partMaxC - share * Math.max(0, partMaxC - COOL_C);
  return {
    requirement: 'heat',
    at: share => ({ brief: withPartC(brief, coolerC(share)) }),
    say: share => `Keep the part under ${sig(coolerC(share), 3)} °C instead of ${sig(partMaxC, 3)} °C`,
  };
}

function lifeDial(brief: Brief): RelaxingDial {
  const years = (share: number): number => Math.max(SHORTEST_YEARS, brief.lifeYears * (1 - share));
  return {
    requirement: 'life',
    at: share => ({ brief: { ...brief, lifeYears: years(share) } }),
    say: share => `Replace it every ${yearsWords(years(share))} instead of ${sig(brief.lifeYears, 2)}`,
  };
}

function loadDial(brief: Brief): RelaxingDial | null {
  if (!brief.loads.length) return null;
  return {
    requirement: 'load',
    at: share => ({ brief: { ...brief, loads: brief.loads.map(l => scaledLoad(l, 1 - share)) } }),
    say: share =>
      `Load it with ${sig(100 * (1 - share), 2)} % of what the brief says, or thicken the section to match`,
  };
}

/** Walls and infill of the strongest print that is still one. */
const STRONGEST = { walls: 10, infill: 1 };

/** More walls and denser inside: nothing is given up but grams and minutes. */
function printDial(brief: Brief): RelaxingDial | null {
  const { print } = brief;
  if (!brief.loads.length || print.pattern === 'solid') return null;
  const at = (share: number): Brief['print'] => ({
    ...print,
    walls: Math.max(print.walls, Math.ceil(print.walls + share * (STRONGEST.walls - print.walls))),
    infill: print.infill + share * (STRONGEST.infill - print.infill),
  });
  return {
    requirement: 'print',
    at: share => ({ brief: { ...brief, print: at(share) } }),
    say: share => `Print it with ${at(share).walls} walls and ${sig(100 * at(share).infill, 2)} % infill`,
  };
}

function sunDial(brief: Brief): RelaxingDial | null {
  if (brief.sun === 'none') return null;
  const half = (share: number): boolean => share < WHOLLY && brief.sun === 'full';
  return {
    requirement: 'sun',
    at: share => ({ brief: { ...brief, sun: half(share) ? 'part' : 'none' } }),
    say: share => (half(share) ? 'Shade it for half of the day' : 'Keep it out of the sun'),
  };
}

function flexDial(brief: Brief): RelaxingDial | null {
  const { flex } = brief;
  if (flex.want === 'rigid') return null;
  if (flex.want !== 'rubbery')
    return switchDial('flexibility', true, 'Let it be rigid, with a pin or a metal spring', {
      ...brief,
      flex: { ...flex, want: 'rigid' },
    });
  const [low, high] = hardnessWanted(brief);
  const wider = (share: number): [number, number] => [
    Math.max(10, low - WIDEST_SHORE_A * share),
    Math.min(100, high + WIDEST_SHORE_A * share),
  ];
  return {
    requirement: 'hardness',
    at: share => ({ brief: { ...brief, flex: { ...flex, shoreA: wider(share) } } }),
    say: share => {
      const [from, to] = wider(share);
      return `Accept a hardness from ${sig(from, 2)} to ${sig(to, 3)} A`;
    },
  };
}

/** A requirement that is given up wholly or not at all; null where the brief does not make it. */
function switchDial(
  requirement: string,
  asked: boolean,
  sentence: string,
  without: Brief,
): RelaxingDial | null {
  if (!asked) return null;
  return {
    requirement,
    at: share => (share < WHOLLY ? null : { brief: without }),
    say: () => sentence,
  };
}

/** A limit that can be raised, up to ten times itself; null where there is none. */
function limitDial(
  requirement: string,
  field: 'maxMassG' | 'maxCostEach',
  brief: Brief,
  say: (limit: number) => string,
): RelaxingDial | null {
  const now = brief[field];
  if (now === null) return null;
  const raised = (share: number): number => now * (1 + (TEN_TIMES - 1) * share);
  return {
    requirement,
    at: share => ({ brief: { ...brief, [field]: raised(share) } }),
    say: share => say(raised(share)),
  };
}

/** How far off a purchase is, as a share: a tape is near, a heated chamber far. */
function purchaseShare(price: number): number {
  return Math.min(0.9, 0.1 + price / 500);
}

/** Changes to the machine: each purchase by itself, a larger machine, and last one with everything. */
function printerDials(printer: Printer): RelaxingDial[] {
  const dial = (requirement: string, sentence: string, share: number, changed: Printer): RelaxingDial => ({
    requirement: `printer: ${requirement}`,
    at: s => (s < share ? null : { printer: changed }),
    say: () => sentence,
  });
  const [x, y, z] = printer.buildMm;
  const everything = withUpgrades(
    printer,
    upgrades.map(u => u.kind),
  );
  return [
    ...upgrades
      .filter(u => u.apply(printer) !== null)
      .map(u => dial(u.kind, u.deed, purchaseShare(u.price), withUpgrades(printer, [u.kind]))),
    dial('build size', 'Use a printer with twice the build size', 0.8, {
      ...printer,
      buildMm: [x * 2, y * 2, z * 2],
    }),
    dial(
      'another',
      'Print it on a machine with a heated chamber, a 300 °C all-metal hot end, direct drive, ' +
        'hardened nozzle, hot bed and oven dryer',
      0.95,
      { ...everything, buildMm: [Math.max(250, x), Math.max(250, y), Math.max(250, z)] },
    ),
  ];
}
