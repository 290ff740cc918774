import { parseSpool } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { entrantMark, plateUrl } from '../../../src/features/trial/plate-url';
import { useTrial } from '../../../src/features/trial/useTrial';
import { useTrialPlan, type TrialPlan } from '../../../src/features/trial/useTrialPlan';
import { useDraft } from '../../../src/features/part/draft';
import { useCurrentPart } from '../../../src/stores/current-part';
import { useShelf } from '../../../src/stores/shelf';
import { stubPartServer } from '../../part-server';

async function planned(brief: object, extras: Record<string, unknown> = {}): Promise<TrialPlan> {
  stubPartServer({ ...brief }, { '/api/trials': [], ...extras });
  setActivePinia(createPinia());
  useCurrentPart().id = 'p1';
  await useDraft().open('p1');
  await nextTick();
  return useTrialPlan(useTrial());
}
const bracket = { heat: { setting: 'indoors' }, toleranceMm: 0.3 };

describe('a trial that is planned', () => {
  it('ticks what is ahead, one of a family, and measures what the brief weighs', async () => {
    const plan = await planned(bracket);
    expect(plan.picked.value.length).toBeGreaterThanOrEqual(3);
    expect(plan.picked.value[0]).toBe(plan.offered.value[0]!.value);
    expect(plan.measured.value).toContain('sag');
    // A durometer tells nothing of a stiff part; of a soft one its band is asked.
    expect(plan.measured.value).not.toContain('hardness');
    const soft = await planned({ ...bracket, flex: { want: 'rubbery', shoreA: [70, 90] } });
    expect(soft.criteria.value.find(c => c.id === 'hardness')).toMatchObject({ band: [70, 90] });
    expect(plan.bad.value).toBe('');
  });

  it('takes what is wanted instead of what the brief asks, and gives it back', async () => {
    const plan = await planned(bracket);
    const asked = plan.asBrief('sag');
    plan.put({ wanted: { sag: { limit: 85, band: null, lessIsBetter: false, weight: 2 } } });
    expect(plan.criteria.value.find(c => c.id === 'sag')).toMatchObject({
      limit: 85,
      weight: 2,
      property: 'vicatC',
    });
    plan.put({ wanted: {} });
    expect(plan.criteria.value.find(c => c.id === 'sag')).toEqual(asked);
  });

  it('names what comes from elsewhere once each, and what is printed to lose', async () => {
    const plan = await planned(bracket);
    plan.addForeign({ name: 'Brass', priceEach: 19, needs: '' });
    plan.addForeign({ name: 'Resin', priceEach: null, needs: 'gloves' });
    plan.put({ filaments: ['pla', 'petg'], baseline: 'pla' });
    expect(plan.trial.value.entrants.map(e => [e.material, e.baseline, e.foreign?.name ?? null])).toEqual([
      ['pla', true, null],
      ['petg', false, null],
      ['elsewhere-1', false, 'Brass'],
      ['elsewhere-2', false, 'Resin'],
    ]);
  });

  it('takes the first spool of a filament that has something left, or the one that is said', async () => {
    const spools = ['grey', 'red'].map((colour, n) => ({
      ...{ id: `s${n}`, revision: 1, updatedAt: '' },
      spool: parseSpool({ format: 'hornblende-spool', version: 1, material: 'petg', colour }),
    }));
    const plan = await planned(bracket, { '/api/spools': spools });
    await useShelf().load();
    plan.put({ filaments: ['pla', 'petg'] });
    expect(plan.spoolsOf('petg').map(s => s.value)).toEqual(['s0', 's1']);
    expect(plan.trial.value.entrants.map(e => e.spoolId)).toEqual([null, 's0']);
    plan.put({ spools: { petg: 's1' } });
    expect(plan.spoolOf('petg')).toBe('s1');
    plan.put({ spools: { petg: 'gone' } });
    expect(plan.spoolOf('petg')).toBe('s0');
  });

  it('says why it cannot begin', async () => {
    const plan = await planned(bracket);
    plan.put({ filaments: ['pla'] });
    expect(plan.bad.value).toMatch(/two filaments at least/);
    plan.addForeign({ name: 'Brass', priceEach: 19, needs: '' });
    expect(plan.bad.value).toBe('');
    plan.put({ baseline: 'pla' });
    expect(plan.bad.value).toMatch(/printed to lose: add one that may win/);
    plan.put({ baseline: '', measured: [] });
    expect(plan.bad.value).toBe('Say what is measured.');
  });
});

describe('a plate of pieces', () => {
  it('is marked by letters, also beyond Z', () => {
    expect([0, 25, 26, 27, 52].map(entrantMark)).toEqual(['A', 'Z', 'AA', 'AB', 'BA']);
  });

  it('is asked for with what lies on it', () => {
    const pieces = [{ kind: 'gauge', count: 3, criteria: [] }];
    expect(plateUrl(pieces, [220, 200], 'B')).toBe('/coupons/plate.3mf?pieces=gauge%3A3&x=220&y=200&mark=B');
  });
});
