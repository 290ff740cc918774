import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { STANDARD_GRAVITY } from '../lib/physical-constants.js';
import { model, step } from './model.js';

/** Input of `flex.mount`. */
export class FlexMountInput {
  @Quantity({ min: 0.001, max: 1e4, unit: 'kg', doc: 'What stands on the mounts.' }) massKg!: number;
  @Quantity({ min: 1, max: 100, optional: true, doc: 'How many mounts; default 4.' }) mounts = 4;
  @Quantity({ min: 0.01, max: 5000, unit: 'MPa', doc: 'Young’s modulus of the rubber, as it is printed.' })
  modulusMPa!: number;
  @Quantity({ min: 1, max: 1000, unit: 'mm', doc: 'Side of one mount, a square block.' }) sideMm!: number;
  @Quantity({ min: 1, max: 1000, unit: 'mm', doc: 'Its height.' }) heightMm!: number;
  @Quantity({
    min: 0.1,
    max: 1e5,
    unit: 'Hz',
    doc: 'What shakes it, times a second: turns a second of a motor.',
  })
  shakenHz!: number;
  @Quantity({
    min: 1,
    max: 5,
    optional: true,
    doc: 'How much stiffer it is shaken than pressed; default 1.4.',
  })
  dynamicRatio = 1.4;
  @Quantity({ min: 0, max: 2, optional: true, doc: 'Loss factor: how much it damps; default 0.15.' }) loss =
    0.15;
}

/** Result of `flex.mount`. */
export interface FlexMountResult {
  naturalHz: number;
  /** What passes through of what shakes it, as a share; above 1 it makes it worse. */
  passes: number;
  /** From which frequency it helps, Hz. */
  helpsFromHz: number;
  sagMm: number;
  stressMPa: number;
}

/** A rubber block that is pressed more than this, as a share of its height, goes on creeping. */
const MOST_SAG = 0.15;

/** How stiff the mounts are together, N/mm, and by what. */
function stiffnessOf(i: FlexMountInput): { shape: number; pressedMPa: number; stiffness: number } {
  // Shape factor: loaded face over what is free to bulge, a²/(4·a·h).
  const shape = i.sideMm / (4 * i.heightMm);
  // Gent and Lindley (1959): E_c = E·(1 + 2·S²).
  const pressedMPa = i.modulusMPa * (1 + 2 * shape ** 2);
  return { shape, pressedMPa, stiffness: (i.mounts * pressedMPa * i.sideMm ** 2) / i.heightMm };
}

/** What a square block of rubber mounts does to what stands on it. */
export function flexMount(i: FlexMountInput): FlexMountResult {
  const { stiffness } = stiffnessOf(i);
  const force = i.massKg * STANDARD_GRAVITY;
  const naturalHz = Math.sqrt((1000 * stiffness * i.dynamicRatio) / i.massKg) / (2 * Math.PI);
  const r2 = (i.shakenHz / naturalHz) ** 2;
  return {
    naturalHz,
    passes: Math.sqrt((1 + i.loss ** 2) / ((1 - r2) ** 2 + i.loss ** 2)),
    helpsFromHz: Math.SQRT2 * naturalHz,
    sagMm: force / stiffness,
    stressMPa: force / (i.mounts * i.sideMm ** 2),
  };
}

/** `flex.mount`: what rubber mounts isolate. */
export const flexMountModel = model({
  id: 'flex.mount',
  title: 'What rubber mounts isolate',
  source:
    'Block in compression E_c = E·(1 + 2·S²), S = a/(4·h) (Gent and Lindley 1959); f = √(k/m)/2π; transmissibility ' +
    'of a hysteretic mount √((1 + η²)/((1 − r²)² + η²)) (Harris and Crede)',
  validity:
    'Solid square blocks, shaken along their height; hollow ones are softer. Printed rubber scatters: try it.',
  Input: FlexMountInput,
  compute(i: FlexMountInput) {
    const r = flexMount(i);
    const { shape, pressedMPa: pressed, stiffness } = stiffnessOf(i);
    const ratio = i.shakenHz / r.naturalHz;
    return {
      result: r,
      warnings: [
        ...(r.sagMm > MOST_SAG * i.heightMm
          ? ['It is pressed by more than 15 % of its height: it goes on sinking. Make it wider or harder.']
          : []),
        ...(r.passes >= 1 ? ['Here it makes the shaking worse: softer or taller mounts, or more mass.'] : []),
      ],
      steps: [
        step('S', 'a/(4·h)', `${sig(i.sideMm)} / (4 × ${sig(i.heightMm)})`, shape, ''),
        step('E_c', 'E·(1 + 2·S²)', `${sig(i.modulusMPa)} × (1 + 2 × ${sig(shape)}²)`, pressed, 'MPa'),
        step(
          'k',
          'n·E_c·a²/h',
          `${sig(i.mounts)} × ${sig(pressed)} × ${sig(i.sideMm)}² / ${sig(i.heightMm)}`,
          stiffness,
          'N/mm',
        ),
        step(
          'f',
          '√(1000·k·d/m)/(2·π)',
          `√(1000 × ${sig(stiffness)} × ${sig(i.dynamicRatio)} / ${sig(i.massKg)}) / (2 × π)`,
          r.naturalHz,
          'Hz',
        ),
        step(
          'T',
          '√((1 + η²)/((1 − r²)² + η²))',
          `√((1 + ${sig(i.loss)}²) / ((1 − ${sig(ratio)}²)² + ${sig(i.loss)}²))`,
          r.passes,
          '',
        ),
      ],
    };
  },
});
