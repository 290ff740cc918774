/* global document, window */
// The first page in Chromium at a fourth of this machine's speed, beside a bare page with the same rows, fonts and
// styles: when something is first seen, when the rows of Parts stand there, and how much script it took.
import { chromium } from '@playwright/test';
import { createServer } from 'node:http';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { found } from './bench-table.mjs';
import { findChromium } from './chromium.mjs';
import { root } from './hash.mjs';

const SLOWDOWN = 4;
const RUNS = 5;
const WANTED = { scriptKB: 200, contentMs: 1000, rowsMs: 2000 };
const assets = join(root, 'packages/web/dist/assets');
const flags = ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-quic'];

/** The middle of some numbers. */
const median = list => [...list].sort((a, b) => a - b)[list.length >> 1];

/** One visit with an empty cache: milliseconds to the first content and to the rows, gzipped bytes of script. */
async function visit(browser, url) {
  const page = await browser.newPage();
  const requests = [];
  page.on('request', r => {
    if (r.resourceType() === 'script') requests.push(r);
  });
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  await page.addInitScript(() => {
    new PerformanceObserver(list => {
      for (const e of list.getEntries())
        if (e.name === 'first-contentful-paint') window.painted = e.startTime;
    }).observe({ type: 'paint', buffered: true });
    const seen = setInterval(() => {
      if (!document.querySelector('[data-testid=part-row]')) return;
      window.rowsAt = performance.now();
      clearInterval(seen);
    }, 5);
  });
  await page.goto(url);
  await page.waitForFunction(() => window.rowsAt !== undefined && window.painted !== undefined);
  const { content, rows, began } = await page.evaluate(() => ({
    content: window.painted,
    rows: window.rowsAt,
    began: performance.timeOrigin,
  }));
  await Promise.all(requests.map(r => r.response()));
  const until = requests.filter(r => r.timing().startTime <= began + rows);
  const scripts = [...new Set(until.map(r => new URL(r.url()).pathname))];
  await page.close();
  return { content, rows, scripts };
}

async function measure(browser, url) {
  const visits = [];
  for (let i = 0; i < RUNS; i++) visits.push(await visit(browser, url));
  return {
    content: median(visits.map(v => v.content)),
    rows: median(visits.map(v => v.rows)),
    scripts: visits[0].scripts,
  };
}

/** The same page without a line of script: what Chromium itself takes to show it. */
async function bare(browser, url) {
  const page = await browser.newPage();
  await page.goto(url);
  await page.waitForSelector('[data-testid=part-row]');
  const html = await page.evaluate(() => {
    for (const s of document.querySelectorAll('script, link[rel=modulepreload]')) s.remove();
    return `<!doctype html>${document.documentElement.outerHTML}`;
  });
  await page.close();
  return html;
}

/** Measures the first page of a workshop with the demo, and prints it beside the bare one. */
export async function benchFirstPaint(startServer) {
  const dataDir = mkdtempSync(join(tmpdir(), 'hornblende-bench-'));
  const server = await startServer({
    dataDir,
    port: 0,
    demo: true,
    webRoot: join(root, 'packages/web/dist'),
  });
  const browser = await chromium.launch({ executablePath: findChromium() ?? undefined, args: flags });
  const html = await bare(browser, `${server.url}/parts`);
  const files = new Set(readdirSync(assets));
  const still = createServer((req, res) => {
    const name = req.url?.replace('/assets/', '') ?? '';
    if (files.has(name)) {
      res.setHeader('content-type', name.endsWith('.css') ? 'text/css' : 'application/octet-stream');
      res.end(readFileSync(join(assets, name)));
    } else res.setHeader('content-type', 'text/html').end(html);
  });
  await new Promise(ok => still.listen(0, '127.0.0.1', ok));
  try {
    const page = await measure(browser, `${server.url}/parts`);
    const plain = await measure(browser, `http://127.0.0.1:${still.address().port}/`);
    const bytes = page.scripts.map(p => gzipSync(readFileSync(join(root, 'packages/web/dist', p))).length);
    const script = bytes.reduce((a, b) => a + b, 0) / 1000;
    const line = (what, a, b, wanted) =>
      found({
        what: `${what}, at a ${SLOWDOWN}th of the speed`,
        value: a,
        beside: `a bare page, ${b.toFixed(0)} ms`,
        ratio: a / b,
        wanted,
      });
    line('first content', page.content, plain.content, WANTED.contentMs);
    line('rows of Parts', page.rows, plain.rows, WANTED.rowsMs);
    found({ what: 'script until then, gzipped', value: script, unit: 'kB', wanted: WANTED.scriptKB });
  } finally {
    still.close();
    await browser.close();
    await server.close();
    rmSync(dataDir, { recursive: true, force: true });
  }
}
