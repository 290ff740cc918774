/* global document, window, requestAnimationFrame, MutationObserver */
// The shape room's share of `npm run bench`: a million triangles beside other programs that read them, in one run.
import { chromium } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';
import { found } from './bench-table.mjs';
import { findChromium } from './chromium.mjs';
import { root } from './hash.mjs';

/** A ball of so many rings as binary STL. */
function ballStl(rings) {
  const slices = 2 * rings;
  const bytes = Buffer.alloc(84 + 50 * 2 * (rings - 1) * slices);
  const at = (i, j) => {
    const a = (Math.PI * i) / rings;
    const b = (2 * Math.PI * (j % slices)) / slices;
    return [50 * Math.sin(a) * Math.cos(b), 50 * Math.sin(a) * Math.sin(b), 50 * Math.cos(a)];
  };
  let offset = 84;
  const put = (...points) => {
    for (const [k, x] of points.flat().entries()) bytes.writeFloatLE(x, offset + 12 + 4 * k);
    offset += 50;
  };
  for (let i = 0; i < rings; i++)
    for (let j = 0; j < slices; j++) {
      if (i > 0) put(at(i, j), at(i + 1, j), at(i, j + 1));
      if (i < rings - 1) put(at(i, j + 1), at(i + 1, j), at(i + 1, j + 1));
    }
  bytes.writeUInt32LE((offset - 84) / 50, 80);
  return bytes;
}

/** The quickest of a few runs, ms: what else goes on only ever adds. */
function quickest(work, runs = 5) {
  let best = Infinity;
  for (let i = 0; i < runs; i++) {
    const begin = performance.now();
    work();
    best = Math.min(best, performance.now() - begin);
  }
  return best;
}

/** Volume, bounds and corners of a million triangles against three's loader and, where it is installed, admesh. */
async function benchMillion(dir) {
  const { extent, readMesh, sectionAt, sharpCorners } = await import('../packages/cli/dist/core/geometry.js');
  const path = join(dir, 'million.stl');
  const bytes = ballStl(500);
  writeFileSync(path, bytes);
  const ours = quickest(() => {
    const { positions } = readMesh('million.stl', readFileSync(path));
    const { lowMm } = extent(positions);
    sectionAt(positions, lowMm[2] + 0.1).flatMap(o => sharpCorners(o));
  });
  const theirs = quickest(() => {
    const file = readFileSync(path);
    new STLLoader()
      .parse(file.buffer.slice(file.byteOffset, file.byteOffset + file.length))
      .computeVertexNormals();
  });
  const what = 'volume, bounds and corners of a million triangles';
  found({
    what,
    value: ours,
    beside: `three’s loader with normals, ${theirs.toFixed(0)} ms`,
    ratio: ours / theirs,
    wanted: 0.5,
    of: 'ratio',
  });
  if (spawnSync('admesh', ['--version']).status !== 0) return;
  const c = quickest(() => spawnSync('admesh', ['--no-check', path]), 3);
  found({
    what,
    value: ours,
    beside: `admesh as a process, ${c.toFixed(0)} ms`,
    ratio: ours / c,
    wanted: 1.5,
    of: 'ratio',
  });
}

/** Memory that measuring a file of a hundred megabytes takes, as a process of its own. */
function benchMemory(dir) {
  const path = join(dir, 'hundred.stl');
  writeFileSync(path, ballStl(710));
  const entry = join(root, 'packages/cli/dist/core/geometry.js');
  const script =
    `const { meshReport, readMesh } = await import(${JSON.stringify(entry)});` +
    `const { readFileSync } = await import('node:fs');` +
    `meshReport(readMesh('a.stl', readFileSync(${JSON.stringify(path)})));` +
    `console.log(process.resourceUsage().maxRSS / 1024);`;
  const { stdout } = spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' });
  found({ what: 'a file of 100 MB measured', value: Number(stdout), unit: 'MB', wanted: 700 });
}

/** From dropping a file of 200,000 triangles to its picture. */
async function benchPicture(dir) {
  const { startServer } = await import('../packages/cli/dist/server.js');
  const server = await startServer({
    dataDir: join(dir, 'data'),
    port: 0,
    demo: true,
    webRoot: join(root, 'packages/web/dist'),
  });
  const browser = await chromium.launch({
    executablePath: findChromium() ?? undefined,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage();
  const parts = await (await fetch(`${server.url}/api/parts`)).json();
  await page.goto(`${server.url}/parts/${parts.find(p => p.name === 'Van frame-rack peg').id}/shape`);
  await page.waitForSelector('.plain svg');
  await page.waitForTimeout(3000);
  // From the file being there to the frame after its picture; handing the bytes to the browser is the bench's own.
  await page.evaluate(() => {
    const input = document.querySelector('input[type=file]');
    input.addEventListener('change', () => (window.dropped = performance.now()), { capture: true });
    new MutationObserver((_, watch) => {
      if (!document.querySelector('[data-testid=stage] canvas')) return;
      watch.disconnect();
      const frames = n =>
        requestAnimationFrame(() => (n ? frames(n - 1) : (window.pictured = performance.now())));
      frames(2);
    }).observe(document.body, { childList: true, subtree: true });
  });
  const file = { name: 'ball.stl', mimeType: 'model/stl', buffer: ballStl(224) };
  await page.locator('input[type=file]').setInputFiles(file);
  await page.waitForFunction(() => window.pictured !== undefined);
  const ms = await page.evaluate(() => window.pictured - window.dropped);
  found({ what: 'first picture of 200,000 triangles, no graphics card', value: ms, wanted: 2000 });
  await browser.close();
  await server.close();
}

/** Everything of shapes. */
export async function benchShapes() {
  const dir = mkdtempSync(join(tmpdir(), 'hornblende-bench-'));
  try {
    await benchMillion(dir);
    benchMemory(dir);
    await benchPicture(dir);
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}
