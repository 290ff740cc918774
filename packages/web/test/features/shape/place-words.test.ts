import { describe, expect, it } from 'vitest';
import { placeWords } from '../../../src/features/shape/place-words';

describe('a place on a part', () => {
  it('has its unit once, in the reader’s own', () => {
    expect(placeWords([34.42, 14, 0], v => `${v.toFixed(1)} mm`)).toBe('34.4, 14.0, 0.0 mm');
    expect(placeWords([25.4, 50.8], v => `${v / 25.4} in`)).toBe('1, 2 in');
  });
});
