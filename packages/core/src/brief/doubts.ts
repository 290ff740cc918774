import { sig } from '../lib/figures.js';
import type { Brief } from './brief.js';
import { STANDARD_GRAVITY } from '../lib/physical-constants.js';

/** Something that may have been meant otherwise: asked about, never refused. */
export interface Doubt {
  path: string;
  question: string;
  fix: { label: string; value: unknown } | null;
}

/** The strongest pull of one person's hand, N, and a heavy thing that several carry. */
const HAND_N = 500;
/** Hottest air ever measured is under 57 °C. */
const HOTTEST_AIR_C = 52;
/** Air that is colder than this at its hottest is hardly meant. */
const COOLEST_HOT_C = 10;

/** A number that was read in °F, as the same number of °C. */
function fahrenheitTyped(c: number): number {
  return Math.round(c * 1.8 + 32);
}

function celsiusOfFahrenheit(c: number): number {
  return Math.round(((c - 32) / 1.8) * 10) / 10;
}

/** What looks like a slip in a brief, in the order of its questions. */
export function doubts(brief: Brief): Doubt[] {
  const list: Doubt[] = [];
  const { heat, loads, geometry: g } = brief;
  const wrongUnit = (path: string, value: number | null, limit: number, what: string): void => {
    if (value === null || value <= limit) return;
    const c = celsiusOfFahrenheit(value);
    list.push({
      path,
      question:
        `${what} of ${sig(value, 3)} °C is beyond what is usual. Did you mean ${sig(value, 3)} °F, ` +
        `which is ${sig(c, 3)} °C?`,
      fix: { label: `Make it ${sig(c, 3)} °C`, value: c },
    });
  };
  const tooCold = (path: string, value: number | null, what: string): void => {
    if (value === null || value >= COOLEST_HOT_C) return;
    const meant = fahrenheitTyped(value);
    if (meant < COOLEST_HOT_C || meant > HOTTEST_AIR_C) return;
    list.push({
      path,
      question: `${what} of ${sig(value, 3)} °C at its hottest is cold. Did you mean ${sig(meant, 3)} °C?`,
      fix: { label: `Make it ${sig(meant, 3)} °C`, value: meant },
    });
  };
  if (heat.setting !== 'custom' && heat.setting !== 'near-source') {
    wrongUnit('heat.ambientMaxC', heat.ambientMaxC, HOTTEST_AIR_C, 'Air');
    tooCold(
      'heat.ambientMaxC',
      heat.ambientMaxC,
      heat.setting === 'closed-vehicle' ? 'Air around a car' : 'Air',
    );
  }
  if (heat.setting === 'near-source') wrongUnit('heat.sourceC', heat.sourceC, 130, 'A part');
  if (heat.setting === 'custom') wrongUnit('heat.partC', heat.partC, 130, 'A part');
  if (heat.setting === 'indoors' && brief.sun === 'full')
    list.push({
      path: 'sun',
      question: 'Indoors and in full sun: behind a window? Then it may also get hotter than the room.',
      fix: { label: 'It stands outdoors', value: 'outdoors' },
    });
  loads.forEach((load, i) => {
    const at = `loads.${i}`;
    const name = `Load ${i + 1}`;
    if (load.forceN !== null && load.forceN > HAND_N && load.kind !== 'sustained')
      list.push({
        path: `${at}.forceN`,
        question:
          `${name}: ${sig(load.forceN, 3)} N is the weight of ${sig(load.forceN / STANDARD_GRAVITY, 2)} kg, more ` +
          'than a hand can exert. Is that the force on this part?',
        fix: { label: `Make it ${sig(load.forceN / 10, 3)} N`, value: load.forceN / 10 },
      });
    if (load.forceN !== null && load.forceN > 20 * HAND_N && load.kind === 'sustained')
      list.push({
        path: `${at}.forceN`,
        question:
          `${name}: ${sig(load.forceN, 3)} N held for long is the weight of ` +
          `${sig(load.forceN / 9810, 2)} tonnes. Is that the force on this part?`,
        fix: null,
      });
    const bends =
      load.case === 'cantilever' ||
      load.case === 'simply-supported' ||
      load.case === 'fixed-fixed' ||
      load.case === 'deceleration';
    if (bends && load.lengthMm !== null && load.heightMm !== null && load.heightMm > load.lengthMm) {
      list.push({
        path: `${at}.heightMm`,
        question:
          `${name}: the member is thicker (${sig(load.heightMm, 3)} mm) than it is long ` +
          `(${sig(load.lengthMm, 3)} mm). Are the two swapped? Beam theory does not hold for a block.`,
        fix: { label: 'Swap them', value: { lengthMm: load.heightMm, heightMm: load.lengthMm } },
      });
    }
    if (load.kind === 'sustained' && load.hours !== null && load.hours < 1)
      list.push({
        path: `${at}.kind`,
        question: `${name}: held for ${sig(load.hours * 60, 2)} minutes in all is a short load, not one held for long.`,
        fix: { label: 'Call it short', value: 'short' },
      });
    if (load.lengthMm !== null && load.lengthMm > 1.8 * Math.hypot(g.xMm, g.yMm, g.zMm))
      list.push({
        path: `${at}.lengthMm`,
        question: `${name}: its member (${sig(load.lengthMm, 3)} mm) is much longer than the part itself.`,
        fix: null,
      });
    if (load.heightM !== null && load.heightM > 10)
      list.push({
        path: `${at}.heightM`,
        question: `${name}: a drop of ${sig(load.heightM, 3)} m. Did you mean centimetres?`,
        fix: { label: `Make it ${sig(load.heightM / 100, 3)} m`, value: load.heightM / 100 },
      });
  });
  if (g.volumeCm3 !== null && g.volumeCm3 * 1000 > 1.001 * g.xMm * g.yMm * g.zMm)
    list.push({
      path: 'geometry.volumeCm3',
      question:
        `The volume (${sig(g.volumeCm3, 3)} cm³) is larger than the box around the part ` +
        `(${sig((g.xMm * g.yMm * g.zMm) / 1000, 3)} cm³).`,
      fix: { label: 'Work it out from the size', value: null },
    });
  if (g.wallMm > Math.min(g.xMm, g.yMm, g.zMm))
    list.push({
      path: 'geometry.wallMm',
      question: `A wall of ${sig(g.wallMm, 3)} mm is thicker than the part.`,
      fix: {
        label: `Make it ${sig(Math.min(g.xMm, g.yMm, g.zMm), 3)} mm`,
        value: Math.min(g.xMm, g.yMm, g.zMm),
      },
    });
  if (brief.toleranceMm < 0.08)
    list.push({
      path: 'toleranceMm',
      question:
        `${sig(brief.toleranceMm, 2)} mm is finer than an FDM printer holds; such a face is machined ` +
        'or reamed after printing.',
      fix: { label: 'Make it 0.15 mm', value: 0.15 },
    });
  return list;
}
