import { describe, expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { pages, partPages, workshopPages } from '../../../src/app/pages';
import { routesWith } from '../../../src/app/routes';
import { synonyms } from '../../../src/ui/synonyms';
import { finds } from '../../../src/ui/search-words';
import { explained, glossaryWords, termPieces } from '../../../src/ui/glossary';
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
    expect(creep[0]!.sentence.toLowerCase()).toMatch(/creep/);
    // Each word has to stand in the sentence.
    const both = searchGuide(chapters, 'Spool dry');
    expect(both.length).toBeGreaterThan(0);
    for (const f of both) expect(f.sentence).toMatch(/spool/i);
    expect(searchGuide(chapters, '  ')).toEqual([]);
    expect(searchGuide(chapters, 'zzz (')).toEqual([]);
    // A word within another is not what was meant.
    expect(searchGuide(chapters, 'reep')).toEqual([]);
  });

  it('is searched by what else things are called, what says it as typed first', () => {
    const chapters = guideChapters();
    const walls = searchGuide(chapters, 'perimeters');
    expect(walls.length).toBeGreaterThan(0);
    for (const f of walls) expect(f.sentence).toMatch(/wall/i);
    expect(searchGuide(chapters, 'UV').map(f => f.sentence)).toEqual(
      expect.arrayContaining([expect.stringMatching(/sun/i)]),
    );
    // Words that belong together are one thing, and each thing has to be there.
    const reels = searchGuide(chapters, 'damp reel');
    expect(reels.length).toBeGreaterThan(0);
    for (const f of reels) expect(f.sentence).toMatch(/spool/i);
    const lifts = searchGuide(chapters, 'lifts');
    expect(lifts[0]!.sentence.toLowerCase()).toContain('lifts');
  });
  it('knows another word for nothing that is not said, and no word twice in a row of them', () => {
    const said = guideChapters();
    for (const row of synonyms) {
      expect([row, new Set(row).size]).toEqual([row, row.length]);
      const plainly = new RegExp(`(?<!\\p{L})${row[0]}`, 'iu');
      expect([row[0], said.some(c => plainly.test(c.html))]).toEqual([row[0], true]);
    }
    expect(finds('   ')).toBeNull();
    expect(finds('perimeters')!('Three walls carry it.')).toBe(true);
    expect(finds('perimeters thick')!('Three walls carry it.')).toBe(false);
  });

  it('stands as text that is laid out, and leads nowhere outside', () => {
    for (const { title, html } of guideChapters()) {
      expect([title, html.length > 100]).toEqual([title, true]);
      expect(html).not.toMatch(/https?:|<script/);
      // A picture of ours, told in words.
      for (const img of html.match(/<img[^>]*>/g) ?? [])
        expect(img).toMatch(/src="\/[^"]+\.png" alt="[^"]{10,}"/);
    }
    expect(guideChapters().find(c => c.title === 'Drills')!.html).toContain('<em>Working</em>');
  });
});

describe('chapters', () => {
  const chapters = guideChapters();
  it('have a picture each, but the words of the trade, and headings that are led to', () => {
    const without = chapters.filter(c => !c.html.includes('<img')).map(c => c.title);
    expect(without).toEqual(['Words of the trade']);
    const bench = chapters.find(c => c.title === 'The bench')!;
    expect(bench.sections.map(s => s.title)).toContain('Coupons');
    for (const c of chapters) for (const { id } of c.sections) expect(c.html).toContain(`id="${id}"`);
  });
  it('are told in paragraphs that one reads at one go', () => {
    for (const { title, html } of chapters)
      for (const p of html.match(/<p>.*?<\/p>/gs) ?? [])
        expect([title, p.slice(0, 60), p.length < 1200]).toEqual([title, p.slice(0, 60), true]);
  });
});

describe('words of the trade', () => {
  it('are each explained by the guide, in a sentence', async () => {
    for (const word of glossaryWords) {
      const said = await explained(word);
      expect([word, said.toLowerCase().includes(word.toLowerCase())]).toEqual([word, true]);
      expect(said).toMatch(/\.$/);
      expect(said).not.toContain('*');
    }
  });
  it('are found in a text the first time that they stand there, and not within another word', () => {
    expect(termPieces('Creep counts, for creep goes on; a brim helps.')).toEqual([
      { text: 'Creep', word: 'creep' },
      { text: ' counts, for creep goes on; a ', word: null },
      { text: 'brim', word: 'brim' },
      { text: ' helps.', word: null },
    ]);
    expect(termPieces('Overhangs')).toEqual([{ text: 'Overhangs', word: 'overhang' }]);
    expect(termPieces('warping, impacted, aircraft')).toEqual([
      { text: 'warping, impacted, aircraft', word: null },
    ]);
    expect(termPieces('')).toEqual([]);
  });
});
