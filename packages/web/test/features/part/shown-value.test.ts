import { describe, expect, it } from 'vitest';
import { shownValue } from '../../../src/features/part/shown-value';

describe('a value of a brief as people read it', () => {
  it('carries the reader’s units', () => {
    expect(shownValue('heat.ambientMaxC', 40, 'metric')).toBe('40 °C');
    expect(shownValue('heat.ambientMaxC', 40, 'us')).toBe('104 °F');
    expect(shownValue('geometry.xMm', 25.4, 'us')).toBe('1 in');
    expect(shownValue('lifeYears', 9, 'us')).toBe('9 years');
  });
  it('says what was not said, and never shows a stored name', () => {
    expect(shownValue('heat.climate', null, 'metric')).toBe('not said');
    expect(shownValue('looks.clear', true, 'metric')).toBe('yes');
    expect(shownValue('heat.setting', 'closed-vehicle', 'metric')).toBe('closed vehicle');
    expect(shownValue('contact.chemicals', [], 'metric')).toBe('none');
  });
});
