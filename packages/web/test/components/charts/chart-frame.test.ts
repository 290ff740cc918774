import { describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import ChartFrame from '../../../src/charts/ChartFrame.vue';
import { mounted } from '../mounted';

vi.mock('../../../src/charts/DrawnChart.vue', () => ({
  __esModule: true,
  default: defineComponent({
    props: { option: Object },
    setup: props => () => h('svg', { 'data-testid': 'drawn' }, JSON.stringify(props.option)),
  }),
}));

const press = (element: Element, key: string): boolean =>
  element.dispatchEvent(Object.assign(new Event('keydown', { bubbles: true, cancelable: true }), { key }));

describe('the frame of a chart', () => {
  it('says what it shows at once, and draws it when that has come', async () => {
    const view = mounted(ChartFrame, { option: { series: [] }, label: 'PLA: 2 of 3 failed' });
    expect(view.getByRole('img', { name: 'PLA: 2 of 3 failed' })).toBeTruthy();
    await vi.waitFor(() => expect(view.getByTestId('drawn').textContent).toContain('series'));
  });
  it('is gone through by arrows and opened by Enter where it has marks, and only there', async () => {
    const emits = ['step', 'enter'];
    const plain = mounted(ChartFrame, { option: {}, label: 'Curve' }, { emits });
    press(plain.getByRole('img'), 'ArrowRight');
    expect(plain.said).toEqual({ step: [], enter: [] });
    const stepped = mounted(ChartFrame, { option: {}, label: 'Plot', stepped: true }, { emits });
    const frame = stepped.getByRole('application');
    expect(frame.getAttribute('tabindex')).toBe('0');
    for (const key of ['ArrowRight', 'ArrowUp', 'ArrowLeft', 'Enter', 'a']) press(frame, key);
    expect(stepped.said).toEqual({ step: [[1], [1], [-1]], enter: [[]] });
  });
});
