import { describe, expect, it } from 'vitest';
import { chapterOf } from '../../../src/features/guide/guide-chapter';
import { guideChapters } from '../../../src/features/guide/guide-html';

describe('the guide', () => {
  const titles = guideChapters().map(c => c.title);

  it('has a chapter for every page', () => {
    const pages = [
      '/parts',
      '/parts/p1/brief',
      '/parts/p1/rank',
      '/parts/p1/decision',
      '/parts/p1/shape',
      '/parts/p1/warp',
      '/parts/p1/card',
      '/parts/p1/trial',
      '/service',
      '/service/x/look',
      '/pair',
      '/s/ABCD',
      '/fix',
      '/drills',
      '/library',
      '/library/petg',
      '/workshop',
      '/workshop/bench',
      '/settings',
      '/nowhere',
    ];
    for (const path of pages) expect([path, titles.includes(chapterOf({ path }))]).toEqual([path, true]);
    expect(chapterOf({ path: '/parts/p1/rank' })).toBe('The ranking');
    expect(chapterOf({ path: '/workshop/bench' })).toBe('The bench');
    expect(chapterOf({ path: '/workshop/spools' })).toBe('The workshop');
  });

  it('stands as text that is laid out, and leads nowhere outside', () => {
    for (const { title, html } of guideChapters()) {
      expect([title, html.length > 100]).toEqual([title, true]);
      expect(html).not.toMatch(/https?:|<script|<img/);
    }
    expect(guideChapters().find(c => c.title === 'Drills')!.html).toContain('<em>Working</em>');
  });
});
