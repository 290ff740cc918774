import { sig } from '../models/model.js';
import { retentionAt, typical, type Adhesive, type Family, type Plate } from '../materials/family.js';
import {
  liftOff,
  warpBowOf,
  type WarpBowInput,
  type WarpBowResult,
  type WarpLiftOffInput,
} from '../models/warp.js';
import type { Printer } from '../workshop/printer.js';
import type { Context } from './context.js';
import type { Gate, PrintCheck, Verdict } from './gate.js';

/** A family on a printer: gates that can block, and how likely a first print succeeds. */
export interface Printability {
  gates: Gate[];
  /** Chance that the first print succeeds, 0…1. */
  success: number;
  /** Count of imperfect checks, for the step-up school. */
  penalties: number;
  factors: { label: string; factor: number }[];
  bow: WarpBowResult;
  bowInput: WarpBowInput;
  pLift: number;
  liftInput: WarpLiftOffInput;
  adhesion: Adhesion | null;
}

/** The best foothold a printer offers a family. */
export interface Adhesion {
  plate: Plate;
  adhesive: Adhesive | null;
  energyJm2: number;
}

/** Adhesion below which nothing stays down, and above which the plate suffers, J/m². */
export const ADHESION_LIMITS = { low: 60, comfortable: 110, high: 450 };

/** Share of the prints whose edge lifts that are lost to it. */
export const LIFT_SHARE = 0.6;

/** How much a kelvin short of the wanted chamber may be before it is a blocker. */
const CHAMBER_TOLERANCE_K = 8;

/** The plate and adhesive on which a family holds best without damaging the plate. */
export function bestAdhesion(f: Family, printer: Printer | null): Adhesion | null {
  const options: Adhesion[] = [];
  for (const plate of printer?.plates ?? (Object.keys(f.adhesion) as Plate[])) {
    const entry = f.adhesion[plate];
    if (!entry) continue;
    options.push({ plate, adhesive: null, energyJm2: entry.bare });
    for (const [adhesive, energyJm2] of Object.entries(entry.adhesive ?? {}) as [Adhesive, number][]) {
      if (!printer || printer.adhesives.includes(adhesive)) options.push({ plate, adhesive, energyJm2 });
    }
  }
  const safe = options.filter(o => o.energyJm2 <= ADHESION_LIMITS.high);
  const pick = (list: Adhesion[], better: (a: Adhesion, b: Adhesion) => boolean): Adhesion | null =>
    list.reduce<Adhesion | null>((m, o) => (m === null || better(o, m) ? o : m), null);
  return (
    pick(safe, (a, b) => a.energyJm2 > b.energyJm2) ?? pick(options, (a, b) => a.energyJm2 < b.energyJm2)
  );
}

