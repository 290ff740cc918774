import { timesIn100 } from '../lib/chance-words.js';
import { dayWords } from '../lib/day-words.js';
import { sig } from '../lib/figures.js';
import type { Sheet } from '../records/sheet.js';
import { CERTIFICATION_NOTICE } from '../score/cautions.js';
import { trialAnswer } from './answer.js';
import type { TrialCompareResult, TrialMean } from './compare.js';
import { breakingsOf } from './breakings.js';
import { trialCorrections, trialDifferences } from './corrections.js';
import { foreignStandings } from './foreign.js';
import type { Trial, TrialCriterion } from './trial.js';
import { wantedWords } from './wanted-words.js';

/**
 * A trial on paper: what was measured with its intervals, what was put out and why, what it came to.
 * @param nameInLibrary what a family or grade is called
 */
export function trialSheet(trial: Trial, nameInLibrary: (key: string) => string): Sheet {
  const nameOf = (key: string): string =>
    trial.entrants.find(e => e.material === key)?.foreign?.name ?? nameInLibrary(key);
  const answer = trialAnswer(trial);
  const out = trial.entrants.filter(e => e.eliminated !== null);
  const corrections = trialCorrections(trial);
  const differences = trialDifferences(trial);
  const foreign = foreignStandings(trial);
  const broke = breakingsOf(trial);
  const labelOf = (id: string): string => trial.criteria.find(c => c.id === id)?.label ?? id;
  return {
    title: trial.name,
    lead: leadOf(trial, answer, nameOf),
    facts: [
      ...(trial.piece ? ([['Printed', trial.piece]] as const) : []),
      ...(trial.heldSame ? ([['Held the same', trial.heldSame]] as const) : []),
      ['Of each', `${trial.replicates} ${trial.replicates === 1 ? 'print' : 'prints'}`],
      ['Weights', trial.criteria.map(c => `${c.label.toLowerCase()} ${sig(c.weight, 2)}`).join(', ')],
    ],
    sections: [
      {
        title: 'What was measured',
        paragraphs: ['Means with their 95 % intervals, and how many readings count.'],
        table: {
          head: ['Filament', ...trial.criteria.map(headOf)],
          rows: answer.ranking.map(p => [nameOf(p.key), ...trial.criteria.map(c => meanText(p.means[c.id]))]),
        },
      },
      {
        title: 'How it stands',
        table: {
          head: ['Filament', 'Weighted result', 'Best, in 100', 'Did not pass'],
          rows: answer.ranking.map(p => [
            nameOf(p.key),
            p.rank === null ? 'out' : sig(p.score, 2),
            String(Math.round(100 * (answer.pBest[p.key] ?? 0))),
            p.failed.join(', '),
          ]),
        },
      },
      ...(broke.length
        ? [
            {
              title: 'How the pieces gave way',
              paragraphs: broke.map(b => `${nameOf(b.material)}: ${b.words}.`),
            },
          ]
        : []),
      ...(foreign.length
        ? [
            {
              title: 'From elsewhere',
              table: {
                head: ['What', 'Price each', 'What it asks besides', 'Did not keep'],
                rows: foreign.map(f => [
                  f.name,
                  f.priceEach === null ? 'not known' : sig(f.priceEach, 3),
                  f.needs,
                  f.broken.join('; '),
                ]),
              },
            },
          ]
        : []),
      ...(out.length
        ? [
            {
              title: 'Put out',
              table: {
                head: ['Filament', 'Why'],
                rows: out.map(e => [nameOf(e.material), e.eliminated ?? '']),
              },
            },
          ]
        : []),
      ...(corrections.length
        ? [
            {
              title: 'Brought to how the others were printed',
              paragraphs: corrections.map(c => `${nameOf(c.material)}, ${labelOf(c.criterion)}: ${c.why}.`),
            },
          ]
        : []),
      ...(differences.length
        ? [
            {
              title: 'Printed otherwise, and not corrected for',
              paragraphs: differences.map(d => `${nameOf(d.material)}: ${d.words}`),
            },
          ]
        : []),
    ],
    notice: CERTIFICATION_NOTICE,
  };
}

function leadOf({ decided }: Trial, answer: TrialCompareResult, nameOf: (key: string) => string): string {
  if (decided) {
    const second = decided.second ? `, then ${nameOf(decided.second)}` : '';
    return `Decided on ${dayWords(decided.at)}: ${nameOf(decided.first)}${second}. ${decided.reason}`;
  }
  const { firstChoice } = answer;
  if (firstChoice === null) return 'Open: nothing is left in the running.';
  const chance = timesIn100(answer.pBest[firstChoice] ?? 0);
  return `Open: ${nameOf(firstChoice)} leads, the best by the weights ${chance}.`;
}

function headOf(criterion: TrialCriterion): string {
  const { label, unit } = criterion;
  return `${label}${unit ? `, ${unit}` : ''} (${wantedWords(criterion)})`;
}

function meanText(m: TrialMean | undefined): string {
  if (!m || m.n === 0) return 'not read';
  const range = m.low === null || m.high === null ? '' : ` (${sig(m.low, 3)} to ${sig(m.high, 3)})`;
  return `${sig(m.mean, 3)}${range}, ${m.n}`;
}
