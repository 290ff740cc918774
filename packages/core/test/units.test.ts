import { describe, expect, it } from 'vitest';
import {
  formatQuantity,
  fromSystem,
  inSystem,
  parseQuantity,
  parseRange,
  prose,
  propertyMeasure,
  propertyShown,
  propertyStored,
  propertyUnit,
  QuantityError,
  type DimensionKey,
} from '../src/units.js';

describe('quantities as typed', () => {
  it.each<[string, DimensionKey, number]>([
    ['170 F', 'temperature', 76.6667],
    ['170°F', 'temperature', 76.6667],
    ['60', 'temperature', 60],
    ['60 °C', 'temperature', 60],
    ['−10 C', 'temperature', -10],
    ['300 K', 'temperature', 26.85],
    ['3 lbf', 'force', 13.3447],
    ['3 lb', 'force', 13.3447],
    ['1.2 kg', 'force', 11.76798],
    ['30', 'force', 30],
    ['0,5 kN', 'force', 500],
    ['0.5 in', 'length', 12.7],
    ['1/2 in', 'length', 12.7],
    ['1 1/2"', 'length', 38.1],
    ['2 cm', 'length', 20],
    ['12', 'length', 12],
    ['1.2 kg', 'heavyMass', 1.2],
    ['2 oz', 'mass', 56.699],
    ['700 psi', 'stress', 4.82633],
    ['6 weeks', 'time', 1008],
    ['18 months', 'years', 1.5],
    ['18 F', 'temperatureStep', 10],
    ['2 in3', 'volume', 32.774],
    ['1 l', 'volume', 1000],
    ['4 ft', 'drop', 1.2192],
    ['1.5 ft lbf', 'energy', 2.0337],
  ])('%s as %s', (text, dimension, value) =>
    expect(parseQuantity(text, dimension).value).toBeCloseTo(value, 3),
  );

  it('reads bare numbers in the chosen system and says what it understood', () => {
    expect(parseQuantity('170', 'temperature', 'us').value).toBeCloseTo(76.667, 2);
    expect(parseQuantity('0.5 in', 'length').understood).toBe('0.5 in = 12.7 mm');
  });

  it.each<[string, DimensionKey, RegExp]>([
    ['12 smoots', 'length', /not a unit known here.*"12 mm"/],
    ['3 kg', 'length', /does not measure a length/],
    ['warm', 'temperature', /not a number/],
    ['', 'force', /not a number/],
    ['1/0 in', 'length', /divides by zero/],
  ])('refuses %s as %s, saying what is allowed', (text, dimension, message) => {
    expect(() => parseQuantity(text, dimension)).toThrow(QuantityError);
    expect(() => parseQuantity(text, dimension)).toThrow(message);
  });

  it('reads ranges', () => {
    expect(parseRange('30 to 50 N', 'force')).toMatchObject({ low: 30, high: 50 });
    expect(parseRange('30-50 N', 'force')).toMatchObject({ low: 30, high: 50 });
    expect(parseRange('40 ± 5 N', 'force')).toMatchObject({ low: 35, high: 45 });
    expect(parseRange('-10 to 35 C', 'temperature')).toMatchObject({ low: -10, high: 35 });
    expect(parseRange('7 N', 'force')).toMatchObject({ low: 7, high: 7 });
    expect(() => parseRange('50 to 30 N', 'force')).toThrow(/downwards/);
  });

  it('shows in either system', () => {
    expect(formatQuantity(76.667, 'temperature', 'us')).toBe('170 °F');
    expect(formatQuantity(12.7, 'length')).toBe('12.7 mm');
    expect(formatQuantity(null, 'length')).toBe('–');
  });
});

describe('properties in the reader’s units', () => {
  it.each([
    ['hdt045C', 'us', 100, 212, '°F'],
    ['modulusMPa', 'us', 2900, 420.6, 'ksi'],
    ['densityGcm3', 'us', 1.24, 0.0448, 'lb/in³'],
    ['charpy23KJm2', 'us', 10, 4.758, 'ft·lbf/in²'],
    ['alphaPerK', 'metric', 68e-6, 68, 'µm/m·K'],
    ['alphaPerK', 'us', 90e-6, 50, 'µin/in·°F'],
    ['pricePerKg', 'us', 22, 9.979, 'per lb'],
    ['zRatio', 'us', 0.65, 0.65, ''],
  ] as const)('%s in %s', (name, system, stored, shown, unit) => {
    expect(propertyShown(name, stored, system)).toBeCloseTo(shown, shown < 1 ? 4 : shown > 100 ? 1 : 3);
    expect(propertyUnit(name, system)).toBe(unit);
    if (propertyMeasure(name) === null)
      expect(propertyStored(name, propertyShown(name, stored, system), system)).toBeCloseTo(stored, 9);
  });
  it('are typed with any unit of their measure', () => {
    expect(parseQuantity('1240 kg/m³', 'density').value).toBeCloseTo(1.24, 9);
    expect(parseQuantity('305 ksi', 'modulus').value).toBeCloseTo(2103, 0);
    expect(parseQuantity('5.7 ft·lbf/in²', 'impact').value).toBeCloseTo(11.98, 2);
    expect(parseQuantity('12 kJ/m²', 'impact').value).toBe(12);
  });
});

describe('sentences in the reader’s units', () => {
  it.each([
    ['Bears 93 °C, 33 K above the 60.1 °C it reaches.', 'Bears 199 °F, 59.4 °F above the 140 °F it reaches.'],
    [
      'Melts well from 225 to 255 °C; this nozzle reaches 260 °C.',
      'Melts well from 437 to 491 °F; this nozzle reaches 500 °F.',
    ],
    ['The load asks 2 MPa × 1.5 for safety = 3 MPa.', 'The load asks 290 psi × 1.5 for safety = 435 psi.'],
    ['Stays flat: bows 0.16 mm. Light: 50 g.', 'Stays flat: bows 0.0063 in. Light: 1.76 oz.'],
    ['At −10 °C; 4 kJ/m²', 'At 14 °F; 1.9 ft·lbf/in²'],
    [
      'Its surface outlasts the 6 years 4.1 times over; 260 J/m² and 5 % are the same for all.',
      'Its surface outlasts the 6 years 4.1 times over; 260 J/m² and 5 % are the same for all.',
    ],
    ['heat (24 against 19 K)', 'heat (43.2 against 34.2 °F)'],
  ])('%s', (metric, us) => {
    expect(prose(metric, 'us')).toBe(us);
    expect(prose(metric, 'metric')).toBe(metric);
  });
  it('numbers go there and back', () => {
    for (const unit of ['°C', 'K', 'MPa', 'kJ/m²', 'mm', 'g', '% of span'])
      expect(fromSystem(inSystem(12.5, unit, 'us').value, unit, 'us')).toBeCloseTo(12.5, 6);
    expect(inSystem(Infinity, 'K', 'us')).toEqual({ value: Infinity, unit: 'K' });
  });
});
