import type { Ruler } from '@hornblende/core/advice';
import { fireEvent } from '@testing-library/dom';
import { createPinia, setActivePinia } from 'pinia';
import { describe, expect, it } from 'vitest';
import MarginRulers from '../../../src/features/rank/MarginRulers.vue';
import { mounted } from '../mounted';

const bar = (material: string, typical: number, need = 60): Ruler['bars'][number] => ({
  ...{ material, name: material.toUpperCase(), low: typical - 8, typical, high: typical + 8, need },
  status: 'fits',
});
const heat = {
  ...{ id: 'heat', label: 'Heat', unit: '°C', need: 60, needLabel: 'the part gets this hot', better: 'more' },
  bars: [bar('asa', 98), bar('pla', 55), bar('petg', 70, 72)],
} as unknown as Ruler;
const bow = {
  ...{ id: 'warp', label: 'Warp', unit: 'mm', need: 0.5, needLabel: 'the most it may bow', better: 'less' },
  bars: [{ ...bar('asa', 0.9, 0.5), low: 0.7, high: 1.2 }],
} as unknown as Ruler;

describe('a ruler for each requirement', () => {
  setActivePinia(createPinia());
  const view = (selected: string | null = null): ReturnType<typeof mounted> =>
    mounted(MarginRulers, { rulers: [heat, bow], selected }, { emits: ['working'] });

  it('says the need and each filament with its value; one that needs more than the first says so', () => {
    const { element } = view();
    const said = element.querySelector('svg')!.getAttribute('aria-label')!;
    expect(said).toBe('Heat: ASA 98, PLA 55, PETG 70, needs 72; need 60 °C');
    expect(element.querySelectorAll('.need.own')).toHaveLength(1);
  });

  it('marks with a cross what falls short, by the side that is better', () => {
    const [hot, bowed] = view().element.querySelectorAll('svg');
    const misses = (svg: Element): boolean[] =>
      [...svg.querySelectorAll('.at')].map(p => p.classList.contains('miss'));
    expect(misses(hot!)).toEqual([false, true, true]);
    expect(misses(bowed!)).toEqual([true]);
  });

  it('draws bars in the order of their values, on one scale with the need', () => {
    const svg = view().element.querySelector('svg')!;
    const [asa, pla, petg] = [...svg.querySelectorAll('rect')].map(r => Number(r.getAttribute('x')));
    expect(pla).toBeLessThan(petg!);
    expect(petg).toBeLessThan(asa!);
    const need = Number([...svg.querySelectorAll('.need')].at(-1)!.getAttribute('x1'));
    // 60 °C lies between the lowest of PLA, 47 °C, and the lowest of PETG, 62 °C.
    expect(need).toBeGreaterThan(pla!);
    expect(need).toBeLessThan(petg!);
  });

  it('opens the working of a bar by mouse and by key, and shows which filament is chosen', async () => {
    const rulers = view('pla');
    expect(rulers.element.querySelectorAll('.bar.chosen')).toHaveLength(1);
    const name = rulers.getByRole('button', { name: 'Working of Heat, PLA' });
    await fireEvent.click(name);
    await fireEvent.keyDown(name, { key: 'Enter' });
    expect(rulers.said.working).toEqual([
      [expect.objectContaining({ id: 'heat' }), 'pla'],
      [expect.objectContaining({ id: 'heat' }), 'pla'],
    ]);
  });
});
