import { describe, expect, it } from 'vitest';
import { loadFieldOf, stressField, type FieldShape } from '../../src/field/index.js';
import type { Brief } from '../../src/brief/brief.js';
import { fieldKey, fieldOf } from '../../src/brief/on-shape.js';
import { blowsOf, serviceLoads } from '../../src/brief/service-load.js';
import { calculate } from '../../src/registry.js';
import { rank } from '../../src/score/rank.js';
import { robustness } from '../../src/score/draws/robustness.js';
import { brief, candidate } from '../cases.js';
import { bar } from '../field/solid-shapes.js';

const drop = { kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 10, heightMm: 4 };
/** An arm of 10 × 4 mm that is knocked at its end, worked out on its shape. */
const known = new Map<number, Brief>();
function knocked(lengthMm: number): Brief {
  const before = known.get(lengthMm);
  if (before) return before;
  const shape: FieldShape = bar(lengthMm, 10, 4);
  const places = { held: [{ atMm: [0, 5, 2] }], acts: [{ atMm: [lengthMm, 5, 2], forceN: [0, 0, -1] }] };
  const b = brief({ loads: [{ ...drop, ...places }], print: { pattern: 'solid' } });
  const [one] = b.loads;
  const input = loadFieldOf.input(b, one!, 5000);
  one!.field = loadFieldOf.result(fieldKey(b, one!), input, stressField(shape, input));
  known.set(lengthMm, b);
  return b;
}
const asBar = brief({ loads: [drop], print: { pattern: 'solid' } });
const along = (b: Brief): number => blowsOf(serviceLoads(b)[0]!)[0]!.severityKJm2;

describe('a knock on the shape itself', () => {
  it('comes to the section’s on an arm as long as the bar of an impact test', () => {
    // share·E/(b·h) = 0.15 · 0.2 kg · 9.80665 m/s² · 1 m / 40 mm² = 7.35 kJ/m².
    expect(serviceLoads(asBar)[0]!.severityKJm2).toBeCloseTo(7.355, 3);
    expect(Math.abs(along(knocked(62)) / 7.355 - 1)).toBeLessThan(0.12);
  });
  it('is half as hard on an arm twice as long: twice as much of it bends', () => {
    expect(Math.abs((2 * along(knocked(124))) / along(knocked(62)) - 1)).toBeLessThan(0.08);
  });
  it('opens the layers of an arm that is pulled across them, and hardly those of a lying one', () => {
    const lying = blowsOf(serviceLoads(knocked(62))[0]!);
    expect(lying.map(b => b.acrossLayers)).toEqual([false, true]);
    expect(lying[1]!.severityKJm2).toBeLessThan(0.4 * lying[0]!.severityKJm2);
    const short = blowsOf(serviceLoads(knocked(8))[0]!);
    expect(short[1]!.severityKJm2 / short[0]!.severityKJm2).toBeGreaterThan(
      lying[1]!.severityKJm2 / lying[0]!.severityKJm2,
    );
  });
  it('decides the gate and the draws, and its working is that of impact.drop', () => {
    const soft = knocked(124);
    const hard = knocked(15);
    const have = (b: Brief): number => {
      const gate = candidate(rank(b), 'pla').gates.find(g => g.id === 'impact')!;
      return Number(gate.have) / Number(gate.need);
    };
    expect(have(soft)).toBeGreaterThan(1.5 * have(asBar));
    expect(have(hard)).toBeLessThan(0.7 * have(asBar));
    const gate = candidate(rank(soft), 'pla').gates.find(g => g.id === 'impact')!;
    const worked = calculate(gate.working!.model, gate.working!.inputs);
    expect(worked.result).toMatchObject({ severityKJm2: expect.closeTo(along(soft), 6) });
    const fits = (b: Brief): number =>
      robustness(b, { draws: 400, seed: 1 }).candidates.find(c => c.material === 'pla')!.pFits;
    expect(fits(soft)).toBeGreaterThan(fits(hard));
  });
  it('a field from before knocks were worked out leaves the section standing', () => {
    const [one] = knocked(124).loads;
    const b = { ...knocked(124), loads: [{ ...one!, field: { ...one!.field!, knockAlongPerMm2: null } }] };
    expect(fieldOf(b, b.loads[0]!)).not.toBeNull();
    expect(serviceLoads(b)[0]!.severityKJm2).toBeCloseTo(7.355, 3);
  });
});

describe('impact.drop without a section', () => {
  it('needs one or the other, by name', () => {
    expect(() => calculate('impact.drop', { energyJ: 1, widthMm: 10 })).toThrow(/heightMm/);
    expect(calculate('impact.drop', { energyJ: 2, perMm2: 1 / 40 }).result).toMatchObject({
      severityKJm2: expect.closeTo(7.5, 9),
    });
  });
});
