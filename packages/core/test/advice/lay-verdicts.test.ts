import { describe, expect, it } from 'vitest';
import type { ShapeLay } from '../../src/advice/lay-verdict.js';
import { easierLay, layChoices, layVerdicts, undirectedLoads } from '../../src/advice/lay-verdicts.js';
import { laidBrief } from '../../src/brief/laid.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';
import { rank } from '../../src/score/rank.js';
import { parsePrinter } from '../../src/workshop/printer.js';

const shares = Array.from({ length: 48 }, () => 0.4);
const lay = (change: Partial<ShapeLay>): ShapeLay => ({
  up: [0, 0, 1],
  xMm: 120,
  yMm: 20,
  zMm: 12,
  volumeMm3: 20000,
  sharpCorners: [1, 2, 3, 4],
  support: { volumeMm3: 0, bridgeMm: 0 },
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
  support: { volumeMm3: 9000, bridgeMm: 0 },
  look: { surfaceMm2: 8000, steppedMm2: 0, scarMm2: 900 },
});
const unlaid = parseBrief({
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
const brief = laidBrief(unlaid, flat, 'arm.stl');
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
  it('leads with how it lies now where another way is better by nothing that is felt', () => {
    // The other way bows a little less, within the tolerance, and is otherwise the same.
    const shorter = lay({ up: [0, 0, -1], zMm: 10, volumeMm3: 20000 });
    const loose = { ...brief, toleranceMm: 5 };
    const [first, second] = layVerdicts(loose, [flat, shorter], petg);
    expect(first).toMatchObject({ current: true, rank: 1 });
    expect(second!.bowMm).not.toBe(first!.bowMm);
    expect([...first!.for, ...first!.against, ...second!.for, ...second!.against].join()).not.toMatch(/bow/);
  });
  it('has the figures of the ranking for how it lies now, whatever its file says', () => {
    const bySaid = { ...brief, geometry: { ...brief.geometry, zMm: 14, solidFraction: 0.9 } };
    const now = layVerdicts(bySaid, [flat, onEnd], petg).find(v => v.current)!;
    expect(now.candidate).toEqual(rank(bySaid, { families: [petg] }).candidates[0]);
  });
  it('turns a load of which nobody has said where it pulls: on its long end it pulls the layers apart', () => {
    const unsaid = { ...brief, loads: brief.loads.map(l => ({ ...l, heldAtMm: null, actsAtMm: null })) };
    const verdicts = layVerdicts(unsaid, [onEnd, flat], petg);
    expect(verdicts[0]).toMatchObject({ current: true, across: [] });
    expect(verdicts[1]).toMatchObject({ across: [0] });
    // Laid so and turned back, it runs along the layers again.
    const standing = verdicts[1]!.brief;
    expect(standing.loads[0]!.acrossLayers).toBe(true);
    expect(laidBrief(standing, flat).loads[0]!.acrossLayers).toBe(false);
  });
  it('tells of another way what differs from how it lies now', () => {
    const verdicts = layVerdicts(brief, [flat, onEnd], petg);
    expect(verdicts[1]!.against.join()).toMatch(/than as it lies now|as it lies now/);
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
      ...JSON.parse(JSON.stringify(unlaid)),
      loads: [{ ...brief.loads[0], forceN: 60 }],
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
