import { describe, expect, it } from 'vitest';
import type { FumesSchool, RoomPeople } from '../../src/brief/brief-room.js';
import type { Brief } from '../../src/brief/brief.js';
import { familyByKey } from '../../src/materials/library.js';
import type { Candidate } from '../../src/score/candidate.js';
import { robustness } from '../../src/score/draws/robustness.js';
import { rank } from '../../src/score/rank.js';
import { roomAirOf } from '../../src/score/room-air.js';
import { parsePrinter } from '../../src/workshop/printer.js';
import { brief, candidate, enclosedPrinter } from '../cases.js';

const room = (
  who: RoomPeople | null,
  { fumes = 'computed', hoursADay = 8 }: { fumes?: FumesSchool; hoursADay?: number } = {},
): Brief => brief({ room: { who, fumes, hoursADay } });
const printer = parsePrinter({ ...enclosedPrinter, ventilation: 'room', roomM3: 20, airChangesPerH: 1 });
const judged = (b: Brief, key: string, p = printer): Candidate => candidate(rank(b, { printer: p }), key);
const air = (c: Candidate): Candidate['gates'][number] | undefined => c.gates.find(g => g.id === 'air');

describe('who is in the room', () => {
  it('is the model for the room of the printer, and its mean over the day beside the reference value', () => {
    const { concentrationUgM3, share } = roomAirOf({ brief: room('adults'), printer }, familyByKey('asa')!)!;
    const rate = familyByKey('asa')!.flags.vapour!.ugMin[1];
    expect(concentrationUgM3).toBeCloseTo((rate * 60) / 20, 9);
    expect(share).toBeCloseTo(concentrationUgM3 / 3 / 900, 9);
  });
  it('decides nothing until it is said, and nothing where nobody is there or fumes are a nuisance', () => {
    for (const b of [room(null), room('nobody'), room('adults', { fumes: 'nuisance' })]) {
      const c = judged(b, 'pa6');
      expect(air(c)).toBeUndefined();
      expect(c.criteria.find(k => k.id === 'air')?.weight ?? 0).toBe(0);
    }
  });
  it('weighs what a room holds: caprolactam over its reference value is marginal, as a limit it is out', () => {
    const computed = judged(room('adults'), 'pa6');
    expect(air(computed)).toMatchObject({ verdict: 'marginal', working: { model: 'air.room' } });
    expect(air(computed)!.why).toMatch(/caprolactam in this room: .* of 2\.2 \(OEHHA/);
    expect(air(judged(room('adults', { fumes: 'limit' }), 'pa6'))?.verdict).toBe('fail');
    expect(air(judged(room('adults', { fumes: 'limit' }), 'asa'))?.verdict).toBe('pass');
    // Children weigh more than adults, and what gives off nothing is at ease.
    const weight = (who: RoomPeople): number =>
      judged(room(who), 'petg').criteria.find(k => k.id === 'air')!.weight;
    expect(weight('children')).toBeGreaterThan(weight('adults'));
    expect(judged(room('children'), 'petg').criteria.find(k => k.id === 'air')!.desirability).toBe(1);
  });
  it('five machines are not one: the same filament may be out where one print may be right', () => {
    const five = parsePrinter({ ...printer, machinesInRoom: 5, airChangesPerH: 0.3 });
    const b = room('adults', { fumes: 'limit', hoursADay: 12 });
    expect(air(judged(b, 'asa'))?.verdict).toBe('pass');
    expect(air(judged(b, 'asa', five))?.verdict).toBe('fail');
    // A duct takes it away again.
    expect(air(judged(b, 'asa', parsePrinter({ ...five, capturedShare: 0.95 })))?.verdict).toBe('pass');
  });
  it('who holds fumes to be decisive rules them out in a closed room, and only there', () => {
    const b = room('adults', { fumes: 'decisive' });
    const closed = parsePrinter({ ...printer, airChangesPerH: 0.3 });
    expect(air(judged(b, 'asa', closed))?.verdict).toBe('fail');
    expect(air(judged(b, 'asa'))?.verdict).toBe('pass');
    expect(judged(b, 'petg', closed).status).not.toBe('out');
    // A filter counts by how often it turns the room over: 20 m³ an hour are one change of 20 m³, half of one of 40.
    const filtered = (roomM3: number): string | undefined =>
      air(judged(b, 'asa', parsePrinter({ ...closed, roomM3, filterCadrM3H: 20 })))?.verdict;
    expect([filtered(20), filtered(40)]).toEqual(['pass', 'fail']);
  });
});

describe('rubber in a hot car', () => {
  const mat = (rubber: 'holds' | 'dead', setting = 'closed-vehicle'): Brief =>
    brief({ heat: { setting, rubber }, sun: 'reflected', flex: { want: 'rubbery', shoreA: [85, 98] } });
  it('keeps its shape unloaded by its figures, or is dead where one holds that', () => {
    expect(judged(mat('holds'), 'tpu-95a').status).not.toBe('out');
    const dead = judged(mat('dead'), 'tpu-95a');
    expect(dead.gates.find(g => g.id === 'heat')).toMatchObject({
      verdict: 'fail',
      remedy: { path: 'heat.rubber', value: 'holds' },
    });
    // The draws hold it too, and it is a question of cars alone.
    const sure = robustness(mat('dead'), { printer, draws: 60, seed: 1 });
    expect(sure.candidates.find(c => c.material === 'tpu-95a')!.pFits).toBe(0);
    expect(judged(mat('dead', 'indoors'), 'tpu-95a').status).toBe('fits');
  });
});
