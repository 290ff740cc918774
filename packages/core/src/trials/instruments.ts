import { chance } from '../lib/random.js';
import { typical, type Family } from '../materials/family.js';

/** What an instrument gives. */
export interface InstrumentReading {
  value: number;
  unit: string;
  /** Whether it has settled. */
  steady: boolean;
  /** Seconds since it was brought to the piece. */
  atS: number;
}

/** What an instrument is like: how fine, how noisy, how slow. */
export interface InstrumentKind {
  id: string;
  label: string;
  unit: string;
  /** Its last figure. */
  resolution: number;
  /** Standard deviation of a reading, in its unit. */
  noise: number;
  /** What its nought moves in an hour, in its unit. */
  driftPerHour: number;
  /** Share by which it lags behind while it is brought up. */
  hysteresis: number;
  /** Time constant with which it settles, s. */
  settleS: number;
}

/** Instruments of a workbench, as they are simulated. */
export const instrumentKinds: readonly InstrumentKind[] = [
  {
    id: 'caliper',
    label: 'Caliper',
    unit: 'mm',
    resolution: 0.01,
    noise: 0.015,
    driftPerHour: 0.005,
    hysteresis: 0,
    settleS: 0.3,
  },
  {
    id: 'scale',
    label: 'Scale',
    unit: 'g',
    resolution: 0.01,
    noise: 0.01,
    driftPerHour: 0.02,
    hysteresis: 0,
    settleS: 0.8,
  },
  {
    id: 'durometer-a',
    label: 'Durometer A',
    unit: 'Shore A',
    resolution: 0.5,
    noise: 0.6,
    driftPerHour: 0,
    hysteresis: 0.01,
    settleS: 4,
  },
  {
    id: 'durometer-d',
    label: 'Durometer D',
    unit: 'Shore D',
    resolution: 0.5,
    noise: 0.6,
    driftPerHour: 0,
    hysteresis: 0.01,
    settleS: 4,
  },
  {
    id: 'thermometer',
    label: 'Thermometer',
    unit: '°C',
    resolution: 0.1,
    noise: 0.15,
    driftPerHour: 0.1,
    hysteresis: 0.002,
    settleS: 6,
  },
  {
    id: 'luggage-scale',
    label: 'Luggage scale',
    unit: 'N',
    resolution: 0.5,
    noise: 1,
    driftPerHour: 0.3,
    hysteresis: 0.02,
    settleS: 0.6,
  },
];

/** An instrument that gives readings of a piece. */
export interface Instrument {
  kind: InstrumentKind;
  isSimulated: boolean;
  /** Reads a piece. @param truth what it really is; @param atS seconds since it was brought to it */
  read: (truth: number, atS: number) => InstrumentReading;
}

/** A reading within this share of its end, or a step of it, is steady. */
const STEADY = 0.002;

/**
 * An instrument that is only computed, over the same interface as a real one: it settles exponentially, lags, drifts
 * and is noisy, and rounds to its last figure. The same seed reads the same.
 */
export function simulatedInstrument(kind: InstrumentKind, seed: number): Instrument {
  const source = chance(seed);
  let elapsedS = 0;
  return {
    kind,
    isSimulated: true,
    read: (truth, atS) => {
      elapsedS += atS;
      const left = Math.exp(-atS / kind.settleS);
      const settled = truth * (1 - kind.hysteresis) * (1 - left);
      const value = settled + kind.noise * source.normal() + (kind.driftPerHour * elapsedS) / 3600;
      return {
        value: Math.round(value / kind.resolution) * kind.resolution,
        unit: kind.unit,
        steady: left * Math.abs(truth) <= Math.max(kind.resolution, STEADY * Math.abs(truth)),
        atS,
      };
    },
  };
}

/**
 * A line as a bench tool sends it ("ST,+  12.34 g", "12,34mm"): the number, and the unit behind it.
 * @param pattern a regular expression whose first group is the number, its second the unit; null: as usual
 * @returns null where the line holds no number
 */
export function instrumentLine(
  line: string,
  pattern: RegExp | null = null,
): { value: number; unit: string } | null {
  const usual = /([-+]?\s*\d+(?:[.,]\d+)?)\s*([a-zA-Z°µ"%]*)/;
  const [, number, unit = ''] = (pattern ?? usual).exec(line) ?? [];
  const value = Number(number?.replace(/\s+/g, '').replace(',', '.'));
  return number === undefined || !Number.isFinite(value) ? null : { value, unit };
}

/** What a piece of a family would really be on the bench, for instruments that are simulated: typical, not measured. */
export function simulatedTruth(criterion: string, f: Family): number {
  switch (criterion) {
    case 'mass':
      return 18 * typical(f, 'densityGcm3');
    case 'size':
      return 0.1 + 40 * typical(f, 'alphaPerK') * 50;
    case 'sag':
      return typical(f, 'vicatC');
    case 'hardness':
      return f.properties.shoreA?.typical ?? 95;
    case 'soak':
      return 0.3 * typical(f, 'waterUptakePct');
    case 'drop':
      return 0.5 + typical(f, 'charpy23KJm2') / 10;
    case 'break':
      return 4 * typical(f, 'yieldMPa') * f.properties.zRatio!.typical;
    case 'fettling':
      return 2 + 6 * f.flags.stringing;
    default:
      return 1;
  }
}

/** The instrument that reads a criterion, by its unit; null where a person judges. */
export function instrumentFor(unit: string): InstrumentKind | null {
  return instrumentKinds.find(k => k.unit === unit) ?? null;
}
