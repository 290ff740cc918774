import type { Brief } from '../brief/brief.js';
import type { BriefPrint } from '../brief/brief-print.js';
import { printedMember, wallMember } from '../brief/printed-member.js';
import { solidFractionOf } from '../brief/solid-fraction.js';
import { bisect } from '../lib/bisect.js';
import { sig } from '../lib/figures.js';
import type { Family } from '../materials/family.js';
import { infillPatterns, type InfillPattern } from '../models/infill-pattern.js';
import { printEconomics } from '../print/economics.js';
import { partEconomicsInput } from '../print/part-economics.js';
import type { Printer } from '../workshop/printer.js';

/** What of the print settings is traded. */
export type TradedSettings = Pick<BriefPrint, 'walls' | 'infill' | 'pattern' | 'layerMm'>;

/** One way to print a part, with what it takes and what it leaves of a solid one. */
export interface SettingsPoint extends TradedSettings {
  massG: number;
  minutes: number;
  /** Of the weakest loaded member, as a share of a solid one; of a wall of the part where nothing is loaded. */
  strength: number;
  stiffness: number;
  /** Whether nothing is at least as good in all four and better in one. */
  undominated: boolean;
  /** Whether it is what the brief says now. */
  current: boolean;
}

/** Walls, infill and layers that are tried. */
const WALLS = [2, 3, 4, 5, 6];
const INFILLS = [0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1];
const LAYERS_MM = [0.12, 0.2, 0.28];
/** What counts as the same in a comparison, as a share. */
const EVEN = 1e-6;

/** Every way to print a part within reach, with what it takes in one filament on one printer. */
export function settingsTrade(brief: Brief, family: Family, printer: Printer | null): SettingsPoint[] {
  const { walls, infill, pattern, layerMm } = brief.print;
  const now: TradedSettings = { walls, infill, pattern, layerMm };
  const patterns = infillPatterns.filter((p): p is InfillPattern => p !== 'solid');
  const tried = LAYERS_MM.flatMap(layer =>
    patterns.flatMap(p =>
      WALLS.flatMap(w => INFILLS.map(i => ({ walls: w, infill: i, pattern: p, layerMm: layer }))),
    ),
  );
  const isNow = (s: TradedSettings): boolean =>
    s.walls === walls && s.infill === infill && s.pattern === pattern && s.layerMm === layerMm;
  const all = (tried.some(isNow) ? tried : [...tried, now]).map(s => ({
    ...settingsPoint(brief, s, family, printer),
    current: isNow(s),
  }));
  return marked(all);
}

/** What one way to print a part takes and leaves. */
export function settingsPoint(
  brief: Brief,
  settings: TradedSettings,
  f: Family,
  printer: Printer | null,
): Omit<SettingsPoint, 'undominated' | 'current'> {
  const as = briefWithSettings(brief, settings);
  const { massG, hours } = printEconomics(partEconomicsInput(as, f, printer, 1));
  const members = as.loads.flatMap(l => printedMember(as, l) ?? []);
  const ratios = (members.length ? members : [wallMember(as)]).map(m => m.ratios);
  return {
    ...settings,
    massG,
    minutes: 60 * hours,
    strength: Math.min(...ratios.map(r => r.strengthRatio)),
    stiffness: Math.min(...ratios.map(r => r.stiffnessRatio)),
  };
}

/**
 * The brief with other settings. A share of plastic that was said by hand stays right for the settings of today and
 * changes with others as walls and infill would change it.
 */
export function briefWithSettings(brief: Brief, settings: TradedSettings): Brief {
  const unsaid: Brief = { ...brief, geometry: { ...brief.geometry, solidFraction: null } };
  const as: Brief = { ...unsaid, print: withSkinKept(brief.print, settings) };
  const said = brief.geometry.solidFraction;
  if (said === null) return as;
  const solidFraction = Math.min(1, (said * solidFractionOf(as)) / solidFractionOf(unsaid));
  return { ...as, geometry: { ...as.geometry, solidFraction } };
}

