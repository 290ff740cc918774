import { sig } from '../../lib/figures.js';
import { printedSection, SectionPrintedInput } from '../../models/section-printed.js';
import type { DrillMaker } from '../kind.js';
import type { Asker } from '../asker.js';

/** How far the lesser gain must lie behind the greater, as a share of it. */
const CLEAR_SHARE = 0.25;

type Section = ReturnType<typeof printedSection>;

/** What is asked of the two ways: each a gain over the bar as it is. */
const questions = [
  {
    question: 'Which adds more weight?',
    said: 'weight',
    gain: (now: Section, then: Section) => then.massRatio / now.massRatio - 1,
  },
  {
    question: 'Which makes it stiffer in bending?',
    said: 'stiffness',
    gain: (now: Section, then: Section) => then.stiffnessRatio / now.stiffnessRatio - 1,
  },
  {
    question: 'Which makes it stiffer for the weight that it adds?',
    said: 'stiffness for each per cent of weight',
    gain: (now: Section, then: Section) =>
      (then.stiffnessRatio / now.stiffnessRatio - 1) / (100 * (then.massRatio / now.massRatio - 1)),
  },
] as const;

/** Two walls more or twice the infill: which weighs more, which is stiffer? */
export const wallsOrInfill: DrillMaker = {
  kind: 'walls-or-infill',
  make(ask) {
    const before = draw(ask);
    const asked = ask.pick(questions);
    const ways = [
      { label: 'Two walls more', inputs: { ...before, walls: before.walls + 2 } },
      { label: 'Twice the infill', inputs: { ...before, infill: 2 * before.infill } },
    ];
    const of = (inputs: typeof before): Section =>
      printedSection(Object.assign(new SectionPrintedInput(), inputs));
    const gains = ways.map(w => asked.gain(of(before), of(w.inputs)));
    const off = Math.abs(gains[0]! - gains[1]!) / Math.max(...gains);
    if (off < CLEAR_SHARE) return null;
    const right = gains[0]! > gains[1]! ? 0 : 1;
    const percent = (g: number): string => `${sig(100 * g, 2)} %`;
    return {
      question: asked.question,
      given: [
        `A bar ${before.widthMm} mm wide and ${before.heightMm} mm high, printed lying.`,
        `${before.walls} walls of 0.45 mm, 0.8 mm solid above and below, ` +
          `${Math.round(100 * before.infill)} % grid inside.`,
      ],
      options: ways.map(w => w.label),
      right,
      why:
        `Two walls more add ${percent(gains[0]!)} ${asked.said}, twice the infill ${percent(gains[1]!)}: what lies ` +
        'far from the middle carries, what lies inside holds it apart.',
      margin: { what: 'the lesser is behind by', off: 100 * off, tolerance: 100 * CLEAR_SHARE, unit: '%' },
      refs: [before, ...ways.map(w => w.inputs)].map(inputs => ({ model: 'section.printed', inputs })),
      lab: 'card',
    };
  },
};

function draw(ask: Asker): { widthMm: number; heightMm: number; walls: number; infill: number } {
  return {
    widthMm: ask.stepped(6, 34, 1),
    heightMm: ask.stepped(5, 24, 1),
    walls: ask.whole(2, 4),
    infill: ask.pick([0.1, 0.15, 0.2, 0.3]),
  };
}
