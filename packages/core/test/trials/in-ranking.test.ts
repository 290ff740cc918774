import { describe, expect, it } from 'vitest';
import { familyByKey } from '../../src/materials/library.js';
import { rank } from '../../src/score/rank.js';
import { trialAnswer } from '../../src/trials/answer.js';
import { beliefsOf, trialRanking } from '../../src/trials/in-ranking.js';
import { readingsWorth, WORTH_A_READING } from '../../src/trials/next-reading.js';
import type { TrialGround } from '../../src/trials/trial-ground.js';
import { parseTrial, type Trial } from '../../src/trials/trial.js';
import { brief } from '../cases.js';

let minute = 0;
const read = (criterion: string, ...values: number[]): object[] =>
  values.map(value => ({
    criterion,
    value,
    at: new Date(Date.UTC(2026, 10, 20, 8, minute++)).toISOString(),
  }));
const trial = (criteria: object[], entrants: object[], more: object = {}): Trial =>
  parseTrial({ format: 'hornblende-trial', version: 1, name: 'Tried', criteria, entrants, ...more });
const ground = (fields: Record<string, unknown>): TrialGround => ({
  brief: brief(fields),
  options: {},
  find: familyByKey,
});

const sag = { id: 'sag', label: 'Softens at', unit: '°C', weight: 3, property: 'vicatC' };
const hardness = { id: 'hardness', label: 'Hardness', unit: 'Shore A', weight: 4, property: 'shoreA' };
const mass = { id: 'mass', label: 'Mass', unit: 'g', lessIsBetter: true };

/** A bumper that must be soft, out in the sun for years. */
const bumper = ground({
  lifeYears: 5,
  heat: { setting: 'outdoors' },
  sun: 'full',
  water: 'rain',
  flex: { want: 'rubbery', shoreA: [80, 90] },
});

