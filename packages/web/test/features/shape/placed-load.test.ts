import { parseBrief, type BriefLoad } from '@hornblende/core/brief';
import { describe, expect, it } from 'vitest';
import { canBeWorked, placedAs, withPlaces } from '../../../src/features/shape/placed-load';

const arm = { kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 };
const loadOf = (more: object): BriefLoad =>
  parseBrief({ format: 'hornblende-brief', version: 1, name: 'Arm', loads: [{ ...arm, ...more }] }).loads[0]!;
const bare = loadOf({});
const [wall, tip, back] = [
  [0, 6, 4],
  [60, 6, 4],
  [30, 12, 4],
] as const;

describe('a load with its places', () => {
  it('names none until it is known where it is held and where it acts', () => {
    const held = withPlaces(bare, { heldAt: [wall] });
    expect(held.heldAtMm).toEqual([0, 6, 4]);
    expect(held.held).toEqual([]);
    expect(canBeWorked(held)).toBe(false);
    const both = withPlaces(held, { actsAt: [tip] });
    expect(both.held).toEqual([{ atMm: [0, 6, 4] }]);
    expect(both.acts).toEqual([
      { atMm: [60, 6, 4], forceN: [0, 0, -10], throughout: false, pressureMPa: null, torqueNmm: null },
    ]);
    expect(canBeWorked(both)).toBe(true);
  });
  it('shares a force evenly between the places that it acts on, and holds every place', () => {
    const two = withPlaces(bare, { heldAt: [wall, back], actsAt: [tip, back], way: 'left' });
    expect(two.held.map(h => h.atMm)).toEqual([[...wall], [...back]]);
    expect(two.acts.map(a => a.forceN)).toEqual([
      [-5, 0, 0],
      [-5, 0, 0],
    ]);
    // Read again it says the same.
    expect(withPlaces(two, {})).toEqual(two);
    expect(placedAs(two)).toMatchObject({ kind: 'force', way: 'left' });
  });
  it('acts as a pressure or a torque on each place, and goes back to the force of the brief', () => {
    const pressed = withPlaces(bare, { heldAt: [wall], actsAt: [tip, back], kind: 'pressure' });
    expect(pressed.acts.map(a => [a.forceN, a.pressureMPa])).toEqual([
      [null, 0.1],
      [null, 0.1],
    ]);
    const harder = withPlaces(pressed, { amount: 0.4 });
    expect(harder.acts[1]!.pressureMPa).toBe(0.4);
    const turned = withPlaces(harder, { kind: 'torque' });
    expect(turned.acts[0]).toMatchObject({ pressureMPa: null, torqueNmm: 1000 });
    expect(withPlaces(turned, { kind: 'throughout' }).acts[0]).toMatchObject({
      forceN: [0, 0, -5],
      throughout: true,
      torqueNmm: null,
    });
  });
  it('can be a knock, whose way alone matters', () => {
    const knock = loadOf({ kind: 'impact', case: 'drop', forceN: null, massKg: 1, heightM: 1 });
    expect(withPlaces(knock, { heldAt: [wall], actsAt: [tip] }).acts[0]!.forceN).toEqual([0, 0, -1]);
  });
  it('cannot be worked out without a force, nor with an amount of nothing', () => {
    const none = loadOf({ case: 'direct-stress', forceN: null, stressMPa: 3 });
    expect(canBeWorked(withPlaces(none, { heldAt: [wall], actsAt: [tip] }))).toBe(false);
    const pressed = { heldAt: [wall], actsAt: [tip], kind: 'pressure' } as const;
    expect(canBeWorked(withPlaces(none, pressed))).toBe(true);
    expect(canBeWorked(withPlaces(none, { ...pressed, amount: 0 }))).toBe(false);
  });
});
