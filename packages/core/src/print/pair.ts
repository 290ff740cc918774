import { FamilyKey } from '../materials/material-key.js';
import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { typical, type Family, type WindowName } from '../materials/family.js';
import { families, familyByKey } from '../materials/library.js';
import type { Window } from '../materials/property.js';
import { model, step } from '../models/model.js';
import { bondOf, type Bond } from './bonds.js';
import { acrossMPa, seamStrength, type Seam } from './seam.js';
import { STANDARD_ROOM_C } from '../lib/physical-constants.js';

/** Input of `print.pair`. */
export class PrintPairInput {
  @FamilyKey({ doc: 'The filament of the part.' }) first!: string;
  @FamilyKey({ doc: 'The other one.' }) second!: string;
  @Quantity({ min: 1, max: 2000, unit: 'mm', optional: true, doc: 'Length of the seam; default 50.' })
  lengthMm = 50;
}

/** What two filaments have in common, or not. */
export interface PrintPairResult {
  /** What both can be printed at; null where the windows lie apart. */
  nozzleC: Window | null;
  bedC: Window | null;
  chamberC: Window | null;
  bond: Bond;
  /** What the seam carries. */
  seam: Seam;
  /** How much more one contracts over the seam than the other, mm. */
  mismatchMm: number;
  /** Whether the second washes away from the first. */
  soluble: boolean;
  verdict: 'good' | 'with care' | 'no';
  reasons: string[];
}

/** A difference of length that a seam bears without showing, as a share of it. */
const SHOWS = 0.004;

function shared(a: Family, b: Family, name: WindowName): Window | null {
  const low = Math.max(a.windows[name].low, b.windows[name].low);
  const high = Math.min(a.windows[name].high, b.windows[name].high);
  return low <= high ? { low, high } : null;
}

/** The family that something is of: a grade welds as its family does. */
function familyKeyOf(f: Family): string {
  return f.grade?.family ?? f.key;
}

/** What a family contracts from where it sets to the room, as a share. */
function contraction(f: Family): number {
  return (
    typical(f, 'alphaPerK') * (typical(f, 'solidificationC') - STANDARD_ROOM_C) +
    (f.properties.crystallisationStrain?.typical ?? 0)
  );
}

const windowText = (w: Window): string => `${sig(w.low, 3)} to ${sig(w.high, 3)} °C`;

/** What becomes of two filaments in one print. */
export function printPair(a: Family, b: Family, lengthMm: number): PrintPairResult {
  const nozzleC = shared(a, b, 'nozzleC');
  const bedC = shared(a, b, 'bedC');
  const chamberC = shared(a, b, 'chamberC');
  const { bond, why } = bondOf(familyKeyOf(a), familyKeyOf(b));
  const seam = seamStrength(a, b);
  const strain = Math.abs(contraction(a) - contraction(b));
  const soluble = a.flags.soluble || b.flags.soluble;
  const support = soluble && bond !== 'none';
  const apart = bedC === null || chamberC === null;
  const weak = bond === 'none' || (bond === 'little' && !support);
  const reasons = [
    why,
    ...(seam.breaksMPa
      ? [
          `Pulled apart, the seam breaks at ${sig(seam.breaksMPa.low, 2)} to ${sig(seam.breaksMPa.high, 2)} MPa: ` +
            `let 1 cm² of it carry ${sig(seam.carriesMPa * 100, 2)} N at most, and only for a while.`,
        ]
      : []),
    bedC ? `Both hold on a bed of ${windowText(bedC)}.` : 'No bed suits both: one lets go or softens.',
    chamberC
      ? `Both bear air of ${windowText(chamberC)}.`
      : 'The air that one needs is too warm or too cool for the other.',
    nozzleC
      ? `One nozzle can stay at ${windowText(nozzleC)}.`
      : 'No nozzle temperature suits both: two nozzles, or much purging.',
    `Over ${sig(lengthMm, 3)} mm one contracts ${sig(strain * lengthMm, 2)} mm more than the other.`,
  ];
  const careful = nozzleC === null || bond === 'little' || (strain > SHOWS && !support);
  return {
    nozzleC,
    bedC,
    chamberC,
    bond,
    seam,
    mismatchMm: strain * lengthMm,
    soluble,
    verdict: apart || weak ? 'no' : careful ? 'with care' : 'good',
    reasons,
  };
}

/** Families that wash away as a support of another, best first. */
export function solubleSupports(f: Family): Family[] {
  return families
    .filter(s => s.flags.soluble && s.key !== f.key && printPair(f, s, 50).verdict !== 'no')
    .sort((a, b) => (a.key < b.key ? -1 : 1));
}

/** `print.pair`: two filaments in one print. */
export const printPairModel = model({
  id: 'print.pair',
  title: 'Two filaments in one print',
  source:
    'Overlap of the windows; contraction α·(T_s − 23 °C) + s_c of each; bonds as overmoulding and two-filament ' +
    'prints show them, as shares of the weaker one’s strength across its layers (estimates)',
  validity: 'Flat seams without an undercut; a mechanical lock makes any pair possible.',
  Input: PrintPairInput,
  compute({ first, second, lengthMm }: PrintPairInput) {
    const a = familyByKey(first)!;
    const b = familyByKey(second)!;
    const result = printPair(a, b, lengthMm);
    return {
      result,
      warnings: [],
      steps: [
        ...seamSteps(a, b, result),
        contractionStep('ε₁', a),
        contractionStep('ε₂', b),
        step(
          'ΔL',
          '|ε₁ − ε₂|·L',
          `|${sig(contraction(a))} − ${sig(contraction(b))}| × ${sig(lengthMm)}`,
          result.mismatchMm,
          'mm',
        ),
      ],
    };
  },
});

function contractionStep(symbol: string, f: Family): ReturnType<typeof step> {
  const s = f.properties.crystallisationStrain?.typical ?? 0;
  const substituted = `${sig(typical(f, 'alphaPerK'))} × (${sig(typical(f, 'solidificationC'))} − 23) + ${sig(s)}`;
  return step(symbol, 'α·(T_s − 23) + s_c', substituted, contraction(f), '');
}

/** How strong the seam is, where there is one. */
function seamSteps(a: Family, b: Family, { seam }: PrintPairResult): ReturnType<typeof step>[] {
  if (!seam.breaksMPa) return [];
  const weaker = acrossMPa(a) <= acrossMPa(b) ? a : b;
  return [
    step(
      'σ_seam',
      'k·σ_across of the weaker',
      `${sig(seam.breaksMPa.typical / acrossMPa(weaker))} × ${sig(acrossMPa(weaker))}`,
      seam.breaksMPa.typical,
      'MPa',
    ),
    step('σ_carries', 'least σ_seam / 2', `${sig(seam.breaksMPa.low)} / 2`, seam.carriesMPa, 'MPa'),
  ];
}
