import { sig } from '../../lib/figures.js';
import { familyByKey } from '../../materials/library.js';
import { FaultContext } from '../../triage/fault-context.js';
import { Fault } from '../../triage/fault.js';
import { causes } from '../../triage/knowledge.js';
import { triageRank } from '../../triage/triage-rank.js';
import { symptomIds, symptomWords } from '../../triage/symptoms.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';

const drilled = ['pla', 'petg', 'abs', 'asa', 'pa6', 'tpu-95a', 'pc'];
/** How many times as much the best must tell a minute as the next of the options. */
const CLEAR_RATIO = 1.5;
const WRONG_ANSWERS = 3;

/** A fault: which test tells the most for its time? */
export const cheapestTest: DrillMaker = {
  kind: 'cheapest-test',
  make(ask) {
    const family = familyByKey(ask.pick(drilled))!;
    const cause = ask.pick(causes);
    const seen = symptomIds.filter(s => ask.share() < (cause.shows[s] ?? 0)).slice(0, 3);
    if (!seen.length) return null;
    const context = Object.assign(new FaultContext(), { family: family.key });
    const fault = Object.assign(new Fault(), {
      format: 'hornblende-fault',
      version: 1,
      symptoms: seen,
      context,
    });
    const { nextTests, causes: ranked } = triageRank(fault);
    const [best] = nextTests;
    if (!best) return null;
    const behind = nextTests.filter(t => t.bitsPerMinute * CLEAR_RATIO <= best.bitsPerMinute);
    if (behind.length < WRONG_ANSWERS) return null;
    // Those next behind it are the ones that might be taken for it.
    const wrong = ask.shuffled(behind.slice(0, WRONG_ANSWERS + 3)).slice(0, WRONG_ANSWERS);
    const off = best.bitsPerMinute / Math.max(...wrong.map(t => t.bitsPerMinute));
    const minutes = (m: number): string => (m >= 60 ? `${sig(m / 60, 2)} h` : `${m} min`);
    const said = (t: { how: string; minutes: number }): string => `${t.how} (${minutes(t.minutes)})`;
    const likely = ranked
      .slice(0, 3)
      .map(c => `${c.label.toLowerCase()} (${Math.round(100 * c.probability)} in 100)`);
    return {
      question: 'Which test tells the most for its time?',
      given: [`In ${family.name}: ${seen.map(s => symptomWords[s].toLowerCase()).join('; ')}.`],
      ...shuffledOptions(ask, said(best), wrong.map(said)),
      why:
        `It may be ${likely.join(', ')}. That test tells ${sig(best.informationBits, 2)} bits in ` +
        `${minutes(best.minutes)}; the next of these tells ${sig(off, 2)} times less a minute.`,
      margin: { what: 'times as much a minute as the next', off, tolerance: CLEAR_RATIO, unit: '×' },
      refs: [{ model: 'triage.rank', inputs: JSON.parse(JSON.stringify(fault)) as object }],
      lab: 'fix',
    };
  },
};
