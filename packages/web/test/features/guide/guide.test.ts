import { describe, expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { pages, partPages, workshopPages } from '../../../src/app/pages';
import { routesWith } from '../../../src/app/routes';
import { guideChapters } from '../../../src/features/guide/guide-html';

describe('the guide', () => {
  const titles = guideChapters().map(c => c.title);

  it('has a chapter for every page', () => {
    const all = [...pages, ...partPages, ...workshopPages];
    expect(all.length).toBeGreaterThan(20);
    for (const { path, chapter } of all) expect([path, titles.includes(chapter)]).toEqual([path, true]);
    const router = createRouter({ history: createMemoryHistory(), routes: routesWith({}) });
    const chapterAt = (path: string): unknown => router.resolve(path).meta.chapter;
    expect(chapterAt('/parts/p1/rank')).toBe('The ranking');
    expect(chapterAt('/workshop/bench')).toBe('The bench');
    expect(chapterAt('/workshop/spools')).toBe('The workshop');
    expect(chapterAt('/library/petg')).toBe('The library');
    expect(chapterAt('/nowhere')).toBe('The brief');
  });
  it('is told by no two keys, and every page in the rail has one but the settings', () => {
    const keys = [...pages, ...partPages].flatMap(p => (p.key ? [p.key.letter] : []));
    expect(new Set(keys).size).toBe(keys.length);
    const without = [...pages, ...partPages].filter(p => p.rail && !p.key).map(p => p.path);
    expect(without).toEqual(['/settings']);
  });

  it('stands as text that is laid out, and leads nowhere outside', () => {
    for (const { title, html } of guideChapters()) {
      expect([title, html.length > 100]).toEqual([title, true]);
      expect(html).not.toMatch(/https?:|<script|<img/);
    }
    expect(guideChapters().find(c => c.title === 'Drills')!.html).toContain('<em>Working</em>');
  });
});
