import { timeWords } from '../lib/time-words.js';
import type { CriterionId } from '../brief/choices.js';
import { price, sig } from '../lib/figures.js';
import type { Context } from './context.js';
import type { Criterion } from './criteria/criterion.js';

/** A criterion's value as a reason for a candidate, and as one against it. */
interface Sentences {
  pro: (c: Criterion, ctx: Context) => string;
  con: (c: Criterion, ctx: Context) => string;
}

const two = (x: number): string => sig(x, 2);
/** A multiple in words: what is about one is said as just that. */
const times = (x: number): string =>
  Math.abs(x - 1) < 0.05 ? 'just' : `${x < 1 ? 'only ' : ''}${two(x)} times`;
const own = (c: Criterion): string => (c.by ? `, by ${c.by}` : '');
const years = (ctx: Context): string => `${two(ctx.brief.lifeYears)} years`;
const share = (x: number): string => `${two(100 * x)} %`;
const hottest = (ctx: Context): string => `${sig(ctx.conditions.partMaxC, 3)} °C`;

/** A movement in words: beyond its whole span a part is not bent but gone. */
function movement(c: Criterion): string {
  if (c.unit === '% of span' && c.value > 100) return 'more than its whole span';
  return `${two(c.value)} ${c.unit === '% of span' ? '% of its span' : '% strain'}`;
}

const heat: Sentences = {
  pro: (c, ctx) => `Bears ${two(c.value)} K more than the hottest the part gets (${hottest(ctx)}).`,
  con: (c, ctx) =>
    c.value < 0
      ? `Bears ${two(-c.value)} K less than the hottest the part gets (${hottest(ctx)}).`
      : `Only ${two(c.value)} K between the hottest the part gets (${hottest(ctx)}) and what it bears.`,
};

const uv: Sentences = {
  pro: (c, ctx) =>
    `Its surface lasts ${timeWords(c.value * ctx.brief.lifeYears)} in this sun; ${years(ctx)} are wanted.`,
  con: (c, ctx) =>
    `Its surface is half gone after ${timeWords(c.value * ctx.brief.lifeYears)} in this sun; ${years(ctx)} are wanted.`,
};

const stiffness: Sentences = {
  pro: c => `Stiff enough: its load bends it ${movement(c)}.`,
  con: c => `Its load bends it ${movement(c)}.`,
};

const impact: Sentences = {
  pro: c =>
    c.unit === '× need'
      ? `Takes ${times(c.value)} the knock, safety included.`
      : `Tough: ${two(c.value)} kJ/m² notched when cold.`,
  con: c =>
    c.unit === '× need'
      ? `Takes ${times(c.value)} the knock, safety included.`
      : `Brittle: ${two(c.value)} kJ/m² notched when cold.`,
};

const flex: Sentences = {
  pro(c, ctx) {
    const byWant = {
      rigid: `Rigid: ${two(c.value)} MPa.`,
      springy: `Springs back: takes ${two(c.value)} % strain again and again.`,
      hinge: 'Folds as a thin web, again and again.',
      rubbery: `Of the wanted hardness.`,
    };
    return byWant[ctx.brief.flex.want];
  },
  con(c, ctx) {
    const byWant = {
      rigid: `Gives more than a rigid part should: ${two(c.value)} MPa.`,
      springy: `Springs back from ${two(c.value)} % strain at most, again and again.`,
      hinge:
        c.value <= 0
          ? 'A thin web of it breaks after a few folds.'
          : 'A thin web of it lasts some thousands of folds.',
      rubbery: c.value >= 100 ? 'Rigid, where rubber is wanted.' : 'At the end of the wanted hardness.',
    };
    return byWant[ctx.brief.flex.want];
  },
};

const mass: Sentences = {
  pro: c => (c.unit === 'g/cm³' ? `Floats by itself: ${two(c.value)} g/cm³.` : massWords(c, 'Light')),
  con: c =>
    c.unit === 'g/cm³' ? `Floats only on sealed air: ${two(c.value)} g/cm³ solid.` : massWords(c, 'Heavy'),
};

