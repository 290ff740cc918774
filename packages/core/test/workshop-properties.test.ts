import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { familyByKey, families } from '../src/materials/library.js';
import { rank } from '../src/score/rank.js';
import { printerPresets } from '../src/workshop/presets.js';
import { parsePrinter, type Printer } from '../src/workshop/printer.js';
import { upgradeKinds, upgrades, withUpgrades } from '../src/workshop/purchases.js';
import { gramsLeft, parseSpool, spoolMoistureNow, type SpoolEvent } from '../src/workshop/spool.js';
import { readGrades } from '../src/tables.js';
import { inSystem, prose } from '../src/units.js';
import { brief } from './cases.js';

const anyPrinter = fc
  .record({
    nozzleMaxC: fc.integer({ min: 200, max: 320 }),
    bedMaxC: fc.integer({ min: 0, max: 120 }),
    chamberC: fc.integer({ min: 18, max: 60 }),
    drive: fc.constantFrom('direct', 'bowden'),
    nozzleMetal: fc.constantFrom('brass', 'hardened'),
    linerLimitC: fc.option(fc.integer({ min: 220, max: 260 })),
    dryerMaxC: fc.option(fc.integer({ min: 45, max: 110 })),
    plates: fc.subarray(['smooth-pei', 'textured-pei', 'glass', 'garolite']),
    adhesives: fc.subarray(['glue-stick', 'pp-tape', 'release-layer']),
  })
  .map(p => parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Any', ...p }));
/** The families that nothing about a printer stops. */
function printable(p: Printer): string[] {
  return rank(brief(), { printer: p })
    .candidates.filter(c => !c.gates.some(g => g.id.startsWith('printability') && g.verdict === 'fail'))
    .map(c => c.material);
}

describe('upgrades', () => {
  it('never stop what printed before, whatever the printer', () => {
    fc.assert(
      fc.property(anyPrinter, fc.subarray([...upgradeKinds]), (p, kinds) => {
        const after = printable(withUpgrades(p, kinds));
        for (const key of printable(p)) expect(after, `${kinds.join()} stopped ${key}`).toContain(key);
      }),
      { numRuns: 60 },
    );
  });
  it('fitted twice are the same as fitted once, and are not offered again', () => {
    fc.assert(
      fc.property(anyPrinter, fc.subarray([...upgradeKinds]), (p, kinds) => {
        const once = withUpgrades(p, kinds);
        expect(withUpgrades(once, kinds)).toEqual(once);
        for (const kind of kinds)
          expect(upgrades.find(u => u.kind === kind)?.apply(once) ?? null, kind).toBeNull();
      }),
      { numRuns: 100 },
    );
  });
  it('a dearer preset of the same kind prints at least as much as a simpler one', () => {
    const of = (key: string): string[] => printable(printerPresets.find(p => p.key === key)!.profile);
    for (const [less, more] of [
      ['small-unheated', 'open-remote'],
      ['open-remote', 'open-direct'],
      ['cabinet', 'warm-cabinet'],
    ] as const) {
      const lost = of(less).filter(k => !of(more).includes(k));
      expect(lost, `${less} → ${more}`).toEqual([]);
    }
  });
});

const HOUR = 3_600_000;
const from = Date.parse('2026-01-01T00:00:00Z');
const at = (hours: number): string => new Date(from + hours * HOUR).toISOString();
const someFamily = fc.constantFrom(...families.filter(f => !f.flags.soluble));

describe('the ledger of a spool', () => {
  const event = fc.record({
    hours: fc.integer({ min: 0, max: 3000 }),
    kind: fc.constantFrom('opened', 'boxed', 'dried', 'printed', 'weighed'),
  });
  const entry = (f: string, e: { hours: number; kind: string }): object => ({
    kind: e.kind,
    at: at(e.hours),
    ...(e.kind === 'dried' ? { dryingC: familyByKey(f)!.properties.dryC!.low, hours: 4 } : {}),
    ...(e.kind === 'printed' ? { grams: 20 } : e.kind === 'weighed' ? { grams: 700 } : {}),
  });
  const spoolOf = (f: string, events: { hours: number; kind: string }[]): ReturnType<typeof parseSpool> =>
    parseSpool({ format: 'hornblende-spool', version: 1, material: f, events: events.map(e => entry(f, e)) });

  it('holds between nothing and what the air holds at most, and does not care in what order it was written', () => {
    fc.assert(
      fc.property(
        someFamily,
        fc.uniqueArray(event, { maxLength: 8, selector: e => e.hours }),
        fc.integer({ min: 10, max: 90 }),
        (f, events, rh) => {
          const a = spoolOf(f.key, events);
          const b = spoolOf(f.key, [...events].reverse());
          const m = spoolMoistureNow(a, f, at(4000), rh, null);
          expect(m.waterPct).toBeGreaterThanOrEqual(0);
          expect(m.waterPct).toBeLessThanOrEqual(f.properties.waterUptakePct!.typical);
          expect(spoolMoistureNow(b, f, at(4000), rh, null).waterPct).toBe(m.waterPct);
          expect(gramsLeft(b)).toBe(gramsLeft(a));
          expect(m.history.map(h => Date.parse(h.at))).toEqual(
            [...m.history.map(h => Date.parse(h.at))].sort((x, y) => x - y),
          );
        },
      ),
      { numRuns: 150 },
    );
  });
  it('boxed is never wetter than left open, and drying never adds water in an ordinary room', () => {
    fc.assert(
      fc.property(
        someFamily,
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 25, max: 80 }),
        (f, hours, rh) => {
          const water = (events: Partial<SpoolEvent>[]): number =>
            spoolMoistureNow(
              parseSpool({
                format: 'hornblende-spool',
                version: 1,
                material: f.key,
                events: [{ kind: 'opened', at: at(0) }, ...events],
              }),
              f,
              at(hours + 50),
              rh,
              null,
            ).waterPct;
          const open = water([]);
          expect(water([{ kind: 'boxed', at: at(hours) }])).toBeLessThanOrEqual(open + 1e-9);
          expect(
            water([{ kind: 'dried', at: at(hours), dryingC: f.properties.dryC!.low, hours: 6 }]),
          ).toBeLessThanOrEqual(open + 1e-9);
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('tables of grades, however they were saved', () => {
  it('the same numbers come out of every delimiter and decimal mark', () => {
    const value = fc.integer({ min: 3000, max: 12_000 }).map(n => n / 100);
    fc.assert(
      fc.property(
        value,
        fc.integer({ min: 600, max: 4000 }).map(n => n / 10),
        fc.constantFrom(';', '\t', '|', ','),
        fc.boolean(),
        (hdt, modulus, delimiter, comma) => {
          const written = (x: number): string => {
            const text = comma && delimiter !== ',' ? String(x).replace('.', ',') : String(x);
            return text;
          };
          const text = [
            ['name', 'family', 'hdt045C', 'measured.modulusMPa'],
            ['A', 'abs', written(hdt), written(modulus)],
          ]
            .map(r => r.join(delimiter))
            .join('\r\n');
          const { rows, problems } = readGrades(new TextEncoder().encode(text));
          expect(problems).toEqual([]);
          expect(rows[0]?.grade).toMatchObject({
            sheet: { hdt045C: { typical: hdt } },
            measured: { modulusMPa: { typical: modulus } },
          });
        },
      ),
      { numRuns: 150 },
    );
  });
  it('no text at all makes it throw', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.string({ unit: 'binary' }),
          fc.string().map(s => `name,family\n${s}`),
          fc.json(),
        ),
        text => {
          const table = readGrades(new TextEncoder().encode(text));
          expect(table.rows.every(r => r.grade !== null || r.problems.length > 0)).toBe(true);
        },
      ),
      { numRuns: 300 },
    );
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), bytes => {
        readGrades(bytes);
      }),
      { numRuns: 200 },
    );
  });
});

describe('units in sentences', () => {
  it('change nothing but quantities, and leave as many of them', () => {
    const quantity = fc.tuple(
      fc.integer({ min: -400, max: 9000 }).map(n => n / 10),
      fc.constantFrom('°C', 'K', 'MPa', 'kJ/m²', 'mm', 'g', 'g/cm³', 'N'),
    );
    const word = fc.constantFrom(
      'bears',
      'the',
      'part',
      'reaches',
      'against',
      'years',
      'of',
      'sun',
      '5 %',
      '260 J/m²',
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(word, quantity), { minLength: 1, maxLength: 6 }), parts => {
        const text = parts.map(([w, [n, u]]) => `${w} ${String(n).replace('-', '−')} ${u},`).join(' ');
        const said = prose(text, 'us');
        for (const [w] of parts) expect(said).toContain(w);
        for (const [, [, u]] of parts) expect(said).toContain(` ${inSystem(0, u, 'us').unit},`);
        expect(said.match(/,/g)).toHaveLength(parts.length);
        expect(prose(text, 'metric')).toBe(text);
      }),
      { numRuns: 200 },
    );
  });
});
