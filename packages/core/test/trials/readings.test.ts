import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';
import { creepFactor } from '../../src/models/creep-strain.js';
import { calculate } from '../../src/registry.js';
import { counted, keepsLimit, trialAnswer } from '../../src/trials/answer.js';
import { asBriefAsks, trialCriterionOf, benchCriterion } from '../../src/trials/bench-criteria.js';
import { bendStrainPct } from '../../src/trials/bend.js';
import { breakingsOf } from '../../src/trials/breakings.js';
import { foreignKey, foreignStandings } from '../../src/trials/foreign.js';
import { trialRanking } from '../../src/trials/in-ranking.js';
import { liftByDoor } from '../../src/trials/lift-by-door.js';
import { movedOf } from '../../src/trials/moved.js';
import { movementAtWall, TrialMovementInput } from '../../src/trials/movement.js';
import { trialSheet } from '../../src/trials/trial-sheet.js';
import { parseTrial, type Trial } from '../../src/trials/trial.js';
import { wantedWords } from '../../src/trials/wanted-words.js';

const at = '2026-05-01T10:00:00Z';
const read = (criterion: string, value: number, more: object = {}): object => ({
  criterion,
  value,
  at,
  ...more,
});
const trialOf = (criteria: string[], entrants: object[], more: object = {}): Trial =>
  parseTrial({
    format: 'hornblende-trial',
    version: 1,
    name: 'Brackets',
    criteria: criteria.map(id => trialCriterionOf(benchCriterion(id)!)),
    entrants,
    ...more,
  });

describe('an error with its sign', () => {
  const trial = trialOf(
    ['size'],
    [
      { material: 'pla', readings: [read('size', 0.3), read('size', -0.3)] },
      { material: 'petg', readings: [read('size', 0.1), read('size', 0.1)] },
    ],
  );
  const asked = asBriefAsks(trial, {
    partMaxC: 40,
    comfortableK: 10,
    toleranceMm: 0.2,
    shoreA: null,
    maxMassG: null,
    maxCostEach: null,
  });

  it('is judged by its size: half too big and half too small is no true piece', () => {
    const [pla, petg] = asked.entrants;
    expect(keepsLimit(pla!, asked.criteria[0]!)).toBe(false);
    expect(keepsLimit(petg!, asked.criteria[0]!)).toBe(true);
    expect(trialAnswer(asked).firstChoice).toBe('petg');
  });

  it('says what is wanted of it', () => {
    expect(wantedWords(asked.criteria[0]!)).toBe('at most 0.2 either way');
  });
});

describe('a piece that was measured on its plate', () => {
  it('does not count: it is the released piece that is used', () => {
    const trial = trialOf(
      ['lift'],
      [
        {
          material: 'abs',
          readings: [
            read('lift', 0.1, { state: 'hot', door: 'closed' }),
            read('lift', 0.6, { state: 'released', door: 'closed' }),
            read('lift', 1.4, { door: 'open' }),
            read('lift', 9, { door: 'open', struck: true }),
          ],
        },
        { material: 'pla' },
      ],
    );
    expect(counted(trial.entrants[0]!, 'lift')).toEqual([0.6, 1.4]);
    const [abs, ...others] = liftByDoor(trial);
    expect(others).toEqual([]);
    expect(abs!.best).toBe('closed');
    expect(abs!.cells.map(c => [c.door, c.state, c.meanMm, c.readings])).toEqual([
      ['open', 'released', 1.4, 1],
      ['closed', 'hot', 0.1, 1],
      ['closed', 'released', 0.6, 1],
    ]);
  });
});

