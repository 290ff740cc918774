import { describe, expect, it } from 'vitest';
import { conditionsOf } from '../../src/brief/conditions.js';
import { solidFractionOf } from '../../src/brief/solid-fraction.js';
import type { Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate, enclosedPrinter } from '../cases.js';
import { gate, verdict } from './one-gate.js';

describe('printed sections', () => {
  const arm = (print: object, more: object = {}): Gate | undefined =>
    gate(
      {
        print,
        loads: [
          { kind: 'short', case: 'cantilever', forceN: 60, lengthMm: 50, widthMm: 20, heightMm: 10, ...more },
        ],
      },
      'petg',
      'strength',
    );
  const reserve = (g: Gate | undefined): number => (g?.have as number) / (g?.need as number);
  it('60 N on 50 × 20 × 10 mm: ten per cent plastic is not a hundred', () => {
    expect(reserve(arm({ infill: 0.1 }))).toBeLessThan(0.8 * reserve(arm({ pattern: 'solid' })));
    expect(reserve(arm({ walls: 6 }))).toBeGreaterThan(reserve(arm({ walls: 2 })));
  });
  it('is the reserve of a solid bar times the section’s own ratio', () => {
    const solid = reserve(arm({ pattern: 'solid' }));
    // b_i = 17.3, h_i = 8.4: 1 − 0.5127 + 0.2^1.5 × 0.6104 = 0.5419.
    expect(reserve(arm({})) / solid).toBeCloseTo(0.5419, 3);
  });
  it('names the walls that would do, with their grams and minutes', () => {
    const weak = arm({ walls: 1, infill: 0.05 }, { forceN: 90 });
    expect(weak?.verdict).toBe('fail');
    const said = /^passes with (\d+) walls: \+[\d.]+ g, \+[\d.]+ min in that member$/.exec(
      weak?.rescue ?? '',
    );
    const walls = Number(said?.[1]);
    expect(arm({ walls, infill: 0.05 }, { forceN: 90 })?.verdict).not.toBe('fail');
    expect(arm({ walls: walls - 1, infill: 0.05 }, { forceN: 90 })?.verdict).toBe('fail');
  });
  it('the share that is plastic follows from them unless it is said', () => {
    const share = (fields: object): number => solidFractionOf(brief(fields as Record<string, unknown>));
    expect(share({ geometry: { solidFraction: 0.4 } })).toBe(0.4);
    expect(share({ print: { infill: 0.1 } })).toBeLessThan(share({ print: { infill: 0.5 } }));
    expect(share({ print: { walls: 2 } })).toBeLessThan(share({ print: { walls: 4 } }));
    expect(share({ print: { pattern: 'solid' } })).toBe(1);
    // A block is mostly inside, a thin wall mostly skin.
    const block = { xMm: 60, yMm: 60, zMm: 60, volumeCm3: 216 };
    expect(share({ geometry: block })).toBeLessThan(share({ geometry: { wallMm: 2 } }));
  });
});

describe('long heat', () => {
  it('at 150 °C for twenty years nothing lasts that merely does not melt', () => {
    const hot = { lifeYears: 20, heat: { setting: 'custom', partC: 150 } };
    for (const key of ['pa6', 'pa6-cf', 'pa12-cf']) expect(verdict(hot, key, 'ageing'), key).toBe('fail');
    expect(verdict(hot, 'pei', 'ageing')).toBe('pass');
    expect(verdict(hot, 'peek', 'ageing')).toBe('pass');
  });
  it('counts the hours: two a day age a twelfth as fast', () => {
    const at = (hoursADay: number): number =>
      gate({ heat: { setting: 'custom', partC: 90, hoursADay } }, 'abs', 'ageing')?.have as number;
    expect(Math.log(at(24)) / Math.log(at(2))).toBeCloseTo(12, 6);
  });
  it('a steady heat is described as one: it does not swing down to frost', () => {
    const c = conditionsOf(brief({ heat: { setting: 'custom', partC: 100 } }));
    expect([c.partMinC, c.partMaxC, c.hoursADay]).toEqual([100, 100, 24]);
  });
});

