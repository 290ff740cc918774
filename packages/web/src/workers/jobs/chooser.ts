import { chooserBrief, chooserCell, chooserNeeds, type ChooserCell } from '@hornblende/core/advice';
import type { Printer } from '@hornblende/core/formats';
import type { Progress } from '../job';
import { entrantsOf, ranked, type Ground } from './entrants';

/** The machines that a workshop has, and what its rankings rest on. */
export interface ChooserQuestion extends Ground {
  /** Null for one of which nothing is known. */
  printers: (Printer | null)[];
  /** The machine that what is on the shelf is printed on, by its place among them. */
  usual: number;
}

/** What one need is answered with: on each machine, and from the shelf on the usual one. */
export interface ChooserRow {
  need: string;
  cells: ChooserCell[];
  shelf: ChooserCell;
}

/** Ranks the part that stands for each need on every machine. */
export function run(question: ChooserQuestion, progress: Progress): ChooserRow[] {
  const { printers, usual, spools } = question;
  const entrants = entrantsOf(question);
  const onShelf = new Set(spools.filter(s => !s.archived).map(s => s.material));
  return chooserNeeds.map((need, i) => {
    const brief = chooserBrief(need);
    const rankings = printers.map(
      printer => ranked({ brief, printer, weather: null }, entrants, onShelf).ranking,
    );
    progress(i + 1, chooserNeeds.length);
    return {
      need: need.id,
      cells: rankings.map(r => chooserCell(r)),
      shelf: chooserCell(rankings[usual]!, c => onShelf.has(c.material)),
    };
  });
}
