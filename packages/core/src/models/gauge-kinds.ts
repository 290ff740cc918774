/** What is measured of a gauge: across its outside, across a hole, or how high a step stands. */
export const gaugeKinds = ['outside', 'hole', 'height'] as const;
/** What is measured of a gauge. */
export type GaugeKind = (typeof gaugeKinds)[number];
