import { describe, expect, it } from 'vitest';
import { parseWorkshop } from '../../src/workshop/settings.js';
import { unsaidSettings } from '../../src/workshop/unsaid.js';

describe('settings that nobody has said', () => {
  it('are what an empty document of settings is read as', () => {
    const read = parseWorkshop({ format: 'hornblende-workshop', version: 1 });
    expect(JSON.parse(JSON.stringify(read))).toEqual(unsaidSettings);
  });
});
