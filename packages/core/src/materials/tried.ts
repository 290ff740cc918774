/** What was read of the part itself, printed in a filament: it stands in place of what is worked out for it. */
export interface Tried {
  massG?: number;
  costEach?: number;
  /** How far its size is off, mm. */
  deviationMm?: number;
}

/** Mass and price as they were read where they were, else as they are worked out. */
export function asTried<E extends { massG: number; costEach: number }>(
  worked: E,
  tried: Tried | undefined,
): E {
  return tried
    ? { ...worked, massG: tried.massG ?? worked.massG, costEach: tried.costEach ?? worked.costEach }
    : worked;
}
