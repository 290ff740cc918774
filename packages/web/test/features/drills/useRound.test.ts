import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useRound } from '../../../src/features/drills/useRound';
import { sureText } from '../../../src/features/drills/sure-words';
import { useDrills } from '../../../src/stores/drills';
import { stubBrowserStore } from '../../browser-store';

beforeEach(() => {
  setActivePinia(createPinia());
  stubBrowserStore();
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')));
});

describe('a round of drills', () => {
  it('asks ten, one after another, and keeps what was answered', () => {
    const round = useRound();
    expect(round.isOn.value).toBe(false);
    round.begin();
    expect(round.planned.value).toHaveLength(10);
    for (let n = 0; n < 10; n++) {
      // Nothing is said before something is chosen, and nothing goes on before it is said.
      round.say(0.9);
      expect(round.said.value).toBeNull();
      round.next();
      expect(round.at.value).toBe(n);
      round.choose(0);
      round.say(round.levels.value.at(-1)!);
      round.choose(1);
      expect(round.chosen.value).toBe(0);
      round.say(0.5);
      expect(round.answered.value).toHaveLength(n + 1);
      round.next();
    }
    expect(round.isOver.value).toBe(true);
    expect(round.drill.value).toBeNull();
    const { mine } = useDrills();
    expect(mine).toHaveLength(10);
    expect(mine.every(a => a.sure === 0.99)).toBe(true);
    const right = round.answered.value.filter(a => a.chosen === a.drill.right).length;
    expect(mine.filter(a => a.right)).toHaveLength(right);
    round.stop();
    expect(round.isOn.value).toBe(false);
  });

  it('is the same for all who say the same word', () => {
    const mine = useRound();
    const yours = useRound();
    mine.beginClass('Thursday');
    yours.beginClass('thursday ');
    expect(yours.planned.value).toEqual(mine.planned.value);
    expect(yours.drill.value).toEqual(mine.drill.value);
  });

  it('drills one kind where that is asked for, and chooses nothing that is not there', () => {
    const round = useRound();
    round.begin('walls-or-infill');
    expect(new Set(round.planned.value.map(p => p.kind))).toEqual(new Set(['walls-or-infill']));
    round.choose(3);
    expect(round.chosen.value).toBeNull();
    // Of two, less than a half would be more than a guess the other way.
    expect(round.levels.value).toEqual([0.5, 0.7, 0.9, 0.99]);
  });

  it('says how sure in words', () => {
    expect([0.25, 0.5, 0.7, 0.99].map(sureText)).toEqual(['a guess', '50 %', '70 %', 'certain']);
  });
});
