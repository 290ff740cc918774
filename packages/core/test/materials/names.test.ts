import { describe, expect, it } from 'vitest';
import { adhesives, chemicals, plates } from '../../src/materials/family.js';
import { families } from '../../src/materials/library.js';
import {
  adhesiveNames,
  chemicalList,
  chemicalNames,
  fillerName,
  plateNames,
} from '../../src/materials/names.js';

describe('what people call things', () => {
  it('every plate, adhesive and chemical has a name without hyphens', () => {
    const names = [
      ...plates.map(p => plateNames[p]),
      ...adhesives.map(a => adhesiveNames[a]),
      ...chemicals.map(c => chemicalNames[c]),
    ];
    for (const name of names) expect(name).toMatch(/^[a-zA-Z ]+$/);
  });
  it('lists chemicals, and names every filler that is used', () => {
    expect(chemicalList(['weak-acid', 'salt-water'])).toBe('weak acid, salt water');
    for (const f of families) if (f.filler) expect(fillerName(f.filler).length).toBeGreaterThan(3);
  });
});
