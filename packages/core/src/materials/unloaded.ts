import { propertyDefinitions } from './property-definitions.js';
import { type PropertyName, type Range } from './property.js';

/** How the chains of a plastic lie as it is used: tangled, partly in crystals, or as a rubber held by hard blocks. */
export const structures = ['amorphous', 'semi-crystalline', 'elastomer'] as const;

/** How the chains of a plastic lie as it is used. */
export type Structure = (typeof structures)[number];

/** Most that an unloaded amorphous part stands above its deflection temperature at 0.45 MPa, K. */
const AMORPHOUS_OVER_HDT_K = 1;
/** Kelvins under its melting point up to which crystals hold a part that carries nothing in shape. */
const UNDER_MELTING_K = 35;
/** Most that an unloaded semi-crystalline part stands above its deflection temperature at 0.45 MPa, K. */
const CRYSTALLINE_OVER_HDT_K = 35;
/** Kelvins under the Vicat point (10 N) up to which a rubber that carries nothing keeps its shape. */
const UNDER_VICAT_K = 10;

/** The properties that it follows from. */
export type UnloadedFrom = Readonly<Partial<Record<PropertyName, Range | null>>>;

/**
 * Where a part that carries nothing keeps its shape, °C, from what is measured. It is not the Vicat point, whose
 * needle presses with 10 or 50 N: amorphous plastics stand no more than a kelvin above their deflection temperature,
 * semi-crystalline ones until shortly before their crystals melt, rubbers until their hard blocks soften.
 * @returns null where nothing that it follows from is known
 */
export function unloadedFrom(structure: Structure, p: UnloadedFrom): Range | null {
  const hdt = p.hdt045C ?? p.tgC ?? null;
  switch (structure) {
    case 'amorphous':
      return hdt && derived(hdt, end => end + AMORPHOUS_OVER_HDT_K, 'deflection temperature and a kelvin');
    case 'elastomer':
      return p.vicatC
        ? derived(p.vicatC, end => end - UNDER_VICAT_K, `Vicat point less ${UNDER_VICAT_K} K`)
        : hdt && derived(hdt, end => end, 'deflection temperature');
    case 'semi-crystalline': {
      if (!p.tmC || !hdt) return hdt && derived(hdt, end => end, 'deflection temperature');
      const melting = p.tmC;
      const atEnd = (end: 'low' | 'typical' | 'high'): number =>
        Math.min(melting[end] - UNDER_MELTING_K, hdt[end] + CRYSTALLINE_OVER_HDT_K);
      const why = `${UNDER_MELTING_K} K under melting, at most ${CRYSTALLINE_OVER_HDT_K} K over deflection at 0.45 MPa`;
      return asRange([atEnd('low'), atEnd('typical'), atEnd('high')], why);
    }
  }
}

function derived(from: Range, change: (end: number) => number, why: string): Range {
  return asRange([change(from.low), change(from.typical), change(from.high)], why);
}

function asRange([low, typical, high]: [number, number, number], why: string): Range {
  const { unit, standard } = propertyDefinitions.unloadedC;
  return { low, typical, high, unit, confidence: 'estimate', source: `${standard}; ${why}` };
}
