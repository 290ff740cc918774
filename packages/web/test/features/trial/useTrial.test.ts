import { newReading, parseTrial, type Trial, type TrialReading } from '@hornblende/core/formats';
import { familyByKey } from '@hornblende/core/materials';
import { instrumentKinds } from '@hornblende/core/trials';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { answerWorking, inDraws } from '../../../src/features/trial/answer-words';
import { patternOf } from '../../../src/features/trial/pattern-of';
import { useBenchInstrument } from '../../../src/features/trial/useBenchInstrument';
import { useTrial } from '../../../src/features/trial/useTrial';
import { useCurrentPart } from '../../../src/stores/current-part';
import { useTrials } from '../../../src/stores/trials';
import { stubPartServer } from '../../part-server';

const reading = (value: number): TrialReading =>
  newReading({ criterion: 'mass', value, at: '2026-11-20T10:00:00Z' });
const trial = (partId: string | null, name = 'Two'): Trial =>
  parseTrial({
    format: 'hornblende-trial',
    version: 1,
    name,
    partId,
    replicates: 1,
    criteria: [{ id: 'mass', label: 'Mass', unit: 'g', lessIsBetter: true }],
    entrants: [{ material: 'asa', readings: [reading(18)] }, { material: 'pla' }],
  });
const stored = (id: string, of: Trial): object => ({ id, trial: of, revision: 1, updatedAt: '' });

beforeEach(async () => {
  stubPartServer(
    {},
    {
      '/api/trials': [
        stored('t1', trial('p1')),
        stored('t2', trial('p2', 'Another part’s')),
        stored('t3', trial(null, 'Nobody’s')),
      ],
    },
  );
  setActivePinia(createPinia());
  useCurrentPart().id = 'p1';
  await useTrials().load();
});

describe('the trial of a part', () => {
  it('is its own, not another part’s', () => {
    const { all, trial: mine } = useTrial();
    expect(all.value.map(t => t.id)).toEqual(['t1']);
    expect(mine.value?.name).toBe('Two');
    useCurrentPart().id = 'p9';
    expect(useTrial().trial.value).toBeNull();
  });
  it('asks for what is left, and answers as it stands', () => {
    const { next, answer } = useTrial();
    expect(next.value).toEqual({ material: 'pla', criterion: 'mass', print: 1 });
    expect(answer.value!.ranking.find(p => p.key === 'pla')!.unread).toEqual(['mass']);
  });
  it('takes readings, strikes them and lets them count again, and loses none', () => {
    const { take, strike, trial: now, next } = useTrial();
    take('pla', reading(20));
    expect(next.value).toBeNull();
    const of = (): Trial['entrants'][number]['readings'] => now.value!.entrants[1]!.readings;
    strike('pla', of()[0]!);
    expect(of()).toMatchObject([{ value: 20, struck: true }]);
    expect(next.value?.material).toBe('pla');
    strike('pla', of()[0]!);
    expect(of()).toMatchObject([{ value: 20, struck: false }]);
    expect(now.value!.entrants[0]!.readings).toHaveLength(1);
  });
  it('puts a filament out with a reason, and decides', () => {
    const { changeEntrant, change, answer, next } = useTrial();
    changeEntrant('pla', { eliminated: 'Sags.' });
    expect(next.value).toBeNull();
    expect(answer.value).toMatchObject({ firstChoice: 'asa', secondChoice: null });
    change({ decided: { first: 'asa', second: null, reason: 'Stands.', at: '2026-11-21T08:00:00Z' } });
    expect(useTrial().trial.value!.decided!.reason).toBe('Stands.');
  });
});

describe('the instrument at the bench', () => {
  const asa = familyByKey('asa')!;
  const criterion = trial(null).criteria[0]!;
  beforeEach(() => vi.stubGlobal('window', globalThis));
  it('is that of the unit; a person judges what has none', () => {
    expect(useBenchInstrument(criterion).kind.value?.id).toBe('scale');
    expect(useBenchInstrument({ ...criterion, unit: '' }).kind.value).toBeNull();
    for (const { unit, id } of instrumentKinds)
      expect(useBenchInstrument({ ...criterion, unit }).kind.value?.id).toBe(id);
  });
  it('reads what is typed before what it simulates, and simulates only when told to', () => {
    const { read, simulated } = useBenchInstrument(ref(criterion));
    expect(read('ST 17,9 g', asa)).toEqual({ value: 17.9, instrument: 'Scale' });
    expect(read('heavy', asa)).toBeNull();
    simulated.value = false;
    expect(read('', asa)).toBeNull();
    simulated.value = true;
    const got = read(' ', asa)!;
    expect(got.instrument).toBe('Scale, simulated');
    // 18 cm³ of ASA at 1.07 g/cm³, as the scale has it.
    expect(got.value).toBeCloseTo(19.3, 0);
    expect(read('', null)).toBeNull();
  });
});

describe('words about an answer', () => {
  it('say a chance as draws', () => {
    expect(inDraws(0.001)).toBe('never in 100 draws');
    expect(inDraws(0.42)).toBe('42 times in 100');
    expect(inDraws(1)).toBe('in every draw');
  });
  it('open the working of the comparison, with limits as gates', () => {
    const t = { ...trial(null), criteria: [{ ...trial(null).criteria[0]!, limit: 15 }] };
    const [asked] = answerWorking(t).refs!;
    expect(asked).toMatchObject({
      model: 'trial.compare',
      inputs: {
        filaments: [
          { key: 'asa', passed: { Mass: false } },
          { key: 'pla', passed: {} },
        ],
      },
    });
  });
  it('take a pattern only where it is one', () => {
    expect(patternOf('(\\d+) g')).toEqual(/(\d+) g/);
    expect(patternOf('(')).toBeNull();
    expect(patternOf('  ')).toBeNull();
  });
});
