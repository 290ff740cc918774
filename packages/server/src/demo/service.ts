import { parseInspection, parsePlacement, type Inspection } from '@hornblende/core/formats';
import { DAY_MS, HOUR_MS } from '@hornblende/core/lib';
import type { Knex } from 'knex';
import { InspectionStore } from '../db/inspections.js';
import { placements as placementKind } from '../db/kinds/placements.js';
import { RevisionedStore } from '../db/revisioned-store.js';

/** A look at a part of the demo: so many days before the demo is laid out. */
interface DemoLook {
  daysAgo: number;
  verdict: Inspection['verdict'];
  rest?: Partial<Inspection>;
}

/** A part of the demo that is out there. */
interface DemoPlaced {
  name: string;
  code: string;
  part: string | null;
  materials: string[];
  colour: string;
  place: Record<string, unknown>;
  daysAgo: number;
  ifItFails?: string;
  lifeYears?: number;
  status?: 'fits' | 'marginal' | 'out';
  sinceRough?: boolean;
  note?: string;
  looks: DemoLook[];
}

const fine = (...days: number[]): DemoLook[] =>
  days.map(daysAgo => ({
    daysAgo,
    verdict: 'fine',
    rest: { springs: 'springs-back', nail: 'none', fading: 'same' },
  }));

const upper = { where: 'Upper apiary', heat: 'outdoors', sun: 'full', water: 'rain', load: 'held' };
const lower = { where: 'Lower apiary', heat: 'outdoors', sun: 'part', water: 'rain', load: 'held' };
const shed = { where: 'Honey shed', heat: 'indoors', sun: 'none', water: 'dry', load: 'none' };
const van = { where: 'The van', heat: 'closed-vehicle', sun: 'part', water: 'dry', load: 'held' };

