import { describe, expect, it } from 'vitest';
import type { Candidate } from '../src/score/candidate.js';
import { rank } from '../src/score/rank.js';
import { otherBriefs } from './other-briefs.js';
import { briefs } from './robustness-briefs.js';

// Whole rankings as they were when somebody last looked at them: what changes a constant or a formula sees at once
// which rankings move. Where they are to move, `vitest -u` writes them anew; then look at what moved, and why.

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
  it.each([...briefs, ...otherBriefs])('%s', async (name, asked, printer) => {
    const { candidates } = rank(asked, { printer });
    const text = `${candidates.map(line).join('\n')}\n`;
    await expect(text).toMatchFileSnapshot(`as-looked-at/${name.replace(/[^a-z0-9]+/g, '-')}.txt`);
  });
});
