import { describe, expect, it } from 'vitest';
import { isUntouched, stillUnknown } from '../../src/brief/unsaid.js';

const named = { format: 'hornblende-brief', version: 1, name: 'Box' };

describe('what a brief leaves open', () => {
  it('a name alone says nothing', () => {
    expect(isUntouched(named)).toBe(true);
    expect(stillUnknown(named)).toHaveLength(5);
  });
  it('each answer takes its question away', () => {
    expect(isUntouched({ ...named, sun: 'full' })).toBe(false);
    expect(stillUnknown({ ...named, sun: 'full' })).not.toContain('where it lives');
    const all = { ...named, purpose: 'functional', heat: {}, loads: [], flex: {}, geometry: {} };
    expect(stillUnknown(all)).toEqual([]);
  });
});
