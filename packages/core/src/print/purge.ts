import type { Brief } from '../brief/brief.js';
import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { typical, type Family } from '../materials/family.js';
import { model, step } from '../models/model.js';
import type { Printer } from '../workshop/printer.js';
import { USUAL_RATES } from '../workshop/unsaid.js';

/** Input of `print.purge`. */
export class PrintPurgeInput {
  @Quantity({ min: 0, max: 1e5, doc: 'Times that the filament is changed in one print.' }) changes!: number;
  @Quantity({
    min: 1,
    max: 5000,
    unit: 'mm³',
    optional: true,
    doc: 'What is pushed through at each change, until the other runs clean; default 150.',
  })
  purgeMm3 = 150;
  @Quantity({
    min: 1,
    max: 1000,
    unit: 's',
    optional: true,
    doc: 'What a change takes: draw back, feed, heat, push through; default 60.',
  })
  secondsEach = 60;
  @Quantity({ min: 0.1, max: 25, unit: 'g/cm³', doc: 'Density, of both on average.' }) densityGcm3!: number;
  @Quantity({ min: 0, max: 1e5, unit: 'per kg', doc: 'Price of the filament, of both on average.' })
  pricePerKg!: number;
  @Quantity({ min: 0, max: 1000, unit: 'per h', optional: true, doc: 'Machine hour; default 0.5.' })
  machinePerHour = USUAL_RATES.machinePerHour;
}

/** Result of `print.purge`. */
export interface PrintPurgeResult {
  massG: number;
  hours: number;
  cost: number;
}

/** What it takes to change filament in one nozzle: what is pushed through is thrown away, and the machine waits. */
export function printPurge(i: PrintPurgeInput): PrintPurgeResult {
  const massG = (i.changes * i.purgeMm3 * i.densityGcm3) / 1000;
  const hours = (i.changes * i.secondsEach) / 3600;
  return { massG, hours, cost: (massG / 1000) * i.pricePerKg + hours * i.machinePerHour };
}

/** Changes that a layer takes in which both filaments are. */
const CHANGES_A_LAYER = 2;

/** What so many changes between two filaments on a printer take. */
export function purgeInput(
  a: Family,
  b: Family,
  printer: Pick<Printer, 'rates'> | null,
  changes: number,
): PrintPurgeInput {
  const mean = (name: 'densityGcm3' | 'pricePerKg'): number => (typical(a, name) + typical(b, name)) / 2;
  return Object.assign(new PrintPurgeInput(), {
    changes,
    densityGcm3: mean('densityGcm3'),
    pricePerKg: mean('pricePerKg'),
    machinePerHour: (printer?.rates ?? USUAL_RATES).machinePerHour,
  });
}

/** In sentences, what two filaments in one nozzle take: a layer, and a part that has both in all its layers. */
export function purgeSentences(
  a: Family,
  b: Family,
  printer: Pick<Printer, 'rates'> | null,
  { print, geometry }: Pick<Brief, 'print' | 'geometry'>,
): string {
  const layers = Math.max(1, Math.round(geometry.zMm / print.layerMm));
  const [one, all] = [1, layers].map(n => printPurge(purgeInput(a, b, printer, CHANGES_A_LAYER * n)));
  return (
    `With one nozzle each layer that has both takes ${CHANGES_A_LAYER} changes: ${sig(one!.massG, 2)} g are thrown ` +
    `away, and ${sig(one!.hours * 60, 2)} min go by. In all ${layers} layers that takes ${sig(all!.massG, 2)} g ` +
    `and ${sig(all!.hours, 2)} h, and costs ${all!.cost.toFixed(2)} for each part.`
  );
}

/** `print.purge`: what it costs to change filament in one nozzle. */
export const printPurgeModel = model({
  id: 'print.purge',
  title: 'What changing filament in one nozzle costs',
  source:
    'Changes times what is pushed through until the other runs clean, and times what a change takes; 150 mm³ and a ' +
    'minute are usual (estimates: dark before light takes twice as much)',
  validity: 'One nozzle that changes filament by itself; a second nozzle throws a tenth of it away.',
  Input: PrintPurgeInput,
  compute(i: PrintPurgeInput) {
    const result = printPurge(i);
    return {
      result,
      warnings: [],
      steps: [
        step(
          'm',
          'n·V·ρ',
          `${sig(i.changes)} × ${sig(i.purgeMm3)} × ${sig(i.densityGcm3)} / 1000`,
          result.massG,
          'g',
        ),
        step('t', 'n·s', `${sig(i.changes)} × ${sig(i.secondsEach)} / 3600`, result.hours, 'h'),
        step(
          'C',
          'm·p + t·c_h',
          `${sig(result.massG)} / 1000 × ${sig(i.pricePerKg)} + ${sig(result.hours)} × ${sig(i.machinePerHour)}`,
          result.cost,
          '',
        ),
      ],
    };
  },
});
