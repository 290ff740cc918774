import { describe, expect, it } from 'vitest';
import { typical } from '../src/materials/family.js';
import { families } from '../src/materials/library.js';
import { gateNumbers, limitGates, type Gate, type GateId } from '../src/score/gate.js';
import { rank } from '../src/score/rank.js';
import { brief, candidate, enclosedPrinter } from './cases.js';

/** One gate of one family for a brief; undefined when the brief does not call for it. */
function gate(fields: Record<string, unknown>, key: string, id: GateId): Gate | undefined {
  return candidate(rank(brief(fields), { printer: enclosedPrinter }), key).gates.find(g => g.id === id);
}

const bar = { case: 'cantilever', lengthMm: 60, widthMm: 20, heightMm: 6 };

describe('heat', () => {
  const at = (partC: number): string | undefined =>
    gate({ heat: { setting: 'custom', partC } }, 'petg', 'heat')?.verdict;
  it('passes with ten kelvins to spare, is marginal under that, fails below none', () => {
    expect(at(60.9)).toBe('pass');
    expect(at(61.5)).toBe('marginal');
    expect(at(71)).toBe('marginal');
    expect(at(71.1)).toBe('fail');
  });
  it('takes the worst of several loads, and nothing off for a knock', () => {
    const loads = [
      { ...bar, kind: 'short', forceN: 5 },
      { ...bar, kind: 'sustained', forceN: 5, hours: 5000 },
    ];
    const both = gate({ loads }, 'asa', 'heat');
    const held = gate({ loads: [loads[1]] }, 'asa', 'heat');
    expect(both?.have).toBe(held?.have);
    expect(
      gate(
        { loads: [{ kind: 'impact', case: 'drop', massKg: 1, heightM: 1, widthMm: 9, heightMm: 9 }] },
        'asa',
        'heat',
      )?.have,
    ).toBe(97);
  });
  it('costs up to ten kelvins by decades of hours, without a step', () => {
    const of = (hours: number): number =>
      gate({ loads: [{ ...bar, kind: 'sustained', forceN: 5, hours }] }, 'asa', 'heat')?.have as number;
    expect(of(0) - of(1000)).toBeCloseTo(10, 9);
    expect(of(0) - of(10)).toBeCloseTo(3.47, 2);
    expect(Math.abs(of(999) - of(1001))).toBeLessThan(0.01);
  });
  it('offers a lighter colour first, then shade, then a lower temperature', () => {
    const sunny = { heat: { setting: 'outdoors', ambientMaxC: 40 }, sun: 'full' };
    expect(gate({ ...sunny, looks: { colour: 'black' } }, 'pla', 'heat')?.rescue).toMatch(
      /^passes in a light colour/,
    );
    expect(
      gate(
        { ...sunny, heat: { setting: 'outdoors', ambientMaxC: 52 }, looks: { colour: 'white' } },
        'pla',
        'heat',
      )?.rescue,
    ).toMatch(/^passes in the shade|keep/);
    expect(gate({ heat: { setting: 'custom', partC: 90 } }, 'pla', 'heat')?.rescue).toMatch(
      /keep the part under 56 °C/,
    );
  });
});

