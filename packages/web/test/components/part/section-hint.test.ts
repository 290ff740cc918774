import { parseBrief } from '@hornblende/core/brief';
import { describe, expect, it } from 'vitest';
import SectionHint from '../../../src/features/brief/pictures/SectionHint.vue';
import { mounted } from '../mounted';

const load = (change: object = {}): object => {
  const arm = { kind: 'sustained', case: 'cantilever', forceN: 4, lengthMm: 40, widthMm: 18, heightMm: 8 };
  const brief = { format: 'hornblende-brief', version: 1, name: 'Latch', loads: [{ ...arm, ...change }] };
  return parseBrief(brief).loads[0]!;
};
const sizes = (element: Element): number[] => {
  const rect = element.querySelector('rect')!;
  return ['width', 'height'].map(name => Number(rect.getAttribute(name)));
};

describe('the section beside the sentence', () => {
  it('tells the width from the height, to scale', async () => {
    const view = mounted(SectionHint, { load: load() });
    expect(view.getByRole('img').getAttribute('aria-label')).toBe(
      'Its section: 18 mm wide and 8 mm high, loaded from above, layers along it',
    );
    const [wide, high] = sizes(view.element);
    expect(wide! / high!).toBeCloseTo(18 / 8, 6);
    await view.give({ load: load({ widthMm: 8, heightMm: 18 }) });
    const [narrow, tall] = sizes(view.element);
    expect(tall! / narrow!).toBeCloseTo(18 / 8, 6);
  });
  it('has no layers to see where they are pulled apart, and no arrow where it is only pulled', () => {
    const view = mounted(SectionHint, { load: load({ acrossLayers: true, case: 'tension' }) });
    expect(view.getByRole('img').getAttribute('aria-label')).toContain('high, within one layer');
    expect(view.element.querySelector('.layers')!.getAttribute('d')).toBe('');
    expect(view.element.querySelector('.force')).toBeNull();
  });
});
