import { schools, type School } from '../../brief/choices.js';
import { sig } from '../../lib/figures.js';
import type { Candidate } from '../../score/candidate.js';
import { gateLabel } from '../../score/gate.js';
import { rank } from '../../score/rank.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';
import { drawPrinter, drawScenario } from '../scenario.js';

/** What people reach for: those among which a choice is a question. */
const known = [
  'pla',
  'petg',
  'abs',
  'asa',
  'pc',
  'pa12',
  'pa6',
  'pp',
  'tpu-95a',
  'pa6-cf',
  'petg-cf',
  'pc-blend',
];
/** What of them is most people's first thought. */
const favourites = ['pla', 'petg', 'asa'];
/** How far the next must lie behind: in score, and in print difficulty. */
const CLEAR_LEAD = { score: 0.04, difficulty: 0.4 };
const OPTIONS = 4;

const names: Record<School, string> = {
  'step-up': 'by the step-up school: the easiest to print that passes everything with room',
  weighted: 'by the weighted school: the best trade-off',
  'weakest-link': 'by the weakest-link school: the best of the worst margins',
};

/** How far one stands ahead of another in a school; null where only a tie-break parts them. */
function lead(first: Candidate, other: Candidate, school: School): number | null {
  // What passes with room stands before what only just passes, whatever it scores.
  if (first.standing !== other.standing) return 1;
  const gap =
    school === 'step-up'
      ? (other.printing.difficulty - first.printing.difficulty) / CLEAR_LEAD.difficulty
      : (first.rating - other.rating) / CLEAR_LEAD.score;
  return gap >= 1 ? gap : null;
}

/** A part, a printer, a school: which filament first, and why not the favourite? */
export const firstFilament: DrillMaker = {
  kind: 'first-filament',
  make(ask) {
    const scene = drawScenario(ask);
    const printer = drawPrinter(ask);
    const school = ask.pick(schools);
    const { candidates } = rank(scene.brief, { printer, school });
    const [first] = candidates;
    if (!first || first.rank !== 1 || first.status !== 'fits') return null;
    // Only what is clearly behind is set beside it: of two that are as good, neither is wrong.
    const behind = candidates.filter(c => known.includes(c.material) && lead(first, c, school) !== null);
    const favourite = behind.find(c => favourites.includes(c.material));
    if (!favourite || behind.length < OPTIONS - 1) return null;
    const rest = ask.shuffled(behind.filter(c => c !== favourite)).slice(0, OPTIONS - 2);
    const off = Math.min(...[favourite, ...rest].map(c => lead(first, c, school)!));
    return {
      question: `Which of these first, ${names[school]}?`,
      given: [...scene.given, `On this printer: ${printer.name.toLowerCase()}.`],
      ...shuffledOptions(
        ask,
        first.name,
        [favourite, ...rest].map(c => c.name),
      ),
      why: `${first.name}: ${first.for.join(' ')} ${whyNot(favourite, first, school)}`,
      margin: {
        what: 'the next of these is behind by',
        off,
        tolerance: 1,
        unit: school === 'step-up' ? '× 0.4 difficulty' : '× 0.04 of score',
      },
      refs: [{ model: 'score.rank', inputs: { brief: scene.brief, printer, school } }],
      lab: 'rank',
    };
  },
};

function whyNot(other: Candidate, first: Candidate, school: School): string {
  const failed =
    other.gates.find(g => g.verdict === 'fail') ?? other.gates.find(g => g.verdict === 'marginal');
  if (failed) return `Not ${other.name}, for ${gateLabel(failed.id).toLowerCase()}: ${failed.why}`;
  if (school === 'step-up')
    return (
      `Not ${other.name}: it asks for more (difficulty ${sig(other.printing.difficulty, 2)} against ` +
      `${sig(first.printing.difficulty, 2)}).`
    );
  return `Not ${other.name}: it scores ${sig(other.rating, 2)} against ${sig(first.rating, 2)}.`;
}
