import { describe, expect, it } from 'vitest';
import { layVerdicts } from '../../src/advice/lay-verdicts.js';
import { settingsTrade } from '../../src/advice/settings-trade.js';
import type { Brief } from '../../src/brief/brief.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { startingPoints } from '../../src/brief/starting-points.js';
import { families } from '../../src/materials/library.js';
import { printerRecord } from '../../src/print/printer-record.js';
import { printCard } from '../../src/records/card.js';
import { rank } from '../../src/score/rank.js';
import { parsePrinter, type Printer } from '../../src/workshop/printer.js';

const bench = parsePrinter({
  format: 'hornblende-printer',
  version: 1,
  name: 'Bench',
  nozzleMaxC: 300,
  linerLimitC: null,
});
const busy: Printer = {
  ...bench,
  record: printerRecord([
    ...Array.from({ length: 6 }, () => ({
      outcome: 'well' as const,
      family: 'petg',
      minutes: 130,
      expectedMinutes: 100,
    })),
    { outcome: 'failed', family: 'abs', minutes: 20, expectedMinutes: 100 },
  ]),
};
const briefs: Brief[] = [
  ...startingPoints.map(s =>
    parseBrief({ format: 'hornblende-brief', version: 1, name: s.name, ...s.brief }),
  ),
  parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Said to be half plastic',
    geometry: { xMm: 90, yMm: 60, zMm: 30, solidFraction: 0.5 },
    print: { walls: 4, infill: 0.4 },
  }),
];

const dear: Printer = { ...bench, rates: { machinePerHour: 4, labourEach: 12 } };

describe('what a workshop says its hours cost', () => {
  it.each(briefs.map(b => [b.name, b] as const))('is in every price of: %s', (_name, brief) => {
    const petg = (printer: Printer): { hours: number; costEach: number; success: number } =>
      rank(brief, { printer }).candidates.find(c => c.material === 'petg')!.print;
    const usual = petg(bench);
    const here = petg(dear);
    // The usual 0.5 an hour and 1 a print, by hand; the filament's own price is the same.
    const more = (usual.hours * (4 - 0.5) + (12 - 1)) / usual.success;
    expect(here.costEach - usual.costEach).toBeCloseTo(more, 9);
  });
});

describe.each([
  ['a printer whose hours are dear', dear],
  ['a printer without a record', bench],
  ['a printer with one', busy],
])('mass, time, price and success on %s', (_, printer) => {
  it.each(briefs.map(b => [b.name, b] as const))('are the same on every page for: %s', (_name, brief) => {
    const { candidates } = rank(brief, { printer });
    for (const key of ['pla', 'petg', 'asa']) {
      const family = families.find(f => f.key === key)!;
      const { print, printing } = candidates.find(c => c.material === key)!;
      const card = printCard(brief, { family, printer });
      expect({
        massG: card.massG,
        hours: card.hours,
        costEach: card.costEach,
        success: card.success,
      }).toEqual(print);
      const now = settingsTrade(brief, family, printer).find(p => p.current)!;
      expect(now.massG).toBeCloseTo(print.massG, 9);
      expect(now.minutes).toBeCloseTo(60 * print.hours, 9);
      const lying = {
        ...brief.geometry,
        up: [0, 0, 1] as const,
        volumeMm3: 0,
        sharpCorners: [],
        support: null,
      };
      const [lay] = layVerdicts(brief, [{ ...lying, up: [0, 0, 1], steady: true, look: null }], family, {
        printer,
      });
      expect(lay!.candidate.print).toEqual(print);
      expect(printing.hours).toBeCloseTo(printing.modelHours * (printer.record?.timeFactor ?? 1), 9);
    }
  });
});

describe('a printer’s record', () => {
  it('moves time, price and success of the ranking, and the draws around them', () => {
    const brief = briefs[0]!;
    const of = (printer: Printer): ReturnType<typeof rank>['candidates'][0] =>
      rank(brief, { printer }).candidates.find(c => c.material === 'petg')!;
    expect(of(busy).print.hours).toBeGreaterThan(of(bench).print.hours);
    expect(of(busy).print.success).toBeGreaterThan(of(bench).print.success);
    expect(of(busy).print.massG).toBe(of(bench).print.massG);
  });
});

describe('what plain PLA would cost and weigh', () => {
  it.each(briefs.map(b => [b.name, b] as const))(
    'is one yardstick for every filament of: %s',
    (_name, brief) => {
      const { candidates } = rank(brief, { printer: bench });
      const points = candidates.map(c => {
        const cost = c.criteria.find(k => k.id === 'cost')!;
        return `${cost.unacceptable.toFixed(9)} ${cost.comfortable.toFixed(9)}`;
      });
      expect(new Set(points).size).toBe(1);
    },
  );
});

describe('a price in a sentence', () => {
  it('has two decimals, as on every page', () => {
    const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Dear', maxCostEach: 0.5 });
    for (const c of rank(brief, { printer: bench }).candidates) {
      const gate = c.gates.find(g => g.id === 'cost')!;
      expect(gate.why).toBe(`Costs ${c.print.costEach.toFixed(2)} of at most 0.50.`);
    }
  });
});
