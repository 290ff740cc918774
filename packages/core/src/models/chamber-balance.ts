import { Choice, Quantity, Vector } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from './model.js';

/** What a printer is closed in by. */
export const chamberWalls = ['single', 'double', 'foam'] as const;
/** What a printer is closed in by. */
export type ChamberWall = (typeof chamberWalls)[number];
/** How its door stands. */
export const chamberDoors = ['shut', 'ajar', 'open'] as const;
/** How its door stands. */
export type ChamberDoor = (typeof chamberDoors)[number];

/** Heat through a wall, W/(m²·K): films of 8 on both sides, and the sheet, the air or the foam between; estimates. */
const WALL_W_M2K: Readonly<Record<ChamberWall, number>> = { single: 3.8, double: 2.2, foam: 1.2 };
/** Times an hour that its air is changed; estimates. */
const CHANGES_PER_H: Readonly<Record<ChamberDoor, number>> = { shut: 4, ajar: 40, open: 400 };
/** Heat that a bed gives to the air, above and below, W/(m²·K): what beds draw once they are hot. */
const BED_W_M2K = 20;
/** Heat that a volume of air holds, J/(m³·K). */
const AIR_J_M3K = 1200;
/** Heat that frame and walls hold, J/(kg·K). */
const FRAME_J_KGK = 700;
const SECONDS_AN_HOUR = 3600;
/** When a print is begun that was waited for, s. */
const HALF_HOUR_S = 1800;

/** Input of `chamber.balance`. */
export class ChamberBalanceInput {
  @Vector({ min: 50, max: 10_000, unit: 'mm', length: 3, doc: 'The closed space: width, depth, height.' })
  sizeMm!: [number, number, number];
  @Choice(chamberWalls, {
    optional: true,
    doc: 'Its walls: single (a sheet), double (two with air between), foam (lined by 20 mm); default single.',
  })
  walls: ChamberWall = 'single';
  @Choice(chamberDoors, { optional: true, doc: 'Its door: shut, ajar, open; default shut.' })
  door: ChamberDoor = 'shut';
  @Quantity({ min: -30, max: 60, unit: '°C', optional: true, doc: 'The room it stands in; default 20.' })
  roomC = 20;
  @Quantity({ min: 0, max: 300, unit: '°C', doc: 'The bed.' }) bedC!: number;
  @Vector({ min: 10, max: 5000, unit: 'mm', length: 2, doc: 'Size of the bed.' }) bedMm!: [number, number];
  @Quantity({ min: 0, max: 20_000, unit: 'W', optional: true, doc: 'A heater for its air; default 0.' })
  heaterW = 0;
  @Quantity({
    min: 0,
    max: 5000,
    unit: 'W',
    optional: true,
    doc: 'Nozzle, motors and electronics; default 40.',
  })
  besidesW = 40;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'kg',
    optional: true,
    doc: 'Frame and walls that warm with it; default 10.',
  })
  frameKg = 10;
  @Quantity({
    min: 0,
    max: 250,
    unit: '°C',
    optional: true,
    nullable: true,
    doc: 'Air that is wanted; default none.',
  })
  wantedC: number | null = null;
}

/** Result of `chamber.balance`. */
export interface ChamberBalanceResult {
  /** Heat that it loses for each kelvin over the room, W/K. */
  lossWPerK: number;
  /** Air in the end, and half an hour after bed and heater are switched on, °C. */
  steadyC: number;
  halfHourC: number;
  /** Heater that holds what is wanted, W; null where nothing is. */
  neededW: number | null;
}

const toM = (mm: number): number => mm / 1000;

/** What a bed gives to the air for each kelvin that it is warmer, W/K. */
function bedWPerK([x, y]: readonly [number, number]): number {
  return BED_W_M2K * toM(x) * toM(y);
}

