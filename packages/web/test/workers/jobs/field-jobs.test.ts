import { fieldKey, fieldOf, parseBrief } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { warpBowOf, type WarpBowInput } from '@hornblende/core/models';
import { describe, expect, it } from 'vitest';
import { run as workOutLoad } from '../../../src/workers/jobs/load-field';
import { run as workOutWarp } from '../../../src/workers/jobs/warp-field';

/** A box from the origin, facing inwards: files come either way. */
function boxBytes(x: number, y: number, z: number): Uint8Array {
  const corner = (a: number): number[] => [a & 1 ? x : 0, a & 2 ? y : 0, a & 4 ? z : 0];
  const faces = [
    [1, 3, 2, 0],
    [6, 7, 5, 4],
    [4, 5, 1, 0],
    [3, 7, 6, 2],
    [2, 6, 4, 0],
    [5, 7, 3, 1],
  ];
  const triangles = faces.flatMap(([a, b, c, d]) => [a!, b!, c!, a!, c!, d!]);
  return new Uint8Array(Float32Array.from(triangles.flatMap(corner)).buffer);
}
const brief: Brief = parseBrief({
  ...{ format: 'hornblende-brief', version: 1, name: 'Arm' },
  loads: [
    {
      ...{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 },
      held: [{ atMm: [0, 6, 4] }],
      acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }],
    },
  ],
});

describe('a load worked out in a worker', () => {
  it('comes back as the brief keeps it, as it is told, and as it is drawn', () => {
    const told: number[] = [];
    const question = { brief, load: 0, bytes: boxBytes(60, 12, 8), minWallMm: 8, cells: 700 };
    const answer = workOutLoad(question, done => told.push(done));
    expect(answer.field.of).toBe(fieldKey(brief, brief.loads[0]!));
    expect(fieldOf(brief, { ...brief.loads[0]!, field: answer.field })).toBe(answer.field);
    expect(answer.result.cells).toBeGreaterThan(400);
    expect(answer.skin.positions.length / 18).toBe(answer.skin.along.length);
    expect(told.at(-1)).toBe(1);
    expect(answer.result).not.toHaveProperty('u');
  });
});

describe('warp worked out in a worker', () => {
  it('is that of the shape, by the figures of the lab', () => {
    const bow: WarpBowInput = {
      ...{ alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 40, crystallisationStrain: 0 },
      ...{ solidFraction: 0.3, scale: 1, solidExponent: 0.3, heightMm: 10, lengthMm: 150 },
    };
    const edges = Float32Array.from([0, 0, 0, 150, 0, 0]);
    const question = { bow, up: null, bytes: boxBytes(150, 20, 10), cells: 2000, edges };
    const answer = workOutWarp(question, () => undefined);
    expect(Math.abs(answer.result.bowMm / warpBowOf(bow).bowMm - 1)).toBeLessThan(0.03);
    expect(answer.result.edges.length).toBeGreaterThan(0);
    expect(answer.lines.atMm).toHaveLength(6 * 24);
    expect(answer.lines.movesMm).toHaveLength(6 * 24);
    expect(answer.result).not.toHaveProperty('grid');
  });
});
