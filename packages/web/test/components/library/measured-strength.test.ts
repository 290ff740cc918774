import { parseWorkshop, type Grade } from '@hornblende/core/formats';
import { familyByKey, parseGrade, typical } from '@hornblende/core/materials';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import MeasuredStrength from '../../../src/features/library/MeasuredStrength.vue';
import { useGrades } from '../../../src/stores/grades';
import { useWorkshop } from '../../../src/stores/workshop';
import { mounted, type Mounted } from '../mounted';

const petg = familyByKey('petg')!;
const pulled = (key: string): Grade =>
  parseGrade({
    format: 'hornblende-grade',
    version: 1,
    ...{ key, name: `Grade ${key}`, maker: key, family: 'petg' },
    measured: { yieldMPa: { typical: 0.8 * typical(petg, 'yieldMPa') } },
  });
let view: Mounted;

beforeEach(() => {
  vi.stubGlobal('fetch', (_path: string, init?: RequestInit): Promise<Response> => {
    const asShipped = { format: 'hornblende-workshop', version: 1 };
    const body = parseWorkshop(init?.body ? JSON.parse(String(init.body)) : asShipped);
    return Promise.resolve(Response.json({ settings: body, quotes: {} }));
  });
  const pinia = createPinia();
  setActivePinia(pinia);
  const stored = { revision: 1, updatedAt: '2026-01-01T00:00:00Z' };
  for (const key of ['north', 'south']) useGrades().keep({ grade: pulled(key), ...stored });
  view = mounted(MeasuredStrength, { family: petg }, { pinia });
});
const text = (): string => view.element.textContent.replace(/\s+/g, ' ');

describe('how strong a family was measured to be', () => {
  it('is said with the grades behind it, and accepted and taken back by a press', async () => {
    expect(text()).toContain('Grade north, Grade south');
    expect(text()).toContain('PETG is about 12 in 100 weaker than the library says');
    await view.press(view.getByRole('button', { name: 'Judge PETG so here' }));
    expect(useWorkshop().settings.scales.strengths).toEqual([{ family: 'petg', factor: 0.88 }]);
    expect(text()).toContain('In this workshop PETG counts as 12 in 100 weaker');
    expect(view.queryByRole('button', { name: 'Judge PETG so here' })).toBeNull();
    await view.press(view.getByRole('button', { name: 'Take it back' }));
    expect(useWorkshop().settings.scales.strengths).toEqual([]);
  });

  it('is passed over where nothing was measured', async () => {
    await view.give({ family: familyByKey('asa')! });
    expect(view.queryByTestId('measured-strength')).toBeNull();
  });
});