/** Fourteen parts of the bee co-op, and what became of them over the years. */
const placed: readonly DemoPlaced[] = [
  {
    name: 'Stand foot, hive 3, front left',
    code: 'H3FL',
    part: 'Hive-stand levelling foot',
    materials: ['tarnbeck-hill-asa'],
    colour: 'black',
    place: { ...upper, aspect: 'south' },
    daysAgo: 1130,
    ifItFails: 'damages',
    lifeYears: 8,
    status: 'fits',
    looks: fine(1090, 900, 700, 520, 340, 179),
  },
  {
    name: 'Stand foot, hive 3, front right',
    code: 'H3FR',
    part: 'Hive-stand levelling foot',
    materials: ['tarnbeck-hill-asa'],
    colour: 'black',
    place: { ...upper, aspect: 'south' },
    daysAgo: 1130,
    ifItFails: 'damages',
    lifeYears: 8,
    status: 'fits',
    looks: fine(1090, 900, 700, 520, 340, 177),
  },
  {
    name: 'Stand foot, hive 5',
    code: 'H5FL',
    part: 'Hive-stand levelling foot',
    materials: ['tarnbeck-hill-asa'],
    colour: 'black',
    place: { ...lower, aspect: 'west' },
    daysAgo: 760,
    ifItFails: 'damages',
    lifeYears: 8,
    status: 'fits',
    looks: fine(720, 540, 350, 60),
  },
  {
    name: 'Stand foot, the first try',
    code: 'OLD2',
    part: 'Hive-stand levelling foot',
    materials: ['wherrybank-everyday-pla'],
    colour: 'mid',
    place: { ...upper, aspect: 'south' },
    daysAgo: 1540,
    ifItFails: 'damages',
    note: 'Printed before anybody knew better.',
    looks: [
      ...fine(1500),
      {
        daysAgo: 1210,
        verdict: 'failed',
        rest: { mode: 'deformed', bentMm: 7, bentOverMm: 60, note: 'Leant over in the hot week.' },
      },
    ],
  },
  {
    name: 'Melter latch, the old one',
    code: 'WML2',
    part: 'Solar wax melter latch',
    materials: ['skerrow-petg-natural'],
    colour: 'clear',
    place: { ...upper, where: 'Behind the honey shed', load: 'held', partMaxC: 74 },
    daysAgo: 620,
    looks: [
      ...fine(560),
      { daysAgo: 490, verdict: 'failed', rest: { mode: 'deformed', bentMm: 5, bentOverMm: 40 } },
    ],
  },
  {
    name: 'Melter latch',
    code: 'WML3',
    part: 'Solar wax melter latch',
    materials: ['lowmoor-pa12-fibre'],
    colour: 'black',
    place: { ...upper, where: 'Behind the honey shed', load: 'held', partMaxC: 74 },
    daysAgo: 138,
    status: 'fits',
    looks: fine(105, 62),
  },
  {
    name: 'Entrance gate, hive 2',
    code: 'G2PP',
    part: 'Entrance-gate hinge',
    materials: ['skerrow-pp-web'],
    colour: 'clear',
    place: { ...lower, load: 'moving' },
    daysAgo: 830,
    status: 'fits',
    looks: fine(800, 450, 90),
  },
  {
    name: 'Entrance gate, hive 1',
    code: 'G1XX',
    part: 'Entrance-gate hinge',
    materials: ['petg', 'wherrybank-stout-pla'],
    colour: 'mid',
    place: { ...lower, load: 'moving' },
    daysAgo: 1400,
    sinceRough: true,
    note: 'Nobody wrote down what it was printed in.',
    looks: [
      ...fine(1100),
      { daysAgo: 800, verdict: 'failed', rest: { mode: 'chewed', chewed: true, note: 'A mouse.' } },
    ],
  },
  {
    name: 'Scale housing, hive 4',
    code: 'SCL4',
    part: 'Hive-scale housing',
    materials: ['petg'],
    colour: 'white',
    place: { ...upper, load: 'none', aspect: 'up' },
    daysAgo: 1460,
    lifeYears: 5,
    looks: [
      ...fine(1400, 1050),
      { daysAgo: 690, verdict: 'fine', rest: { fading: 'paler', nail: 'none' } },
      { daysAgo: 104, verdict: 'worn', rest: { fading: 'chalky', nail: 'marks', note: 'Chalky on top.' } },
    ],
  },
  {
    name: 'Crank knob',
    code: 'KNOB',
    part: 'Extractor crank knob',
    materials: ['wherrybank-stout-pla'],
    colour: 'mid',
    place: { ...shed, load: 'knocks' },
    daysAgo: 1420,
    looks: fine(1300, 940, 580, 121),
  },
  {
    name: 'Float, the trough by the gate',
    code: 'FLT1',
    part: 'Drinking-trough float',
    materials: ['pp-light'],
    colour: 'light',
    place: { where: 'Trough by the gate', heat: 'outdoors', sun: 'full', water: 'immersed', load: 'none' },
    daysAgo: 540,
    looks: fine(500, 361),
  },
  {
    name: 'Rack peg, the grey one',
    code: 'VAN1',
    part: 'Van frame-rack peg',
    materials: ['wherrybank-everyday-pla'],
    colour: 'mid',
    place: van,
    daysAgo: 1270,
    looks: [{ daysAgo: 1180, verdict: 'failed', rest: { mode: 'deformed', bentMm: 12, bentOverMm: 45 } }],
  },
  {
    name: 'Rack peg',
    code: 'VAN2',
    part: 'Van frame-rack peg',
    materials: ['abs'],
    colour: 'black',
    place: van,
    daysAgo: 1150,
    status: 'fits',
    looks: fine(1100, 800, 430, 66),
  },
  {
    name: 'Name plate at the gate',
    code: 'NAME',
    part: 'Apiary name plate',
    materials: ['wherrybank-everyday-pla'],
    colour: 'light',
    place: { where: 'Trough by the gate', heat: 'outdoors', sun: 'full', water: 'rain', load: 'none' },
    daysAgo: 1010,
    ifItFails: 'nothing',
    looks: [
      ...fine(940),
      {
        daysAgo: 160,
        verdict: 'worn',
        rest: { fading: 'chalky', nail: 'flakes', bentMm: 2, bentOverMm: 200 },
      },
    ],
  },
];

/** Lays out the demo's parts in service, counted back from now so that some are due this week. */
export async function layOutService(
  db: Knex,
  partIds: ReadonlyMap<string, string>,
  now: string,
): Promise<void> {
  const placements = new RevisionedStore(db, placementKind);
  const inspections = new InspectionStore(db);
  const before = (days: number, hour = 0): string =>
    new Date(Math.floor(Date.parse(now) / DAY_MS - days) * DAY_MS + hour * HOUR_MS).toISOString();
  for (const { part, materials, daysAgo, looks, ...rest } of placed) {
    const { id } = await placements.create(
      parsePlacement({
        format: 'hornblende-service',
        version: 1,
        ...rest,
        partId: part === null ? null : (partIds.get(part) ?? null),
        materials: materials.map(material => ({ material, share: 1 / materials.length })),
        since: before(daysAgo).slice(0, 10),
      }),
      now,
    );
    for (const [n, look] of looks.entries())
      await inspections.put(
        parseInspection({
          id: `demo-${rest.code}-${n + 1}`,
          placementId: id,
          at: before(look.daysAgo, 10),
          by: n % 2 ? 'Una' : 'Bram',
          verdict: look.verdict,
          ...look.rest,
        }),
        now,
      );
  }
}
