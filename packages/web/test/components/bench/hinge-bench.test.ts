import { beforeEach, describe, expect, it } from 'vitest';
import HingeBench from '../../../src/features/bench/HingeBench.vue';
import { mounted } from '../mounted';

beforeEach(() => localStorage.clear());

describe('hinges and soft zones', () => {
  it('says how thin a hinge is, how long that filament lasts, and where it cannot be one', async () => {
    const view = mounted(HingeBench);
    const answer = view.getByTestId('hinge-answer');
    expect(answer.textContent).toContain('0.4 mm thick');
    expect(answer.textContent).toContain('2 layers');
    expect(view.element.textContent).toContain('It folds for good');
    await view.choose('Of', 'PLA');
    expect(view.element.textContent).toContain('It breaks as a hinge before long');
    expect(view.element.textContent).toMatch(/one layer thick, and tears: make it \d+ mm long or longer/);
  });
  it('gives each zone its infill, the harder one more', async () => {
    const view = mounted(HingeBench);
    const [harder, softer] = [...view.getByTestId('zones-answer').textContent.matchAll(/(\d+) %/g)].map(m =>
      Number(m[1]),
    );
    expect(harder).toBeGreaterThan(softer!);
    await view.type(view.getByRole('textbox', { name: 'Harder zone, Shore A' }), '85');
    expect(view.getByTestId('zones-answer').textContent).toContain('harder zone with 100 % infill');
  });
});
