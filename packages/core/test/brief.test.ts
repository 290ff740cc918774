import { describe, expect, it } from 'vitest';
import { conditionsOf } from '../src/brief/conditions.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import { serviceLoads } from '../src/brief/service-load.js';
import { InputError, type Problem } from '../src/input/input-error.js';
import { parsePrinter } from '../src/workshop/printer.js';
import { brief } from './cases.js';

/** The problems of a brief that is refused. */
function problems(fields: object): Problem[] {
  try {
    parseBrief({ format: 'hornblende-brief', version: 1, name: 'x', ...fields });
  } catch (e) {
    if (e instanceof InputError) return e.problems;
    throw e;
  }
  return [];
}

describe('the brief', () => {
  it('needs only format, version and name', () => {
    expect(brief()).toMatchObject({
      purpose: 'functional',
      lifeYears: 5,
      ifItFails: 'annoys',
      geometry: { xMm: 60, solidFraction: null },
      print: {
        walls: 3,
        lineMm: 0.45,
        topLayers: 4,
        bottomLayers: 4,
        layerMm: 0.2,
        infill: 0.2,
        pattern: 'grid',
        bake: 'if-needed',
      },
      wear: 'none',
      electrical: 'none',
      safety: null,
      deflectionLimitPct: null,
      loads: [],
      sun: 'none',
      school: 'weighted',
      weights: {},
    });
    expect(problems({ format: undefined })[0]?.field).toBe('format');
    expect(problems({ name: undefined })[0]).toMatchObject({
      field: 'name',
      message: expect.stringContaining('text of 1 to 120') as string,
    });
  });

  it('fills in nested defaults beside what is said', () => {
    expect(brief({ geometry: { xMm: 200 } }).geometry).toMatchObject({ xMm: 200, yMm: 40 });
    expect(brief({ heat: { setting: 'outdoors' } }).heat).toMatchObject({
      setting: 'outdoors',
      ambientMaxC: null,
    });
  });

  it.each([
    ['purpose', { purpose: 'ornament' }],
    ['lifeYears', { lifeYears: -1 }],
    ['lifeYears', { lifeYears: 1e308 }],
    ['lifeYears', { lifeYears: '5' }],
    ['lifeYears', { lifeYears: null }],
    ['geometry.xMm', { geometry: { xMm: NaN } }],
    ['geometry', { geometry: [] }],
    ['geometry', { geometry: null }],
    ['geometry.colour', { geometry: { colour: 1 } }],
    ['loads', { loads: {} }],
    ['loads[0].kind', { loads: [{ kind: 'huge', case: 'direct-stress', stressMPa: 1 }] }],
    ['loads[0].forceN', { loads: [{ kind: 'short', case: 'tension', widthMm: 4, heightMm: 4 }] }],
    ['heat.sourceC', { heat: { setting: 'near-source' } }],
    ['heat.partC', { heat: { setting: 'custom' } }],
    ['heat.ambientMinC', { heat: { ambientMaxC: 10, ambientMinC: 20 } }],
    ['weights', { weights: { heat: 9 } }],
    ['weights', { weights: { beauty: 1 } }],
    ['flex.shoreA', { flex: { want: 'rubbery', shoreA: [90, 80] } }],
    ['contact.chemicals', { contact: { chemicals: ['lava'] } }],
    ['favourite', { favourite: 'pla' }],
    ['version', { version: 2 }],
  ])('refuses a bad %s by name', (field, fields) => {
    const found = problems(fields);
    expect(found.map(p => p.field)).toEqual([field]);
    expect(found[0]?.message.length).toBeGreaterThan(8);
  });

  it('names every problem, not just the first', () => {
    expect(
      problems({ purpose: 'x', sun: 'y', geometry: { xMm: -1 } })
        .map(p => p.field)
        .sort(),
    ).toEqual(['geometry.xMm', 'purpose', 'sun']);
  });
});

