import { describe, expect, it } from 'vitest';
import { sheetHtml, sheetMarkdown } from '../../src/records/sheet.js';
import { trialSheet } from '../../src/trials/trial-sheet.js';
import { parseTrial, type Trial } from '../../src/trials/trial.js';

const reading = (criterion: string, value: number): object => ({
  criterion,
  value,
  at: '2026-11-20T10:00:00Z',
});
const trial = (change: object = {}): Trial =>
  parseTrial({
    format: 'hornblende-trial',
    version: 1,
    name: 'Two for a latch',
    piece: 'the latch, lying',
    criteria: [
      { id: 'mass', label: 'Mass', unit: 'g', lessIsBetter: true },
      { id: 'load', label: 'Breaks at', unit: 'N', weight: 3, limit: 100 },
    ],
    entrants: [
      {
        material: 'asa',
        readings: [12, 12.4, 12.2]
          .map(v => reading('mass', v))
          .concat([150, 160, 155].map(v => reading('load', v))),
      },
      {
        material: 'pla',
        readings: [14].map(v => reading('mass', v)),
        eliminated: 'Bent in the sun | at once',
      },
    ],
    ...change,
  });
const nameOf = (key: string): string => key.toUpperCase();

describe('a trial on paper', () => {
  it('says who leads while it is open, and what was decided once it is', () => {
    expect(trialSheet(trial(), nameOf).lead).toBe(
      'Open: ASA leads, the best by the weights 100 times in 100.',
    );
    const decided = {
      first: 'asa',
      second: 'pla',
      reason: 'It bears twice the load.',
      at: '2026-11-21T10:00:00Z',
    };
    expect(trialSheet(trial({ decided }), nameOf).lead).toBe(
      'Decided on 21 Nov 2026: ASA, then PLA. It bears twice the load.',
    );
    const none = trial({
      entrants: [
        { material: 'pla', eliminated: 'No.' },
        { material: 'asa', eliminated: 'No.' },
      ],
    });
    expect(trialSheet(none, nameOf).lead).toBe('Open: nothing is left in the running.');
  });

  it('has each mean with its interval, by hand: 12.2 with t = 4.303 and s/√3 = 0.1155', () => {
    const [measured] = trialSheet(trial(), nameOf).sections;
    expect(measured!.table!.head[1]).toBe('Mass, g (less is better)');
    expect(measured!.table!.rows[0]).toEqual(['ASA', '12.2 (11.7 to 12.7), 3', '155 (143 to 167), 3']);
    // One reading has no interval, and what was not read says so.
    expect(measured!.table!.rows[1]).toEqual(['PLA', '14, 1', 'not read']);
  });

  it('keeps why something was put out, in every form, escaped', () => {
    const sheet = trialSheet(trial(), nameOf);
    expect(sheet.sections.map(s => s.title)).toEqual(['What was measured', 'How it stands', 'Put out']);
    expect(sheetMarkdown(sheet)).toContain('Bent in the sun \\| at once');
    expect(sheetHtml(sheet)).toContain('<td>Bent in the sun | at once</td>');
    expect(sheetHtml({ ...sheet, title: '<b>' })).not.toContain('<b>');
  });
});
