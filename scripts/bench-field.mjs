// The field's share of `npm run bench`: a load on a part's own shape, beside one pass over its cells in the same run.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { found } from './bench-table.mjs';

/** A box of so many mm from the origin, nine coordinates a triangle. */
function box(x, y, z) {
  const corner = a => [a & 1 ? x : 0, a & 2 ? y : 0, a & 4 ? z : 0];
  const faces = [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [2, 6, 7, 3],
    [0, 4, 6, 2],
    [1, 3, 7, 5],
  ];
  const triangles = faces.flatMap(([a, b, c, d]) => [a, b, c, a, c, d]);
  return Float32Array.from(triangles.flatMap(corner));
}

/** What SciPy's conjugate gradients take for the same equations; null where Python or SciPy is not there. */
function scipy(asked) {
  const script = fileURLToPath(new URL('bench-field.py', import.meta.url));
  const { status, stdout } = spawnSync('python3', [script], {
    input: JSON.stringify(asked),
    encoding: 'utf8',
  });
  return status === 0 ? JSON.parse(stdout) : null;
}

/** Sets a whole solution beside SciPy's conjugate gradients on the same matrix. */
function besideScipy({ stressField, StressFieldInput }) {
  const cellMm = 1.25;
  const counts = [96, 32, 20];
  const [x, y, z] = counts.map(n => n * cellMm);
  const input = Object.assign(new StressFieldInput(), {
    ...{ modulusMPa: 2000, poisson: 0.36, layerRatio: 1, solid: true, cellMm },
    held: [{ atMm: [0, y / 2, z / 2] }],
    acts: [{ atMm: [x, y / 2, z / 2], forceN: [0, 0, -10], pressureMPa: null, torqueNmm: null }],
  });
  const begin = performance.now();
  const ours = stressField({ positions: box(x, y, z), minWallMm: null }, input);
  const ms = performance.now() - begin;
  const size = [cellMm, cellMm, cellMm];
  const theirs = scipy({ counts, size, modulusMPa: 2000, poisson: 0.36, forceN: -10 });
  if (!theirs) return;
  const apart = Math.abs(-theirs.deflectionMm / ours.acts[0].deflectionMm - 1);
  found({
    what: `a load on ${ours.cells} cells from file to stresses, moving as SciPy's within ${apart.toExponential(0)}`,
    value: ms,
    beside: `SciPy's conjugate gradients alone, ${theirs.iterations} iterations`,
    ratio: ms / 1000 / theirs.seconds,
    wanted: 0.25,
    of: 'ratio',
  });
}

/** Works one load out on bars of growing numbers of cells, printed solid and light. */
export async function benchField() {
  const field = await import('../packages/cli/dist/core/field.js');
  const { stressField, StressFieldInput } = field;
  const shape = { positions: box(120, 40, 25), volumeMm3: 120_000 };
  const places = {
    held: [{ atMm: [0, 20, 12] }],
    acts: [{ atMm: [120, 20, 12], forceN: [0, 0, -10], pressureMPa: null, torqueNmm: null }],
  };
  const print = {
    ...{ walls: 3, lineMm: 0.45, topLayers: 4, bottomLayers: 4, layerMm: 0.2 },
    ...{ infill: 0.2, pattern: 'grid' },
  };
  for (const [name, how] of [
    ['solid', { solid: true }],
    ['walls and infill', { print }],
  ]) {
    const work = cells => {
      const input = Object.assign(new StressFieldInput(), { modulusMPa: 2000, cells, ...how, ...places });
      const begin = performance.now();
      const { iterations, cells: there } = stressField(shape, input);
      return { ms: performance.now() - begin, iterations, there };
    };
    work(2000);
    const first = work(2000);
    const fine = work(60_000);
    found({ what: `a load on ${first.there} cells, ${name}`, value: first.ms, wanted: 500 });
    found({
      what: `a load on ${fine.there} cells, ${name}`,
      value: fine.ms,
      beside: `the same on ${first.there} cells, for each of them`,
      ratio: fine.ms / fine.there / (first.ms / first.there),
      wanted: 2,
      of: 'ratio',
    });
    found({
      what: `iterations of that, ${name}`,
      value: fine.iterations,
      unit: '',
      beside: `${first.iterations} on ${first.there} cells`,
      ratio: fine.iterations / first.iterations,
      wanted: 41,
    });
  }
  besideScipy(field);
}
