import { BriefPrint } from '../brief/brief-print.js';
import { ActingPlace, FilletPlace, HeldPlace } from '../brief/shape-places.js';
import { CELL_MM, CELLS, UP } from './cell-size.js';
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
  @Quantity(CELL_MM) cellMm: number | null = null;
  @Quantity(CELLS) cells: number | null = null;
  @Vector(UP) up: [number, number, number] | null = null;
  @ListOf(() => FilletPlace, {
    max: 20,
    optional: true,
    doc: 'Radii put into its inner edges; default none.',
  })
  fillets: FilletPlace[] = [];
  @ListOf(() => HeldPlace, { max: 40, doc: 'Where it is held.' }) held!: HeldPlace[];
  @ListOf(() => ActingPlace, { max: 40, doc: 'Where loads act; all of them at once.' }) acts!: ActingPlace[];
}
