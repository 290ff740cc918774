import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typical } from '../src/materials/family.js';
import { families, familyByKey } from '../src/materials/library.js';
import { safeDryingC, waterAfterPct, type SpoolMoistureResult } from '../src/models/spool-moisture.js';
import { calculate } from '../src/registry.js';
import { filamentG, gramsLeft, parseSpool, spoolMoistureNow, type Spool } from '../src/workshop/spool.js';

const water = (inputs: object): SpoolMoistureResult =>
  calculate('spool.moisture', inputs).result as SpoolMoistureResult;
const spool = (fields: object = {}): Spool =>
  parseSpool({ format: 'hornblende-spool', version: 1, material: 'pa6', ...fields });
const at = (day: number, hour = 8): string =>
  `2026-03-${String(day).padStart(2, '0')}T${String(hour).padStart(2, '0')}:00:00.000Z`;

describe('the temperature that a spool is dried at', () => {
  it('is its advice, and for every family at least 3 °C under where its spool softens', () => {
    for (const f of families) {
      expect(safeDryingC(f), f.key).toBeLessThanOrEqual(typical(f, 'spoolLimitC') - 3);
      expect(safeDryingC(f), f.key).toBeLessThanOrEqual(typical(f, 'dryC'));
    }
    const asa = familyByKey('asa')!;
    const spoolLimitC = { ...asa.properties.spoolLimitC!, typical: typical(asa, 'dryC') + 1 };
    const soft = { ...asa, properties: { ...asa.properties, spoolLimitC } };
    expect(safeDryingC(soft)).toBe(typical(asa, 'dryC') - 2);
  });
});

describe('spool.moisture', () => {
  it('nylon 6 at half humidity settles near 2.8 % of water, as conditioned bars do (ISO 1110: 2.6 to 3.4 %)', () => {
    const w = water({ family: 'pa6', rhPct: 50, hoursOpen: 2000 });
    expect(w.waterPct).toBeGreaterThan(2.5);
    expect(w.waterPct).toBeLessThan(3.4);
    expect(w.state).toBe('dry it first');
  });
  it('a week on the bench wets nylon and PETG, not PP, ABS and PLA', () => {
    const state = (family: string, rhPct = 50): string => water({ family, rhPct, hoursOpen: 168 }).state;
    expect([state('pa6'), state('pa12'), state('tpu-95a'), state('petg', 60)]).toEqual([
      'dry it first',
      'dry it first',
      'dry it first',
      'dry it first',
    ]);
    expect([state('pp'), state('abs'), state('pla')]).toEqual(['dry', 'dry', 'dry']);
  });
  it('the advice works: dried as long and as hot as it says, it is dry', () => {
    for (const f of families)
      for (const [rhPct, hoursOpen] of [
        [45, 100],
        [60, 1000],
      ] as const) {
        const wet = water({ family: f.key, rhPct, hoursOpen });
        if (wet.dryC === null) continue;
        expect(
          water({ family: f.key, rhPct, hoursOpen, dryingC: wet.dryC, dryingHours: wet.dryHours }).state,
          `${f.key} at ${rhPct} %`,
        ).toBe('dry');
        expect(wet.dryC, f.key).toBeLessThan(typical(f, 'spoolLimitC'));
      }
  });
  it('drying above where the spool softens is refused by name', () => {
    expect(() => water({ family: 'pla', rhPct: 50, hoursOpen: 100, dryingC: 70, dryingHours: 4 })).toThrow(
      'dryingC: 70 must be at most 55 °C',
    );
    expect(() => water({ family: 'pla', rhPct: 50, hoursOpen: 100, dryingC: 50 })).toThrow('dryingHours');
    expect(() => water({ family: 'zinc', rhPct: 50, hoursOpen: 1 })).toThrow('family');
  });
  it('a soluble support left in damp air is spoiled', () => {
    expect(water({ family: 'pva', rhPct: 85, hoursOpen: 2000 }).state).toBe('unusable');
    expect(water({ family: 'pva', rhPct: 30, hoursOpen: 5 }).state).not.toBe('unusable');
  });
  it('what is not soluble is never spoiled, however damp', () => {
    for (const f of families)
      if (!f.flags.soluble)
        expect(water({ family: f.key, rhPct: 95, hoursOpen: 5000 }).state, f.key).not.toBe('unusable');
  });
  it('more damp, longer open: never less water; hotter or longer drying: never more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...families),
        fc.integer({ min: 0, max: 95 }),
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 1, max: 500 }),
        (f, rh, h, more) => {
          const w = (rhPct: number, hoursOpen: number): number =>
            water({ family: f.key, rhPct, hoursOpen }).waterPct;
          expect(w(rh, h + more)).toBeGreaterThanOrEqual(w(rh, h));
          expect(w(rh + 5, h)).toBeGreaterThanOrEqual(w(rh, h));
          const start = w(rh, h + 200);
          expect(waterAfterPct(f, start, rh, safeDryingC(f), 4)).toBeGreaterThanOrEqual(
            waterAfterPct(f, start, rh, safeDryingC(f), 4 + more) - 1e-12,
          );
        },
      ),
    );
  });
});

