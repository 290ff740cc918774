import { describe, expect, it } from 'vitest';
import type { CriterionId } from '../../src/lib/criterion-ids.js';
import { rank } from '../../src/score/rank.js';
import { brief, candidate } from '../cases.js';

/** What a criterion weighs for a brief, unless somebody says otherwise. */
function weight(id: CriterionId, fields: Record<string, unknown>): number {
  const [first] = rank(brief(fields)).candidates;
  return candidate(rank(brief(fields)), first!.family).criteria.find(c => c.id === id)?.weight ?? 0;
}
const reaches = (partC: number): object => ({ heat: { setting: 'custom', partC } });
const bar = { case: 'cantilever', forceN: 5, lengthMm: 40, widthMm: 10, heightMm: 8 };
const held = (hours: number | null): object => ({ loads: [{ kind: 'sustained', ...bar, hours }] });
const knocked = {
  loads: [{ kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 10, heightMm: 10 }],
};
const size = (xMm: number): object => ({ geometry: { xMm, yMm: 20, zMm: 20 } });

// Each figure is that of the criterion’s own definition, between two of its points where it lies between them.
const expected: [CriterionId, Record<string, unknown>, number][] = [
  ['accuracy', { toleranceMm: 0.05 }, 4],
  ['accuracy', { toleranceMm: 0.1 }, 4],
  ['accuracy', { toleranceMm: 0.15 }, 3],
  ['accuracy', { toleranceMm: 0.25 }, 1.5],
  ['accuracy', { toleranceMm: 0.4 }, 0.5],
  ['accuracy', { toleranceMm: 0.5 }, 0],
  ['ageing', reaches(40) as Record<string, unknown>, 0],
  ['ageing', reaches(45) as Record<string, unknown>, 1],
  ['ageing', reaches(60) as Record<string, unknown>, 2],
  ['heat', reaches(25) as Record<string, unknown>, 1],
  ['heat', reaches(35) as Record<string, unknown>, 1.5],
  ['heat', reaches(60) as Record<string, unknown>, 3],
  ['heat', { ...reaches(60), ...held(10) }, 4],
  ['heat', { ...reaches(60), purpose: 'decorative' }, 2],
  ['cost', { quantity: 1 }, 2],
  ['cost', { quantity: 10 }, 2.5],
  ['cost', { quantity: 40 }, 3],
  ['cost', { maxCostEach: 9 }, 3],
  ['cost', { purpose: 'prototype' }, 3],
  ['creep', held(0.5) as Record<string, unknown>, 0],
  ['creep', held(null) as Record<string, unknown>, 3],
  ['creep', { loads: [{ kind: 'short', ...bar }] }, 0],
  ['flex', {}, 1],
  ['flex', { purpose: 'decorative' }, 0],
  ['flex', { loads: [{ kind: 'short', ...bar }] }, 0],
  ['flex', { flex: { want: 'rubbery' } }, 4],
  ['stiffness', { loads: [{ kind: 'short', ...bar }] }, 2],
  ['stiffness', {}, 0],
  ['strength', { loads: [{ kind: 'short', ...bar }] }, 3],
  ['strength', { loads: [{ kind: 'short', ...bar }], ifItFails: 'damages' }, 4],
  ['strength', knocked, 0],
  ['impact', knocked, 4],
  ['impact', { ifItFails: 'injures' }, 2],
  ['impact', {}, 0],
  ['finish', { looks: { finish: 'fine' } }, 4],
  ['finish', { looks: { wishes: ['gloss'] } }, 3],
  ['finish', { looks: { finish: 'fair' } }, 2],
  ['finish', { purpose: 'decorative' }, 3],
  ['finish', {}, 0],
  ['mass', { mustFloat: true }, 5],
  ['mass', { maxMassG: 40 }, 2],
  ['mass', {}, 0],
  ['moisture', { water: 'humid' }, 2],
  ['moisture', { water: 'rain' }, 2],
  ['moisture', { water: 'immersed' }, 3],
  ['moisture', {}, 0],
  ['water', {}, 0],
  ['water', { water: 'humid' }, 1],
  ['water', { water: 'rain' }, 1],
  ['water', { water: 'immersed' }, 3],
  ['water', { heat: { steamCycles: 10 } }, 3],
  ['uv', { sun: 'reflected', heat: { setting: 'outdoors' } }, 1],
  ['uv', { sun: 'part', heat: { setting: 'outdoors' } }, 3],
  ['uv', { sun: 'full', heat: { setting: 'outdoors' } }, 3],
  ['uv', {}, 0],
  ['warp', size(30) as Record<string, unknown>, 1],
  ['warp', size(60) as Record<string, unknown>, 1.5],
  ['warp', size(110) as Record<string, unknown>, 2.5],
  ['warp', size(200) as Record<string, unknown>, 3],
  ['wear', { wear: 'gear' }, 4],
  ['wear', {}, 0],
  ['chemicals', { contact: { chemicals: ['petrol'] } }, 3],
  ['chemicals', {}, 0],
  ['contact', { contact: { skin: true } }, 2],
  ['contact', { contact: { food: 'dry' } }, 2],
  ['clamp', { loads: [{ kind: 'sustained', case: 'clamp', stressMPa: 2 }] }, 3],
  ['clamp', {}, 0],
  ['air', { room: { who: 'adults' } }, 2],
  ['air', { room: { who: 'children' } }, 3],
  ['air', { room: { who: 'children', fumes: 'nuisance' } }, 0],
  ['air', {}, 0],
  ['printability', {}, 3],
  ['printability', { purpose: 'decorative' }, 4],
];

describe('what a criterion weighs', () => {
  it.each(expected)('%s for %j: %d', (id, fields, weighs) => {
    expect(weight(id, fields)).toBeCloseTo(weighs, 9);
  });
});
