import { familyByKey } from '@hornblende/core/materials';
import { describe, expect, it } from 'vitest';
import SurfaceRoutes from '../../../src/ui/SurfaceRoutes.vue';
import { mounted } from '../mounted';

describe('the ways to a surface', () => {
  it('stand with their work, money and cautions, the least work first', () => {
    const page = mounted(SurfaceRoutes, { family: familyByKey('asa'), areaCm2: 100 });
    const rows = page.getAllByTestId('surface-route').map(r => r.textContent ?? '');
    expect(rows[0]).toContain('none');
    const solvent = rows.find(r => r.includes('Solvent'))!;
    expect(solvent).toContain('17 min');
    expect(solvent).toContain('Then wait 24 h.');
    expect(solvent).toContain('no flame or spark near');
    expect(page.queryAllByRole('radio')).toHaveLength(0);
  });
  it('can be chosen where a part is meant', async () => {
    const page = mounted(
      SurfaceRoutes,
      { family: familyByKey('asa'), areaCm2: 100, chosen: 'sanded' },
      { emits: ['choose'] },
    );
    const radios = page.getAllByRole<HTMLInputElement>('radio');
    expect(radios.filter(r => r.checked)).toHaveLength(1);
    await page.press(page.getByLabelText('Paint'));
    expect(page.said.choose).toEqual([['painted']]);
  });
});