describe('a trial in the brief’s own ranking', () => {
  it('with nothing read is the ranking of the same filaments', () => {
    const entrants = ['tpu-85a', 'tpu-95a', 'tpe'].map(material => ({ material }));
    const found = trialRanking(trial([hardness], entrants), bumper);
    const plain = rank(bumper.brief, { families: ['tpu-85a', 'tpu-95a', 'tpe'].map(k => familyByKey(k)!) });
    expect(found.standings.map(s => [s.material, s.candidate.status, s.candidate.rating])).toEqual(
      plain.candidates.map(c => [c.material, c.status, c.rating]),
    );
    expect(found.settled).toEqual([]);
    expect(found.beliefs).toEqual([]);
  });
  it('does not let a filament lead by its readings that the sun would finish', () => {
    const entrants = [
      { material: 'pp', readings: [...read('mass', 8, 8.1), ...read('sag', 140, 141)] },
      { material: 'asa', readings: [...read('mass', 10, 10.1), ...read('sag', 98, 99)] },
    ];
    const outdoors = ground({
      lifeYears: 8,
      heat: { setting: 'outdoors' },
      sun: 'full',
      looks: { colour: 'white' },
    });
    const tried = trial([mass, sag], entrants, { pieceIs: 'part' });
    expect(trialAnswer(tried).firstChoice).toBe('pp');
    expect(trialRanking(tried, outdoors).firstChoice).toBe('asa');
  });
  it('judges a measured hardness against the band that the brief asks', () => {
    const at = (a: number): ReturnType<typeof trialRanking> =>
      trialRanking(trial([hardness], [{ material: 'tpu-85a', readings: read('hardness', a, a, a) }]), bumper);
    expect(at(86).standings[0]!.candidate.gates.find(g => g.id === 'flex')!.verdict).toBe('pass');
    expect(at(66).standings[0]!.candidate.gates.find(g => g.id === 'flex')!.verdict).toBe('fail');
    expect(at(66).firstChoice).toBeNull();
  });
  it('puts out what breaks a limit of the trial, or was put out by hand, and says why', () => {
    const tried = trial(
      [{ ...mass, limit: 10 }],
      [
        { material: 'petg', readings: read('mass', 12, 12.4) },
        { material: 'pla', readings: read('mass', 9), eliminated: 'Snapped in the hand.' },
        { material: 'abs', readings: read('mass', 9) },
      ],
    );
    const found = trialRanking(tried, ground({}));
    expect(found.firstChoice).toBe('abs');
    const why = new Map(found.standings.map(s => [s.material, s.outOfTrial]));
    expect(why.get('petg')).toBe('Mass: 12.2 g was read, at most 10 g is wanted');
    expect(why.get('pla')).toBe('Snapped in the hand.');
    expect(why.get('abs')).toBeNull();
  });
  it('takes what the part itself weighs and costs, but not what a coupon does', () => {
    const entrants = [{ material: 'petg', readings: [...read('mass', 33), ...read('price', 2.5)] }];
    const price = { id: 'price', label: 'Price', unit: 'each', lessIsBetter: true };
    const as = (pieceIs: string): { massG: number; costEach: number } =>
      trialRanking(trial([mass, price], entrants, { pieceIs }), ground({})).standings[0]!.candidate.print;
    expect(as('part')).toMatchObject({ massG: 33, costEach: 2.5 });
    expect(as('coupon').massG).not.toBeCloseTo(33, 1);
  });
  it('believes the library and the readings as the conjugate normal does', () => {
    const entrant = trial([sag], [{ material: 'petg', readings: read('sag', 76, 80, 78) }]).entrants[0]!;
    const [belief] = beliefsOf(trial([sag], []), entrant, familyByKey('petg')!);
    const { low, typical, high } = familyByKey('petg')!.properties.vicatC!;
    const prior = ((high - low) / 3.29) ** -2;
    // The readings scatter by 2 K, as much as the strip does by itself.
    const data = 3 / 2 ** 2;
    expect(belief!.mean).toBeCloseTo((typical * prior + 78 * data) / (prior + data), 9);
    expect(belief!.sd).toBeCloseTo((prior + data) ** -0.5, 9);
  });
  it('says what the readings settle for all in the running, and what they leave to the models', () => {
    const both = trial(
      [hardness],
      [
        { material: 'tpu-85a', readings: read('hardness', 86) },
        { material: 'tpu-95a', readings: read('hardness', 89) },
      ],
    );
    const found = trialRanking(both, bumper);
    expect(found.settled).toContain('flex');
    expect(found.toModels).toContain('uv');
    const one = trial(
      [hardness],
      [{ material: 'tpu-85a', readings: read('hardness', 86) }, { material: 'tpe' }],
    );
    expect(trialRanking(one, ground({ flex: { want: 'rubbery', shoreA: [60, 90] } })).settled).not.toContain(
      'flex',
    );
  });
});

describe('what one more reading is worth', () => {
  const car = ground({ heat: { setting: 'custom', partC: 93 }, lifeYears: 0.1 });
  const tried = (abs: number[], asa: number[]): Trial =>
    trial(
      [sag],
      [
        { material: 'abs', readings: read('sag', ...abs) },
        { material: 'asa', readings: read('sag', ...asa) },
      ],
    );
  it('is much before anything was read of two that are close, and less the more was read', () => {
    const few = readingsWorth(tried([], []), car);
    const many = readingsWorth(tried(Array(12).fill(97), Array(12).fill(97)), car);
    expect(few[0]!.gain).toBeGreaterThan(0);
    expect(many[0]!.gain).toBeLessThan(few[0]!.gain);
    expect(many[0]!.gain).toBeLessThan(WORTH_A_READING);
    for (const w of few) expect(w.gainPerMinute).toBeCloseTo(w.gain / w.minutes, 12);
  });
  it('is never less than nothing, and nothing where one alone is left', () => {
    for (const w of readingsWorth(tried([90], [101, 99]), car)) expect(w.gain).toBeGreaterThanOrEqual(0);
    expect(readingsWorth(trial([sag], [{ material: 'abs' }]), car)).toEqual([]);
  });
});
