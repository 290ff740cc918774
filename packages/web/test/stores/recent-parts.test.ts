import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { useRecentParts } from '../../src/stores/recent-parts';
import { stubBrowserStore } from '../browser-store';

describe('the parts that were open lately', () => {
  beforeEach(() => {
    stubBrowserStore();
    setActivePinia(createPinia());
  });
  it('are the last five, each once, the last first, under the name that it has now', () => {
    const recent = useRecentParts();
    for (const n of [1, 2, 3, 4, 5, 6]) recent.remember(`p${n}`, `Part ${n}`);
    recent.remember('p3', 'Part three');
    expect(recent.list.map(p => p.id)).toEqual(['p3', 'p6', 'p5', 'p4', 'p2']);
    expect(recent.list[0]).toEqual({ id: 'p3', name: 'Part three' });
  });
  it('forget what is gone', () => {
    const recent = useRecentParts();
    recent.remember('p1', 'One');
    recent.forget('p1');
    expect(recent.list).toEqual([]);
  });
});
