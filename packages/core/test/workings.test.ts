import { describe, expect, it } from 'vitest';
import { calculate } from '../src/registry.js';
import { checks } from './model-checks.js';

/** Signs of the working as a script writes them. */
const SIGNS: readonly [RegExp, string][] = [
  [/×|·/g, '*'],
  [/−/g, '-'],
  [/²/g, '**2'],
  [/³/g, '**3'],
  [/\^/g, '**'],
  [/√\(/g, 'Math.sqrt('],
  [/√(\d[\d.]*)/g, 'Math.sqrt($1)'],
  [/∛\(/g, 'Math.cbrt('],
  [/\bln\(/g, 'Math.log('],
  [/\blog₁₀\(/g, 'Math.log10('],
  [/\bexp\(/g, 'Math.exp('],
  [/\bmin\(/g, 'Math.min('],
  [/\bmax\(/g, 'Math.max('],
  [/\be\*\*/g, 'Math.E**'],
  [/π/g, 'Math.PI'],
];
/** What is arithmetic and nothing else. */
const ARITHMETIC = /^(?:Math\.(?:sqrt|cbrt|log10|log|exp|min|max|E|PI)|[\d.]+(?:e[+-]?\d+)?|[-+*/(), ])+$/;

/** What the numbers of a step come to; null where it is told in words. */
function workedOut(substituted: string): number | null {
  const script = SIGNS.reduce((text, [sign, becomes]) => text.replace(sign, becomes), substituted);
  if (!ARITHMETIC.test(script) || !/[-+*/]|Math/.test(script.replace(/e[+-]/g, ''))) return null;
  try {
    // A sign before a power has to be in brackets in a script: such steps are left to the eye.
    const value: unknown = new Function(`return (${script});`)();
    return typeof value === 'number' && Number.isFinite(value) ? value : null;
  } catch {
    return null;
  }
}

describe('the working of a number', () => {
  const steps = checks.flatMap(([id, input]) =>
    calculate(id, input).steps.flatMap(s => {
      const worked = workedOut(s.substituted);
      return worked === null ? [] : [{ id, ...s, worked }];
    }),
  );
  it('comes to the number that it stands beside', () => {
    const odd = steps.filter(s => {
      // What stands in it is rounded to four figures; a share is shown as a percentage.
      const near = (x: number): boolean =>
        Math.abs(x - s.value) <= 0.004 * Math.max(Math.abs(s.value), Math.abs(x)) + 1e-9;
      return !near(s.worked) && !(s.unit.startsWith('%') && near(100 * s.worked));
    });
    expect(odd.map(s => `${s.id} ${s.symbol} = ${s.substituted} = ${s.worked}, not ${s.value}`)).toEqual([]);
  });
  it('is worked out again for most models', () => {
    expect(steps.length).toBeGreaterThanOrEqual(210);
    expect(new Set(steps.map(s => s.id)).size).toBeGreaterThanOrEqual(28);
  });
});
