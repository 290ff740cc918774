import { makeDrill, type Drill } from '@hornblende/core/drills';
import { describe, expect, it } from 'vitest';
import DrillPicture from '../../../src/features/drills/DrillPicture.vue';
import { mounted } from '../mounted';

const label = (drill: Drill): string | null => {
  const view = mounted(DrillPicture, { drill });
  return view.element.querySelector('svg')?.getAttribute('aria-label') ?? null;
};

describe('what a drill asks about', () => {
  it('is drawn from the inputs of its answer', () => {
    const walls = makeDrill(7, 'walls-or-infill');
    const { widthMm, heightMm, walls: n, infill } = walls.refs[0]!.inputs as Record<string, number>;
    expect(label(walls)).toBe(
      `A bar cut through: ${widthMm} mm wide, ${heightMm} mm high, ${n} walls, ${Math.round(100 * infill!)} % infill`,
    );
    const touch = makeDrill(7, 'durometer');
    const { layers, layerMm } = touch.refs[0]!.inputs as Record<string, number>;
    expect(label(touch)).toContain(`a stack ${layers! * layerMm!} mm thick`);
    expect(label(makeDrill(7, 'half-depth'))).toContain('a stack 6 mm thick');
  });
  it('is left to words where a picture says nothing', () => {
    expect(label(makeDrill(7, 'dry-it'))).toBeNull();
  });
});