describe('strength', () => {
  const of = (forceN: number, more: object = {}): Gate | undefined =>
    gate({ loads: [{ ...bar, kind: 'short', forceN, ...more }] }, 'pla', 'strength');
  it('is not asked without a load', () => expect(gate({}, 'pla', 'strength')).toBeUndefined());
  it('needs the stress times the factor of safety', () => {
    expect(of(30)?.need).toBeCloseTo(15 * 1.5, 9);
    for (const [ifItFails, factor] of [
      ['nothing', 1.2],
      ['annoys', 1.5],
      ['damages', 2],
      ['injures', 3],
    ] as const) {
      expect(
        gate({ ifItFails, loads: [{ ...bar, kind: 'short', forceN: 30 }] }, 'pla', 'strength')?.need,
      ).toBeCloseTo(15 * factor, 9);
    }
  });
  it('is marginal within a quarter of the allowable', () => {
    const have = of(1)?.have as number;
    const forceFor = (utilisation: number): number => (((have * utilisation) / 1.5) * 20 * 36) / (6 * 60);
    expect(of(forceFor(0.75))?.verdict).toBe('pass');
    expect(of(forceFor(0.9))?.verdict).toBe('marginal');
    expect(of(forceFor(1.05))?.verdict).toBe('fail');
  });
  it('knows that turning the print is enough', () => {
    const have = of(1)?.have as number;
    const force = (((have * 0.9) / 1.5) * 20 * 36) / (6 * 60);
    expect(of(force, { acrossLayers: true })).toMatchObject({
      verdict: 'fail',
      rescue: expect.stringMatching(/along the layers/) as string,
    });
  });
  it('judges snap fingers by strain, once or again and again', () => {
    const finger = { case: 'snap-fit', thicknessMm: 2, undercutMm: 1.2, lengthMm: 12 };
    const warm = { setting: 'custom', partC: 25 };
    const snap = (
      kind: string,
      cycles: number | null,
      more: object = {},
      fields: object = {},
    ): Gate | undefined =>
      gate({ heat: warm, ...fields, loads: [{ ...finger, kind, cycles, ...more }] }, 'petg', 'strength');
    expect(snap('short', null)).toMatchObject({
      need: expect.closeTo(2.5, 9) as number,
      have: 3,
      unit: '% strain',
      verdict: 'marginal',
    });
    expect(snap('cyclic', 1000)).toMatchObject({ have: expect.closeTo(1.8, 9) as number, verdict: 'fail' });
    const five = snap('cyclic', 5)!.have as number;
    expect(five).toBeGreaterThan(snap('cyclic', 1e7)!.have as number);
    // Across the layers their share, in the cold the family’s own share, and more where failure is grave.
    expect(snap('short', null, { acrossLayers: true })?.have).toBeCloseTo(3 * 0.65, 9);
    expect(snap('short', null, {}, { heat: { setting: 'custom', partC: -30 } })?.have).toBeCloseTo(
      3 * 0.85,
      9,
    );
    expect(snap('short', null, {}, { ifItFails: 'damages' })?.need).toBeCloseTo((2.5 * 2) / 1.5, 9);
    expect(snap('short', null, {}, { ifItFails: 'injures' })?.need).toBeCloseTo(5, 9);
  });
  it('a slender post buckles before it crushes', () => {
    const post = (lengthMm: number): Gate | undefined =>
      gate(
        { loads: [{ kind: 'short', case: 'compression', forceN: 60, lengthMm, widthMm: 6, heightMm: 6 }] },
        'petg',
        'strength',
      );
    expect(post(30)?.verdict).toBe('pass');
    expect(post(260)?.verdict).toBe('fail');
  });
});

describe('creep', () => {
  it('is asked of held loads only, and not of rubber', () => {
    expect(gate({ loads: [{ ...bar, kind: 'short', forceN: 5 }] }, 'pla', 'creep')).toBeUndefined();
    expect(
      gate(
        { flex: { want: 'rubbery' }, loads: [{ ...bar, kind: 'sustained', forceN: 1 }] },
        'tpu-95a',
        'creep',
      ),
    ).toBeUndefined();
  });
  it('its rescue is true: the higher section passes', () => {
    const of = (heightMm: number): Gate | undefined =>
      gate({ loads: [{ ...bar, heightMm, kind: 'sustained', forceN: 60 }] }, 'pla', 'creep');
    const failing = of(6);
    expect(failing?.verdict).toBe('fail');
    const high = Number(/([\d.]+) mm high/.exec(failing?.rescue ?? '')?.[1]);
    expect(of(high)?.verdict).toBe('marginal');
    expect(of(high * 0.98)?.verdict).toBe('fail');
  });
});

