import type { EvidenceGroup } from '@hornblende/core/service';
import { serviceSurvival } from '@hornblende/core/service';
import { describe, expect, it } from 'vitest';
import EvidenceGroups from '../../../src/features/service/EvidenceGroups.vue';
import { mounted } from '../mounted';

const lives = (list: [years: number, failed: boolean][]): EvidenceGroup['survival'] =>
  serviceSurvival({
    records: list.map(([years, ended]) => ({
      ...{ years, ended, mode: ended ? 'cracked' : null, soundYears: null, weight: 1 },
    })),
    atYears: null,
  });
const group = (key: string, list: [years: number, failed: boolean][]): EvidenceGroup =>
  ({ key, survival: lives(list), unseen: key === 'pla' ? 2 : 0 }) as EvidenceGroup;
const groups = [
  group('pla', [
    [1, true],
    [1, true],
    [2, false],
  ]),
  group('asa', [
    [3, false],
    [3, false],
    [4, false],
  ]),
  group('abs', [[1, false]]),
  group('pa', [[2, false]]),
];
const nameOf = (key: string): string => key.toUpperCase();

describe('the chart of all groups', () => {
  it('shows the share of each that stands, with its interval, on one scale', () => {
    const view = mounted(EvidenceGroups, { groups, nameOf, picked: 'pla' });
    const bars = view.getAllByTestId('stand-bar');
    expect(bars.map(b => b.getAttribute('aria-label'))).toEqual([
      '33 of 100 stand after 2 years, 0 to 87',
      '100 of 100 stand after 3 years, 37 to 100',
    ]);
    const [mark, interval] = ['.mark', '.interval'].map(
      name => bars[0]!.querySelector<HTMLElement>(name)!.style,
    );
    expect(Number.parseFloat(mark!.left)).toBeCloseTo(33.33, 1);
    expect(Number.parseFloat(interval!.left)).toBe(0);
    expect(bars[0]!.querySelector('.failed')).not.toBeNull();
    expect(bars[1]!.querySelector('.failed')).toBeNull();
    expect(view.getByText('2 not looked at yet')).toBeTruthy();
  });
  it('folds what rests on a single part into one line, until it is opened', async () => {
    const view = mounted(EvidenceGroups, { groups, nameOf, picked: 'pla' });
    expect(view.getAllByTestId('evidence-group')).toHaveLength(2);
    expect(view.getByText(/^ABS, PA: none has failed/)).toBeTruthy();
    await view.press(view.getByTestId('single-groups'));
    expect(view.getAllByTestId('evidence-group')).toHaveLength(4);
    expect(view.getByText(/^1 of 1 have stood 12 months/)).toBeTruthy();
  });
  it('says which group was pressed, and marks the one that is shown', async () => {
    const view = mounted(EvidenceGroups, { groups, nameOf, picked: 'pla' }, { emits: ['pick'] });
    const [pla, asa] = view.getAllByTestId('evidence-group').map(li => li.querySelector('button')!);
    expect(pla!.getAttribute('aria-pressed')).toBe('true');
    await view.press(asa!);
    expect(view.said.pick).toEqual([['asa']]);
  });
});