/** Thinner layers come in larger numbers above and below: the skin there stays as thick. */
function withSkinKept(print: BriefPrint, settings: TradedSettings): BriefPrint {
  const layers = (n: number): number => Math.ceil((n * print.layerMm) / settings.layerMm - 1e-9);
  return {
    ...print,
    ...settings,
    topLayers: layers(print.topLayers),
    bottomLayers: layers(print.bottomLayers),
  };
}

/** Marks what nothing beats: the lightest first, each against what is no heavier. */
function marked(points: Omit<SettingsPoint, 'undominated'>[]): SettingsPoint[] {
  const beats = (a: (typeof points)[0], b: (typeof points)[0]): boolean => {
    const gains = [
      b.massG - a.massG,
      b.minutes - a.minutes,
      a.strength - b.strength,
      a.stiffness - b.stiffness,
    ];
    return gains.every(g => g >= -EVEN) && gains.some(g => g > EVEN);
  };
  return points.map(p => ({ ...p, undominated: !points.some(o => beats(o, p)) }));
}

/**
 * Few ways to print a part in the layers and pattern of today, from the lightest to the heaviest, each the strongest of
 * its mass: what is worth working out on the shape itself. The one of today is among them.
 * @param most how many at most; at least two
 */
export function settingsToTry(points: readonly SettingsPoint[], most: number): SettingsPoint[] {
  const now = points.find(p => p.current);
  const alike = points.filter(p => p.pattern === now?.pattern && p.layerMm === now.layerMm);
  const sorted = alike.sort((a, b) => a.massG - b.massG || b.strength - a.strength);
  let strongest = -Infinity;
  const rising = sorted.filter(p => {
    const gains = p.strength > strongest + EVEN;
    strongest = Math.max(strongest, p.strength);
    return gains || p.current;
  });
  if (rising.length <= most) return rising;
  const step = (rising.length - 1) / (most - 1);
  const spread = new Set(Array.from({ length: most }, (_, i) => rising[Math.round(i * step)]!));
  if (now && !spread.has(now)) {
    const nearest = [...spread].reduce((a, b) =>
      Math.abs(b.massG - now.massG) < Math.abs(a.massG - now.massG) ? b : a,
    );
    spread.delete(nearest);
    spread.add(now);
  }
  return rising.filter(p => spread.has(p));
}

/** What two more walls buy, against infill that would buy the same. */
export interface WallsAgainstInfill {
  sentence: string;
  wallsG: number;
  /** Infill at which the part is as strong without the walls, 0…1; null where none is. */
  infill: number | null;
  infillG: number | null;
}

/** The sentence that people need: what two more walls buy, in infill and in grams. */
export function wallsAgainstInfill(brief: Brief, f: Family, printer: Printer | null): WallsAgainstInfill {
  const { walls, infill, pattern, layerMm } = brief.print;
  const at = (s: Partial<TradedSettings>): ReturnType<typeof settingsPoint> =>
    settingsPoint(brief, { walls, infill, pattern, layerMm, ...s }, f, printer);
  const now = at({});
  const thicker = at({ walls: walls + 2 });
  const wallsG = thicker.massG - now.massG;
  if (thicker.strength - now.strength < 0.005)
    return {
      sentence: 'Two more walls buy nothing here: the walls meet already, or what is left inside is little.',
      wallsG,
      infill: null,
      infillG: null,
    };
  const stronger = sig(100 * (thicker.strength / now.strength - 1), 2);
  const gain = `Two more walls make it ${stronger} % stronger for ${sig(wallsG, 2)} g`;
  if (at({ infill: 1 }).strength < thicker.strength)
    return { sentence: `${gain}; no infill would.`, wallsG, infill: null, infillG: null };
  const same = bisect(i => at({ infill: i }).strength - thicker.strength, infill, 1);
  const infillG = at({ infill: same }).massG - now.massG;
  const filled = `${sig(100 * same, 2)} % infill`;
  const sentence =
    infillG > wallsG
      ? `${gain}; by infill alone it takes ${filled} and ${sig(infillG, 2)} g.`
      : `${gain}; ${filled} buys the same for ${sig(infillG, 2)} g.`;
  return { sentence, wallsG, infill: same, infillG };
}
