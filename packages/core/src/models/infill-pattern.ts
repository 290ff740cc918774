/** Infill patterns by how they carry. */
export const infillPatterns = ['lines', 'grid', 'triangles', 'gyroid', 'cubic', 'solid'] as const;

/** An infill pattern. */
export type InfillPattern = (typeof infillPatterns)[number];

/** What a pattern makes of a core: its modulus is E·φⁿ. */
export interface PatternRule {
  exponent: number;
  /** Whether its cells stand upright, the same in each layer: then they carry otherwise from the side. */
  upright: boolean;
  why: string;
}

/**
 * Exponents of the core's modulus by pattern. Cells whose walls bend follow φ², cells whose walls are pulled
 * and pushed along their length follow about φ^1.5 (Gibson and Ashby, Cellular Solids).
 */
export const patternRules: Record<InfillPattern, PatternRule> = {
  lines: {
    exponent: 2,
    upright: false,
    why: 'Crossing lines touch layer by layer: between crossings they bend.',
  },
  grid: { exponent: 2, upright: true, why: 'Square cells shear by bending their walls.' },
  triangles: { exponent: 1.5, upright: true, why: 'Triangles cannot shear without stretching a wall.' },
  gyroid: { exponent: 2, upright: false, why: 'Curved sheets bend, equally in every direction.' },
  cubic: {
    exponent: 1.5,
    upright: false,
    why: 'Tilted cubes make triangles in every section: walls stretch.',
  },
  solid: { exponent: 1, upright: false, why: 'No cells: the core is plastic like the skin.' },
};

/** The share of the core that is plastic: all of it for a solid pattern. */
export function coreShare(infill: number, pattern: InfillPattern): number {
  return pattern === 'solid' ? 1 : infill;
}
