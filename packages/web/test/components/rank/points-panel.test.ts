import { parseBrief } from '@hornblende/core/brief';
import { criterionLabels, rank, type Candidate } from '@hornblende/core/score';
import { fireEvent } from '@testing-library/dom';
import type { Pinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { useDraft } from '../../../src/features/part/draft';
import PointsPanel from '../../../src/features/rank/PointsPanel.vue';
import { mounted, type Mounted } from '../mounted';
import { openedPart } from '../opened-part';

const asked = { heat: { setting: 'outdoors' }, sun: 'full' };
const candidate: Candidate = rank(
  parseBrief({ format: 'hornblende-brief', version: 1, name: 'Bracket', ...asked }),
).candidates[0]!;
const heat = candidate.criteria.find(c => c.id === 'heat')!;
const label = criterionLabels.heat.label;
let view: Mounted;
let pinia: Pinia;

beforeEach(async () => {
  pinia = await openedPart(asked);
  view = mounted(PointsPanel, { candidate }, { pinia, emits: ['working'] });
});
const set = async (part: string, text: string): Promise<void> => {
  const field = view.getByLabelText(`${part} ${label}`);
  await view.type(field, text);
  await fireEvent.blur(field);
};

describe('the points between which a criterion is scored', () => {
  it('stand for each criterion that has a weight, with what the candidate is worth', () => {
    const rows = view.getAllByRole('row').slice(1);
    const weighed = candidate.criteria.filter(c => c.weight > 0);
    expect(rows).toHaveLength(weighed.length);
    for (const [n, c] of weighed.entries()) {
      expect(rows[n]!.textContent).toContain(criterionLabels[c.id].label);
      expect(rows[n]!.textContent).toContain(c.desirability.toFixed(2));
    }
  });

  it('become part of the brief as they are set, and follow it again when they are reset', async () => {
    await set('comfortable', '30');
    expect(useDraft().brief!.points).toEqual({ heat: [heat.unacceptable, 30] });
    await view.press(view.getByRole('button', { name: 'Reset' }));
    expect(useDraft().brief!.points).toEqual({});
  });

  it('are refused where they run the wrong way, in words, and the brief stays as it was', async () => {
    await set('comfortable', String(heat.unacceptable - 5));
    expect(view.getByRole('alert').textContent).toMatch(new RegExp(`^${label} `));
    expect(useDraft().brief!.points).toEqual({});
  });

  it('open the working of a value', async () => {
    const row = view.getAllByRole('row').find(r => r.textContent.includes(criterionLabels.heat.measure))!;
    await view.press(row.querySelector('button')!);
    expect(view.said.working).toEqual([[candidate, heat]]);
  });
});