describe('knocks', () => {
  const drop = (massKg: number, heat: object = {}): Gate | undefined =>
    gate(
      {
        heat: { setting: 'outdoors', ...heat },
        loads: [{ kind: 'impact', case: 'drop', massKg, heightM: 1, widthMm: 15, heightMm: 8 }],
      },
      'abs',
      'impact',
    );
  it('grow with mass, and cold makes plastics brittle', () => {
    expect(drop(0.1)?.verdict).toBe('pass');
    expect(drop(5)?.verdict).toBe('fail');
    // Notched alone when coldest; between notched and unnotched where it is warm.
    expect(drop(0.1, { ambientMinC: -30 })?.have).toBe(8);
    expect(drop(0.1, { ambientMinC: 23, ambientMaxC: 30 })?.have).toBeCloseTo(18 ** 0.7 * 100 ** 0.3, 9);
  });
});

describe('sun', () => {
  const sun = (fields: object, key = 'abs'): Gate | undefined =>
    gate({ heat: { setting: 'outdoors' }, ...fields }, key, 'uv');
  it('is asked only where there is any', () => expect(sun({})).toBeUndefined());
  it('fails under half the wanted life, is marginal under all of it', () => {
    expect(sun({ sun: 'full', lifeYears: 0.8, looks: { colour: 'light' } })?.verdict).toBe('pass');
    expect(sun({ sun: 'full', lifeYears: 1.5, looks: { colour: 'light' } })?.verdict).toBe('marginal');
    expect(sun({ sun: 'full', lifeYears: 3, looks: { colour: 'light' } })?.verdict).toBe('fail');
  });
  it('black saves what black can save', () => {
    expect(sun({ sun: 'full', lifeYears: 2.5, looks: { colour: 'light' } })?.rescue).toMatch(
      /^passes in black \(2\.6 years\)/,
    );
    expect(sun({ sun: 'full', lifeYears: 10, looks: { colour: 'light' } })?.rescue).toMatch(/paint/);
  });
});

describe('flexibility', () => {
  it.each([
    ['rigid', 'pla', 'pass'],
    ['rigid', 'tpu-95a', 'fail'],
    ['springy', 'pla', 'marginal'],
    ['springy', 'pa12', 'pass'],
    ['springy', 'tpu-95a', 'fail'],
    ['springy', 'pva', 'fail'],
    ['hinge', 'pp', 'pass'],
    ['hinge', 'pa12', 'marginal'],
    ['hinge', 'tpu-95a', 'marginal'],
    ['hinge', 'pla', 'fail'],
    ['rubbery', 'tpu-95a', 'pass'],
    ['rubbery', 'pp', 'fail'],
  ])('%s in %s: %s', (want, key, verdict) =>
    expect(gate({ flex: { want } }, key, 'flex')?.verdict).toBe(verdict),
  );
  it.each([
    [[80, 100], 'pass'],
    [[80, 98], 'pass'],
    [[80, 97], 'marginal'],
    [[93, 98], 'marginal'],
    // Too hard by a little, infill softens it; by much, nothing does, and what must be tight stays solid.
    [[80, 94], 'marginal'],
    [[55, 65], 'fail'],
  ])('95 A where %j is asked: %s', (shoreA, verdict) =>
    expect(gate({ flex: { want: 'rubbery', shoreA } }, 'tpu-95a', 'flex')?.verdict).toBe(verdict),
  );
});

