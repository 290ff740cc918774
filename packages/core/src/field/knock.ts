/** The span of a Charpy bar of ISO 179 over nine: how deep its weakest place is, if it stores all of a blow. */
const CHARPY_DEPTH_MM = 62 / 9;

/**
 * How much of a knock each mm² of the weakest place of a shape takes, as the bar of an impact test would. A bar of
 * section b × h that is bent over a span L stores most at its middle, w = σ²/2E = 9·U/(b·h·L); so w/U times a ninth of
 * the span of ISO 179 is 1/(b·h) for the test bar, and what the same blow amounts to for any other shape.
 * @param stressMPa at the weakest place under any load that acts where the knock does
 * @param modulusMPa at which that was worked out
 * @param energyNmm that the load stores in the whole shape
 * @returns 1/mm²; 0 where nothing is stored
 * @example knockPerMm2(15, 2000, 15.5) // 0.025 = 1/(10 mm × 4 mm)
 */
export function knockPerMm2(stressMPa: number, modulusMPa: number, energyNmm: number): number {
  if (energyNmm <= 0) return 0;
  return ((stressMPa ** 2 / (2 * modulusMPa)) * CHARPY_DEPTH_MM) / energyNmm;
}
