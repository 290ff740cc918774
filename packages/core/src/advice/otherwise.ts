import { yearsWords } from '../lib/years-text.js';
import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import { defaultSite } from '../brief/conditions.js';
import { sig } from '../lib/figures.js';
import { uvDoseMJm2 } from '../models/uv-dose.js';
import { contextOf, type Context } from '../score/context.js';
import { otherProcesses, type OtherProcess } from './other-processes.js';

/** What a part asks of whatever it is made of, in figures. */
export interface AskedOfAny {
  partMaxC: number;
  /** Its worst stress times the factor of safety, of loads that come and go, and of those that stay on; 0 for none. */
  onceMPa: number;
  lastingMPa: number;
  /** Years of full temperate sun that it has to bear; 0 where it has none. */
  sunYears: number;
}

/** Another way to make a part: whether it would do, and what it asks besides. */
export interface Otherwise {
  process: OtherProcess;
  /** Estimated price of each of as many as are wanted. */
  priceEach: number;
  /** Why it would not do, each in a sentence; none where it would. */
  broken: string[];
}

/** Ultraviolet of a year in full temperate sun, MJ/m². */
const SUN_YEAR_MJM2 = uvDoseMJm2({ ...defaultSite, exposure: 'full', years: 1, glass: 'none' });
/** Share of what is paid once that each further part of the same order costs. */
const FURTHER = 0.25;
/** Hours from which a load counts as one that stays on. */
const LASTING_HOURS = 24;

/** What a brief asks of whatever it is made of. */
export function askedOfAny(brief: Brief, weather: Weather | null = null): AskedOfAny {
  return askedIn(contextOf(brief, null, weather));
}

function askedIn(ctx: Context): AskedOfAny {
  const stressed = ctx.loads.flatMap(l =>
    l.stressMPa === null
      ? []
      : [{ mpa: l.stressMPa, lasts: l.kind === 'sustained' && l.hours > LASTING_HOURS }],
  );
  const worst = (lasts: boolean): number =>
    ctx.safety * Math.max(0, ...stressed.filter(s => s.lasts === lasts).map(s => s.mpa));
  return {
    partMaxC: ctx.conditions.partMaxC,
    onceMPa: worst(false),
    lastingMPa: worst(true),
    sunYears: ctx.conditions.uvDoseMJm2 / SUN_YEAR_MJM2,
  };
}

/** In a sentence, what whatever it is made of has to bear. */
export function askedWords({ partMaxC, onceMPa, lastingMPa, sunYears }: AskedOfAny): string {
  const asked = [
    `keep its shape at ${sig(partMaxC, 3)} °C`,
    ...(lastingMPa > 0 ? [`bear ${sig(lastingMPa, 2)} MPa for years`] : []),
    ...(onceMPa > 0 ? [`bear ${sig(onceMPa, 2)} MPa for a while`] : []),
    ...(sunYears < 0.1 ? [] : [`stand ${yearsWords(sunYears)} of full sun`]),
  ];
  const last = asked.pop();
  const list = asked.length ? `${asked.join(', ')} and ${last}` : last;
  const safety = onceMPa + lastingMPa > 0 ? '; the safety that is asked is in it' : '';
  return `Whatever it is made of has to ${list}${safety}.`;
}

/**
 * Other ways to make a part, those that would do first and the cheaper first: a rough look by typical figures, before
 * a quote is asked for.
 */
export function otherwise(brief: Brief, weather: Weather | null = null): Otherwise[] {
  const ctx = contextOf(brief, null, weather);
  const asked = askedIn(ctx);
  return otherProcesses
    .map(process => {
      const each = priceEach(process, ctx.volumeCm3, brief.quantity);
      return { process, priceEach: each, broken: brokenBy(process, asked, brief, each) };
    })
    .sort((a, b) => Number(a.broken.length > 0) - Number(b.broken.length > 0) || a.priceEach - b.priceEach);
}

/** The first pays all of what is paid once, each further one a quarter of it. */
function priceEach({ price }: OtherProcess, volumeCm3: number, quantity: number): number {
  return price.eachCm3 * volumeCm3 + (price.once * (1 + FURTHER * (quantity - 1))) / quantity;
}

function brokenBy(p: OtherProcess, asked: AskedOfAny, brief: Brief, each: number): string[] {
  const broken: string[] = [];
  if (asked.partMaxC > p.hottestC)
    broken.push(`it gets ${sig(asked.partMaxC, 3)} °C hot, and ${p.hottestC} °C is the most`);
  if (asked.onceMPa > p.strengthMPa)
    broken.push(`${sig(asked.onceMPa, 2)} MPa are asked, and ${p.strengthMPa} MPa is what it bears`);
  if (asked.lastingMPa > p.lastingMPa)
    broken.push(
      `${sig(asked.lastingMPa, 2)} MPa are asked for years, and ${p.lastingMPa} MPa is what it bears so long`,
    );
  if (asked.sunYears > p.sunYears) broken.push(`the sun leaves it ${yearsWords(p.sunYears)}`);
  if ((brief.flex.want === 'rubbery') !== p.rubber)
    broken.push(p.rubber ? 'it gives like rubber' : 'it does not give like rubber');
  if (brief.flex.want === 'hinge' && !p.folds) broken.push('it does not bear being folded over and over');
  const { xMm, yMm, zMm } = brief.geometry;
  if (p.thickestMm !== null && Math.min(xMm, yMm, zMm) > p.thickestMm)
    broken.push(`it is cut from sheet of at most ${p.thickestMm} mm`);
  if (brief.looks.clear && !p.clear) broken.push('it is not clear');
  if (p.conducts && (brief.electrical === 'mains' || brief.electrical === 'radio'))
    broken.push(brief.electrical === 'mains' ? 'it conducts' : 'it stands in the way of radio');
  if (p.knocks === 'brittle' && brief.loads.some(l => l.kind === 'impact'))
    broken.push('it breaks when it is struck');
  if (brief.maxCostEach !== null && each > brief.maxCostEach) broken.push(`it costs ${sig(each, 2)} or so`);
  return broken;
}
