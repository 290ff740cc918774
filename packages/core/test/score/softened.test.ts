import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { infillCurve } from '../../src/models/flex-infill.js';
import type { Candidate } from '../../src/score/candidate.js';
import { hardestSoftened, softenedBy } from '../../src/score/gates/flex.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate, openPrinter } from '../cases.js';

const open = { seal: 'none' as const };

describe('softness by easier means', () => {
  const wish = { flex: { want: 'rubbery', shoreA: [75, 85] } };
  const judged = (fields: object = {}): Candidate =>
    candidate(rank(brief({ ...wish, ...fields }), { printer: openPrinter }), 'tpu-95a');

  it('on a remote drive a soft wish is not lost: a harder rubber with less infill feels so soft', () => {
    const gate = judged().gates.find(g => g.id === 'flex')!;
    expect(gate.verdict).toBe('marginal');
    expect(gate.why).toMatch(/95 A solid; with \d+ % gyroid infill and one wall it feels soft enough\.$/);
    expect(gate.remedy).toMatchObject({ path: 'print.infill' });
    // By the model of hardness against infill, three points inside the wish.
    const curve = infillCurve({ scale: 'A', solidHardness: 95, readings: [], pattern: 'gyroid' });
    const infill = gate.remedy!.value as number;
    expect(curve(infill)).toBeLessThanOrEqual(82);
    expect(curve(infill + 0.05)).toBeGreaterThan(82);
    // More is in doubt than of what lies at the very end of the wish: it never leads where one so soft feeds.
    expect(judged().doubt).toBe(1.5);
    expect(rank(brief(wish), {}).firstChoice).not.toBe('tpu-95a');
  });
  it('not where it must be tight, and not by more than a sponge', () => {
    expect(judged({ seal: 'water' }).gates.find(g => g.id === 'flex')?.verdict).toBe('fail');
    expect(softenedBy(open, 95, 65)).toBeNull();
    expect(softenedBy(open, 80, 85)).toBeNull();
  });
  it('the hardest that is softened is the last of which there is an infill, as the draws have it', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 99 }),
        fc.double({ min: 30, max: 99, noNaN: true }),
        (high, solid) => {
          fc.pre(Math.abs(solid - hardestSoftened(open, high)) > 0.1 && solid > high + 0.1);
          expect(softenedBy(open, solid, high) !== null).toBe(solid <= hardestSoftened(open, high));
        },
      ),
    ));
});
