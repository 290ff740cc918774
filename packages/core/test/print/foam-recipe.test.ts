import { describe, expect, it } from 'vitest';
import type { Family } from '../../src/materials/family.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { familyByKey } from '../../src/materials/library.js';
import { printCard, type PrintCard } from '../../src/records/card.js';
import { brief, enclosedPrinter } from '../cases.js';

const line = (family: Family, id: string): PrintCard['lines'][number] | undefined =>
  printCard(brief(), { family, printer: enclosedPrinter }).lines.find(l => l.id === id);

describe('the card of a foam', () => {
  it('feeds as much less as it is lighter than what it is made from', () => {
    for (const key of ['tpu-foam', 'pla-foam']) {
      const foam = familyByKey(key)!;
      const compact = familyByKey(foam.base!)!;
      const share = foam.properties.densityGcm3!.typical / compact.properties.densityGcm3!.typical;
      expect(line(foam, 'flow')?.set).toBe(Math.round(100 * share));
      expect(line(foam, 'flow')?.why).toContain(`${foam.flags.foaming!.peakC} °C`);
      expect(line(foam, 'travel')?.why).toContain('cannot be drawn back');
    }
  });
  it('follows a grade’s own density, and says nothing of what does not foam', () => {
    const grade = gradeFamily(
      parseGrade({
        format: 'hornblende-grade',
        version: 1,
        key: 'lowmoor-cloud',
        name: 'Lowmoor Cloud',
        family: 'tpu-foam',
        measured: { densityGcm3: 0.6 },
      }),
    );
    // 0.6 of 1.16 g/cm³.
    expect(familyByKey('tpu-85a')!.properties.densityGcm3!.typical).toBe(1.16);
    expect(line(grade, 'flow')?.set).toBe(52);
    expect(line(familyByKey('tpu-85a')!, 'flow')).toBeUndefined();
    expect(line(familyByKey('pp-light')!, 'travel')).toBeUndefined();
  });
});