describe('glass', () => {
  const dose = (heat: object, sun = 'full'): number => conditionsOf(brief({ sun, heat })).uvDoseMJm2;
  it('takes most of the ultraviolet light, and some of the heat', () => {
    expect(dose({ setting: 'outdoors' })).toBeCloseTo(1350, 6);
    expect(dose({ setting: 'indoors' })).toBeCloseTo(472.5, 6);
    expect(dose({ setting: 'closed-vehicle' })).toBeCloseTo(202.5, 6);
    expect(dose({ setting: 'indoors', glass: 'laminated' })).toBeCloseTo(67.5, 6);
  });
  it('what stands in the sun behind a window is warmer than the room', () => {
    const part = (sun: string): number => conditionsOf(brief({ sun, heat: { setting: 'indoors' } })).partMaxC;
    expect(part('none')).toBe(28);
    expect(part('full')).toBeGreaterThan(50);
  });
});

describe('water', () => {
  it('takes PLA apart within years, PETG not', () => {
    const aquarium = { water: 'immersed', lifeYears: 5 };
    expect(gate(aquarium, 'pla', 'water')).toMatchObject({ verdict: 'fail', unit: 'left' });
    expect(verdict(aquarium, 'petg', 'water')).toBe('pass');
    expect(verdict({ ...aquarium, heat: { setting: 'custom', partC: 70 } }, 'petg', 'water')).toBe('fail');
    expect(verdict({ ...aquarium, heat: { setting: 'custom', partC: 60 } }, 'abs', 'water')).toBe('pass');
  });
});

describe('a squeezed joint', () => {
  const joint = (key: string, years: number): Gate | undefined =>
    gate(
      { lifeYears: years, loads: [{ kind: 'sustained', case: 'clamp', forceN: 500, areaMm2: 100 }] },
      key,
      'clamp',
    );
  it('loosens in PLA, holds in PC, the longer the looser', () => {
    expect(joint('pla', 5)?.verdict).toBe('fail');
    expect(joint('pc', 5)?.verdict).toBe('pass');
    expect(joint('petg', 10)!.have).toBeLessThan(joint('petg', 1)!.have as number);
    expect(joint('pla', 5)?.rescue).toMatch(/insert/);
  });
  it('is squeezed, not bent: it neither creeps away nor carries its first force for ever', () => {
    const held = { loads: [{ kind: 'sustained', case: 'clamp', stressMPa: 6 }] };
    expect(gate(held, 'petg', 'creep')).toBeUndefined();
    const pulled = { loads: [{ kind: 'sustained', case: 'direct-stress', stressMPa: 6 }] };
    expect(gate(held, 'petg', 'strength')!.have).toBeGreaterThan(
      gate(pulled, 'petg', 'strength')!.have as number,
    );
  });
  it('asks for a stress, or a force with its face', () => {
    const refused = (load: object): string => {
      try {
        brief({ loads: [{ kind: 'sustained', case: 'clamp', ...load }] });
        return '';
      } catch (e) {
        return (e as Error).message;
      }
    };
    expect(refused({})).toMatch(/loads\[0\]\.forceN.*loads\[0\]\.areaMm2/s);
    expect(refused({ forceN: 10 })).toMatch(/areaMm2/);
    expect(refused({ stressMPa: 3 })).toBe('');
  });
});