describe('how pieces gave way', () => {
  it('is counted, the most frequent first, with what it tells', () => {
    const broke = (...manners: string[]): object[] =>
      manners.map((m, n) => read('break', 100 + n, { broke: m }));
    const [pla, petg] = breakingsOf(
      trialOf(
        ['break'],
        [
          { material: 'pla', readings: broke('snapped', 'between-layers', 'between-layers') },
          { material: 'petg', readings: broke('bent', 'bent', 'bent') },
          { material: 'abs', readings: [read('break', 90)] },
        ],
      ),
    );
    expect(pla!.words).toMatch(/^2 of 3 split between layers, 1 of 3 snapped clean across; its layers are/);
    expect(petg!.words).toBe('3 of 3 bent and stayed bent');
  });
});

describe('trial.bend', () => {
  it('is ISO 178: 6·s·h/L², 8 mm over 64 mm of a bar of 4 mm is 4.6875 %', () => {
    expect(bendStrainPct({ deflectionMm: 8, spanMm: 64, thicknessMm: 4 })).toBeCloseTo(4.6875, 10);
  });

  it('warns of large bends and of short spans', () => {
    const { warnings } = calculate('trial.bend', { deflectionMm: 12, spanMm: 40, thicknessMm: 4 });
    expect(warnings).toHaveLength(2);
  });
});

const strip = {
  hours: [10],
  thicknessMm: 2,
  wallMm: 2,
  a: 0.08,
  n: 0.22,
  k: 0.055,
  stripC: 40,
  partC: 40,
};
const movement = (more: object = {}): ReturnType<typeof movementAtWall> =>
  movementAtWall(Object.assign(new TrialMovementInput(), strip, more));

describe('trial.movement', () => {
  it('of a wall as thick as the strip, as warm, is what was read', () => {
    expect(movement().hours).toBeCloseTo(10, 8);
  });

  it('by hand: growth may rise by (2.2/2)³ before the wall moves', () => {
    const growth = creepFactor(0.08, 0.22, 0.055, 40, 10) * 1.1 ** 3;
    const { hours } = movement({ wallMm: 2.2 });
    expect(creepFactor(0.08, 0.22, 0.055, 40, hours)).toBeCloseTo(growth, 9);
    // Its own weight grows with it: by the square.
    const own = movement({ wallMm: 2.2, mover: 'own' }).hours;
    expect(own).toBeLessThan(hours);
    expect(own).toBeGreaterThan(10);
  });

  it('of a much thinner wall moves at once, and of a much thicker one never in its life', () => {
    expect(movement({ wallMm: 1 }).hours).toBe(0);
    expect(movement({ wallMm: 6 }).hours).toBe(1e6);
  });

  it('more strips make it surer; a cooler part moves later; the interval holds the middle', () => {
    const width = (r: { low: number; high: number }): number => Math.log(r.high / r.low);
    const spread = [9, 11, 10, 9.5, 10.5];
    expect(width(movement({ hours: spread }))).toBeLessThan(width(movement()));
    fc.assert(
      fc.property(
        fc.double({ min: 1.6, max: 2.4, noNaN: true }),
        fc.double({ min: 20, max: 40, noNaN: true }),
        (wallMm, partC) => {
          const r = movement({ wallMm, partC, hours: spread });
          expect(r.low).toBeLessThanOrEqual(r.hours);
          expect(r.high).toBeGreaterThanOrEqual(r.hours);
          expect(movement({ wallMm, partC: partC - 5 }).hours).toBeGreaterThanOrEqual(
            movement({ wallMm, partC }).hours,
          );
        },
      ),
    );
  });

  it('refuses no reading at all', () => {
    expect(() => calculate('trial.movement', { ...strip, hours: [] })).toThrow(/hours of one strip/);
  });
});

const shelfBracket = parseBrief({
  format: 'hornblende-brief',
  version: 1,
  name: 'Shelf bracket',
  lifeYears: 5,
  geometry: { xMm: 80, yMm: 30, zMm: 20, wallMm: 2 },
  loads: [
    {
      kind: 'sustained',
      case: 'cantilever',
      forceN: 5,
      lengthMm: 40,
      widthMm: 20,
      heightMm: 6,
      hours: 43_830,
    },
  ],
  heat: { setting: 'indoors' },
});
const ground = { brief: shelfBracket, options: {}, find: familyByKey };

