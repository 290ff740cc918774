import { describe, expect, it } from 'vitest';
import { briefChanges } from '../../src/brief/brief-changes.js';
import type { Brief } from '../../src/brief/brief.js';
import { feltStressMPa } from '../../src/brief/load-field.js';
import { fieldKey, fieldOf, fieldScale, forceOf } from '../../src/brief/on-shape.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { serviceLoads } from '../../src/brief/service-load.js';
import { familyByKey } from '../../src/materials/library.js';
import { strengthAllowable } from '../../src/models/strength-allowable.js';
import { assess } from '../../src/score/assess.js';
import { contextFor, contextOf } from '../../src/score/context.js';
import { rank } from '../../src/score/rank.js';
import { loadFieldOf, stressField, type FieldShape } from '../../src/field/index.js';
import { brief, candidate } from '../cases.js';
import { bar } from '../field/solid-shapes.js';

const places = { held: [{ atMm: [0, 6, 1] }], acts: [{ atMm: [60, 6, 1], forceN: [0, 0, -10] }] };
const load = { kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 };
/** A brief whose load was worked out on a shape. */
function onShape(shape: FieldShape, fields: object = {}): Brief {
  const b = brief({ loads: [{ ...load, ...places }], print: { pattern: 'solid' }, ...fields });
  const one = b.loads[0]!;
  const input = loadFieldOf.input(b, one, 4000);
  one.field = loadFieldOf.result(fieldKey(b, one), input, stressField(shape, input));
  return b;
}
const shaped = onShape(bar(60, 12, 8));
const asBar = brief({ loads: [load], print: { pattern: 'solid' } });
const strength = (b: Brief, key: string): number => {
  const g = candidate(rank(b), key).gates.find(x => x.id === 'strength')!;
  return Number(g.have) / Number(g.need);
};