describe('a spool', () => {
  const pa6 = familyByKey('pa6')!;
  it('the ledger follows opening, boxing and drying', () => {
    const opened = spool({ events: [{ kind: 'opened', at: at(1) }] });
    const now = spoolMoistureNow(opened, pa6, at(8), 55, 80);
    expect([now.where, now.state]).toEqual(['open', 'dry it first']);
    const dried = spool({
      events: [
        { kind: 'opened', at: at(1) },
        { kind: 'dried', at: at(8), dryingC: now.dryC, hours: now.dryHours },
        { kind: 'boxed', at: at(9) },
      ],
    });
    const later = spoolMoistureNow(dried, pa6, at(9, 9), 55, 80);
    expect(later.where).toBe('boxed');
    expect(later.waterPct).toBeLessThan(now.waterPct / 4);
    expect(later.history.map(h => h.kind)).toEqual(['opened', 'dried', 'boxed', 'now']);
  });
  it('sealed it stays dry; printed from, it counts as opened', () => {
    expect(spoolMoistureNow(spool(), pa6, at(20), 60, null)).toMatchObject({
      waterPct: 0,
      where: 'sealed',
      state: 'dry',
    });
    expect(
      spoolMoistureNow(spool({ events: [{ kind: 'printed', at: at(1), grams: 20 }] }), pa6, at(20), 60, null),
    ).toMatchObject({ where: 'open', state: 'dry it first' });
  });
  it('what lies ahead of the moment does not count', () => {
    const s = spool({ events: [{ kind: 'opened', at: at(10) }] });
    expect(spoolMoistureNow(s, pa6, at(5), 60, null).waterPct).toBe(0);
  });
  it('a cooler dryer takes longer, and the advice keeps to it', () => {
    const s = spool({ events: [{ kind: 'opened', at: at(1) }] });
    const hot = spoolMoistureNow(s, pa6, at(8), 40, 90);
    const cool = spoolMoistureNow(s, pa6, at(8), 40, 65);
    expect(cool.dryC).toBe(65);
    expect(cool.dryHours!).toBeGreaterThan(hot.dryHours!);
  });
  it('grams: weighed with the reel or without, printed off, never below nothing', () => {
    expect(filamentG(820, true, 220)).toBe(600);
    expect(filamentG(820, false, 220)).toBe(820);
    expect(filamentG(100, true, 220)).toBe(0);
    expect(gramsLeft(spool())).toBe(1000);
    expect(
      gramsLeft(
        spool({
          leftG: 400,
          events: [
            { kind: 'printed', at: at(1), grams: 150 },
            { kind: 'weighed', at: at(2), grams: 230 },
            { kind: 'printed', at: at(3), grams: 30 },
          ],
        }),
      ),
    ).toBe(200);
    expect(gramsLeft(spool({ events: [{ kind: 'printed', at: at(1), grams: 1500 }] }))).toBe(0);
  });
  it('events are put in order of time, and bad ones named', () => {
    expect(
      spool({
        events: [
          { kind: 'boxed', at: at(9) },
          { kind: 'opened', at: at(1) },
        ],
      }).events.map(e => e.kind),
    ).toEqual(['opened', 'boxed']);
    expect(() => spool({ events: [{ kind: 'opened', at: 'yesterday' }] })).toThrow(
      'events[0].at: "yesterday" must be a date',
    );
    expect(() => spool({ events: [{ kind: 'dried', at: at(1) }] })).toThrow('events[0].dryingC');
    expect(() => spool({ events: [{ kind: 'printed', at: at(1) }] })).toThrow('events[0].grams');
    expect(() => spool({ boughtAt: '32nd of May' })).toThrow('boughtAt');
    expect(() => spool({ netG: -4 })).toThrow('netG: -4 must be a number from 1 to 20000 g');
  });
});
