import { sig } from '../lib/figures.js';
import { model, step, type Step } from '../models/model.js';
import type { Cause, CauseDomain } from './cause.js';
import { contextFactors, type ContextFactor } from './context-rules.js';
import { Fault, requireKnown, type Outcome } from './fault.js';
import { BY_CHANCE, causes, likelihood, yesLikelihood } from './knowledge.js';
import { symptomIds, symptomWords, type SymptomId } from './symptoms.js';
import type { TellingTest } from './telling-test.js';
import { tellingTests } from './telling-tests.js';

/** A cause with how likely it is, and what speaks for and against it. */
export interface RankedCause {
  id: string;
  domain: CauseDomain;
  label: string;
  probability: number;
  for: string[];
  against: string[];
}

/** A test that would tell, with how much for its time. */
export interface NextTest {
  id: string;
  minutes: number;
  /** What it tells on average, bits. */
  informationBits: number;
  bitsPerMinute: number;
  how: string;
  /** How likely it says yes. */
  pYes: number;
}

/** Result of `triage.rank`. */
export interface TriageResult {
  /** The likeliest first; their probabilities sum to one. */
  causes: RankedCause[];
  /** What tells the most a minute first. */
  nextTests: NextTest[];
  /** Whether one cause is told, nothing tells any more, or it goes on. */
  state: 'told' | 'nothing-tells' | 'open';
  /** Every symptom that is known. */
  symptoms: readonly SymptomId[];
}

/** A cause as likely as this is told. */
const TOLD_AT_PROBABILITY = 0.9;
/** A test that tells less than this, bits, tells nothing. */
const LEAST_BITS = 0.02;
/** Faults that the knowledge's own priors are worth against a workshop's record. */
const PRIOR_WORTH = 25;

/**
 * How likely each cause is before anything is seen: the knowledge's prior, moved by what faults in this workshop turned
 * out to be (beta–binomial for each cause, together a Dirichlet–multinomial).
 */
export function causePriors(history: Readonly<Record<string, number>>): number[] {
  const total = causes.reduce((sum, c) => sum + c.prior, 0);
  const seen = Object.values(history).reduce((sum, n) => sum + n, 0);
  return causes.map(c => (PRIOR_WORTH * (c.prior / total) + (history[c.id] ?? 0)) / (PRIOR_WORTH + seen));
}

/**
 * How likely each cause is, in the order of {@link causes}: naive Bayes over symptoms that are seen and absent, what is
 * known of the print, and the tests that were made. Unknown symptoms say nothing. The order of reports does not matter.
 */
export function posterior(fault: Fault, factors: readonly ContextFactor[]): number[] {
  const priors = causePriors(fault.history);
  const log = causes.map((cause, n) => {
    const seen = sum(fault.symptoms.map(s => Math.log(likelihood(cause, s))));
    const absent = sum(fault.absent.map(s => Math.log(1 - likelihood(cause, s))));
    const known = sum(factors.filter(f => f.cause === cause.id).map(f => Math.log(f.factor)));
    const told = sum(fault.tried.map(t => Math.log(outcomeLikelihood(testOf(t.test), cause, t.outcome))));
    return Math.log(priors[n]!) + seen + absent + known + told;
  });
  const most = Math.max(...log);
  const odds = log.map(x => Math.exp(x - most));
  const total = sum(odds);
  return odds.map(x => x / total);
}

function testOf(id: string): TellingTest {
  return tellingTests.find(t => t.id === id)!;
}

function outcomeLikelihood(test: TellingTest, cause: Cause, outcome: Outcome): number {
  if (outcome === 'unclear') return 1;
  const yes = yesLikelihood(test, cause);
  return outcome === 'yes' ? yes : 1 - yes;
}

/**
 * What a test tells on average, bits: the entropy of its answer less what of that the causes leave open (mutual
 * information, Shannon 1948).
 */
export function informationBits(test: TellingTest, probabilities: readonly number[]): number {
  const yes = causes.map(c => yesLikelihood(test, c));
  const pYes = sum(probabilities.map((p, n) => p * yes[n]!));
  return Math.max(0, binaryEntropy(pYes) - sum(probabilities.map((p, n) => p * binaryEntropy(yes[n]!))));
}

function binaryEntropy(p: number): number {
  return p <= 0 || p >= 1 ? 0 : -(p * Math.log2(p) + (1 - p) * Math.log2(1 - p));
}

/** Ranks the causes of a fault, and the tests that would tell them apart. */
export function triageRank(fault: Fault): TriageResult {
  const factors = contextFactors(fault.context);
  const probabilities = posterior(fault, factors);
  const ranked = causes
    .map((cause, n): RankedCause => ({
      id: cause.id,
      domain: cause.domain,
      label: cause.label,
      probability: probabilities[n]!,
      ...spoken(cause, fault, factors),
    }))
    .sort((a, b) => b.probability - a.probability || a.id.localeCompare(b.id));
  const nextTests = telling(fault, probabilities);
  const isTold = ranked[0]!.probability >= TOLD_AT_PROBABILITY;
  return {
    causes: ranked,
    nextTests,
    state: isTold ? 'told' : nextTests.length ? 'open' : 'nothing-tells',
    symptoms: symptomIds,
  };
}

