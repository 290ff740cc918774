import type { Family } from '../materials/family.js';
import type { Sheet } from './sheet.js';
import { familyCard } from '../advice/family-card.js';
import type { ChooserCell, ChooserPick } from '../advice/chooser.js';
import { statusMark } from '../score/status-mark.js';

/** A row of the chooser as a sheet has it: what is needed, in words, and its cells. */
export interface ChooserSheetRow {
  label: string;
  means: string;
  cells: readonly ChooserCell[];
}

/** What a chooser's sheet is made of. */
export interface ChooserSheetInput {
  columns: readonly string[];
  rows: readonly ChooserSheetRow[];
  /** A filament that is named in it, by its key. */
  find: (material: string) => Family | undefined;
  /** A sentence in the reader's units. */
  say: (text: string) => string;
  /** A temperature in the reader's units. */
  temperature: (celsius: number) => string;
}

/** What a cell says where no filament does it. */
const NOTHING = `${statusMark.out} nothing here`;

/** What a cell says in a few words: first choice, then the second; or that nothing does it, and what is nearest. */
export function chooserWords({ first, second, letsIn }: ChooserCell): string {
  const named = ({ name, status }: ChooserPick): string => `${statusMark[status]} ${name}`;
  if (first) return second ? `${named(first)}, then ${named(second)}` : named(first);
  return letsIn ? `${NOTHING}; nearest is ${letsIn.name}` : NOTHING;
}

/**
 * The chooser as a sheet for the wall: what to reach for on each machine, and of every filament that is named there its
 * temperatures, what it is for and what to watch. For a class, or for whoever prints here for the first time.
 */
export function chooserSheet({ columns, rows, find, say, temperature }: ChooserSheetInput): Sheet {
  const picks = rows.flatMap(r => r.cells).flatMap(c => [c.first, c.second]);
  const named = [...new Set(picks.flatMap(p => (p ? [p.material] : [])))].flatMap(m => find(m) ?? []);
  return {
    title: 'What to reach for',
    lead:
      'Each row is a usual part, ranked on each machine as parts of one’s own are: the first choice, then the best ' +
      'of another family. ● does it with room to spare, ◐ only just or at some risk, ○ nothing here does it.',
    facts: [],
    sections: [
      {
        title: 'What is it for?',
        table: {
          head: ['What is needed', ...columns],
          rows: rows.map(r => [`${r.label}: ${say(r.means)}`, ...r.cells.map(chooserWords)]),
        },
      },
      {
        title: 'The filaments that are named',
        table: {
          head: ['Filament', 'Nozzle', 'Bed', 'For', 'To watch'],
          rows: named.map(f => [f.name, ...windowsOf(f, temperature), ...sentencesOf(f).map(say)]),
        },
      },
    ],
    notice:
      'The parts are typical, and the figures are those of families and grades as they stand in this library. A ' +
      'part of one’s own has a brief of its own: where somebody could be hurt, local codes and whoever is licensed ' +
      'decide.',
  };
}

function windowsOf({ windows }: Family, temperature: (celsius: number) => string): string[] {
  return [windows.nozzleC, windows.bedC].map(w => `${temperature(w.low)} to ${temperature(w.high)}`);
}

function sentencesOf(f: Family): string[] {
  const card = familyCard(f);
  return [card.for[0] ?? '', card.watch[0] ?? ''];
}