describe('strips that moved', () => {
  const strips = (hours: number): object[] =>
    [0.95, 1, 1.05].map((f, n) => ({
      ...read('movement', hours * f, { thicknessMm: 2 }),
      at: `2026-05-0${n + 1}T10:00:00Z`,
    }));
  const trial = trialOf(
    ['movement'],
    [
      { material: 'pla', readings: strips(2) },
      { material: 'petg', readings: strips(60_000) },
      { material: 'abs' },
    ],
  );

  it('put out what moves far too soon for the years that are asked, and say it for the part’s wall', () => {
    const { standings, moved } = trialRanking(trial, ground);
    const pla = standings.find(s => s.material === 'pla')!;
    expect(pla.rank).toBeNull();
    expect(pla.outOfTrial).toMatch(
      /strips of 2 mm moved after 2 h: that is .* for its wall of 2 mm .*5 years are asked/,
    );
    expect(moved.map(m => [m.material, m.tooShort])).toEqual([
      ['pla', true],
      ['petg', false],
    ]);
  });

  it('say nothing of what nobody read', () => {
    expect(movedOf(trial, trial.entrants[2]!, ground)).toBeNull();
  });
});

describe('what is there besides the filaments that may win', () => {
  const brass = { name: 'Turned brass', priceEach: 19, needs: 'three weeks, ten at least' };
  const trial = trialOf(
    ['price', 'break'],
    [
      { material: 'pla', baseline: true, readings: [read('break', 900), read('price', 0.2)] },
      { material: 'petg', readings: [read('break', 400), read('price', 0.4)] },
      { material: 'elsewhere-1', foreign: brass, readings: [read('break', 5000)] },
      {
        material: 'elsewhere-2',
        foreign: { name: 'Bought', priceEach: 4 },
        eliminated: 'Nobody sells it here.',
      },
    ],
  );

  it('what is printed to lose is read and never chosen', () => {
    const answer = trialAnswer(trial);
    expect(answer.firstChoice).not.toBe('pla');
    expect(trialRanking(trial, ground).firstChoice).toBe('petg');
    expect(() =>
      parseTrial({ ...JSON.parse(JSON.stringify(trial)), decided: { first: 'pla', reason: 'x', at } }),
    ).toThrow(/printed to lose/);
  });

  it('what comes from elsewhere stands beside, the cheapest first, with what it asks', () => {
    const found = trialRanking(trial, ground);
    expect(found.standings.map(s => s.material)).not.toContain('elsewhere-1');
    expect(found.foreign).toEqual(foreignStandings(trial));
    expect(found.foreign.map(f => [f.name, f.priceEach, f.needs, f.broken, f.read])).toEqual([
      ['Bought', 4, '', ['Nobody sells it here.'], 0],
      ['Turned brass', 19, 'three weeks, ten at least', [], 1],
    ]);
    expect(foreignKey(trial.entrants)).toBe('elsewhere-3');
    const sheet = JSON.stringify(trialSheet(trial, key => familyByKey(key)!.name));
    expect(sheet).toContain('Turned brass');
    expect(sheet).toContain('three weeks, ten at least');
  });

  it('keeps the photographs of a piece, and refuses what is none', () => {
    const photo = { sha256: 'a'.repeat(64), caption: 'the crack' };
    const withPhoto = (photos: object[]): object => ({
      material: 'pla',
      readings: [read('break', 90, { photos })],
    });
    expect(trialOf(['break'], [withPhoto([photo])]).entrants[0]!.readings[0]!.photos).toEqual([photo]);
    expect(() => trialOf(['break'], [withPhoto([{ sha256: 'no' }])])).toThrow(
      /entrants\[0\].readings\[0\].photos\[0\].sha256/,
    );
  });
});
