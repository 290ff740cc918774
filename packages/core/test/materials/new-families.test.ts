import { describe, expect, it } from 'vitest';
import { typical, type Family } from '../../src/materials/family.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { familyByKey, familyKeys, families } from '../../src/materials/library.js';
import type { PropertyName } from '../../src/materials/property.js';
import { currentKey } from '../../src/materials/renamed.js';
import { parseSpool } from '../../src/workshop/spool.js';
import { unloadedFrom } from '../../src/materials/unloaded.js';
import { vapours, vapourSentence } from '../../src/materials/vapours.js';

const of = (key: string): Family => familyByKey(key)!;
const value = (key: string, name: PropertyName): number => typical(of(key), name);

describe('where an unloaded part keeps its shape', () => {
  it.each(families.map(f => [f.key, f] as const))('%s: in order, and as its structure has it', (_, f) => {
    const { unloadedC, hdt045C, tmC, vicatC } = f.properties;
    expect(unloadedC!.low).toBeLessThanOrEqual(unloadedC!.typical);
    expect(unloadedC!.typical).toBeLessThanOrEqual(unloadedC!.high);
    switch (f.flags.structure) {
      case 'amorphous':
        expect(unloadedC!.typical - hdt045C!.typical).toBeLessThanOrEqual(1);
        break;
      case 'semi-crystalline':
        expect(unloadedC!.typical).toBeLessThanOrEqual(hdt045C!.typical + 35);
        expect(unloadedC!.typical).toBeLessThanOrEqual(tmC!.typical - 35);
        break;
      case 'elastomer':
        expect(unloadedC!.typical).toBe(vicatC!.typical - 10);
    }
  });
  it('is unknown where nothing is known that it follows from', () => {
    expect(unloadedFrom('amorphous', {})).toBeNull();
    expect(unloadedFrom('semi-crystalline', { tmC: of('pp').properties.tmC })).toBeNull();
  });
  it('follows what a grade states, unless the grade states it itself', () => {
    const grade = (sheet: object): number =>
      typical(
        gradeFamily(
          parseGrade({
            format: 'hornblende-grade',
            version: 1,
            key: 'own',
            name: 'Own',
            family: 'petg',
            sheet,
          }),
        ),
        'unloadedC',
      );
    expect(grade({ hdt045C: 90 })).toBe(91);
    expect(grade({ hdt045C: 90, unloadedC: 84 })).toBe(84);
    expect(grade({ densityGcm3: 1.26 })).toBe(value('petg', 'unloadedC'));
  });
  it('steam does not soften polypropylene, and 65 °C is no small thing for PETG', () => {
    expect(value('pp', 'unloadedC')).toBeGreaterThan(121);
    expect(value('petg', 'unloadedC')).toBeLessThan(73);
    expect(value('pa-copolymer', 'unloadedC')).toBeLessThan(130);
  });
});

describe('the high and the odd ones', () => {
  it('order as anyone who prints them knows', () => {
    expect(value('ppsu', 'hdt045C')).toBeGreaterThan(value('psu', 'hdt045C'));
    expect(value('pps-cf', 'hdt18C')).toBeGreaterThan(1.4 * value('pps', 'hdt18C'));
    expect(value('ppsu', 'charpy23KJm2')).toBeGreaterThan(4 * value('psu', 'charpy23KJm2'));
    expect(value('hdpe', 'charpyMinus30KJm2')).toBeGreaterThan(2 * value('pp', 'charpyMinus30KJm2'));
    expect(value('pa612', 'waterUptakePct')).toBeGreaterThan(value('pa12', 'waterUptakePct'));
    expect(value('pa612', 'waterUptakePct')).toBeLessThan(value('pa6', 'waterUptakePct') / 2);
    expect(value('pmma', 'uvHalfDoseMJm2')).toBeGreaterThan(value('asa', 'uvHalfDoseMJm2'));
    expect(value('tpe', 'shoreA')).toBeLessThan(value('tpu-85a', 'shoreA'));
    expect(value('pvdf', 'uvHalfDoseMJm2')).toBeGreaterThan(5 * value('pp', 'uvHalfDoseMJm2'));
  });
  it('POM and HDPE hold on to nearly nothing; only a hot, rough or kindred plate keeps them', () => {
    for (const key of ['pom', 'hdpe', 'pvdf'])
      expect(of(key).adhesion['smooth-pei']!.bare, key).toBeLessThan(15);
    expect(of('hdpe').adhesion['pp-sheet']!.bare).toBeGreaterThan(100);
  });
  it('what conducts, what dissipates and what has a flame retardant is said', () => {
    const does = (key: string): string => of(key).flags.electricity;
    expect(['pa6-cf', 'pps-cf', 'pla-metal'].map(does)).toEqual(['conducts', 'conducts', 'conducts']);
    expect(['petg-esd', 'abs-esd'].map(does)).toEqual(['dissipates', 'dissipates']);
    expect(does('pa6-gf')).toBe('insulates');
    expect(families.filter(f => f.flags.flameRated).map(f => f.key)).toEqual(['abs-fr', 'pc-fr']);
  });
  it('each gives off its own vapour, and polycarbonate not that of nylon', () => {
    expect(vapourSentence(of('pa6').flags)).toMatch(/caprolactam/);
    expect(vapourSentence(of('pc').flags)).not.toMatch(/caprolactam/);
    expect(vapourSentence(of('pom').flags)).toMatch(/formaldehyde/);
    expect(vapourSentence(of('pla').flags)).toBe('Gives off little.');
    for (const f of families.filter(x => x.flags.fumes !== 'low')) {
      expect(f.flags.vapour, f.key).not.toBeNull();
      const [low, middle, high] = f.flags.vapour!.ugMin;
      expect(low <= middle && middle <= high, f.key).toBe(true);
    }
    expect(vapours.styrene.referenceUgM3).toBe(900);
    expect(vapours.caprolactam.referenceUgM3).toBe(2.2);
  });
});

describe('a family that was renamed', () => {
  it('is found by its key of before, and read from old files as what it is now', () => {
    expect(familyKeys).not.toContain('pa-easy');
    expect(currentKey('pa-easy')).toBe('pa-copolymer');
    expect(currentKey('my-own-grade')).toBe('my-own-grade');
    expect(familyByKey('pa-easy')).toBe(of('pa-copolymer'));
    const grade = { format: 'hornblende-grade', version: 1, key: 'easy', name: 'Easy', family: 'pa-easy' };
    expect(parseGrade(grade).family).toBe('pa-copolymer');
    expect(parseSpool({ format: 'hornblende-spool', version: 1, material: 'pa-easy' }).material).toBe(
      'pa-copolymer',
    );
  });
});
