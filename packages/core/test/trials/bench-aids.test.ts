import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputError } from '../../src/input/input-error.js';
import { chance } from '../../src/lib/random.js';
import { sheetMarkdown } from '../../src/records/sheet.js';
import { calculate } from '../../src/registry.js';
import { trialAnswer } from '../../src/trials/answer.js';
import { trialBreak, TrialBreakInput } from '../../src/trials/break.js';
import { trialCorrections, trialDifferences } from '../../src/trials/corrections.js';
import { trialLooks, TrialLooksInput } from '../../src/trials/looks.js';
import { trialSag, TrialSagInput } from '../../src/trials/sag.js';
import { trialStaircase, TrialStaircaseInput, type StaircaseFall } from '../../src/trials/staircase.js';
import { trialSheet } from '../../src/trials/trial-sheet.js';
import { parseTrial } from '../../src/trials/trial.js';

const looks = (places: Record<string, number[]>): ReturnType<typeof trialLooks> =>
  trialLooks(Object.assign(new TrialLooksInput(), { places }));

describe('trial.looks', () => {
  // Siegel (1956), Nonparametric Statistics, table 9.3: three executives rank six applicants, W = 0.16.
  const applicants = { a: [1, 1, 6], b: [6, 5, 3], c: [3, 6, 2], d: [2, 4, 5], e: [5, 2, 4], f: [4, 3, 1] };

  it('finds Kendall’s W of the textbook', () => {
    expect(looks(applicants).agreement).toBeCloseTo(0.1619, 4);
    expect(looks(applicants).byLuck).toBeCloseTo(0.788, 2);
  });

  it('is 1 where all agree, and orders by Borda', () => {
    const r = looks({ x: [2, 2, 2], y: [1, 1, 1], z: [3, 3, 3] });
    expect(r.agreement).toBe(1);
    expect(r.standings.map(s => [s.key, s.borda])).toEqual([
      ['y', 6],
      ['x', 3],
      ['z', 0],
    ]);
  });

  it('corrects for ties: people who tie the same pieces agree fully', () => {
    expect(looks({ a: [1, 1], b: [2, 2], c: [2, 2] }).agreement).toBeCloseTo(1, 12);
  });

  it('does not mind in which order people or pieces come, and stays between 0 and 1', () => {
    const order = fc.shuffledSubarray([1, 2, 3, 4, 5], { minLength: 5, maxLength: 5 });
    fc.assert(
      fc.property(fc.array(order, { minLength: 2, maxLength: 8 }), orders => {
        const places = Object.fromEntries('abcde'.split('').map((k, n) => [k, orders.map(o => o[n]!)]));
        const turned = Object.fromEntries(
          Object.entries(places)
            .reverse()
            .map(([k, p]) => [k, [...p].reverse()]),
        );
        const { agreement } = looks(places);
        expect(agreement).toBeCloseTo(looks(turned).agreement, 10);
        expect(agreement).toBeGreaterThanOrEqual(-1e-12);
        expect(agreement).toBeLessThanOrEqual(1 + 1e-12);
      }),
    );
  });

  it('refuses people who left a piece out, by name', () => {
    expect(() => calculate('trial.looks', { places: { a: [1, 2], b: [2] } })).toThrow(InputError);
    expect(() => calculate('trial.looks', { places: { a: [1, 2], b: [2] } })).toThrow(/places\.b/);
  });
});

const stairs = (falls: StaircaseFall[], stepM = 0.1): ReturnType<typeof trialStaircase> =>
  trialStaircase(Object.assign(new TrialStaircaseInput(), { falls, stepM }));

describe('trial.staircase', () => {
  it('goes up after one that held and down after one that broke', () => {
    expect(stairs([]).nextM).toBe(0.5);
    expect(stairs([{ heightM: 0.5, broke: false }]).nextM).toBe(0.6);
    expect(stairs([{ heightM: 0.5, broke: true }]).nextM).toBe(0.4);
    expect(stairs([{ heightM: 0.1, broke: true }]).nextM).toBe(0.1);
  });

  it('finds the median by hand: five broke at 0.6, 0.7 and 0.8 m', () => {
    const broke = [0.6, 0.7, 0.7, 0.7, 0.8];
    const held = [0.5, 0.6, 0.6, 0.6, 0.7];
    const falls = [
      ...broke.map(heightM => ({ heightM, broke: true })),
      ...held.map(heightM => ({ heightM, broke: false })),
    ];
    // A = 0·1 + 1·3 + 2·1 = 5, N = 5: 0.6 + 0.1·(5/5 − 1/2) = 0.65 m; (N·B − A²)/N² = (5·7 − 25)/25 = 0.4.
    const r = stairs(falls);
    expect(r.medianM).toBeCloseTo(0.65, 10);
    expect(r.sdM).toBeCloseTo(1.62 * 0.1 * 0.429, 10);
  });

  it('finds the true median and scatter of pieces whose heights are normal, over 200 staircases', () => {
    const source = chance(11);
    const medians: number[] = [];
    for (let n = 0; n < 200; n++) {
      const falls: StaircaseFall[] = [];
      for (let k = 0; k < 40; k++) {
        const heightM = stairs(falls, 0.12).nextM;
        falls.push({ heightM, broke: heightM > 1 + 0.12 * source.normal() });
      }
      medians.push(stairs(falls.slice(4), 0.12).medianM!);
    }
    const middle = medians.reduce((s, m) => s + m, 0) / medians.length;
    expect(middle).toBeGreaterThan(0.98);
    expect(middle).toBeLessThan(1.02);
  });

  it('says nothing before one held and one broke', () => {
    expect(stairs([{ heightM: 0.5, broke: false }]).medianM).toBeNull();
  });
});