function massWords(c: Criterion, word: string): string {
  return c.unit === 'g' ? `${word}: ${two(c.value)} g.` : `${share(c.value)} off the wanted mass.`;
}

/** A cost with what it is to be compared with: the same part in plain PLA, or the limit that was set. */
function costWords(c: Criterion, ctx: Context): string {
  const { maxCostEach } = ctx.brief;
  if (maxCostEach !== null) return `Costs ${price(c.value)} each, of at most ${price(maxCostEach)}.`;
  const ratio = c.value / c.comfortable;
  return ratio < 1.05
    ? `Costs ${price(c.value)} each, as the same part in plain PLA.`
    : `Costs ${price(c.value)} each, ${two(ratio)} times the same part in plain PLA.`;
}

const sentences: Record<CriterionId, Sentences> = {
  heat,
  ageing: {
    pro: (c, ctx) => `Keeps ${share(c.value)} of its strength through ${years(ctx)} of heat.`,
    con: (c, ctx) => `${years(ctx)} of heat leave ${share(c.value)} of its strength.`,
  },
  uv,
  strength: {
    pro: c => `Carries ${times(c.value)} what is asked, safety included.`,
    con: c => `Carries ${times(c.value)} what is asked, safety included.`,
  },
  stiffness,
  creep: {
    pro: (c, ctx) => `Moves no more than ${movement(c)} in ${years(ctx)}.`,
    con: (c, ctx) => `Creeps to ${movement(c)} in ${years(ctx)}.`,
  },
  clamp: {
    pro: c => `A squeezed joint keeps ${share(c.value)} of its grip.`,
    con: c => `A squeezed joint keeps only ${share(c.value)} of its grip.`,
  },
  impact,
  wear: {
    pro: c => (c.value >= 2 ? 'Bears rubbing well.' : 'Bears rubbing for a while.'),
    con: c => (c.value > 0 ? 'Bears rubbing for a while.' : 'Wears quickly.'),
  },
  flex,
  water: {
    pro: (c, ctx) => `Keeps ${share(c.value)} of its strength through ${years(ctx)} in water.`,
    con: (c, ctx) => `${years(ctx)} in water leave ${share(c.value)} of its strength.`,
  },
  chemicals: {
    pro: c => (c.value >= 2 ? 'Bears what touches it for good.' : 'Bears what touches it for a while.'),
    con: c => (c.value > 0 ? 'Bears what touches it only for a while.' : 'Is attacked by what touches it.'),
  },
  contact: {
    pro: c =>
      c.value >= 2
        ? 'Nothing in the polymer speaks against what it touches.'
        : 'Little in it speaks against what it touches.',
    con: () => 'What is in it speaks against what it touches.',
  },
  warp: {
    pro: c => `Stays flat: bows ${two(c.value)} mm${own(c)}.`,
    con: c => `Warps: bows ${two(c.value)} mm over this length${own(c)}.`,
  },
  printability: {
    pro: c => `The first print comes out ${two(100 * c.value)} times in 100.`,
    con: c => `The first print comes out ${two(100 * c.value)} times in 100.`,
  },
  accuracy: {
    pro: c => `True to ${two(c.value)} mm${own(c)}.`,
    con: (c, ctx) =>
      c.value > ctx.brief.toleranceMm
        ? `True only to ${two(c.value)} mm, where ${two(ctx.brief.toleranceMm)} mm is wanted.`
        : `True to ${two(c.value)} mm${own(c)}.`,
  },
  finish: { pro: () => 'Prints with a fair surface.', con: () => 'Shows its layers.' },
  mass,
  moisture: {
    pro: c => `Takes up ${two(c.value)} % water.`,
    con: c => `Takes up ${two(c.value)} % water, and changes with it.`,
  },
  cost: { pro: costWords, con: costWords },
};

/** A criterion's value as a sentence on one side of the argument. */
export function sentenceOf(c: Criterion, side: 'pro' | 'con', ctx: Context): string {
  return sentences[c.id][side](c, ctx);
}
