import { familyByKey } from '../../materials/library.js';
import { parseBrief } from '../../brief/parse-brief.js';
import { rank } from '../../score/rank.js';
import type { Candidate } from '../../score/candidate.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';
import { drawPrinter } from '../scenario.js';

const drilled = [
  'pla',
  'petg',
  'abs',
  'asa',
  'pc',
  'pa6-cf',
  'asa-cf',
  'tpu-85a',
  'pva',
  'pla-foam',
  'hips',
  'petg-cf',
  'pei',
];
const WRONG_ANSWERS = 3;

const uses = [
  { said: 'A housing for a mains-powered lamp.', fields: { electrical: 'mains' } },
  { said: 'A scoop for dry oats.', fields: { contact: { food: 'dry' } } },
  { said: 'A grip that is held in the hand all day.', fields: { contact: { skin: true } } },
  { said: 'A bracket in a shed.', fields: {} },
  { said: 'A dial that is to look like glass, smoothed.', fields: { looks: { finish: 'fine' } } },
  { said: 'A step that someone stands on.', fields: { ifItFails: 'injures' } },
];

/** A filament and a use: which caution goes with it? */
export const caution: DrillMaker = {
  kind: 'caution',
  make(ask) {
    const use = ask.pick(uses);
    const printer = drawPrinter(ask);
    const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Part', ...use.fields });
    const family = familyByKey(ask.pick(drilled))!;
    const others = drilled.filter(key => key !== family.key).map(key => familyByKey(key)!);
    const judged = rank(brief, { printer, families: [family, ...others] }).candidates;
    const own = judged.find(c => c.material === family.key)?.cautions ?? [];
    const foreign = new Set(judged.flatMap((c: Candidate) => c.cautions).filter(c => !own.includes(c)));
    if (!own.length || foreign.size < WRONG_ANSWERS) return null;
    const rightly = ask.pick(own);
    return {
      question: `Printed in ${family.name}: which of these must be heeded?`,
      given: [use.said, `On ${printer.name.toLowerCase()}.`],
      ...shuffledOptions(ask, rightly, ask.shuffled([...foreign]).slice(0, WRONG_ANSWERS)),
      why: whyOf(family.name, rightly, own),
      margin: { what: 'cautions of these that apply', off: 1, tolerance: 1, unit: '' },
      refs: [{ model: 'score.rank', inputs: { brief, printer } }],
      lab: 'card',
    };
  },
};

function whyOf(name: string, rightly: string, own: readonly string[]): string {
  const asked =
    own.length === 1 ? `asks for this one: ${rightly}` : `asks for ${own.length}: ${own.join(' ')}`;
  return `${name} ${asked} Where it matters, local codes and licensed practice decide.`;
}
