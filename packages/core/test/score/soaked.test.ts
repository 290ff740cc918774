import { describe, expect, it } from 'vitest';
import { gradesEffect } from '../../src/advice/measuring-effect.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { typical } from '../../src/materials/family.js';
import { families } from '../../src/materials/library.js';
import type { Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { gate as gateOf } from './one-gate.js';

const brief = parseBrief({
  format: 'hornblende-brief',
  version: 1,
  name: 'Float',
  mustFloat: true,
  water: 'immersed',
});
const floats = (soakedGcm3: number | null): Gate | undefined => {
  const grade = parseGrade({
    format: 'hornblende-grade',
    version: 1,
    key: 'own-foam',
    name: 'Own foam',
    family: 'tpu-foam',
    soakedGcm3,
  });
  const ranking = rank(brief, { families: [gradeFamily(grade)] });
  return ranking.candidates[0]!.gates.find(g => g.id === 'float');
};

describe('a grade that was soaked', () => {
  it('floats by what it weighed after the night, whatever its density says', () => {
    expect(floats(0.6)).toMatchObject({ verdict: 'pass', have: 0.6 });
    expect(floats(0.94)).toMatchObject({ verdict: 'marginal' });
    expect(floats(1.1)).toMatchObject({ verdict: 'fail', have: 1.1 });
  });

  it('is judged by its density where it was not', () => {
    expect(floats(null)?.have).not.toBe(0.6);
  });
});

describe('what measuring a grade changed', () => {
  const outdoors = parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: 'Latch',
    heat: { setting: 'custom', partC: 70 },
  });
  const grade = (vicatC: number | null): ReturnType<typeof parseGrade> =>
    parseGrade({
      format: 'hornblende-grade',
      version: 1,
      key: 'own-petg',
      name: 'Own PETG',
      family: 'petg',
      measured: vicatC === null ? {} : { vicatC },
    });

  it('is told: a PETG that softens at 120 °C has a margin that its family has not', () => {
    const families = [gradeFamily(grade(120))];
    const said = gradesEffect(outdoors, [grade(120)], { families });
    expect(said.join(' ')).toMatch(/margin in heat of/);
    expect(said.at(-1)).toMatch(/first choice/);
  });

  it('is nothing where nothing was measured', () => {
    expect(gradesEffect(outdoors, [grade(null)], { families: [gradeFamily(grade(null))] })).toEqual([]);
  });
});

describe('what it takes up', () => {
  it('is judged by where it stands: 12 % in damp air, 10 in rain, 6 under water', () => {
    for (const [water, limit] of [
      ['humid', 12],
      ['rain', 10],
      ['immersed', 6],
    ] as const)
      for (const f of families) {
        const uptake = typical(f, 'waterUptakePct');
        if (f.flags.soluble || f.flags.foaming) continue;
        const found = gateOf({ water }, f.key, 'water');
        if (uptake > limit) expect([f.key, found?.verdict]).toEqual([f.key, 'fail']);
        else if (found?.unit === '% taken up') expect(found).toMatchObject({ need: limit, have: uptake });
      }
    expect(gateOf({ water: 'humid' }, 'pa6', 'water')?.need).toBe(12);
  });
});
