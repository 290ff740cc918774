import type { DecisionSummary } from '@hornblende/core/api';
import { describe, expect, it, vi } from 'vitest';
import DecidedPanel from '../../../src/features/decision/DecidedPanel.vue';
import { mounted } from '../mounted';

const decision: DecisionSummary = {
  id: 'd1',
  partId: 'p1',
  firstChoice: 'asa',
  secondChoice: 'petg',
  reason: 'Stands in the sun for eight seasons.',
  decidedBy: 'Ada',
  decidedAt: '2026-03-14T09:30:00Z',
  withdrawn: null,
};

describe('what is decided', () => {
  it('stands large with its reason, its second choice, and what is next', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json([])));
    const view = mounted(DecidedPanel, { decision }, { emits: ['again'] });
    expect(view.getByRole('heading').textContent).toBe('ASA');
    const text = view.element.textContent.replace(/\s+/g, ' ');
    expect(text).toContain('Decided on 14 Mar 2026 by Ada');
    expect(text).toContain('Else PETG.');
    expect(text).toContain('Stands in the sun for eight seasons.');
    expect(view.getByTestId('out-there').textContent).toContain('None of it is in service yet.');
    expect(view.getByRole('link', { name: 'Print it' }).getAttribute('href')).toBe('/parts/p1/card');
    expect(view.getByRole('link', { name: 'Place one in service' }).getAttribute('href')).toBe(
      '/service/new?part=p1',
    );
    await view.press(view.getByRole('button', { name: 'Decide again' }));
    expect(view.said.again).toHaveLength(1);
  });
});
