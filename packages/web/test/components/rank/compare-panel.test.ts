import { parseBrief } from '@hornblende/core/brief';
import { families, gradeFamily, parseGrade } from '@hornblende/core/materials';
import { rank, type Candidate } from '@hornblende/core/score';
import { describe, expect, it } from 'vitest';
import ComparePanel from '../../../src/features/rank/ComparePanel.vue';
import { mounted } from '../mounted';

const brief = parseBrief({
  format: 'hornblende-brief',
  version: 1,
  name: 'Bracket',
  heat: { setting: 'outdoors' },
  sun: 'full',
});
const grade = gradeFamily(
  parseGrade({ format: 'hornblende-grade', version: 1, key: 'fell-asa', name: 'Fell ASA', family: 'asa' }),
);
const { candidates } = rank(brief, { families: [...families, grade] });
/** The first candidate's cell of a criterion. */
const cellOf = (element: HTMLElement, criterion: string): HTMLElement =>
  [...element.querySelectorAll('tr')]
    .find(row => row.textContent.trim().startsWith(criterion))!
    .querySelectorAll('td')[1]!;
const chosen = (element: HTMLElement): string[] =>
  [...element.querySelectorAll('.ant-select-selection-item')].map(e => e.textContent.trim());

describe('two compared', () => {
  it('begins with the first choice and the best of another family, not with its own grade', () => {
    const [first] = candidates;
    const rival = candidates.find(c => c.rank !== null && c.family !== first!.family)!;
    const view = mounted(ComparePanel, { candidates, selected: first!.material });
    expect(chosen(view.element)).toEqual([first!.name, rival.name]);
  });

  it('takes the one that is selected, and shows each criterion with its unit, what differs most first', () => {
    const petg = candidates.find(c => c.material === 'petg')!;
    const view = mounted(ComparePanel, { candidates, selected: 'petg' });
    expect(chosen(view.element)[1]).toMatch(new RegExp(`^${petg.name}`));
    const worth = [...view.element.querySelectorAll('.worth')].map(e => e.textContent);
    const figures = worth.filter(w => w !== 'as good').map(w => Number(w.replace(/[^\d.]/g, '')));
    expect(figures.length).toBeGreaterThan(0);
    expect(figures).toEqual([...figures].sort((x, y) => y - x));
    // What is alike stands last, and no row says 0.000.
    expect(worth.slice(figures.length).every(w => w === 'as good')).toBe(true);
    expect(worth.join()).not.toContain('0.000');
    // Figure and unit stand apart.
    const [, figure, unit] = /^([\d.]+)(.*)$/.exec(cellOf(view.element, 'Heat').textContent.trim())!;
    expect(Number(figure)).toBeGreaterThan(0);
    expect(unit!.trim()).toBe('K');
    expect(cellOf(view.element, 'Heat').querySelector('.unit')?.textContent).toBe('K');
  });

  it('asks for two where there is one', () => {
    const one: Candidate[] = candidates.slice(0, 1);
    const view = mounted(ComparePanel, { candidates: one, selected: one[0]!.material });
    expect(view.element.textContent).toContain('Choose two different filaments.');
  });
});
