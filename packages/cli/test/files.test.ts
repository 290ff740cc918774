import { existsSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { openDatabase } from '@hornblende/server';
import { runIn, testFolder, type Ran } from './run-command.js';

const { dir, file } = testFolder();
const run = (...args: string[]): Promise<Ran> => runIn(dir, args);
const tetrahedron = `v 0 0 0\nv 30 0 0\nv 0 30 0\nv 0 0 30\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 1 4 3\n`;

describe('hornblende mesh and gcode', () => {
  it('measures a shape, as JSON and in words', async () => {
    const path = file('corner.obj', tetrahedron);
    const report = JSON.parse((await run('mesh', path, '--json')).out) as Record<string, unknown>;
    expect(report).toMatchObject({ format: 'obj', triangles: 4, watertight: true, shells: 1, warnings: [] });
    expect(report.volumeMm3).toBeCloseTo(4500, 6);
    expect(report.sharpCorners).toHaveLength(3);
    expect((await run('mesh', path)).out).toContain('30 × 30 × 30 mm, drawn in millimeter');
    expect((await run('mesh', path, '--unit', 'inch', '--json')).out).toContain('"units": "inch"');
  });
  it('refuses what is no shape with 2 and a line', async () => {
    const bad = await run('mesh', file('x.stl', 'nothing of a shape'), '--json');
    expect(bad).toMatchObject({ status: 2, out: '' });
    expect(bad.err).toContain('(file): null holds no triangle');
    expect((await run('mesh', join(dir, 'not-there.stl'))).err).toContain('does not exist');
    expect((await run('mesh', join(dir, 'corner.obj'), '--unit', 'cubit')).status).toBe(2);
  });
  it('reads G-code', async () => {
    const path = file('a.gcode', 'M83\nG1 X100 E5 F3000\nT1\nG1 X0 E5\n');
    const report = JSON.parse((await run('gcode', path, '--json', '--acceleration', '500')).out) as Record<
      string,
      unknown
    >;
    expect(report).toMatchObject({ filamentMm: 10, layers: 1, warnings: [] });
    expect(report.byTool).toHaveLength(2);
    expect((await run('gcode', path)).out).toContain('10 mm of filament');
    expect((await run('gcode', path, '--diameter', '-1')).status).toBe(2);
    expect((await run('gcode', file('b.gcode', '; nothing'))).err).toContain('holds no G-code');
  });
});

describe('hornblende card', () => {
  it('writes the card, with a file’s own size, as Markdown, HTML and JSON', async () => {
    const brief = file('b.json', JSON.stringify({ format: 'hornblende-brief', version: 1, name: 'Corner' }));
    const shape = file('corner.obj', tetrahedron);
    const json = await run('card', brief, '--material', 'petg', '--mesh', shape, '--json');
    const card = JSON.parse(json.out) as Record<string, unknown>;
    expect(card).toMatchObject({ format: 'hornblende-card', version: 1, material: 'petg', part: 'Corner' });
    // 4.5 cm³ of a file are lighter than the brief's own guess of its size.
    const plain = JSON.parse((await run('card', brief, '--material', 'petg', '--json')).out) as Record<
      string,
      number
    >;
    expect(card.massG).toBeLessThan(plain.massG!);
    expect((await run('card', brief, '--material', 'petg')).out).toContain('# Corner in PETG');
    expect((await run('card', brief, '--material', 'petg', '--as', 'html')).out).toMatch(/^<!doctype html>/);
    expect(await run('card', brief, '--material', 'zinc')).toMatchObject({ status: 2 });
    expect((await run('card', brief)).status).toBe(2);
  });
});

describe('hornblende coupon and lay', () => {
  const brief = (): string =>
    file('arm.json', JSON.stringify({ format: 'hornblende-brief', version: 1, name: 'Arm' }));
  it('makes a shape, lays it in every way, and writes the card for the best', async () => {
    const stl = join(dir, 'latch.stl');
    expect(
      (await run('coupon', 'latch', '--set', 'lengthMm=80', '--set', 'thickMm=10', '--out', stl)).status,
    ).toBe(0);
    const report = JSON.parse((await run('mesh', stl, '--json')).out) as {
      boundsMm: object;
      watertight: boolean;
    };
    expect(report).toMatchObject({ watertight: true, boundsMm: { x: 80, z: 10 } });
    const lays = JSON.parse(
      (await run('lay', brief(), '--mesh', stl, '--material', 'petg', '--json')).out,
    ) as {
      ways: { rank: number; current: boolean; supportG: number; firstChoice: string }[];
      easier: unknown;
    };
    expect(lays.ways[0]).toMatchObject({ rank: 1, current: true, supportG: 0 });
    expect(lays.ways.length).toBeGreaterThan(3);
    expect(lays.ways.every(w => typeof w.firstChoice === 'string')).toBe(true);
    expect((await run('lay', brief(), '--mesh', stl, '--material', 'petg')).out).toContain(
      'needs no supports',
    );
    const onFile = ['card', brief(), '--material', 'petg', '--mesh', stl, '--json'];
    const best = JSON.parse((await run(...onFile, '--lay', 'best')).out) as {
      supportG: number;
      massG: number;
    };
    expect(best.supportG).toBe(0);
    expect(best.massG).toBeGreaterThan(3);
  });
  it('refuses with 2 what cannot be made', async () => {
    const out = join(dir, 'never.stl');
    expect(await run('coupon', 'teapot', '--out', out)).toMatchObject({ status: 2 });
    expect((await run('coupon', 'latch', '--set', 'lengthMm=1', '--out', out)).err).toContain(
      'lengthMm: 1 must be',
    );
    expect((await run('coupon', 'latch', '--set', 'long', '--out', out)).status).toBe(2);
    expect((await run('coupon', 'latch', '--out', join(dir, 'x.obj'))).err).toContain(
      'must end with .stl or .3mf',
    );
    expect(existsSync(out)).toBe(false);
    expect((await run('lay', brief(), '--material', 'petg')).status).toBe(2);
  });
});

describe('keeping a workshop', () => {
  it('backs up, verifies, exports, imports and restores from the command line', async () => {
    const data = join(dir, 'data');
    expect(await run('verify', '--data', data)).toMatchObject({ status: 1 });
    expect((await run('verify', '--data', data)).err).toContain('there is no workshop here');
    rmSync(data, { recursive: true, force: true });
    await run('import', file('no.zip', 'PK'), '--data', data); // makes the folder
    await (await openDatabase(join(data, 'hornblende.db'))).destroy();
    expect(JSON.parse((await run('verify', '--data', data, '--json')).out)).toEqual({
      ok: true,
      checked: 0,
      problems: [],
    });
    const backup = JSON.parse((await run('backup', '--data', data, '--json')).out) as {
      name: string;
      kind: string;
    };
    expect(backup.kind).toBe('demand');
    const path = join(data, 'backups', backup.name);
    expect((await run('verify', path)).out).toContain('all sound');
    const zip = join(dir, 'all.zip');
    expect((await run('export', zip, '--data', data)).status).toBe(0);
    expect(JSON.parse((await run('verify', zip, '--json')).out)).toMatchObject({ ok: true });
    const elsewhere = join(dir, 'elsewhere');
    expect((await run('import', zip, '--data', elsewhere)).out).toContain('Nothing was imported');
    expect((await run('import', zip, '--data', elsewhere, '--yes')).out).toContain('0 added');
    expect((await run('restore', path, '--data', elsewhere)).out).toContain('Restored');
    expect(await run('restore', file('no.db', 'x'.repeat(300)), '--data', elsewhere)).toMatchObject({
      status: 1,
    });
    expect(existsSync(join(elsewhere, 'hornblende.db'))).toBe(true);
  });
});

describe('hornblende triage', () => {
  const report = (change: object = {}): string =>
    file(
      'fault.json',
      JSON.stringify({ format: 'hornblende-fault', version: 1, symptoms: ['popping', 'strings'], ...change }),
    );
  it('ranks causes and next tests, as JSON alone and in words', async () => {
    const context = {
      family: 'pa6',
      spool: { state: 'dry it first' },
      printer: { chamber: 'open', nozzleMaxC: 260 },
    };
    const answer = JSON.parse((await run('triage', report({ context }), '--json')).out) as {
      causes: { id: string; probability: number }[];
      nextTests: { id: string; bitsPerMinute: number }[];
      symptoms: string[];
    };
    expect(answer.causes[0]).toMatchObject({ id: 'wet-filament', domain: 'filament' });
    expect(answer.causes.reduce((s, c) => s + c.probability, 0)).toBeCloseTo(1, 9);
    const rates = answer.nextTests.map(t => t.bitsPerMinute);
    expect(rates).toEqual([...rates].sort((a, b) => b - a));
    expect(answer.symptoms).toContain('foam-uneven');
    expect((await run('triage', report({ context }))).out).toMatch(/^Wet filament: 9\d in 100\./);
  });
  it('refuses what it does not know with 2 and a line', async () => {
    const bad = await run('triage', report({ symptoms: ['sadness'] }), '--json');
    expect(bad).toMatchObject({ status: 2, out: '' });
    expect(bad.err).toContain('symptoms: ["sadness"]');
  });
});