describe('limits', () => {
  it('mass and cost', () => {
    const mass = rank(brief(), { printer: enclosedPrinter }).candidates.find(c => c.material === 'pla')!
      .printing.massG;
    expect(gate({ maxMassG: mass * 1.2 }, 'pla', 'mass')?.verdict).toBe('pass');
    expect(gate({ minMassG: mass * 1.1 }, 'pla', 'mass')).toMatchObject({
      verdict: 'fail',
      unit: 'g at least',
    });
    expect(gate({ minMassG: mass * 0.9 }, 'pla', 'mass')?.verdict).toBe('pass');
    expect(gate({ maxMassG: mass * 0.9 }, 'pla', 'mass')).toMatchObject({
      verdict: 'fail',
      rescue: expect.stringMatching(/70 % solid/) as string,
    });
    expect(gate({ maxCostEach: 0.5 }, 'pa6-cf', 'cost')?.verdict).toBe('fail');
  });
  it('water: dissolving, drinking, swelling', () => {
    expect(gate({ water: 'humid' }, 'pva', 'water')?.verdict).toBe('fail');
    expect(gate({ water: 'immersed' }, 'pa6-cf', 'water')?.verdict).toBe('marginal');
    expect(gate({ water: 'immersed' }, 'pp', 'water')?.verdict).toBe('pass');
    expect(gate({}, 'pa6-cf', 'water')).toBeUndefined();
  });
  it('chemicals: the worst of those that touch', () => {
    expect(gate({ contact: { chemicals: ['alcohol', 'alkali'] } }, 'abs', 'chemicals')).toMatchObject({
      verdict: 'marginal',
      have: 'fair: alcohol',
    });
    expect(
      gate({ contact: { chemicals: ['alcohol', 'petrol', 'acetone'] } }, 'abs', 'chemicals'),
    ).toMatchObject({ verdict: 'fail', have: 'poor: petrol, acetone' });
    expect(gate({ contact: { chemicals: ['strong-acid'] } }, 'pp', 'chemicals')?.verdict).toBe('pass');
  });
});

describe('how a gate reads', () => {
  it('limits read "of at most", the rest "has, needs"', () => {
    const g = (id: GateId, need: number, have: number, unit: string): Gate => ({
      id,
      verdict: 'pass',
      need,
      have,
      unit,
      why: '',
      rescue: null,
    });
    expect(gateNumbers(g('heat', 60.12, 93.4, '°C'))).toBe('has 93.4, needs 60.1 °C');
    expect(gateNumbers(g('creep', 5, 0.4321, '% of the span'))).toBe('0.432 of at most 5 % of the span');
    expect(gateNumbers(g('strength', 2.5, 4, '% strain'))).toBe('2.5 of at most 4 % strain');
    expect(gateNumbers(g('uv', 5, Infinity, 'years'))).toBe('has no limit, needs 5 years');
  });
  it('every limit gate fails upwards', () => {
    const fields = { deflectionLimitPct: 0.01, maxMassG: 0.1, maxCostEach: 0.1, mustFloat: true };
    const r = rank(brief({ ...fields, loads: [{ ...bar, kind: 'sustained', forceN: 60 }] }), {
      printer: enclosedPrinter,
    });
    const failing = candidate(r, 'pa6').gates.filter(g => g.verdict === 'fail' && limitGates.has(g.id));
    expect(failing.map(g => g.id)).toEqual(expect.arrayContaining(['stiffness', 'creep', 'mass', 'cost']));
    for (const g of failing) expect(g.have).toBeGreaterThan(g.need as number);
  });
  it('no gate of any family says NaN', () => {
    const everything = brief({
      heat: { setting: 'outdoors' },
      sun: 'full',
      water: 'immersed',
      mustFloat: true,
      maxMassG: 20,
      maxCostEach: 3,
      contact: { chemicals: ['petrol'] },
      loads: [
        { ...bar, kind: 'sustained', forceN: 3 },
        { kind: 'cyclic', case: 'tension', forceN: 30, widthMm: 5, heightMm: 5 },
      ],
    });
    for (const c of rank(everything, { printer: enclosedPrinter }).candidates) {
      expect(c.score).not.toBeNaN();
      for (const g of c.gates)
        expect(`${g.why} ${gateNumbers(g)} ${g.rescue ?? ''}`).not.toMatch(/NaN|undefined|Infinity/);
      for (const text of [...c.for, ...c.against, ...c.cautions])
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
    }
  });
  it('families know what they are asked', () =>
    expect(() =>
      typical(
        families.find(f => f.key === 'abs')!,
        'tmC',
      ),
    ).toThrow(/ABS has no tmC/));
});