/** Runs every check of a family on the context's printer, or on none. */
export function printability(ctx: Context, f: Family): Printability {
  const p = ctx.printer;
  const gates: Gate[] = [];
  const factors: { label: string; factor: number }[] = [];
  const check = (
    id: PrintCheck,
    verdict: Verdict,
    need: number | string,
    have: number | string,
    unit: string,
    why: string,
    rescue: string | null,
    marginalFactor = 0.9,
  ): void => {
    gates.push({
      id: `printability.${id}`,
      verdict,
      need,
      have,
      unit,
      why,
      rescue: verdict === 'pass' ? null : rescue,
    });
    factors.push({
      label: id,
      factor: verdict === 'pass' ? 1 : verdict === 'marginal' ? marginalFactor : 0.2,
    });
  };
  const { nozzleC, bedC, chamberC } = f.windows;
  if (p) {
    const nozzleMid = (nozzleC.low + nozzleC.high) / 2;
    check(
      'nozzle',
      p.nozzleMaxC < nozzleC.low ? 'fail' : p.nozzleMaxC < nozzleMid ? 'marginal' : 'pass',
      nozzleC.low,
      p.nozzleMaxC,
      '°C',
      `Melts well from ${nozzleC.low} to ${nozzleC.high} °C; this nozzle reaches ${p.nozzleMaxC} °C.`,
      `passes with a hot end for ${nozzleC.low} °C`,
    );
    if (p.linerLimitC !== null) {
      check(
        'liner',
        p.linerLimitC < nozzleC.low ? 'fail' : p.linerLimitC < nozzleMid ? 'marginal' : 'pass',
        nozzleC.low,
        p.linerLimitC,
        '°C',
        p.linerLimitC < nozzleC.low
          ? `Needs ${nozzleC.low} °C; the hot-end liner decomposes above ${p.linerLimitC} °C and its fumes are harmful.`
          : `Prints from ${nozzleC.low} °C; the hot-end liner is safe to ${p.linerLimitC} °C.`,
        'passes with an all-metal hot end',
      );
    }
    const bedShort = bedC.low - p.bedMaxC;
    check(
      'bed',
      bedShort <= 0 ? 'pass' : f.flags.coldBed || bedShort <= 10 ? 'marginal' : 'fail',
      bedC.low,
      p.bedMaxC,
      '°C',
      `Wants a bed at ${bedC.low} to ${bedC.high} °C; this one reaches ${p.bedMaxC} °C.`,
      f.flags.coldBed
        ? 'hold it with glue or tape on a cold plate'
        : `passes with a bed that reaches ${bedC.low} °C`,
      0.85,
    );
    const air = p.chamberC;
    const short = chamberC.low - air;
    check(
      'chamber',
      short <= 0 ? 'pass' : short <= CHAMBER_TOLERANCE_K ? 'marginal' : 'fail',
      chamberC.low,
      air,
      '°C',
      `Wants ${chamberC.low} °C of still air around it; this ${p.chamber === 'open' ? 'open printer' : `${p.chamber} chamber`} gives ${air} °C.`,
      chamberC.low <= 50
        ? `passes with an enclosure that holds ${chamberC.low} °C`
        : `passes with a heated chamber at ${chamberC.low} °C`,
      0.85,
    );
    const { drive } = f.flags;
    check(
      'drive',
      p.drive === 'direct' || drive === 'any' ? 'pass' : drive === 'slow-bowden' ? 'marginal' : 'fail',
      drive === 'direct' ? 'direct' : 'any, slowly',
      p.drive,
      '',
      drive === 'any'
        ? 'Feeds through any drive.'
        : drive === 'direct'
          ? `So soft that it buckles in a remote drive's tube.`
          : 'Feeds through a remote drive when run slowly, without retraction.',
      'passes with a direct drive',
      0.8,
    );
    check(
      'nozzle-metal',
      f.flags.abrasive && p.nozzleMetal === 'brass' ? 'fail' : 'pass',
      f.flags.abrasive ? 'hardened' : 'any',
      p.nozzleMetal,
      '',
      f.flags.abrasive
        ? `Its ${isFibre(f) ? 'fibres wear' : 'filler wears'} a brass nozzle out within a spool.`
        : 'Does not wear the nozzle.',
      'passes with a hardened nozzle',
    );
    check(...plateCheck(f, p));
    check(...dryerCheck(f, p));
    if (
      f.flags.moisture === 'medium' &&
      (p.dryerMaxC === null || p.dryerMaxC < (f.properties.dryC?.low ?? 0))
    )
      factors.push({ label: 'undried', factor: 0.94 });
    const bad = f.flags.fumes === 'styrene' || f.flags.fumes === 'moderate';
    check(
      'ventilation',
      bad && p.ventilation === 'none' ? 'marginal' : 'pass',
      bad ? 'room or extracted' : 'any',
      p.ventilation,
      '',
      f.flags.fumes === 'styrene'
        ? 'Gives off styrene.'
        : bad
          ? 'Gives off caprolactam or other vapours.'
          : 'Gives off little.',
      'ventilate the room or extract the air',
      0.97,
    );
  } else {
    factors.push({ label: 'chamber', factor: chamberC.low > 30 ? 0.9 : 1 });
    factors.push({
      label: 'drive',
      factor: f.flags.drive === 'direct' ? 0.85 : f.flags.drive === 'slow-bowden' ? 0.92 : 1,
    });
  }
  const warp = warpOn(ctx, f);
  // What a family asks of its keeper even when the machine has everything.
  factors.push({ label: 'damp spools', factor: { low: 1, medium: 0.985, high: 0.92 }[f.flags.moisture] });
  if (f.flags.abrasive) factors.push({ label: 'filler clogs', factor: 0.95 });
  if (f.flags.foaming) factors.push({ label: 'tuning the foam', factor: 0.88 });
  if (f.flags.bake) factors.push({ label: 'baking true', factor: 0.9 });
  if (f.flags.chars) factors.push({ label: 'charring', factor: 0.97 });
  if (chamberC.low > 30) factors.push({ label: 'keeping the air warm', factor: 0.97 });
  factors.push(
    { label: 'stringing', factor: 1 - 0.15 * f.flags.stringing },
    { label: 'lifting', factor: 1 - LIFT_SHARE * warp.pLift },
  );
  const success = factors.reduce((product, x) => product * x.factor, 0.98);
  const penalties =
    demands(f).length + gates.filter(g => g.verdict === 'marginal').length + (warp.pLift > 0.1 ? 1 : 0);
  return { gates, success, penalties, factors, ...warp };
}