describe('trial.sag', () => {
  const sag = (
    looked: { airC: number; sagMm: number; irradianceWm2?: number }[],
  ): ReturnType<typeof trialSag> =>
    trialSag(
      Object.assign(new TrialSagInput(), {
        thicknessMm: 2,
        absorptivity: 0.9,
        looks: looked.map(l => ({ at: '', irradianceWm2: 0, windMs: 1, ...l })),
      }),
    );

  it('softens between the hottest look straight and the first one hanging', () => {
    const r = sag([
      { airC: 50, sagMm: 0 },
      { airC: 56, sagMm: 0.3 },
      { airC: 60, sagMm: 4 },
    ]);
    expect([r.lowC, r.softensC, r.highC]).toEqual([56, 58, 60]);
  });

  it('takes the strip’s own heat in the sun: 30 °C, 900 W/m², a 0.9 is 60.1 °C', () => {
    const r = sag([
      { airC: 20, sagMm: 0 },
      { airC: 30, irradianceWm2: 900, sagMm: 2 },
    ]);
    expect(r.highC).toBeCloseTo(60.1, 1);
  });

  it('says no figure while it is straight, and an upper one where it hung at once', () => {
    expect(sag([{ airC: 80, sagMm: 0 }])).toMatchObject({ softensC: null, lowC: 80, highC: null });
    expect(sag([{ airC: 80, sagMm: 9 }])).toMatchObject({ softensC: 80, lowC: null });
  });

  it('weighs: 60 mm of 2 mm at 1.2 g/cm³ bear 0.064 MPa', () => {
    expect(sag([]).stressMPa).toBeCloseTo((3 * 1200 * 9.80665 * 0.06 ** 2) / 0.002 / 1e6, 8);
  });

  it('refuses an oven with sun in it', () => {
    const looks = [{ airC: 120, irradianceWm2: 800, sagMm: 0 }];
    expect(() => calculate('trial.sag', { thicknessMm: 2, looks })).toThrow(/looks\[0\]\.airC/);
  });
});

describe('trial.break', () => {
  it('is the stress of load.beam at the jaw: 30 N, 60 × 20 × 6 mm → 15 MPa', () => {
    const input = { forceN: 30, lengthMm: 60, widthMm: 20, heightMm: 6 };
    expect(trialBreak(Object.assign(new TrialBreakInput(), input))).toEqual({
      stressMPa: 15,
      isBound: false,
    });
    expect(trialBreak(Object.assign(new TrialBreakInput(), input, { manner: 'held' })).isBound).toBe(true);
  });
});

describe('what was printed otherwise', () => {
  const trial = (infill: number | null, section: object | null): ReturnType<typeof parseTrial> =>
    parseTrial({
      format: 'hornblende-trial',
      version: 1,
      name: 'Two',
      section,
      criteria: [
        { id: 'mass', label: 'Mass', lessIsBetter: true },
        { id: 'size', label: 'Size' },
      ],
      entrants: [
        { material: 'asa', readings: [{ criterion: 'mass', value: 10, at: '2026-03-01T10:00:00Z' }] },
        {
          material: 'pla',
          infill,
          readings: [{ criterion: 'mass', value: 20, at: '2026-03-01T10:00:00Z' }],
        },
      ],
    });
  // 20 × 6 mm, three walls, 20 %: mass ratio 0.4925 (check value of section.printed).
  const section = { widthMm: 20, heightMm: 6, topBottomMm: 0.8, infill: 0.2 };

  it('is brought to the others’ infill by its section', () => {
    const [correction] = trialCorrections(trial(1, section));
    expect(correction).toMatchObject({ material: 'pla', criterion: 'mass' });
    expect(correction!.factor).toBeCloseTo(0.4925, 3);
    const pla = trialAnswer(trial(1, section)).ranking.find(p => p.key === 'pla')!;
    expect(pla.means.mass!.mean).toBeCloseTo(20 * 0.4925, 2);
  });

  it('stays as it is where it is alike, or no section is said', () => {
    expect(trialCorrections(trial(null, section))).toEqual([]);
    expect(trialCorrections(trial(0.2, section))).toEqual([]);
    expect(trialCorrections(trial(1, null))).toEqual([]);
  });

  it('is named where it was printed otherwise in a way that nothing corrects, on the sheet as well', () => {
    const plain = trial(null, section);
    const entrants = plain.entrants.map(e =>
      e.material === 'pla' ? { ...e, differs: 'Half the layer height.' } : e,
    );
    expect(trialDifferences(plain)).toEqual([]);
    expect(trialDifferences({ ...plain, entrants })).toEqual([
      { material: 'pla', words: 'Half the layer height.' },
    ]);
    expect(sheetMarkdown(trialSheet({ ...plain, entrants }, key => key))).toContain(
      'pla: Half the layer height.',
    );
  });
});
