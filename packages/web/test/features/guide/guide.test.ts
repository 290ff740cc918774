import { describe, expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { pages, partPages, workshopPages } from '../../../src/app/pages';
import { routesWith } from '../../../src/app/routes';
import { guideChapters, searchGuide } from '../../../src/features/guide/guide-html';

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

  it('is searched by the beginnings of words, a chapter of that name first', () => {
    const chapters = guideChapters();
    const drills = searchGuide(chapters, 'drills');
    expect(drills[0]!.chapter).toBe('Drills');
    const creep = searchGuide(chapters, 'creep');
    expect(creep.map(f => f.chapter)).toContain('Words of the trade');
    for (const f of creep) expect(f.sentence.toLowerCase()).toMatch(/creep/);
    // Each word has to stand in the sentence.
    const both = searchGuide(chapters, 'Spool dry');
    expect(both.length).toBeGreaterThan(0);
    for (const f of both) expect(f.sentence).toMatch(/spool/i);
    expect(searchGuide(chapters, '  ')).toEqual([]);
    expect(searchGuide(chapters, 'zzz (')).toEqual([]);
    // A word within another is not what was meant.
    expect(searchGuide(chapters, 'reep')).toEqual([]);
  });

  it('stands as text that is laid out, and leads nowhere outside', () => {
    for (const { title, html } of guideChapters()) {
      expect([title, html.length > 100]).toEqual([title, true]);
      expect(html).not.toMatch(/https?:|<script|<img/);
    }
    expect(guideChapters().find(c => c.title === 'Drills')!.html).toContain('<em>Working</em>');
  });
});