/** Air in a closed printer: `(P + B·T_bed + G·T_room)/(G + B)`, B what the bed gives, G what walls and gaps lose. */
export function chamberBalance(i: ChamberBalanceInput): ChamberBalanceResult {
  const [x, y, z] = i.sizeMm.map(toM) as [number, number, number];
  const areaM2 = 2 * (x * y + x * z + y * z);
  const airWPerK = (AIR_J_M3K * x * y * z) / SECONDS_AN_HOUR;
  const lossWPerK = WALL_W_M2K[i.walls] * areaM2 + airWPerK * CHANGES_PER_H[i.door];
  const bed = bedWPerK(i.bedMm);
  const power = i.heaterW + i.besidesW;
  const steadyC = (power + bed * i.bedC + lossWPerK * i.roomC) / (lossWPerK + bed);
  const slowS = (FRAME_J_KGK * i.frameKg + AIR_J_M3K * x * y * z) / (lossWPerK + bed);
  const halfHourC = i.roomC + (steadyC - i.roomC) * (1 - Math.exp(-HALF_HOUR_S / slowS));
  const neededW =
    i.wantedC === null
      ? null
      : Math.max(0, lossWPerK * (i.wantedC - i.roomC) - bed * (i.bedC - i.wantedC) - i.besidesW);
  return { lossWPerK, steadyC, halfHourC, neededW };
}

/** `chamber.balance`: how warm the air in a closed printer gets, by what heats and what it loses. */
export const chamberBalanceModel = model({
  id: 'chamber.balance',
  title: 'How warm the air in a closed printer gets',
  source:
    'Heat balance in steady state: walls of 3.8, 2.2 or 1.2 W/(m²·K), air changed 4, 40 or 400 times an hour, a bed ' +
    'that gives 20 W/(m²·K); half an hour by the heat that frame and walls hold, 700 J/(kg·K) (estimates)',
  validity:
    'Air that mixes; corners are cooler, and the air over the bed is warmer. Heaters on mains power are work for ' +
    'qualified people, with a cut-out of their own, and motors and electronics in warm air live shorter.',
  Input: ChamberBalanceInput,
  compute(i: ChamberBalanceInput) {
    const result = chamberBalance(i);
    const [x, y, z] = i.sizeMm.map(toM) as [number, number, number];
    const bed = bedWPerK(i.bedMm);
    const power = i.heaterW + i.besidesW;
    const warnings = i.heaterW > 0 ? ['A heater on mains power is work for qualified people.'] : [];
    return {
      result,
      warnings,
      steps: [
        step(
          'G',
          'U·A + 1200·V·n/3600',
          `${sig(WALL_W_M2K[i.walls])} × ${sig(2 * (x * y + x * z + y * z))} + ` +
            `1200 × ${sig(x * y * z)} × ${sig(CHANGES_PER_H[i.door])} / 3600`,
          result.lossWPerK,
          'W/K',
        ),
        step('B', '20·A_bed', `20 × ${sig(toM(i.bedMm[0]))} × ${sig(toM(i.bedMm[1]))}`, bed, 'W/K'),
        step(
          'T',
          '(P + B·T_bed + G·T_room)/(G + B)',
          `(${sig(power)} + ${sig(bed)} × ${sig(i.bedC)} + ${sig(result.lossWPerK)} × ${sig(i.roomC)}) / ` +
            `(${sig(result.lossWPerK)} + ${sig(bed)})`,
          result.steadyC,
          '°C',
        ),
        step(
          'T_half',
          'T_room + (T − T_room)·(1 − e^{−1800/τ})',
          `frame ${sig(i.frameKg)} kg`,
          result.halfHourC,
          '°C',
        ),
        ...(result.neededW === null || i.wantedC === null
          ? []
          : [
              step(
                'P_heater',
                'G·(T_wanted − T_room) − B·(T_bed − T_wanted) − P_besides, at least 0',
                `${sig(result.lossWPerK)} × (${sig(i.wantedC)} − ${sig(i.roomC)}) − ` +
                  `${sig(bed)} × (${sig(i.bedC)} − ${sig(i.wantedC)}) − ${sig(i.besidesW)}`,
                result.neededW,
                'W',
              ),
            ]),
      ],
    };
  },
});
