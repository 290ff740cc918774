import { parseBrief } from '@hornblende/core/brief';
import { rank, type Candidate } from '@hornblende/core/score';
import { printerPresets } from '@hornblende/core/workshop';
import { describe, expect, it } from 'vitest';
import { thinnestMargin } from '../../../src/features/part/thinnest-margin';

const cabinet = printerPresets.find(p => p.key === 'cabinet')!.profile;

/** A candidate of a brief in a cabinet. */
function candidate(fields: object, material: string): Candidate {
  const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Part', ...fields });
  return rank(brief, { printer: cabinet }).candidates.find(c => c.material === material)!;
}

describe('the thinnest margin', () => {
  it('is the gate nearest to what is comfortable, whatever its unit', () => {
    const warm = { heat: { setting: 'custom', partC: 60, hoursADay: 1 } };
    expect(thinnestMargin(candidate(warm, 'petg'))?.id).toBe('heat');
    const pulled = { loads: [{ kind: 'short', case: 'direct-stress', stressMPa: 15 }] };
    expect(thinnestMargin(candidate(pulled, 'pla'))?.id).toBe('strength');
  });
  it('is the hardness of a bumper, where that is what decides', () => {
    const bumper = { flex: { want: 'rubbery', shoreA: [90, 97] } };
    expect(thinnestMargin(candidate(bumper, 'tpu-95a'))).toMatchObject({ id: 'flex', verdict: 'marginal' });
  });
  it('is not a share of which nearly all is left', () => {
    const warm = { heat: { setting: 'custom', partC: 60, hoursADay: 4 } };
    const abs = candidate(warm, 'abs');
    expect(abs.criteria.find(c => c.id === 'ageing')!.value).toBeGreaterThan(0.9);
    expect(thinnestMargin(abs)?.id).toBe('heat');
  });
  it('is not what is only said in words, as that nothing speaks against skin', () => {
    const knob = {
      contact: { skin: true },
      loads: [{ kind: 'short', case: 'direct-stress', stressMPa: 2 }],
    };
    const pla = candidate(knob, 'pla');
    expect(pla.criteria.find(c => c.id === 'contact')!.weight).toBeGreaterThan(0);
    expect(thinnestMargin(pla)?.have).toBeTypeOf('number');
  });
  it('is what it only just passes before anything that passes with room', () => {
    const dry = { ...cabinet, dryerMaxC: null };
    const brief = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Gear', wear: 'gear' });
    const nylon = rank(brief, { printer: dry }).candidates.find(c => c.material === 'pa12')!;
    expect(thinnestMargin(nylon)?.id).toBe('printability.dryer');
  });
  it('is none without a candidate', () => expect(thinnestMargin(null)).toBeNull());
});
