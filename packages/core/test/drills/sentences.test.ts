import { describe, expect, it } from 'vitest';
import { drillKinds, makeDrill, type Drill, type DrillKind } from '../../src/drills/index.js';

/** Seeds of each kind: those that rank or search for every drill get fewer. Two thousand and more together. */
const SEEDS = 260;
const SLOW: Partial<Record<DrillKind, number>> = {
  'first-filament': 24,
  'first-gate': 40,
  caution: 60,
  'cheapest-test': 80,
};

/** What is wrong with a text wherever it stands, and what gives it away. */
const wrongAnywhere: [what: string, sign: RegExp][] = [
  ['a value that is none', /undefined|NaN|\[object|\bnull\b|Infinity/],
  ['two spaces, or one before a stop', / {2}| [.,;:?!](\s|$)/],
  ['two stops', /[.,;:]\s*[.,;]/],
  [
    'one of several',
    /(^|[^\d.,])1 (years|months|weeks|days|hours|times|walls|layers|corners|parts|points)\b/,
  ],
  ['“a” before a vowel', /\b[Aa] (?!u[ns]|one|eu)[aeiou]\w/i],
  ['“an” before a consonant', /\b[Aa]n (?!hour|honest|heir)[bcdfghjklmnpqrstvwxyz]\w/],
  ['a capital within a sentence', /, (Its|It|The|Has|Bears|Carries|Moves|Lasts|Stiff|That|At) /],
  ['a small letter after a stop', /[.?!] [a-z]/],
  ['what was said twice', /\b(\w+) \1\b/],
];
const sentence = /^[A-Z0-9].*[.?!]$/s;

function complaints({ question, given, options, why }: Drill): string[] {
  const spoken = [question, ...given, ...options, why];
  return [
    ...spoken.flatMap(text =>
      wrongAnywhere.filter(([, sign]) => sign.test(text)).map(([what]) => `${what}: ${text}`),
    ),
    ...[question, why].filter(text => !sentence.test(text)).map(text => `no sentence: ${text}`),
  ];
}

describe('what drills say', () => {
  it.each(drillKinds)('is whole sentences, whatever is drawn: %s', kind => {
    const found = Array.from({ length: SLOW[kind] ?? SEEDS }, (_, seed) => makeDrill(seed, kind)).flatMap(
      complaints,
    );
    expect([...new Set(found)].slice(0, 12)).toEqual([]);
  });
  it('is looked at over two thousand seeds', () => {
    expect(drillKinds.reduce((sum, kind) => sum + (SLOW[kind] ?? SEEDS), 0)).toBeGreaterThan(2000);
  });
});
