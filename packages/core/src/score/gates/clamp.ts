import { sig } from '../../lib/figures.js';
import { typical } from '../../materials/family.js';
import type { Assessment } from '../assess.js';
import type { LoadAssessment } from '../assess-load.js';
import { clampLimits } from '../comfort.js';
import type { Context } from '../context.js';
import { byShare, easeOf, type Gate } from '../gate.js';

/** The joint that loosens most, or null where nothing is clamped. */
export function loosest(a: Assessment): LoadAssessment | null {
  return a.loads
    .filter(l => l.clampLeft !== null)
    .reduce<LoadAssessment | null>(
      (w, l) => (w === null || (l.clampLeft ?? 1) < (w.clampLeft ?? 1) ? l : w),
      null,
    );
}

/** Clamp: the share of its force that a bolted, clamped or pressed joint keeps over its life. */
export function clampGate(_ctx: Context, a: Assessment): Gate | null {
  const w = loosest(a);
  if (!w || w.clampLeft === null) return null;
  const f = a.family;
  const verdict = byShare(w.clampLeft, clampLimits);
  return {
    id: 'clamp',
    verdict,
    ease: easeOf(w.clampLeft, clampLimits),
    need: clampLimits.fail,
    have: w.clampLeft,
    unit: 'left',
    why: `Squeezed for ${sig(w.load.hours, 3)} h it keeps ${sig(100 * w.clampLeft, 2)} % of its grip.`,
    rescue: verdict === 'pass' ? null : 'a metal insert, a spring washer, or a larger face',
    working: {
      model: 'load.clamp',
      inputs: {
        a: typical(f, 'creepA'),
        n: typical(f, 'creepN'),
        k: typical(f, 'creepKPerK'),
        temperatureC: w.creepC ?? 23,
        hours: w.load.kind === 'sustained' ? w.load.hours : 0,
      },
    },
  };
}
