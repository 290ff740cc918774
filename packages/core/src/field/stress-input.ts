import { BriefPrint } from '../brief/brief-print.js';
import { ActingPlace, HeldPlace } from '../brief/shape-places.js';
import { Flag, ListOf, Nested, Quantity, Vector } from '../input/fields.js';

/** Input of `stress.field`, beside the shape. */
export class StressFieldInput {
  @Quantity({ min: 0.01, max: 500_000, unit: 'MPa', doc: 'Modulus in the plane of the layers.' })
  modulusMPa!: number;
  @Quantity({ min: 0, max: 0.49, optional: true, doc: 'Poisson’s ratio; default 0.36.' }) poisson = 0.36;
  @Quantity({
    min: 0.1,
    max: 1.5,
    optional: true,
    doc: 'Modulus across the layers over along; default 0.85.',
  })
  layerRatio = 0.85;
  @Flag({ optional: true, doc: 'Printed solid, whatever the settings; default true without settings.' })
  solid = false;
  @Nested(() => BriefPrint, { optional: true, doc: 'How it is printed; default: solid.' })
  print?: BriefPrint;
  @Quantity({
    min: 0.02,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Edge of a cell; default null: by the number of cells.',
  })
  cellMm: number | null = null;
  @Quantity({
    min: 64,
    max: 400_000,
    optional: true,
    nullable: true,
    doc: 'Most cells; default 60 000, fewer where the thinnest wall has three all the same.',
  })
  cells: number | null = null;
  @Vector({
    length: 3,
    min: -1,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'The direction of the file that is up as it is printed; default null: z.',
  })
  up: [number, number, number] | null = null;
  @ListOf(() => HeldPlace, { max: 40, doc: 'Where it is held.' }) held!: HeldPlace[];
  @ListOf(() => ActingPlace, { max: 40, doc: 'Where loads act; all of them at once.' }) acts!: ActingPlace[];
}
