import { describe, expect, it } from 'vitest';
import { chooserBrief, chooserNeeds } from '../../src/advice/chooser-needs.js';
import { chooserCell, type ChooserCell } from '../../src/advice/chooser.js';
import { familyByKey } from '../../src/materials/library.js';
import { chooserSheet, chooserWords } from '../../src/records/chooser-sheet.js';
import { sheetMarkdown } from '../../src/records/sheet.js';
import { rank } from '../../src/score/rank.js';
import { parsePrinter } from '../../src/workshop/printer.js';

const needOf = (id: string): (typeof chooserNeeds)[number] => chooserNeeds.find(n => n.id === id)!;
const plain = parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Plain', drive: 'bowden' });
const cellOf = (id: string, printer: Parameters<typeof rank>[1] = {}): ChooserCell =>
  chooserCell(rank(chooserBrief(needOf(id)), printer));

describe('what filaments are wanted for', () => {
  it('has a name, a sentence and a brief that can be read, each its own', () => {
    expect(new Set(chooserNeeds.map(n => n.id)).size).toBe(chooserNeeds.length);
    for (const need of chooserNeeds) {
      expect(chooserBrief(need).name).toBe(need.label);
      expect(need.means).toMatch(/^[A-Z].+\.$/);
    }
  });

  // What somebody who prints for a living reaches for, where any machine may print it.
  it.each([
    ['first-print', ['pla']],
    ['sun', ['asa']],
    ['hot-car', ['abs', 'asa']],
    ['knocks', ['pla-tough', 'petg']],
    ['rubber', ['tpu-85a', 'tpu-95a']],
    ['clip', ['petg']],
    ['gear', ['pa-copolymer', 'pa12', 'pa612']],
    ['water', ['petg']],
    ['true', ['pla']],
    ['clear', ['petg']],
    ['food', ['petg', 'pp']],
    ['light', ['pla-foam', 'pp-light', 'hips']],
    ['no-smell', ['pla', 'petg']],
  ])('answers %s with what is reached for', (id, reached) => {
    const { first, second, letsIn } = cellOf(id);
    expect(reached).toContain(first!.family);
    expect(first!.status).toBe('fits');
    expect(second!.family).not.toBe(first!.family);
    expect(letsIn).toBeNull();
  });

  it('answers by the machine: a gear is no nylon on a plain one', () => {
    const here = cellOf('gear', { printer: plain });
    expect(here.first?.family).not.toMatch(/^pa/);
    expect(here.first?.status).not.toBe('fits');
  });
});

describe('a cell of the chooser', () => {
  const ranking = rank(chooserBrief(needOf('rubber')));
  it('is the first choice of the ranking, and the best of another family', () => {
    const running = ranking.candidates.filter(c => c.rank !== null);
    const { first, second } = chooserCell(ranking);
    expect(first).toMatchObject({ material: running[0]!.material, score: running[0]!.score });
    expect(second!.material).toBe(running.find(c => c.family !== running[0]!.family)!.material);
  });
  it('counts those alone that are asked for', () => {
    expect(chooserCell(ranking, c => c.family === 'tpu-95a').first!.material).toBe('tpu-95a');
  });
  it('names the nearest and what would let it in where nothing does it', () => {
    const { first, letsIn } = chooserCell(ranking, c => ['pla', 'petg'].includes(c.material));
    expect(first).toBeNull();
    expect(['PLA', 'PETG']).toContain(letsIn!.name);
    expect(letsIn!.words.length).toBeGreaterThan(0);
    expect(letsIn!.words.join()).toMatch(/\w+/);
  });
  it('is empty where nobody counts', () => {
    expect(chooserCell(ranking, () => false)).toEqual({ first: null, second: null, letsIn: null });
  });
});

describe('the chooser as a sheet', () => {
  const cells = [cellOf('clear'), chooserCell({ candidates: [] })];
  const sheet = chooserSheet({
    columns: ['Any machine', 'None'],
    rows: [{ label: 'Clear', means: 'A cover.', cells }],
    find: familyByKey,
    say: text => text,
    temperature: c => `${c} °C`,
  });
  it('says in few words what each cell comes to', () => {
    expect(chooserWords(cells[0]!)).toMatch(/^● PETG, then /);
    expect(chooserWords(cells[1]!)).toBe('○ nothing here');
  });
  it('has a row a need, and of each filament named its temperatures, what it is for and what to watch', () => {
    const text = sheetMarkdown(sheet);
    expect(text).toContain('| Clear: A cover. | ● PETG, then');
    const petg = sheet.sections[1]!.table!.rows.find(r => r[0] === 'PETG')!;
    const { low, high } = familyByKey('petg')!.windows.nozzleC;
    expect(petg[1]).toBe(`${low} °C to ${high} °C`);
    expect(petg.slice(3).every(s => s.length > 10)).toBe(true);
  });
});
