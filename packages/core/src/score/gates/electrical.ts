import type { Electrical } from '../../brief/choices.js';
import type { Family, FamilyFlags } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import type { Gate } from '../gate.js';

/**
 * How much at ease a plastic is at the mains by how it burns. Never wholly: flame classes are for moulded plaques, and
 * an uncertified print is doubted whatever it is made of.
 */
const MAINS_EASE: Record<FamilyFlags['burning'], number> = {
  freely: 0,
  slowly: 0.3,
  'goes-out': 0.6,
};
/** The same of a grade with a flame retardant. */
const FLAME_RATED_EASE = 0.75;
/** How much at ease what conducts is where low voltage could find a way through it, or a charge runs off too fast. */
const CONDUCTS_EASE = 0.5;

type Found = Pick<Gate, 'verdict' | 'have' | 'why' | 'rescue'> & { ease?: number };

/** Electricity: flame and insulation at the mains, charge led away where static harms, and no shield before a radio. */
export function electricalGate(ctx: Context, a: Assessment): Gate | null {
  const asked = ctx.brief.electrical;
  if (asked === 'none') return null;
  return { id: 'electrical', need: needs[asked], unit: '', ...found[asked](a.family) };
}

const needs: Record<Exclude<Electrical, 'none'>, string> = {
  'low-voltage': 'insulates',
  mains: 'insulates, with a flame class',
  'static-safe': 'leads a charge away',
  radio: 'lets radio through',
};

const does: Record<FamilyFlags['electricity'], string> = {
  insulates: 'insulates',
  dissipates: 'leads a charge away slowly',
  conducts: 'conducts',
};

const found: Record<Exclude<Electrical, 'none'>, (f: Family) => Found> = {
  'low-voltage': f =>
    f.flags.electricity === 'insulates'
      ? { verdict: 'pass', have: 'insulates', why: `${f.name} insulates.`, rescue: null }
      : {
          verdict: 'marginal',
          ease: CONDUCTS_EASE,
          have: does[f.flags.electricity],
          why: `${f.name} ${does[f.flags.electricity]}: nothing live may touch it.`,
          rescue: 'insulate what is live, or an unfilled plastic',
        },
  mains: f => {
    if (f.flags.electricity !== 'insulates')
      return {
        verdict: 'fail',
        have: does[f.flags.electricity],
        why: `${f.name} ${does[f.flags.electricity]}: never around the mains.`,
        rescue: null,
      };
    if (f.flags.burning === 'freely' && !f.flags.flameRated)
      return {
        verdict: 'fail',
        have: burns.freely,
        why: `${f.name} burns on once it is lit: not around the mains.`,
        rescue: 'a certified enclosure, fitted by a qualified person to local code',
      };
    const ease = f.flags.flameRated ? FLAME_RATED_EASE : MAINS_EASE[f.flags.burning];
    return {
      verdict: 'marginal',
      ease,
      have: f.flags.flameRated ? 'has a flame retardant' : burns[f.flags.burning],
      why: `${f.name} insulates and ${burnsWords(f)}; a print has no certificate, whatever its plastic has.`,
      rescue: 'a certified enclosure, fitted by a qualified person to local code',
    };
  },
  'static-safe': f =>
    f.flags.electricity === 'insulates'
      ? {
          verdict: 'fail',
          have: 'insulates',
          why: `${f.name} holds a static charge.`,
          rescue: 'a static-dissipative grade',
        }
      : f.flags.electricity === 'dissipates'
        ? {
            verdict: 'pass',
            have: does.dissipates,
            why: `${f.name} leads a charge away; how well, the print decides: measure it.`,
            rescue: null,
          }
        : {
            verdict: 'marginal',
            ease: CONDUCTS_EASE,
            have: does.conducts,
            why: `${f.name} may lead a charge away too fast, or not at all between its fibres.`,
            rescue: 'a static-dissipative grade',
          },
  radio: f =>
    f.flags.electricity === 'insulates'
      ? { verdict: 'pass', have: 'lets radio through', why: `${f.name} lets radio through.`, rescue: null }
      : {
          verdict: 'fail',
          have: 'shields',
          why: `${f.name} ${does[f.flags.electricity]}, and so hides radio.`,
          rescue: 'an unfilled plastic',
        },
};

const burns: Record<FamilyFlags['burning'], string> = {
  freely: 'burns on',
  slowly: 'burns slowly',
  'goes-out': 'goes out by itself',
};

function burnsWords({ flags }: Family): string {
  return flags.flameRated ? 'has a flame retardant' : burns[flags.burning];
}
