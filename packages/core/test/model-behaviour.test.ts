import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { creepEquivalentC, creepFactor } from '../src/models/creep-strain.js';
import { shoreModulusMPa } from '../src/models/flex-modulus.js';
import { surfaceTemperatureC } from '../src/models/heat-surface.js';
import { beam } from '../src/models/load-beam.js';
import { printedSection } from '../src/models/section-printed.js';
import { uvSectionShare, uvYearsToHalf } from '../src/models/uv-retained.js';
import { lockedInK, warpBowOf, type WarpBowInput } from '../src/models/warp-bow.js';
import { cornerFactor, liftOff } from '../src/models/warp-lift-off.js';
import { calculate } from '../src/registry.js';

/** The warnings of a model on an input. */
const warnings = (id: string, input: object): string => calculate(id, input).warnings.join(' ');
/** The last step of a model's working. */
const lastStep = (id: string, input: object): { symbol: string; value: number; unit: string } =>
  calculate(id, input).steps.at(-1)!;

describe('models warn outside what they hold for', () => {
  it.each<[string, object, RegExp]>([
    ['heat.surface', { ambientC: 20, irradianceWm2: 500, absorptivity: 0.5, windMs: 12 }, /extrapolation/],
    ['heat.surface', { ambientC: 20, irradianceWm2: 0, absorptivity: 0.5 }, /colder than the air/],
    ['heat.vehicle', { ambientC: 30, irradianceWm2: 1200, absorptivity: 0.5 }, /capped/],
    ['heat.day', { ambientMinC: 30, ambientMaxC: 20 }, /lowest temperature is above/],
    ['heat.allowable', { unloadedC: 98, hdt045C: 93, hdt18C: 85, stressMPa: 9 }, /strength and creep judge/],
    ['heat.allowable', { unloadedC: 80, hdt045C: 93, hdt18C: 85, stressMPa: 1 }, /falling order/],
    [
      'load.beam',
      { case: 'cantilever', forceN: 1, lengthMm: 20, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
      /shear adds/,
    ],
    [
      'load.beam',
      { case: 'cantilever', forceN: 100, lengthMm: 200, widthMm: 10, heightMm: 4, modulusMPa: 2000 },
      /small-deflection/,
    ],
    [
      'load.beam',
      { case: 'compression', forceN: 900, lengthMm: 200, widthMm: 10, heightMm: 10, modulusMPa: 2000 },
      /Buckles at 411 N/,
    ],
    ['load.snap-fit', { thicknessMm: 4, undercutMm: 1, lengthMm: 10 }, /overstated/],
    [
      'creep.strain',
      { stressMPa: 50, modulusMPa: 1000, a: 0.1, n: 0.25, k: 0.05, hours: 1000 },
      /no longer proportional/,
    ],
    ['section.printed', { widthMm: 2, heightMm: 2, walls: 4 }, /solid whatever the infill/],
    ['strength.allowable', { family: 'pla', temperatureC: 200 }, /held flat beyond/],
    ['uv.retained', { doseMJm2: 9000, halfDoseMJm2: 500 }, /a formality/],
    ['warp.free', { alphaPerK: 1e-4, fromC: 100, toC: 20, lengthMm: 100 }, /shorter by less/],
    [
      'warp.bow',
      { alphaPerK: 9e-5, solidificationC: 105, bedC: 100, chamberC: 40, heightMm: 100, lengthMm: 100 },
      /a block, not a beam/,
    ],
    [
      'warp.bow',
      { alphaPerK: 9e-5, solidificationC: 80, bedC: 100, chamberC: 40, heightMm: 5, lengthMm: 100 },
      /stays soft/,
    ],
    ['flex.modulus', { scale: 'A', hardness: 96 }, /use the other one/],
    ['flex.indentation', { hardness: 5 }, /other scale/],
  ])('%s %j', (id, input, message) => expect(warnings(id, input)).toMatch(message));
  it('and stay silent within', () => {
    expect(
      warnings('load.beam', {
        case: 'cantilever',
        forceN: 5,
        lengthMm: 60,
        widthMm: 20,
        heightMm: 6,
        modulusMPa: 2000,
      }),
    ).toBe('');
    expect(warnings('heat.surface', { ambientC: 20, irradianceWm2: 800, absorptivity: 0.6 })).toBe('');
  });
});

describe('working', () => {
  it('ends in the result', () => {
    expect(lastStep('load.deceleration', { massKg: 2, decelerationG: 3 })).toMatchObject({
      symbol: 'F',
      unit: 'N',
      value: expect.closeTo(58.8399, 4) as number,
    });
    expect(lastStep('uv.retained', { doseMJm2: 100, halfDoseMJm2: 100 })).toMatchObject({
      symbol: 'r',
      value: 0.5,
    });
    expect(lastStep('warp.free', { alphaPerK: 1e-4, fromC: 120, toC: 20, lengthMm: 50 })).toMatchObject({
      symbol: 'ΔL',
      value: expect.closeTo(0.5, 9) as number,
    });
  });
  it('of a surface balances: absorbed is convected plus radiated', () => {
    const steps = calculate('heat.surface', { ambientC: 30, irradianceWm2: 900, absorptivity: 0.9 }).steps;
    const of = (symbol: string): number => steps.find(s => s.symbol === symbol)!.value;
    expect(of('convected') + of('radiated')).toBeCloseTo(of('a·G'), 6);
  });
});

describe('ultraviolet light', () => {
  it('spoils a skin: a thick wall keeps most, a thin one none of its core', () => {
    expect(uvSectionShare(0.2, 5)).toBeCloseTo(1 - 0.8 * 0.1, 12);
    expect(uvSectionShare(0.2, 0.5)).toBeCloseTo(0.2, 12);
    expect(uvSectionShare(0.2, 0.3)).toBeCloseTo(0.2, 12);
  });
  it('takes for ever without a dose, and less long in clear than in black', () => {
    expect(uvYearsToHalf(0, 1000, 'mid')).toBe(Infinity);
    expect(uvYearsToHalf(270, 1000, 'black')).toBeCloseTo((1000 * 3) / 270, 9);
    expect(uvYearsToHalf(270, 1000, 'clear')).toBeLessThan(uvYearsToHalf(270, 1000, 'light'));
  });
});

describe('warp', () => {
  const base: WarpBowInput = {
    alphaPerK: 9e-5,
    solidificationC: 105,
    bedC: 100,
    chamberC: 40,
    heightMm: 10,
    lengthMm: 150,
    crystallisationStrain: 0,
    solidFraction: 0.3,
    scale: 1,
    solidExponent: 0.3,
  };
  /** The bow's integral by a plain fine sum, against the model's split midpoint rule. */
  function plainSum(i: WarpBowInput): number {
    const n = 200_000;
    let moment = 0;
    for (let j = 0; j < n; j++) {
      const z = ((j + 0.5) / n) * i.heightMm;
      const decay = Math.exp(-z / 6);
      const e =
        i.alphaPerK * lockedInK(i.solidificationC - (i.chamberC + (i.bedC - i.chamberC) * decay)) +
        i.crystallisationStrain * (1 - decay);
      moment += (e * (z - i.heightMm / 2) * i.heightMm) / n;
    }
    return ((12 / i.heightMm ** 3) * moment * i.lengthMm ** 2) / 8;
  }
  it.each([
    {},
    { heightMm: 60 },
    { solidificationC: 80 },
    { crystallisationStrain: 0.005 },
    { chamberC: 90 },
  ])('agrees with a plain sum: %j', change => {
    const i = { ...base, ...change };
    expect(warpBowOf(i).bowMm).toBeCloseTo(plainSum(i), 4);
  });
  it('a layer laid on warm plastic keeps little of its strain, one on cold plastic half', () => {
    expect(lockedInK(-5)).toBe(0);
    expect(lockedInK(5) / 5).toBeLessThan(0.1);
    expect(lockedInK(25)).toBeCloseTo(0.5 * 25 * (1 - Math.exp(-1)), 12);
    expect(lockedInK(150) / 150).toBeCloseTo(0.5, 2);
  });
  it('a warmer chamber, a lighter print and a shorter part bow less', () => {
    const bow = warpBowOf(base).bowMm;
    expect(warpBowOf({ ...base, chamberC: 60 }).bowMm).toBeLessThan(bow);
    expect(warpBowOf({ ...base, solidFraction: 0.15 }).bowMm).toBeLessThan(bow);
    expect(warpBowOf({ ...base, lengthMm: 75 }).bowMm).toBeCloseTo(bow / 4, 9);
  });
  it('nothing warps in a chamber as hot as it solidifies', () =>
    expect(warpBowOf({ ...base, chamberC: 105, bedC: 105 }).bowMm).toBe(0));
  it('sharp corners lift, fillets ease them', () => {
    expect(cornerFactor(0, 0)).toBe(1);
    expect(cornerFactor(4, 0)).toBeCloseTo(1.6, 12);
    expect(cornerFactor(4, 8)).toBeLessThan(1.1);
    const at = (sharpCorners: number, filletMm: number): number =>
      liftOff({
        modulusMPa: 2000,
        meanStrain: 0.0032,
        heightMm: 10,
        adhesionJm2: 200,
        sharpCorners,
        filletMm,
      }).pLift;
    expect(at(4, 0)).toBeGreaterThan(at(4, 5));
    expect(at(4, 5)).toBeGreaterThan(at(0, 0));
  });
  it('at the critical height lifting is an even chance', () => {
    const input = {
      modulusMPa: 2000,
      meanStrain: 0.003,
      heightMm: 10,
      adhesionJm2: 200,
      sharpCorners: 4,
      filletMm: 0,
    };
    const { criticalHeightMm } = liftOff(input);
    expect(liftOff({ ...input, heightMm: criticalHeightMm }).pLift).toBeCloseTo(0.5, 6);
    expect(liftOff({ ...input, meanStrain: 0 })).toMatchObject({ pLift: 0, criticalHeightMm: Infinity });
  });
});

describe('beams and sections', () => {
  it('torsion of a thin strip tends to b·t³/3', () => {
    const G = 2000 / (2 * 1.36);
    const strip = beam({
      case: 'torsion',
      forceN: 1,
      lengthMm: 100,
      widthMm: 200,
      heightMm: 2,
      modulusMPa: 2000,
      poisson: 0.36,
    });
    const thin = ((100 * 100) / ((G * 200 * 8) / 3)) * 100;
    expect(strip.deflectionMm / thin).toBeCloseTo(1, 1);
  });
  it('a rectangle twists the same whichever way it is named', () => {
    const one = beam({
      case: 'torsion',
      forceN: 5,
      lengthMm: 50,
      widthMm: 12,
      heightMm: 5,
      modulusMPa: 2000,
      poisson: 0.36,
    });
    const two = beam({
      case: 'torsion',
      forceN: 5,
      lengthMm: 50,
      widthMm: 5,
      heightMm: 12,
      modulusMPa: 2000,
      poisson: 0.36,
    });
    expect(one.stressMPa).toBeCloseTo(two.stressMPa, 9);
  });
  it('a hollow box follows the parallel-axis theorem', () => {
    const s = printedSection({
      widthMm: 20,
      heightMm: 10,
      walls: 2,
      lineMm: 0.5,
      topBottomMm: 1,
      infill: 0,
      pattern: 'grid',
    });
    expect(s.stiffnessRatio).toBeCloseTo((20 * 10 ** 3 - 18 * 8 ** 3) / (20 * 10 ** 3), 9);
    expect(s.massRatio).toBeCloseTo((200 - 144) / 200, 9);
  });
});

describe('hardness and creep', () => {
  it('harder is stiffer, on both scales', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('A' as const, 'D' as const),
        fc.double({ min: 5, max: 90, noNaN: true }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        (scale, h, more) => {
          expect(shoreModulusMPa(scale, h + more)).toBeGreaterThan(shoreModulusMPa(scale, h));
        },
      ),
      { seed: 3 },
    ));
  it('the scales meet roughly where durometers overlap: 90 A is about 40 D', () => {
    expect(shoreModulusMPa('D', 40) / shoreModulusMPa('A', 90)).toBeGreaterThan(0.7);
    expect(shoreModulusMPa('D', 40) / shoreModulusMPa('A', 90)).toBeLessThan(2.5);
  });
  it('no time is no creep; no swing is no correction', () => {
    expect(creepFactor(0.1, 0.25, 0.09, 60, 0)).toBe(1);
    expect(creepEquivalentC(20, 20, 0.05)).toBe(20);
    expect(creepEquivalentC(0, 40, 0)).toBe(20);
  });
  it('a colour is worth some twenty kelvins in the sun', () => {
    const at = (absorptivity: number): number =>
      surfaceTemperatureC({
        ambientC: 32,
        irradianceWm2: 950,
        absorptivity,
        emissivity: 0.9,
        windMs: 1,
        exposedSides: 2,
        skyView: 1,
      });
    expect(at(0.95) - at(0.25)).toBeGreaterThan(20);
    expect(at(0.95) - at(0.25)).toBeLessThan(35);
  });
});

describe('load.beam warns where its theory ends, and not before', () => {
  const warned = (fields: object): string =>
    calculate('load.beam', {
      ...{ case: 'cantilever', forceN: 1, lengthMm: 200, widthMm: 10, heightMm: 4, modulusMPa: 2000 },
      ...fields,
    }).warnings.join(' ');
  it('a fifth of the span: by hand 40·3·2000·53.3/200³ = 1.6 N bend 200 mm by 40', () => {
    expect(warned({ forceN: 1.59 })).not.toContain('small-deflection');
    expect(warned({ forceN: 1.61 })).toContain('small-deflection');
  });
  it('three times the height', () => {
    expect(warned({ lengthMm: 12.1 })).not.toContain('shear adds');
    expect(warned({ lengthMm: 11.9 })).toContain('shear adds');
  });
});