describe('conditions', () => {
  it('indoors is the air', () =>
    expect(conditionsOf(brief())).toMatchObject({ partMaxC: 28, ambientMinC: 15, uvDoseMJm2: 0 }));
  it('full sun heats the part and doses it', () => {
    const c = conditionsOf(brief({ heat: { setting: 'outdoors' }, sun: 'full', looks: { colour: 'dark' } }));
    expect(c.partMaxC).toBeGreaterThan(60);
    expect(c.uvDoseMJm2).toBeCloseTo(1350, 6);
    expect(c.doseAYearMJm2).toBeCloseTo(270, 6);
    expect(
      conditionsOf(brief({ heat: { setting: 'outdoors' }, sun: 'full', looks: { colour: 'white' } }))
        .partMaxC,
    ).toBeLessThan(c.partMaxC - 15);
  });
  it('shade outdoors is never cooler than the air', () =>
    expect(conditionsOf(brief({ heat: { setting: 'outdoors' } })).partMaxC).toBe(35));
  it('a vehicle is a cabin out of the sun, hotter in it', () => {
    const cabin = conditionsOf(brief({ heat: { setting: 'closed-vehicle' }, sun: 'none' })).partMaxC;
    expect(cabin).toBeCloseTo(35 + 25 * 0.95, 6);
    expect(
      conditionsOf(brief({ heat: { setting: 'closed-vehicle' }, sun: 'part' })).partMaxC,
    ).toBeGreaterThan(cabin + 10);
    // Unsaid, the sun is taken as full.
    expect(brief({ heat: { setting: 'closed-vehicle' } }).sun).toBe('full');
    expect(brief({ heat: { setting: 'outdoors' } }).sun).toBe('none');
  });
  it('half a day of sun heats as a whole one, and doses half', () => {
    const sunny = (sun: string): ReturnType<typeof conditionsOf> =>
      conditionsOf(brief({ heat: { setting: 'outdoors' }, sun }));
    expect(sunny('part').partMaxC).toBe(sunny('full').partMaxC);
    expect(sunny('part').uvDoseMJm2).toBeCloseTo(sunny('full').uvDoseMJm2 / 2, 6);
    expect(sunny('reflected').partMaxC).toBeLessThan(sunny('full').partMaxC);
  });
  it('near a source and custom are as said', () => {
    expect(conditionsOf(brief({ heat: { setting: 'near-source', sourceC: 75 } })).partMaxC).toBe(75);
    expect(conditionsOf(brief({ heat: { setting: 'custom', partC: 81 } })).partMaxC).toBe(81);
  });
});

describe('loads', () => {
  it('become stress, strain or energy per area', () => {
    const [beam, snap, brake, drop, direct] = serviceLoads(
      brief({
        loads: [
          { kind: 'sustained', case: 'cantilever', forceN: 30, lengthMm: 60, widthMm: 20, heightMm: 6 },
          { kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1.2, lengthMm: 12 },
          {
            kind: 'short',
            case: 'deceleration',
            massKg: 0.05,
            decelerationG: 20,
            lengthMm: 60,
            widthMm: 20,
            heightMm: 6,
          },
          { kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 20, heightMm: 6 },
          { kind: 'short', case: 'direct-stress', stressMPa: 4 },
        ],
      }),
    );
    expect(beam).toMatchObject({ stressMPa: 15, hours: 43830, spanMm: 60 });
    expect((beam?.deflectionTimesModulus ?? 0) / 2000).toBeCloseTo(3, 9);
    expect(snap?.strainPct).toBeCloseTo(2.5, 9);
    expect(snap?.cycles).toBe(10000);
    expect(brake?.stressMPa).toBeCloseTo((15 * 9.80665) / 30, 6);
    expect(drop?.severityKJm2).toBeCloseTo(((0.15 * 0.2 * 9.80665) / 120) * 1000, 9);
    expect(direct?.stressMPa).toBe(4);
    expect(beam?.stressLowMPa).toBeNull();
    expect(
      serviceLoads(
        brief({
          loads: [
            {
              kind: 'short',
              case: 'cantilever',
              forceN: 50,
              forceLowN: 30,
              lengthMm: 60,
              widthMm: 20,
              heightMm: 6,
            },
          ],
        }),
      )[0],
    ).toMatchObject({ stressMPa: 25, stressLowMPa: 15 });
  });
});

describe('the printer', () => {
  it('has defaults and refuses what is unknown', () => {
    expect(parsePrinter({ format: 'hornblende-printer', version: 1, name: 'P' })).toMatchObject({
      nozzleMaxC: 260,
      dryerMaxC: null,
      buildMm: [220, 220, 250],
    });
    expect(() =>
      parsePrinter({ format: 'hornblende-printer', version: 1, name: 'P', buildMm: [1, 2] }),
    ).toThrow(/buildMm/);
    expect(() =>
      parsePrinter({ format: 'hornblende-printer', version: 1, name: 'P', plates: ['marble'] }),
    ).toThrow(/plates/);
  });
});
