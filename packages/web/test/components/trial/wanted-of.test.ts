import type { TrialCriterion } from '@hornblende/core/formats';
import { benchCriterion, trialCriterionOf } from '@hornblende/core/trials';
import { describe, expect, it } from 'vitest';
import WantedOf from '../../../src/features/trial/WantedOf.vue';
import { mounted } from '../mounted';

const sag = (): TrialCriterion => ({ ...trialCriterionOf(benchCriterion('sag')!), limit: 60, weight: 3 });

describe('what is wanted of a criterion', () => {
  it('says what the brief asks, and leaves it so until something else is said', () => {
    const view = mounted(WantedOf, { criterion: sag(), asBrief: sag(), said: null }, { emits: ['want'] });
    expect(view.element.textContent).toContain('as the brief asks: at least 60');
    expect(view.queryByLabelText(/Limit/)).toBeNull();
    expect(view.said.want).toEqual([]);
  });

  it('begins a limit of one’s own from the brief’s, and keeps the weight', async () => {
    const view = mounted(WantedOf, { criterion: sag(), asBrief: sag(), said: null }, { emits: ['want'] });
    await view.choose('Wanted of: Softens at', 'at most');
    expect(view.said.want).toEqual([[{ weight: 3, limit: 60, band: null, lessIsBetter: true }]]);
  });

  it('takes a band whose ends stand in their order, and no other', async () => {
    const said = { weight: 3, limit: null, band: [60, 90], lessIsBetter: false };
    const view = mounted(WantedOf, { criterion: sag(), asBrief: sag(), said }, { emits: ['want'] });
    await view.type(view.getByLabelText('To'), '80');
    expect(view.said.want).toEqual([[{ ...said, band: [60, 80] }]]);
    await view.type(view.getByLabelText('To'), '50');
    expect(view.said.want).toHaveLength(1);
    expect(view.element.textContent).toContain('is not allowed here');
  });
});
