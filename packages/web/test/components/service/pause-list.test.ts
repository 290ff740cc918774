import { describe, expect, it } from 'vitest';
import PauseList from '../../../src/features/service/PauseList.vue';
import { mounted } from '../mounted';

const winter = { from: '2024-11-01', to: '2025-03-01' };

describe('when a part was taken in', () => {
  it('begins with today, and is still in until something else is said', async () => {
    const view = mounted(PauseList, { pauses: [], problems: new Map() }, { emits: ['change'] });
    await view.press(view.getByRole('button', { name: 'It was taken in for a while' }));
    const today = new Date().toISOString().slice(0, 10);
    expect(view.said.change).toEqual([[[{ from: today, to: null }]]]);
  });

  it('shows each time with what is wrong with it, and leaves one out', async () => {
    const problems = new Map([['pauses[1].to', 'must not be before 2025-11-01']]);
    const pauses = [winter, { from: '2025-11-01', to: '2025-03-01' }];
    const view = mounted(PauseList, { pauses, problems }, { emits: ['change'] });
    expect(view.getByRole('alert').textContent).toBe('must not be before 2025-11-01');
    await view.press(view.getAllByRole('button', { name: 'Leave it out' })[1]!);
    expect(view.said.change).toEqual([[[winter]]]);
  });
});