/** The tests that tell something and were not made, the most a minute first. */
function telling(fault: Fault, probabilities: readonly number[]): NextTest[] {
  const made = new Set(fault.tried.map(t => t.test));
  return tellingTests
    .filter(t => !made.has(t.id))
    .map((test): NextTest => {
      const bits = informationBits(test, probabilities);
      return {
        id: test.id,
        minutes: test.minutes,
        informationBits: bits,
        bitsPerMinute: bits / test.minutes,
        how: test.how,
        pYes: sum(probabilities.map((p, n) => p * yesLikelihood(test, causes[n]!))),
      };
    })
    .filter(t => t.informationBits >= LEAST_BITS)
    .sort((a, b) => b.bitsPerMinute - a.bitsPerMinute || a.id.localeCompare(b.id));
}

/** A symptom that shows at least so often speaks for a cause; one absent that would, against it. */
const SPEAKS = 0.3;

function spoken(
  cause: Cause,
  { symptoms, absent, tried, history }: Fault,
  factors: readonly ContextFactor[],
): { for: string[]; against: string[] } {
  const often = (s: SymptomId): string => `${Math.round(10 * likelihood(cause, s))} in 10 show it`;
  const lower = (s: SymptomId): string => symptomWords[s].toLowerCase();
  const own = factors.filter(f => f.cause === cause.id);
  const answers = tried.flatMap(({ test, outcome }) => {
    const of = testOf(test);
    const tells = of.yes[cause.id] !== undefined && outcome !== 'unclear';
    return tells ? [{ says: outcome === 'yes' ? 'for' : 'against', words: `${of.how} ${outcome}` }] : [];
  });
  const before = history[cause.id] ?? 0;
  return {
    for: [
      ...symptoms.filter(s => likelihood(cause, s) >= SPEAKS).map(s => `${lower(s)}: ${often(s)}`),
      ...own.filter(f => f.factor > 1).map(f => f.why),
      ...answers.filter(a => a.says === 'for').map(a => a.words),
      ...(before ? [`it was this ${before === 1 ? 'once' : `${before} times`} before in this workshop`] : []),
    ],
    against: [
      ...symptoms
        .filter(s => likelihood(cause, s) <= BY_CHANCE)
        .map(s => `${lower(s)}: it does not bring that about`),
      ...absent.filter(s => likelihood(cause, s) >= SPEAKS).map(s => `not seen: ${lower(s)} (${often(s)})`),
      ...own.filter(f => f.factor < 1).map(f => f.why),
      ...answers.filter(a => a.says === 'against').map(a => a.words),
    ],
  };
}

function sum(list: readonly number[]): number {
  return list.reduce((a, b) => a + b, 0);
}

/** Causes whose working is shown. */
const MOST_CAUSES_WORKED = 6;

/** `triage.rank`: from what is seen to the cause, by the cheapest telling test. */
export const triageRankModel = model({
  id: 'triage.rank',
  title: 'The cause of a fault, and the cheapest telling test',
  source:
    'Naive Bayes over causes; priors updated as Dirichlet–multinomial by a workshop’s own faults; next test by ' +
    'mutual information a minute (Shannon 1948). Likelihoods are estimates from general practice of printing',
  validity:
    'One cause at a time; symptoms independent given the cause; the causes and tests that are listed.',
  Input: Fault,
  compute(fault: Fault) {
    requireKnown(fault);
    const result = triageRank(fault);
    const warnings: string[] = [];
    if (!fault.symptoms.length) warnings.push('Nothing is seen yet: this is what is common.');
    if (result.state === 'nothing-tells')
      warnings.push('No test tells any more: mend the likeliest first, one change at a time.');
    return {
      result,
      warnings,
      steps: [
        ...priorSteps(fault, result.causes.slice(0, MOST_CAUSES_WORKED)),
        ...result.causes
          .slice(0, MOST_CAUSES_WORKED)
          .map(c =>
            step(c.id, 'P(c)·Π P(s|c)·k / Σ', c.for.join('; ') || 'nothing speaks for it', c.probability, ''),
          ),
      ],
    };
  },
});

/** How a workshop's own faults moved the priors of the causes that are shown; nothing where it has none. */
function priorSteps({ history }: Fault, shown: readonly RankedCause[]): Step[] {
  const seen = sum(Object.values(history));
  if (!seen) return [];
  const total = sum(causes.map(c => c.prior));
  const moved = causePriors(history);
  return shown.map(({ id }) => {
    const place = causes.findIndex(c => c.id === id);
    const share = causes[place]!.prior / total;
    const own = history[id] ?? 0;
    return step(
      `prior of ${id}`,
      '(w·p + n) / (w + N)',
      `(${PRIOR_WORTH} × ${sig(share, 2)} + ${own}) / (${PRIOR_WORTH} + ${seen})`,
      moved[place]!,
      '',
    );
  });
}

/** What a triage comes to, in a sentence. */
export function triageWords({ causes: ranked, state }: TriageResult): string {
  const first = ranked[0]!;
  const share = `${sig(100 * first.probability, 2)} in 100`;
  if (state === 'told') return `${first.label}: ${share}.`;
  const second = ranked[1]!;
  return `${first.label} (${share}), or ${second.label.toLowerCase()} (${sig(100 * second.probability, 2)}).`;
}
