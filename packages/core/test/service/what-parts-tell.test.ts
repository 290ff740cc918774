import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { yearsText } from '../../src/lib/years-text.js';
import { familyByKey } from '../../src/materials/library.js';
import { evidence, UNSURE } from '../../src/service/evidence.js';
import { familyLesson } from '../../src/service/lesson.js';
import { loggedLike } from '../../src/service/logged-like.js';
import { placed } from './placed.js';

const family = (key: string): string | null => familyByKey(key)?.key ?? null;

describe('what parts tell together', () => {
  it('lets a part that may be one of two speak for neither', () => {
    const unsure = placed({ material: 'petg', years: 3 });
    unsure.placement.materials.push({ material: 'asa', share: 0.5 });
    const groups = evidence([placed({ material: 'petg', years: 3 }), unsure], 'family', family);
    expect(groups.map(g => g.key).sort()).toEqual(['petg', UNSURE]);
  });

  it('says how many of yours like this have stood how long, and how the first failed', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Bracket',
      sun: 'full',
      heat: { setting: 'outdoors' },
    });
    const list = [
      ...[5, 6, 7, 8].map(years => placed({ material: 'asa', sun: 'full', years })),
      placed({ material: 'asa', sun: 'full', years: 2, verdict: 'failed', mode: 'cracked' }),
      placed({ material: 'asa', sun: 'none', years: 9 }),
      placed({ material: 'pla', sun: 'full', years: 1 }),
    ];
    const like = loggedLike(list, 'asa', brief, family)!;
    expect(like.words).toBe(
      '4 of yours like this, as dark and as loaded, have stood 5 years; 1 failed, the first cracked after 2 years.',
    );
    expect(like.lowerBound95).toBeCloseTo(0.3426, 3);
    expect(loggedLike(list, 'petg', brief, family)).toBeNull();
  });

  it('says what others logged apart from what is yours, and counts it by its weight', () => {
    const brief = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Bracket',
      sun: 'full',
      heat: { setting: 'outdoors' },
    });
    const mine = placed({ material: 'asa', sun: 'full', years: 3 });
    const theirs = [4, 5].map(years =>
      placed({ material: 'asa', sun: 'full', years, origin: 'Fell growers', weight: 0.5 }),
    );
    const like = loggedLike([mine, ...theirs], 'asa', brief, family)!;
    expect(like.words).toBe(
      '1 of yours like this, as dark and as loaded, has stood 3 years. ' +
        '2 that others logged like this, as dark and as loaded, have stood 4 years.',
    );
    expect([like.own.parts, like.others.parts]).toEqual([1, 2]);
    // Two of two: 0.05^(1/2) is the bound at 95 %.
    expect(like.lowerBound95).toBeCloseTo(Math.sqrt(0.05), 6);
  });

  it('looks for parts as dark and as loaded first, and takes the others where there are none', () => {
    const of = (colour: string, loads: object[]): string =>
      loggedLike(
        [
          placed({ material: 'asa', sun: 'full', years: 3, colour: 'black', load: 'held' }),
          placed({ material: 'asa', sun: 'full', years: 6, colour: 'white', load: 'none' }),
        ],
        'asa',
        parseBrief({
          format: 'hornblende-brief',
          version: 1,
          name: 'Bracket',
          sun: 'full',
          heat: { setting: 'outdoors' },
          looks: { colour },
          loads,
        }),
        family,
      )!.words;
    const held = { kind: 'sustained', case: 'direct-stress', stressMPa: 2, hours: 1000 };
    const cyclic = { kind: 'cyclic', case: 'direct-stress', stressMPa: 2, cycles: 1000 };
    expect(of('black', [held])).toMatch(/1 of yours like this, as dark and as loaded, has stood 3 years/);
    expect(of('white', [])).toMatch(/as dark and as loaded, has stood 6 years/);
    // White and held: the load is alike.
    expect(of('white', [held])).toBe('1 of yours like this has stood 3 years.');
    expect(of('black', [cyclic])).toBe('1 of yours like this has stood 3 years.');
  });

  it('writes a line for the library’s card from data', () => {
    const list = [
      placed({ material: 'pla', years: 1, verdict: 'failed', mode: 'deformed' }),
      placed({ material: 'pla', years: 4 }),
    ];
    expect(familyLesson(list, 'pla', family)).toBe(
      '2 of yours are out there, the longest for 4 years; 1 bent out of shape.',
    );
    expect(familyLesson(list, 'asa', family)).toBe('');
    expect(familyLesson([placed({ material: 'asa', years: 4, origin: 'Fell growers' })], 'asa', family)).toBe(
      '',
    );
  });

  it('says years as people do', () => {
    expect([yearsText(1 / 12), yearsText(0.5), yearsText(2), yearsText(5.25)]).toEqual([
      'a month',
      '6 months',
      '2 years',
      '5.3 years',
    ]);
  });
});
