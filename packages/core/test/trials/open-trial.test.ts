import { describe, expect, it } from 'vitest';
import { counted } from '../../src/trials/answer.js';
import { withReading } from '../../src/trials/open-trial.js';
import { newReading, parseTrial, type Trial } from '../../src/trials/trial.js';

const trial: Trial = parseTrial({
  format: 'hornblende-trial',
  version: 1,
  name: 'Hooks',
  criteria: [{ id: 'mass', label: 'Mass', unit: 'g' }],
  entrants: [{ material: 'asa' }, { material: 'petg' }],
});
const reading = newReading({ criterion: 'mass', value: 12.4, at: '2026-03-14T09:30:00Z' });
const values = (t: Trial, material: string): number[] =>
  counted(
    t.entrants.find(e => e.material === material)!,
    'mass',
  );

describe('a reading that is put into a trial from elsewhere', () => {
  it('stands with its filament alone, and leaves the trial it came from as it was', () => {
    const now = withReading(trial, 'asa', reading);
    expect(values(now, 'asa')).toEqual([12.4]);
    expect(values(now, 'petg')).toEqual([]);
    expect(values(trial, 'asa')).toEqual([]);
  });
  it('is one reading, however often it comes', () => {
    const now = withReading(withReading(trial, 'asa', reading), 'asa', reading);
    expect(now.entrants[0]!.readings).toHaveLength(1);
    const later = { ...reading, at: '2026-03-14T09:31:00Z' };
    expect(values(withReading(now, 'asa', later), 'asa')).toEqual([12.4, 12.4]);
  });
  it('no longer counts once it comes struck out, and is kept', () => {
    const now = withReading(withReading(trial, 'asa', reading), 'asa', { ...reading, struck: true });
    expect(values(now, 'asa')).toEqual([]);
    expect(now.entrants[0]!.readings).toMatchObject([{ value: 12.4, struck: true }]);
  });
  it('is refused for a filament or a criterion that is not in the trial', () => {
    expect(() => withReading(trial, 'pla', reading)).toThrow('there is no "pla" in the trial');
    expect(() => withReading(trial, 'asa', { ...reading, criterion: 'sag' })).toThrow('does not read "sag"');
  });
});