describe('a load on the shape itself', () => {
  it('comes to what the bar comes to, where the shape is that bar', () => {
    const [field] = serviceLoads(shaped);
    const [plain] = serviceLoads(asBar);
    expect(Math.abs(field!.stressMPa! / plain!.stressMPa! - 1)).toBeLessThan(0.1);
    // A clamped root is stiffer and its own shear softer; the layers are softer across by 0.85.
    expect(Math.abs(field!.deflectionTimesModulus! / plain!.deflectionTimesModulus! - 1)).toBeLessThan(0.05);
    expect(Math.abs(strength(shaped, 'petg') / strength(asBar, 'petg') - 1)).toBeLessThan(0.15);
  });
  it('ranks by the shape: one with half the height fails where its bar would hold', () => {
    const thin = onShape(bar(60, 12, 3));
    expect(strength(thin, 'petg')).toBeLessThan(0.3 * strength(asBar, 'petg'));
    const gate = candidate(rank(thin), 'petg').gates.find(g => g.id === 'strength')!;
    expect(gate.why).toContain('on the shape itself');
  });
  it('is left alone once its places, its print or its lay is another: the bar stands again', () => {
    const [one] = shaped.loads;
    expect(fieldOf(shaped, one!)).not.toBeNull();
    for (const other of [
      { ...shaped, print: { ...shaped.print, walls: 7 } },
      { ...shaped, geometry: { ...shaped.geometry, up: [0, 1, 0] as [number, number, number] } },
      {
        ...shaped,
        geometry: {
          ...shaped.geometry,
          fillets: [{ atMm: [0, 6, 0] as [number, number, number], radiusMm: 2 }],
        },
      },
    ]) {
      expect(fieldOf(other, one!)).toBeNull();
      expect(serviceLoads(other)[0]!.field).toBeNull();
    }
    const moved = { ...one!, held: [{ atMm: [60, 6, 4] as [number, number, number] }] };
    expect(fieldOf(shaped, moved)).toBeNull();
  });
  it('is known again however its fields are ordered, and as its file lies by itself', () => {
    const [one] = shaped.loads;
    const [act] = one!.acts;
    const { atMm, forceN, throughout, pressureMPa, torqueNmm } = act!;
    const turnedRound = { ...one!, acts: [{ torqueNmm, pressureMPa, throughout, forceN, atMm }] };
    expect(fieldKey(shaped, turnedRound)).toBe(fieldKey(shaped, one!));
    const asFile = { ...shaped, geometry: { ...shaped.geometry, up: [0, 0, 1] as [number, number, number] } };
    expect(fieldKey(asFile, one!)).toBe(fieldKey(shaped, one!));
    expect(fieldKey(shaped, { ...one!, acts: [{ ...act!, throughout: true }] })).not.toBe(
      fieldKey(shaped, one!),
    );
  });
  it('of a decelerated mass grows with the mass and with the deceleration', () => {
    const stop = { ...load, case: 'deceleration', forceN: null, massKg: 0.5, decelerationG: 3 };
    const acts = [{ atMm: [60, 6, 1], forceN: [0, 0, -10] }];
    const [one] = brief({ loads: [{ ...stop, held: places.held, acts }] }).loads;
    expect(forceOf(one!)).toBeCloseTo(0.5 * 3 * 9.80665, 9);
    expect(fieldScale(one!)).toBeCloseTo((0.5 * 3 * 9.80665) / 10, 9);
    expect(fieldScale({ ...one!, massKg: 1 })).toBeCloseTo(2 * fieldScale(one!), 9);
  });
  it('heeds how layers weld: tension and shear between them count over their strength', () => {
    expect(feltStressMPa({ alongMPa: 10, betweenMPa: 4 }, 0.5)).toBe(10);
    expect(feltStressMPa({ alongMPa: 10, betweenMPa: 6 }, 0.5)).toBe(12);
    // A weld that is stronger than its plastic is not: the plastic gives way beside it.
    expect(feltStressMPa({ alongMPa: 0, betweenMPa: 3 }, 1.4)).toBe(3);
  });
  it('the reserve is the allowable stress over what is felt', () => {
    const f = familyByKey('abs')!;
    const ctx = contextFor(contextOf(shaped, null, null), f);
    const a = assess(ctx, f).loads[0]!;
    const { allowableMPa } = strengthAllowable(f, a.strength!);
    const felt = feltStressMPa(shaped.loads[0]!.field!, f.properties.zRatio!.typical);
    expect(a.reserve).toBeCloseTo(allowableMPa / (felt * ctx.safety), 9);
  });
  it('grows with the force that the brief says, and judges what moves by how far it reaches', () => {
    const twice = { ...shaped, loads: [{ ...shaped.loads[0]!, forceN: 20 }] };
    expect(serviceLoads(twice)[0]!.stressMPa).toBeCloseTo(2 * serviceLoads(shaped)[0]!.stressMPa!, 9);
    expect(serviceLoads(shaped)[0]!.spanMm).toBeCloseTo(60, 9);
  });
  it('is one change of a brief, not one for each figure', () => {
    const before = brief({ loads: [load], print: { pattern: 'solid' } });
    const labels = briefChanges(before, shaped).map(c => c.label);
    expect(labels).toEqual([
      'Load 1, faces that are held',
      'Load 1, faces that it acts on',
      'Load 1, on its own shape',
    ]);
    const other = {
      ...shaped,
      loads: [{ ...shaped.loads[0]!, field: { ...shaped.loads[0]!.field!, alongMPa: 1, betweenMPa: 1 } }],
    };
    expect(briefChanges(shaped, other).map(c => c.path)).toEqual(['loads.0.field']);
  });
  it('goes out and comes in with the brief', () => {
    const again = parseBrief(JSON.parse(JSON.stringify(shaped)));
    expect(again.loads[0]!.field).toEqual(shaped.loads[0]!.field);
    expect(rank(again).firstChoice).toBe(rank(shaped).firstChoice);
  });
});