/** Whether it sheds fibres. */
export function isFibre(f: Family): boolean {
  return f.filler === 'carbon-fibre' || f.filler === 'glass-fibre';
}

/** What a family asks beyond an ordinary machine and a spool off the shelf: one entry a penalty, for the step-up school. */
export function demands(f: Family): string[] {
  const list: string[] = [];
  if (f.windows.nozzleC.low > 250) list.push('a hot end for over 250 °C');
  if (f.windows.chamberC.low > 30) list.push('warm, still air');
  if (f.flags.fumes !== 'low') list.push('ventilation');
  if (f.flags.moisture !== 'low') list.push('a dry spool');
  if (f.flags.moisture === 'high') list.push('drying before each print');
  if (f.flags.abrasive) list.push('a hardened nozzle');
  if (f.flags.drive !== 'any') list.push('slow feeding');
  if (f.flags.drive === 'direct') list.push('a direct drive');
  const onPei = Math.max(f.adhesion['smooth-pei']?.bare ?? 0, f.adhesion['textured-pei']?.bare ?? 0);
  if (onPei < ADHESION_LIMITS.comfortable) list.push('a plate, tape or glue of its own');
  if (f.flags.stringing > 0.5) list.push('cleaning off strings');
  if (f.flags.foaming) list.push('tuning flow and temperature to the foam');
  if (f.flags.bake) list.push('an hour in an oven', 'allowing for its shrinkage there');
  return list;
}

type CheckArgs = [
  PrintCheck,
  Verdict,
  number | string,
  number | string,
  string,
  string,
  string | null,
  number?,
];

function plateCheck(f: Family, p: Printer): CheckArgs {
  const best = bestAdhesion(f, p);
  const where = best ? `${best.plate}${best.adhesive ? ` with ${best.adhesive}` : ''}` : 'none known';
  const energy = best?.energyJm2 ?? 0;
  const other = bestAdhesion(f, null);
  const rescue = other ? `passes on ${other.plate}${other.adhesive ? ` with ${other.adhesive}` : ''}` : null;
  if (energy > ADHESION_LIMITS.high)
    return [
      'plate',
      'marginal',
      ADHESION_LIMITS.high,
      energy,
      'J/m²',
      `Bonds to bare ${where} so hard that it tears the plate.`,
      f.adhesion['textured-pei'] ? 'use a textured plate, or a release layer' : rescue,
      0.85,
    ];
  return [
    'plate',
    energy < ADHESION_LIMITS.low ? 'fail' : energy < ADHESION_LIMITS.comfortable ? 'marginal' : 'pass',
    ADHESION_LIMITS.low,
    energy,
    'J/m²',
    energy < ADHESION_LIMITS.low
      ? `Holds on to nothing here: ${sig(energy, 2)} J/m² on ${where}.`
      : `Holds on ${where} with ${sig(energy, 3)} J/m².`,
    rescue,
    0.8,
  ];
}

