import { describe, expect, it } from 'vitest';
import type { Brief } from '../src/brief/brief.js';
import type { Candidate } from '../src/score/candidate.js';
import { rank } from '../src/score/rank.js';
import type { Printer } from '../src/workshop/printer.js';
import { brief, enclosedPrinter } from './cases.js';
import { briefs } from './robustness-briefs.js';

// Whole rankings as they were when somebody last looked at them: what changes a constant or a formula sees at once
// which rankings move. Where they are to move, `vitest -u` writes them anew; then look at what moved, and why.

/** Briefs that ask for what those of the draws do not. */
const more: readonly [string, Brief, Printer | null][] = [
  [
    'rubbing and mains',
    brief({
      wear: 'sliding',
      electrical: 'mains',
      loads: [{ kind: 'cyclic', case: 'direct-stress', stressMPa: 3 }],
    }),
    enclosedPrinter,
  ],
  [
    'in rain for years, with petrol',
    brief({
      lifeYears: 8,
      water: 'rain',
      sun: 'part',
      heat: { setting: 'outdoors' },
      contact: { chemicals: ['petrol', 'detergent'], hours: 0.5 },
    }),
    enclosedPrinter,
  ],
  [
    'children in the room, extracted',
    brief({ room: { who: 'children', fumes: 'limit' } }),
    { ...enclosedPrinter, ventilation: 'extracted' },
  ],
  [
    'floats in a trough',
    brief({ purpose: 'functional', water: 'immersed', mustFloat: true }),
    enclosedPrinter,
  ],
  [
    'damp air and a snap-fit',
    brief({
      water: 'humid',
      loads: [{ kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 15, cycles: 500 }],
    }),
    null,
  ],
];

/** A candidate in a line: how it stands, by what, and what one costs and how likely it succeeds. */
function line(c: Candidate): string {
  const gates = c.gates.filter(g => g.verdict !== 'pass').map(g => `${g.id} ${(g.ease ?? 0).toFixed(3)}`);
  const wishes = c.criteria.map(x => x.desirability.toFixed(3).replace(/^0|\.?0+$/g, '') || '0').join(' ');
  const { costEach, success } = c.print;
  return (
    `${c.material}: ${c.status} ${c.rating.toFixed(4)} ${costEach.toFixed(3)} ${success.toFixed(3)}` +
    ` [${wishes}] ${gates.join(', ')}`
  ).trim();
}

describe('rankings are as they were when they were last looked at', () => {
  it.each([...briefs, ...more])('%s', async (name, asked, printer) => {
    const { candidates } = rank(asked, { printer });
    const text = `${candidates.map(line).join('\n')}\n`;
    await expect(text).toMatchFileSnapshot(`as-looked-at/${name.replace(/[^a-z0-9]+/g, '-')}.txt`);
  });
});
