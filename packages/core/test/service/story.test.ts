import { describe, expect, it } from 'vitest';
import { sheetHtml, sheetMarkdown, type Sheet } from '../../src/records/sheet.js';
import { parseInspection, type Inspection } from '../../src/service/inspection.js';
import { seenWords } from '../../src/service/place-words.js';
import { parsePlacement } from '../../src/service/placement.js';
import { serviceStanding } from '../../src/service/standing.js';
import { storySheet } from '../../src/service/story.js';

const sha = 'a'.repeat(64);
const placement = parsePlacement({
  format: 'hornblende-service',
  version: 1,
  name: 'Foot <left>',
  materials: [{ material: 'asa' }],
  place: { where: 'Hill stand | 3', sun: 'full', water: 'rain', aspect: 'south', load: 'held' },
  since: '2022-05-01',
  photos: [{ sha256: sha }],
});
const look = (change: object): Inspection =>
  parseInspection({
    id: 'look-0001',
    placementId: 'p',
    at: '2024-05-01T10:00:00Z',
    verdict: 'fine',
    ...change,
  });
const looks = [
  look({
    id: 'look-0002',
    at: '2026-05-01T10:00:00Z',
    verdict: 'failed',
    mode: 'cracked',
    cracks: 'through',
    crackedAt: 'at the rib',
    by: 'R. Thwaite',
  }),
  look({ bentMm: 2, bentOverMm: 60, nail: 'marks', fading: 'paler' }),
  look({ id: 'look-0003', struck: true, note: 'a slip' }),
];
const story = (): Sheet =>
  storySheet({ placement, standing: serviceStanding(placement, looks, '2026-06-01') }, looks, key =>
    key.toUpperCase(),
  );

describe('the story of a part', () => {
  it('is told from its first day on, without what was struck', () => {
    expect(story().sections[0]!.table!.rows.map(r => r.slice(0, 2))).toEqual([
      ['1 May 2022', 'placed'],
      ['1 May 2024', 'fine'],
      ['1 May 2026', 'failed'],
    ]);
    expect(story().lead).toMatch(/^Cracked after 4(\.0)? years\.$/);
    expect(story().facts).toContainEqual(['Of', 'ASA, medium']);
    expect(story().facts).toContainEqual(['Where', 'Hill stand | 3: outdoors, full sun, facing south, rain']);
  });

  it('says what was seen in words, and nothing where nothing was', () => {
    expect(seenWords(looks[1]!)).toBe('bent by 2 mm over 60 mm; a nail marks it; paler');
    expect(seenWords(look({}))).toBe('');
    expect(story().sections[0]!.table!.rows[2]!.slice(2)).toEqual([
      'cracked; cracked through at the rib',
      'R. Thwaite',
    ]);
  });

  it('stands as Markdown, no cell broken by what was typed', () => {
    const text = sheetMarkdown(story());
    expect(text).toContain('| 1 May 2026 | failed |');
    expect(text.split('\n').filter(l => l.startsWith('| 1 May 20'))).toHaveLength(3);
    expect(text).toContain('Hill stand \\| 3');
    expect(text).toContain('not certification');
  });

  it('stands as a page with the photographs that are there, and asks for nothing', () => {
    const page = sheetHtml(story(), new Map([[sha, 'data:image/png;base64,AAAA']]));
    expect(page).toContain('<img src="data:image/png;base64,AAAA"');
    expect(page).not.toContain('Foot <left>');
    expect(page).not.toMatch(/https?:|<script/);
    expect(sheetHtml(story(), new Map())).not.toContain('Through the years');
  });
});