function dryerCheck(f: Family, p: Printer): CheckArgs {
  const need = f.properties.dryC?.low ?? 0;
  const have = p.dryerMaxC;
  const enough = have !== null && have >= need;
  const verdict: Verdict = enough || f.flags.moisture !== 'high' ? 'pass' : 'fail';
  return [
    'dryer',
    verdict,
    need,
    have ?? 'none',
    '°C',
    f.flags.moisture === 'high'
      ? `Damp it prints rough and weak: dry it at ${need} °C or more before each print.`
      : f.flags.moisture === 'medium'
        ? `Strings when damp; dries at ${need} °C.`
        : 'Seldom needs drying.',
    `passes with a dryer that reaches ${need} °C`,
    0.9,
  ];
}

/** Warp of the part on this printer; without one, in the air the family asks for. */
function warpOn(
  ctx: Context,
  f: Family,
): Pick<Printability, 'bow' | 'bowInput' | 'pLift' | 'liftInput' | 'adhesion'> {
  const { geometry: g } = ctx.brief;
  const p = ctx.printer;
  const bedMid = (f.windows.bedC.low + f.windows.bedC.high) / 2;
  const lengthMm = Math.max(g.xMm, g.yMm);
  const bowInput: WarpBowInput = {
    alphaPerK: typical(f, 'alphaPerK'),
    solidificationC: typical(f, 'solidificationC'),
    bedC: p ? Math.min(p.bedMaxC, bedMid) : bedMid,
    chamberC: p ? Math.min(p.chamberC, f.windows.chamberC.high) : Math.max(28, f.windows.chamberC.low),
    heightMm: g.zMm,
    lengthMm,
    crystallisationStrain: f.properties.crystallisationStrain?.typical ?? 0,
    solidFraction: g.solidFraction,
  };
  const bow = warpBowOf(bowInput);
  const adhesion = bestAdhesion(f, p);
  // Thin-film lift-off holds for a film long against its height: beyond a quarter of the length the upper layers no longer pull on the edge.
  // An infilled part stores its share of a solid one's energy, and a plastic that is soft while it contracts stores less: see storedModulusMPa.
  const liftInput: WarpLiftOffInput = {
    modulusMPa: storedModulusMPa(f, bowInput.chamberC) * g.solidFraction,
    meanStrain: bow.meanStrain,
    heightMm: Math.min(g.zMm, lengthMm / 4),
    adhesionJm2: adhesion?.energyJm2 ?? 1,
    sharpCorners: g.sharpCorners,
    filletMm: 0,
  };
  return { bow, bowInput, liftInput, pLift: liftOff(liftInput).pLift, adhesion };
}

/**
 * The modulus that stands for the energy a layer stores while it cools from solidification to the chamber, MPa.
 * Its stress builds up at the falling temperature's own stiffness, σ = ē·E·mean(r), and is held at the stiffness of the end, so that
 * ½·σ²/E(T_ch) = ½·(E·mean(r)²/r(T_ch))·ē². Nylon, soft far above its glass transition, stores far less than E at 23 °C would say.
 */
export function storedModulusMPa(f: Family, chamberC: number, from = typical(f, 'solidificationC')): number {
  const n = 16;
  let sum = 0;
  for (let j = 0; j < n; j++) sum += retentionAt(f.retention, chamberC + ((from - chamberC) * (j + 0.5)) / n);
  const mean = sum / n;
  return (typical(f, 'modulusMPa') * mean * mean) / Math.max(0.05, retentionAt(f.retention, chamberC));
}
