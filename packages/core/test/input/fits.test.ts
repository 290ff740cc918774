import { validateSync } from 'class-validator';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Brief } from '../../src/brief/brief.js';
import { Inspection, Placement, Printer, Spool, WorkshopSettings } from '../../src/formats.js';
import { fitsClass } from '../../src/input/fits.js';
import { instanceOf, type InputClass } from '../../src/input/instance-of.js';
import { modelById } from '../../src/registry.js';
import { plainBrief, plainPrinter } from '../any-brief.js';
import { checks } from '../model-checks.js';

/** What class-validator says of an instance, as a reading of it does. */
const passes = (instance: object): boolean =>
  validateSync(instance, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: false })
    .length === 0;

/** Values of every sort that JSON has, near the limits of what fields take and far beyond. */
const odd: readonly unknown[] = [
  ...[null, undefined, true, '', ' ', 'x', 'asa', 'y'.repeat(61), 'z'.repeat(2001)],
  ...[0, -1, 0.5, 1, 1.5, 2, 3, 45.5, 1e12, Number.NaN, Infinity],
  ...[[], {}, [1], [1, 2], [2, 1], [null], ['black'], [{}], [[]], { asa: 1 }, { strength: [1, 2] }],
];

/** Every place in a plain object, as the names that lead there. */
function placesIn(value: unknown, path: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return [path];
  const inside = Object.entries(value).flatMap(([name, inner]) => placesIn(inner, [...path, name]));
  return [path, ...inside, [...path, 'strange']];
}

function changed(plain: unknown, path: readonly string[], to: unknown): unknown {
  const [name, ...rest] = path;
  if (name === undefined) return to;
  const copy: Record<string, unknown> | unknown[] = Array.isArray(plain)
    ? [...(plain as unknown[])]
    : { ...(plain as object) };
  (copy as Record<string, unknown>)[name] = changed((copy as Record<string, unknown>)[name], rest, to);
  return copy;
}

const place = { where: 'Shed', sun: 'full', heat: 'outdoors', frostsAYear: 12 };
const placed = {
  format: 'hornblende-service',
  version: 1,
  name: 'Foot',
  materials: [{ material: 'asa', share: 0.5 }, { material: 'petg' }],
  place,
  since: '2024-05-17',
  pauses: [{ from: '2024-11-01', to: null }],
};
const look = { id: 'look-0001', placementId: 'p', at: '2025-01-01T00:00:00Z' };
const spool = { format: 'hornblende-spool', version: 1, material: 'asa' };
const documents: [InputClass, object][] = [
  [Placement, placed],
  [Inspection, { ...look, verdict: 'failed', mode: 'cracked' }],
  [Spool, spool],
  [WorkshopSettings, { format: 'hornblende-workshop', version: 1 }],
  ...checks.map(([id, input]): [InputClass, object] => [modelById(id)!.Input, input]),
];

/** Whether quick and slow say the same, for an instance that is read from plain data. */
function saysTheSame(type: InputClass, plain: unknown): void {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) return;
  const instance = instanceOf(type, plain);
  expect(fitsClass(type, instance), JSON.stringify(plain)).toBe(passes(instance));
}

describe('whether an input fits its class', () => {
  it('is what class-validator says of every model’s check values, and of documents', () => {
    for (const [type, plain] of documents) saysTheSame(type, plain);
    for (const [type, plain] of documents)
      expect(fitsClass(type, instanceOf(type, plain)), type.name).toBe(true);
  });
  it('is what class-validator says once any value in them is another', () => {
    for (const [type, said] of new Map(documents)) {
      const whole = JSON.parse(JSON.stringify(instanceOf(type, said))) as object;
      for (const path of placesIn(whole)) for (const to of odd) saysTheSame(type, changed(whole, path, to));
    }
  });
  it('is what class-validator says of any brief and printer, and of those with another value in them', () => {
    const either = fc.oneof(
      plainBrief.map(plain => [Brief, plain] as const),
      plainPrinter.map(plain => [Printer, plain] as const),
    );
    fc.assert(
      fc.property(either, fc.nat(), fc.constantFrom(...odd), ([type, plain], n, to) => {
        saysTheSame(type, plain);
        const whole = JSON.parse(JSON.stringify(instanceOf(type as InputClass, plain))) as object;
        const places = placesIn(whole);
        saysTheSame(type, changed(whole, places[n % places.length]!, to));
      }),
      { numRuns: 300 },
    );
  });
  it('is not for a plain object, which has not been read', () => {
    expect(fitsClass(Placement, placed)).toBe(false);
    expect(fitsClass(Placement, instanceOf(Placement, placed))).toBe(true);
  });
});