describe('contact, wear, colour, electricity', () => {
  it('fibres and metal are kept off skin and food; styrenics are doubted with wet food', () => {
    for (const key of ['pla-cf', 'pet-cf', 'pa6-gf', 'pla-metal']) {
      expect(verdict({ contact: { skin: true } }, key, 'contact'), key).toBe('fail');
      expect(verdict({ contact: { food: 'dry' } }, key, 'contact'), key).toBe('fail');
    }
    expect(verdict({ contact: { food: 'wet' } }, 'abs', 'contact')).toBe('marginal');
    expect(verdict({ contact: { food: 'wet' } }, 'pp', 'contact')).toBe('pass');
    expect(verdict({ contact: { skin: true } }, 'petg', 'contact')).toBe('pass');
    expect(gate({}, 'pla-cf', 'contact')).toBeUndefined();
  });
  it('teeth want nylon; what is only looked at may wear, and what is only tried on is not asked', () => {
    expect(verdict({ wear: 'gear' }, 'pa12', 'wear')).toBe('pass');
    expect(verdict({ wear: 'gear' }, 'pa12-cf', 'wear')).toBe('marginal');
    const hard = { wear: 'gear', wearPressureMPa: 2, wearSpeedMs: 0.5 };
    expect(verdict(hard, 'pla', 'wear')).toBe('fail');
    expect(verdict({ ...hard, purpose: 'decorative' }, 'pla', 'wear')).toBe('marginal');
    expect(gate({ ...hard, purpose: 'prototype' }, 'pla', 'wear')).toBeUndefined();
    expect(verdict({ ...hard, wearSpeedMs: 0.001 }, 'pla', 'wear')).toBe('marginal');
    expect(verdict({ wear: 'gear' }, 'petg', 'wear')).toBe('marginal');
    const meshed = { kind: 'cyclic', case: 'direct-stress', stressMPa: 14, cycles: 1e7 };
    expect(verdict({ wear: 'gear', loads: [meshed] }, 'petg', 'wear')).toBe('fail');
  });
  it('what comes in black only is not white, and gets as hot as black does', () => {
    expect(verdict({ looks: { colour: 'white' } }, 'petg-cf', 'looks')).toBe('fail');
    expect(gate({ looks: { colour: 'mid' } }, 'petg-cf', 'looks')).toBeUndefined();
    const sunny = { sun: 'full', heat: { setting: 'outdoors' }, looks: { colour: 'light' } };
    expect(gate(sunny, 'petg-cf', 'heat')!.need).toBeGreaterThan(
      (gate(sunny, 'petg', 'heat')!.need as number) + 10,
    );
  });
  it('a black filled plastic is not counted black twice', () => {
    const years = (colour: string): unknown =>
      gate({ sun: 'full', heat: { setting: 'outdoors' }, looks: { colour } }, 'asa-cf', 'uv')?.have;
    expect(years('black')).toBe(years('mid'));
    expect(years('black') as number).toBeLessThan(40);
  });
  it('mains voltage is a caution for every filament, and a pass for none', () => {
    for (const c of rank(brief({ electrical: 'mains' })).candidates) {
      expect(c.cautions.join(' '), c.material).toMatch(/UL 94.*certified enclosure/s);
      expect(c.gates.find(g => g.id === 'electrical')?.verdict, c.material).not.toBe('pass');
    }
    expect(verdict({ electrical: 'mains' }, 'pc', 'electrical')).toBe('marginal');
    expect(verdict({ electrical: 'mains' }, 'pla', 'electrical')).toBe('fail');
    expect(verdict({ electrical: 'mains' }, 'pc-cf', 'electrical')).toBe('fail');
  });
  it('static is led away by what dissipates, and radio passes what insulates', () => {
    for (const [electrical, key, said] of [
      ['static-safe', 'petg-esd', 'pass'],
      ['static-safe', 'pla-cf', 'marginal'],
      ['static-safe', 'pla', 'fail'],
      ['radio', 'abs', 'pass'],
      ['radio', 'pa6-cf', 'fail'],
      ['low-voltage', 'petg', 'pass'],
      ['low-voltage', 'petg-cf', 'marginal'],
    ] as const)
      expect(verdict({ electrical }, key, 'electrical'), `${electrical} ${key}`).toBe(said);
  });
  it('minutes of petrol are not years of it', () => {
    const petrol = (hours: number | null): string | undefined =>
      verdict({ contact: { chemicals: ['petrol'], hours } }, 'petg', 'chemicals');
    expect([petrol(null), petrol(2000), petrol(4)]).toEqual(['marginal', 'marginal', 'pass']);
    expect(verdict({ contact: { chemicals: ['petrol'] } }, 'abs', 'chemicals')).toBe('fail');
    expect(verdict({ contact: { chemicals: ['petrol'], hours: 1 } }, 'abs', 'chemicals')).toBe('marginal');
  });
  it('oil cracks a styrenic under a held stress, and not without one', () => {
    const held = { kind: 'sustained', case: 'direct-stress', stressMPa: 6 };
    const alcohol = (loads: object[]): Gate | undefined =>
      gate({ contact: { chemicals: ['alcohol'] }, loads }, 'pc', 'chemicals');
    expect(alcohol([held])!.ease!).toBeLessThan(alcohol([])!.ease!);
    expect(alcohol([held])!.why).toMatch(/may crack/);
  });
  it('foams hold no water, and badly welded layers seep', () => {
    expect(verdict({ seal: 'water' }, 'pla-foam', 'seal')).toBe('fail');
    expect(verdict({ seal: 'gas' }, 'pa6-cf', 'seal')).toBe('marginal');
    expect(verdict({ seal: 'water' }, 'petg', 'seal')).toBe('pass');
    expect(gate({}, 'petg', 'seal')).toBeUndefined();
  });
});

