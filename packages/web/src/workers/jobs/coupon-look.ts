import { newBrief, laidBrief } from '@hornblende/core/brief';
import type { Printer } from '@hornblende/core/formats';
import { featureEdges, layWith, meshReport, readMesh, type Xyz } from '@hornblende/core/geometry';
import type { Family } from '@hornblende/core/materials';
import { partEconomicsInput, printEconomics } from '@hornblende/core/print';

/** A coupon's file, the filament that it would be printed in, and on what. */
export interface CouponLookQuestion {
  bytes: Uint8Array;
  /** Whether it is printed with all infill. */
  solid: boolean;
  family: Family;
  printer: Printer | null;
}

/** A coupon as it is looked at before it is printed. */
export interface CouponLookAnswer {
  /** The lines of its drawing, six coordinates each, mm. */
  edges: Float32Array;
  sizeMm: Xyz;
  massG: number;
  hours: number;
}

/** Draws a coupon, and says what it weighs and how long it takes with the usual settings. @throws InputError */
export function run({ bytes, solid, family, printer }: CouponLookQuestion): CouponLookAnswer {
  const usual = newBrief('coupon');
  const plain = solid ? { ...usual, print: { ...usual.print, infill: 1 } } : usual;
  const mesh = readMesh('coupon.stl', bytes);
  const { medianWallMm } = meshReport(mesh);
  const brief = laidBrief(plain, layWith(mesh, [0, 0, 1]), 'coupon.stl', medianWallMm);
  const { massG, hours } = printEconomics(partEconomicsInput(brief, family, printer, 1));
  const { xMm, yMm, zMm } = brief.geometry;
  return { edges: featureEdges(mesh.positions), sizeMm: [xMm, yMm, zMm], massG, hours };
}
