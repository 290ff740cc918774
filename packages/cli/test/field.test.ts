import { describe, expect, it } from 'vitest';
import { runIn, testFolder, type Ran } from './run-command.js';

const { dir, file } = testFolder();
const run = (...args: string[]): Promise<Ran> => runIn(dir, args);
/** A box from the origin, as OBJ. */
function boxOf(x: number, y: number, z: number): string {
  const corners = Array.from({ length: 8 }, (_, a) => `v ${a & 1 ? x : 0} ${a & 2 ? y : 0} ${a & 4 ? z : 0}`);
  const faces = ['1 3 4 2', '5 6 8 7', '1 2 6 5', '3 7 8 4', '1 5 7 3', '2 4 8 6'].map(f => `f ${f}`);
  return `${[...corners, ...faces].join('\n')}\n`;
}
const bar = file('bar.obj', boxOf(60, 12, 8));
const places = { held: [{ atMm: [0, 6, 4] }], acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }] };

describe('hornblende stress', () => {
  it('works a cantilever out on its shape, as JSON and in words', async () => {
    const input = file('in.json', { modulusMPa: 2000, layerRatio: 1, solid: true, cellMm: 2, ...places });
    const found = JSON.parse((await run('stress', input, '--mesh', bar, '--json')).out) as Record<
      string,
      unknown
    >;
    expect(Object.keys(found)).toEqual(
      expect.arrayContaining(['cells', 'cellMm', 'seconds', 'acts', 'along', 'across', 'shear', 'warnings']),
    );
    expect(found.cells).toBe(30 * 6 * 4);
    expect((found.acts as { deflectionMm: number }[])[0]!.deflectionMm).toBeCloseTo(0.696, 2);
    const words = (await run('stress', input, '--mesh', bar)).out;
    expect(words).toContain('moves 0.696 mm where it acts');
    expect(words).toContain('along the layers: ');
  });
  it('tells the reserve of each load of a brief that names its places', async () => {
    const brief = file('brief.json', {
      ...{ format: 'hornblende-brief', version: 1, name: 'Arm' },
      loads: [
        { kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8, ...places },
      ],
    });
    const ask = (...more: string[]): Promise<Ran> => run('stress', '--brief', brief, '--mesh', bar, ...more);
    const found = JSON.parse((await ask('--material', 'petg', '--json')).out) as {
      loads: { load: number; reserve: number }[];
    };
    expect(found.loads[0]!.load).toBe(0);
    expect(found.loads[0]!.reserve).toBeGreaterThan(1.5);
    expect((await ask('--material', 'petg')).out).toMatch(
      /load 1 in PETG: bears [\d.]+ times the load, [\d.]+ times with the safety/,
    );
    expect((await ask()).err).toContain('material: (missing) is needed with --brief');
  });
  it('ranks by the shape: half as high, it bears a quarter', async () => {
    const arm = {
      ...{ format: 'hornblende-brief', version: 1, name: 'Arm', print: { pattern: 'solid' } },
      loads: [
        {
          ...{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 },
          held: [{ atMm: [0, 6, 2] }],
          acts: [{ atMm: [60, 6, 2], forceN: [0, 0, -10] }],
        },
      ],
    };
    const brief = file('arm.json', arm);
    const thin = file('thin.obj', boxOf(60, 12, 4));
    const asks = async (mesh: string): Promise<number> => {
      const { candidates } = JSON.parse((await run('rank', brief, '--mesh', mesh, '--json')).out) as {
        candidates: { material: string; gates: { id: string; need: number }[] }[];
      };
      return candidates.find(c => c.material === 'petg')!.gates.find(g => g.id === 'strength')!.need;
    };
    expect((await asks(thin)) / (await asks(bar))).toBeGreaterThan(3.5);
  });
  it('compares the ways to lay a part by its shape in each', async () => {
    const load = { kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8 };
    const brief = (loads: object): object => ({
      ...{ format: 'hornblende-brief', version: 1, name: 'Arm', print: { pattern: 'solid' } },
      loads: [{ ...load, heldAtMm: [0, 6, 4], actsAtMm: [60, 6, 4], ...loads }],
    });
    const ends = async (loads: object): Promise<{ lying: number; standing: number }> => {
      const asked = file('ways.json', brief(loads));
      const { ways } = JSON.parse(
        (await run('lay', asked, '--mesh', bar, '--material', 'petg', '--json')).out,
      ) as { ways: { up: number[]; current: boolean; for: string[]; against: string[] }[] };
      const times = (way: (typeof ways)[number]): number =>
        Number(/\(([\d.]+) × need\)/.exec([...way.for, ...way.against].join())?.[1]);
      return {
        lying: times(ways.find(w => w.current)!),
        standing: times(ways.find(w => Math.abs(w.up[0]!) === 1)!),
      };
    };
    const byBar = await ends({});
    const byShape = await ends(places);
    // A bar that is as its formula has it bears the same on its shape, lying and standing, but for its held end.
    expect(byShape.lying / byBar.lying).toBeGreaterThan(0.7);
    expect(byShape.lying / byBar.lying).toBeLessThan(1.3);
    expect(byShape.standing).not.toBe(byBar.standing);
    expect(byShape.standing).toBeLessThan(byShape.lying);
  });
  it('refuses what it cannot tell with 2 and a line', async () => {
    const nothing = file('nothing.json', { modulusMPa: 2000, held: [], acts: [] });
    const free = await run('stress', nothing, '--mesh', bar, '--json');
    expect(free).toMatchObject({ status: 2, out: '' });
    expect(free.err).toContain('held: [] names no place');
    const open = file('open.obj', boxOf(60, 12, 8).replace('f 2 4 8 6\n', ''));
    const input = file('in2.json', { modulusMPa: 2000, cellMm: 2, ...places });
    expect((await run('stress', input, '--mesh', open)).err).toContain('is not closed');
    expect(
      (await run('stress', file('in3.json', { modulusMPa: -1, ...places }), '--mesh', bar)).err,
    ).toContain('modulusMPa');
  });
});

describe('hornblende warp', () => {
  it('bows a bar as its beam does, and says where it pulls', async () => {
    const input = file('warp.json', {
      ...{ alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 40, cellMm: 2.5, adhesionJm2: 40 },
    });
    const long = file('long.obj', boxOf(150, 20, 10));
    const found = JSON.parse((await run('warp', input, '--mesh', long, '--json')).out) as Record<
      string,
      unknown
    >;
    expect(Math.abs((found.bowMm as number) / 0.61 - 1)).toBeLessThan(0.03);
    expect(Object.keys(found)).toEqual(
      expect.arrayContaining(['bowMm', 'edges', 'liftsAtMm', 'energyJm2', 'pLift', 'seconds']),
    );
    expect((await run('warp', input, '--mesh', long)).out).toMatch(/bows 0\.61\d mm off the plate/);
  });
});
