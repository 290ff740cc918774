import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';
import { printPurge, purgeSentences } from '../../src/print/purge.js';
import { calculate } from '../../src/registry.js';

describe('print.purge', () => {
  it('100 changes of 150 mm³ at 1.24 g/cm³ throw 18.6 g away and take 1.7 h', () => {
    const { result } = calculate('print.purge', { changes: 100, densityGcm3: 1.24, pricePerKg: 20 });
    const r = result as ReturnType<typeof printPurge>;
    expect(r.massG).toBeCloseTo(18.6, 9);
    expect(r.hours).toBeCloseTo(6000 / 3600, 9);
    expect(r.cost).toBeCloseTo(0.0186 * 20 + (6000 / 3600) * 0.5, 9);
  });
  it('grows with the changes, and is nothing without any', () => {
    const input = { purgeMm3: 150, secondsEach: 60, densityGcm3: 1.2, pricePerKg: 25, machinePerHour: 0.5 };
    expect(printPurge({ ...input, changes: 0 })).toEqual({ massG: 0, hours: 0, cost: 0 });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), fc.integer({ min: 1, max: 500 }), (changes, more) => {
        const [few, many] = [changes, changes + more].map(n => printPurge({ ...input, changes: n }));
        expect(many!.cost).toBeGreaterThan(few!.cost);
        expect(many!.massG).toBeGreaterThan(few!.massG);
      }),
    );
  });
  it('is told a layer and for the whole part, at the workshop’s own rates', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Knob',
      geometry: { xMm: 40, yMm: 40, zMm: 20, volumeCm3: 20 },
    });
    const pla = familyByKey('pla')!;
    const pva = familyByKey('pva')!;
    const told = purgeSentences(pla, pva, null, brief);
    expect(told).toContain('In all 100 layers that takes ');
    expect(told).toContain('and 2 min go by');
    const dear = purgeSentences(pla, pva, { rates: { machinePerHour: 10, labourEach: 1 } }, brief);
    const cost = (text: string): number => Number(/costs ([\d.]+) for each/.exec(text)![1]);
    // 200 changes of a minute.
    expect(cost(dear) - cost(told)).toBeCloseTo((200 / 60) * 9.5, 1);
  });
});
