import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { benchCriteria } from '../../src/trials/bench-criteria.js';
import { readingRange, readReading } from '../../src/trials/reading.js';

const shore = { id: 'hardness', unit: 'Shore A' };
const problemOf = (text: string, criterion = shore, near: number[] = []): string => {
  const got = readReading(text, criterion, near);
  return 'problem' in got ? `${got.problem}${got.meant === null ? '' : ` → ${got.meant}`}` : '';
};
const valueOf = (text: string, criterion = shore): number => {
  const got = readReading(text, criterion);
  return 'value' in got ? got.value : NaN;
};

describe('a reading at the bench', () => {
  it('that no durometer gives is refused, and what was meant is asked', () => {
    expect(problemOf('-5')).toContain('out of range: 0 to 100 Shore A is possible → 5');
    expect(problemOf('850')).toContain('→ 85');
    expect(problemOf('850', shore, [84, 86])).toContain('→ 85');
    expect(problemOf('85 D')).toBe('“85 D” is no reading on the scale Shore A');
    expect(problemOf('soft')).toContain('is no reading: a number from');
    expect(valueOf('85 A')).toBe(85);
    expect(valueOf('85 Shore A')).toBe(85);
    expect(valueOf('84,5')).toBe(84.5);
  });

  it('in another unit of the same measure is brought to the criterion’s own', () => {
    expect(valueOf('150 cm', { id: 'drop', unit: 'm' })).toBeCloseTo(1.5, 9);
    expect(valueOf('1.2 kg', { id: 'mass', unit: 'g' })).toBeCloseTo(1200, 6);
    expect(valueOf('3 lbf', { id: 'break', unit: 'N' })).toBeCloseTo(13.34, 2);
    expect(valueOf('170 F', { id: 'sag', unit: '°C' })).toBeCloseTo(76.67, 2);
    expect(problemOf('12 g', { id: 'size', unit: 'mm' })).toContain('does not measure a length');
  });

  it('of a fall from 150 m is a fall from 1.5 m, most likely', () => {
    expect(problemOf('150', { id: 'drop', unit: 'm' }, [1.2, 1.4])).toContain('→ 1.5');
  });

  it('every bench criterion has a range, and what lies in it is taken as it is', () => {
    for (const criterion of benchCriteria) {
      const { min, max } = readingRange(criterion);
      expect(max, criterion.id).toBeLessThan(1e6);
      fc.assert(
        fc.property(fc.double({ min, max, noNaN: true }), x => {
          const got = readReading(x.toFixed(3), criterion);
          const inside = Number(x.toFixed(3)) >= min && Number(x.toFixed(3)) <= max;
          expect('value' in got ? got.value : null).toBe(inside ? Number(x.toFixed(3)) : null);
        }),
        { numRuns: 30 },
      );
    }
  });
});
