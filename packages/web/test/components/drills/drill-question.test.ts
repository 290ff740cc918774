import { makeDrill, type Drill } from '@hornblende/core/drills';
import { fireEvent } from '@testing-library/dom';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, nextTick, ref } from 'vue';
import DrillQuestion from '../../../src/features/drills/DrillQuestion.vue';
import type { Round } from '../../../src/features/drills/useRound';
import { useWorking } from '../../../src/stores/working';
import { mounted, type Mounted } from '../mounted';

const drill: Drill = makeDrill(7, 'half-depth');
const chosen = ref<number | null>(null);
const said = ref<number | null>(null);
const round = {
  ...{ drill: computed(() => drill), chosen, said, levels: computed(() => [0.25, 0.5, 0.9]) },
  choose: (n: number) => void (chosen.value = n),
  say: (sure: number) => void (said.value = sure),
  next: vi.fn(),
} as unknown as Round;
let view: Mounted;
const wrong = (drill.right + 1) % drill.options.length;

beforeEach(() => {
  Element.prototype.scrollIntoView = vi.fn();
  chosen.value = said.value = null;
  view = mounted(DrillQuestion, { round });
});
const options = (): HTMLElement[] => view.getAllByTestId('drill-option');
const press = async (key: string): Promise<void> => {
  await fireEvent.keyDown(document.body, { key });
  await nextTick();
};

describe('a drill', () => {
  it('asks how sure one is before it tells anything', async () => {
    expect(options()).toHaveLength(drill.options.length);
    expect(view.queryAllByTestId('drill-sure')).toEqual([]);
    await view.press(options()[wrong]!);
    expect(
      options()
        .map(o => o.getAttribute('aria-pressed') === 'true')
        .indexOf(true),
    ).toBe(wrong);
    expect(view.getAllByTestId('drill-sure')).toHaveLength(3);
    expect(view.queryByTestId('drill-answer')).toBeNull();
  });

  it('says what was right, and why, and leads to its working', async () => {
    await view.press(options()[wrong]!);
    await view.press(view.getAllByTestId('drill-sure')[1]!);
    expect(said.value).toBe(0.5);
    const answer = view.getByTestId('drill-answer').textContent;
    expect(answer).toContain('○ Not so.');
    expect(answer).toContain(`Drill ${drill.seed}.`);
    expect(options()[drill.right]!.textContent).toContain('● ');
    expect(options()[wrong]!.textContent).toContain('○ ');
    await view.press(view.getByRole('button', { name: 'Working' }));
    expect(useWorking().topic?.refs).toEqual(drill.refs);
  });

  it('says so where it was right', async () => {
    await view.press(options()[drill.right]!);
    await view.press(view.getAllByTestId('drill-sure')[2]!);
    expect(view.getByTestId('drill-answer').textContent).toContain('● Right.');
  });

  it('is answered by keys alone: a digit, a letter, Enter', async () => {
    await press(String(wrong + 1));
    expect(chosen.value).toBe(wrong);
    await press('d');
    expect(said.value).toBe(0.9);
    await press('Enter');
    expect(round.next).toHaveBeenCalled();
  });
});