describe('what is baked', () => {
  const hot = { lifeYears: 1, heat: { setting: 'custom', partC: 75, hoursADay: 1 } };
  const ht = (fields: object): ReturnType<typeof candidate> =>
    candidate(rank(brief(fields as Record<string, unknown>), { printer: enclosedPrinter }), 'pla-ht');
  it('is judged as printed, and as baked only where that alone passes', () => {
    expect(ht({}).baked).toBeNull();
    expect(ht(hot)).toMatchObject({ baked: { ovenC: 105, hours: 1 }, status: 'fits' });
    expect(ht({ ...hot, print: { bake: 'never' } })).toMatchObject({ baked: null, status: 'out' });
  });
  it('costs difficulty and truth, and says so', () => {
    expect(ht(hot).printing.difficulty).toBeGreaterThan(ht({}).printing.difficulty + 4);
    const deviation = (c: ReturnType<typeof candidate>): number =>
      c.criteria.find(k => k.id === 'accuracy')!.value;
    expect(deviation(ht(hot))).toBeGreaterThan(2 * deviation(ht({})));
    expect(ht(hot).cautions.join()).toMatch(/only after 1 h at 105 °C in an oven/);
  });
});

describe('limits of one’s own', () => {
  const held = {
    loads: [{ kind: 'sustained', case: 'cantilever', forceN: 15, lengthMm: 60, widthMm: 20, heightMm: 10 }],
  };
  it('a factor of safety and a deflection limit replace the usual ones', () => {
    expect(gate({ ...held, safety: 4 }, 'petg', 'strength')!.need).toBeCloseTo(
      (4 / 1.5) * (gate(held, 'petg', 'strength')!.need as number),
      9,
    );
    expect(gate({ ...held, deflectionLimitPct: 1 }, 'petg', 'creep')).toMatchObject({
      need: 1,
      verdict: 'fail',
    });
    expect(verdict({ ...held, deflectionLimitPct: 1 }, 'petg', 'stiffness')).toBe('fail');
    expect(gate(held, 'petg', 'stiffness')).toBeUndefined();
  });
  it('points that are dragged to the unacceptable gate as well as score', () => {
    const strict = { points: { cost: [1.5, 1] } };
    expect(gate(strict, 'pa6-cf', 'limit.cost')).toMatchObject({ verdict: 'fail', need: 1.5 });
    expect(candidate(rank(brief(strict)), 'pa6-cf').status).toBe('out');
    expect(gate({}, 'pa6-cf', 'limit.cost')).toBeUndefined();
  });
  it('a wanted mass prefers what hits it', () => {
    const off = (key: string): number =>
      candidate(rank(brief({ targetMassG: 10 })), key).criteria.find(k => k.id === 'mass')!.value;
    const mass = candidate(rank(brief()), 'pla').printing.massG;
    expect(off('pla')).toBeCloseTo(Math.abs(mass / 10 - 1), 9);
  });
});

describe('every gate that is asked is scored', () => {
  it('bearing a chemical for a while scores less than bearing it for good', () => {
    const r = rank(brief({ contact: { chemicals: ['petrol'] } }), { printer: enclosedPrinter });
    const of = (key: string): number =>
      candidate(r, key).criteria.find(k => k.id === 'chemicals')!.desirability;
    expect([of('abs'), of('petg'), of('pa12')]).toEqual([0, 0.75, 1]);
    expect(r.weights.chemicals).toBeGreaterThan(0);
    expect(rank(brief()).weights.chemicals).toBe(0);
  });
});
