import { describe, expect, it } from 'vitest';
import {
  easierLay,
  familyByKey,
  layChoices,
  layVerdicts,
  parseBrief,
  parsePrinter,
  undirectedLoads,
  type ShapeLay,
} from '../../src/index.js';

const shares = Array.from({ length: 48 }, () => 0.4);
const lay = (change: Partial<ShapeLay>): ShapeLay => ({
  up: [0, 0, 1],
  xMm: 120,
  yMm: 20,
  zMm: 12,
  volumeMm3: 20000,
  sharpCorners: [1, 2, 3, 4],
  support: { volumeMm3: 0 },
  deepShares: shares,
  footFill: null,
  steady: true,
  look: { surfaceMm2: 8000, steppedMm2: 0, scarMm2: 0 },
  ...change,
});
const flat = lay({});
const onEnd = lay({
  up: [1, 0, 0],
  xMm: 20,
  yMm: 12,
  zMm: 120,
  support: { volumeMm3: 9000 },
  look: { surfaceMm2: 8000, steppedMm2: 0, scarMm2: 900 },
});
const brief = parseBrief({
  format: 'hornblende-brief',
  version: 1,
  name: 'Arm',
  geometry: { file: 'arm.stl' },
  loads: [
    {
      kind: 'short',
      case: 'cantilever',
      forceN: 40,
      lengthMm: 100,
      widthMm: 20,
      heightMm: 12,
      heldAtMm: [0, 0, 0],
      actsAtMm: [100, 0, 0],
    },
  ],
});
const petg = familyByKey('petg')!;
const printer = parsePrinter({
  format: 'hornblende-printer',
  version: 1,
  name: 'Small',
  buildMm: [100, 100, 200],
});

describe('ways to lay a part in one filament', () => {
  const verdicts = layVerdicts(brief, [onEnd, flat], petg);
  it('put the arm flat, with its load along the layers and no supports', () => {
    expect(verdicts.map(v => [v.rank, v.index, v.current])).toEqual([
      [1, 1, true],
      [2, 0, false],
    ]);
    expect(verdicts[0]!.for.join()).toMatch(/load 1 runs along its layers.*no supports/);
    expect(verdicts[1]!.against.join()).toMatch(/load 1 pulls its layers apart/);
    expect(verdicts[1]!.against.join()).toMatch(/2.1 g of supports/);
    expect(verdicts[1]!.candidate.printing.supportG).toBeCloseTo(9 * 0.18 * 1.27, 1);
  });
  it('say what does not fit the printer, and put it last', () => {
    const [best, worst] = layVerdicts(brief, [flat, onEnd], petg, { printer });
    expect(best!.index).toBe(1);
    expect(worst).toMatchObject({ fits: false, candidate: { status: 'out' } });
    expect(worst!.against[0]).toBe('does not fit the printer lying so');
  });
  it('prefer what stays lying, all else being equal', () => {
    const [best] = layVerdicts(brief, [lay({ steady: false }), lay({ up: [0, 0, -1] })], petg);
    expect(best!.lay.up).toEqual([0, 0, -1]);
  });
  it('weigh a rough face by the finish that is asked for', () => {
    const rough = lay({
      up: [0, 1, 0],
      xMm: 120,
      yMm: 12,
      zMm: 20,
      look: { surfaceMm2: 8000, steppedMm2: 4000, scarMm2: 0 },
    });
    const fine = parseBrief({ ...JSON.parse(JSON.stringify(brief)), looks: { finish: 'fine' } });
    expect(layVerdicts(fine, [rough, flat], petg)[0]!.index).toBe(1);
  });
  it('name loads whose direction nobody has said', () => {
    expect(undirectedLoads(brief)).toEqual([]);
    const unsaid = { ...brief, loads: brief.loads.map(l => ({ ...l, actsAtMm: null })) };
    expect(undirectedLoads(unsaid)).toEqual([0]);
  });
});

describe('lay and filament together', () => {
  it('rank every filament for every lay, and tell how far it is', () => {
    const told: number[] = [];
    const choices = layChoices(brief, [flat, onEnd], {}, done => told.push(done));
    expect(told).toEqual([0.5, 1]);
    expect(choices.map(c => c.index)).toEqual([0, 1]);
    expect(choices[0]!.running).toBeGreaterThanOrEqual(choices[1]!.running);
  });
  it('find where another lay lets an easier filament in', () => {
    const heavy = parseBrief({
      ...JSON.parse(JSON.stringify(brief)),
      loads: [{ ...brief.loads[0], forceN: 85 }],
    });
    const choices = layChoices(heavy, [onEnd, flat]);
    const easier = easierLay(choices, 0);
    // Standing on end the layers are pulled apart: what is easy to print does not carry it.
    expect(choices[0]!.first?.material).not.toBe(choices[1]!.first?.material);
    expect(easier?.index).toBe(1);
    expect(easier!.first!.printing.difficulty).toBeLessThan(choices[0]!.first!.printing.difficulty);
    expect(easierLay(choices, 1)).toBeNull();
  });
});
