import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { BIN, runIn, spawnIn, testFolder, type Ran } from './run-command.js';

const { dir, file } = testFolder();

/** Only a process of its own has a standard input to read. */
const run = (args: string[], input?: string): Ran | Promise<Ran> =>
  input === undefined ? runIn(dir, args) : spawnIn(dir, args, input);
/** What a ranking with draws prints. */
interface Drawn {
  firstChoice: string;
  robustness: object;
  candidates: { material: string; robustness: { pFirst: number; rankAcceptability: number[] } }[];
}

const brief = {
  format: 'hornblende-brief',
  version: 1,
  name: 'Bracket',
  heat: { setting: 'outdoors' },
  sun: 'full',
};

describe('hornblende', () => {
  it('prints the schema of a format, lists the formats, and refuses one that is none', async () => {
    const { status, out } = await run(['schema', 'spool']);
    expect(status).toBe(0);
    expect(JSON.parse(out)).toMatchObject({
      title: 'hornblende-spool/1',
      required: ['format', 'version', 'material'],
    });
    const listed = (await run(['schema'])).out.split('\n');
    expect(listed).toEqual(expect.arrayContaining(['grade', 'ranking', 'card']));
    expect(JSON.parse((await run(['schema', 'ranking'])).out)).toMatchObject({
      title: 'hornblende-ranking/1',
    });
    const refused = await run(['schema', 'teapot']);
    expect(refused.status).toBe(2);
    expect(refused.err).toMatch(/^format: "teapot" must be one of brief, /);
  });
  it('says its version and its commands', async () => {
    expect((await run(['--version'])).out).toBe('0.1.0\n');
    const { out } = await run(['--help']);
    for (const name of ['rank', 'card', 'schema', 'verify', 'import']) expect(out).toContain(`  ${name} `);
    expect((await run(['sing'])).status).toBe(2);
  });
  it('ranks a brief on a printer, as JSON and nothing else', async () => {
    const printer = file('printer.json', {
      format: 'hornblende-printer',
      version: 1,
      name: 'P',
      chamber: 'enclosed',
      chamberC: 45,
      bedMaxC: 110,
      nozzleMaxC: 300,
      linerLimitC: null,
      dryerMaxC: 80,
    });
    const r = await run([
      'rank',
      file('brief.json', brief),
      '--printer',
      printer,
      '--school',
      'step-up',
      '--json',
    ]);
    expect(r.status).toBe(0);
    expect(JSON.parse(r.out)).toMatchObject({
      format: 'hornblende-ranking',
      version: 1,
      school: 'step-up',
      firstChoice: expect.any(String) as string,
    });
  });
  it('ends quietly when its reader has enough', async () => {
    const r = spawnSync('sh', ['-c', `"$0" "$1" families --json | head -c 20`, process.execPath, BIN], {
      encoding: 'utf8',
      cwd: dir,
    });
    expect(r.stdout).toHaveLength(20);
    expect(r.stderr).toBe('');
  });
  it('ranks from standard input for people', async () => {
    const r = await run(['rank', '-'], JSON.stringify(brief));
    expect(r.out).toMatch(/^First choice: ASA/);
    expect(r.out).toMatch(/○ ABS +out .*uv:/);
  });
  it('says what to ask less of', async () =>
    expect(
      (await run(['rank', '-'], JSON.stringify({ ...brief, heat: { setting: 'custom', partC: 390 } }))).out,
    ).toMatch(/Nothing fits[\s\S]*nearest first:\n {2}Keep the part under/));
  it('takes weather of one’s own, and says what it did to it', async () => {
    const weather = file(
      'yard.csv',
      ['airC,ghi', ...Array.from({ length: 8760 }, (_, h) => `${h === 5 ? '' : 45},0`)].join('\n'),
    );
    const r = await run(
      ['rank', '-', '--weather', weather, '--json'],
      JSON.stringify({ ...brief, sun: 'none' }),
    );
    expect(r.status).toBe(0);
    expect(r.err).toMatch(/1 missing hour of air temperature bridged/);
    expect(JSON.parse(r.out)).toMatchObject({ conditions: { partMaxC: 45 } });
    expect(
      await run(['rank', '-', '--weather', file('bad.csv', 'airC\n1')], JSON.stringify(brief)),
    ).toMatchObject({
      status: 2,
      out: '',
      err: expect.stringMatching(/bad\.csv: .*8760/) as string,
    });
  });
  it('carries ranges through', async () => {
    const r = JSON.parse(
      (
        await run(
          ['calc', 'load.deceleration', '-', '--json'],
          '{"massKg":{"low":0.04,"high":0.06},"decelerationG":20}',
        )
      ).out,
    ) as { ranges: object };
    expect(r.ranges).toEqual({
      forceN: { low: expect.closeTo(7.845, 3) as number, high: expect.closeTo(11.768, 3) as number },
    });
  });
  it('calculates with working', async () => {
    const input = { ambientC: 30, irradianceWm2: 900, absorptivity: 0.9 };
    expect(
      JSON.parse((await run(['calc', 'heat.surface', '-', '--json'], JSON.stringify(input))).out),
    ).toMatchObject({ model: 'heat.surface', result: { surfaceC: expect.closeTo(60.1, 1) as number } });
    expect((await run(['calc', 'heat.surface', file('surface.json', input)])).out).toMatch(
      /Ts .*= 60\.13 °C/,
    );
  });
  it('lists models and families', async () => {
    expect(JSON.parse((await run(['models', '--json'])).out)).toContainEqual(
      expect.objectContaining({ id: 'load.beam' }),
    );
    const families = JSON.parse((await run(['families', '--json'])).out) as {
      key: string;
      base: string | null;
      properties: Record<string, unknown>;
    }[];
    expect(families).toHaveLength(55);
    expect(families.find(f => f.key === 'pa12-cf')).toMatchObject({ base: 'pa12', filler: 'carbon-fibre' });
    expect(families[0]?.properties.densityGcm3).toMatchObject({
      low: expect.any(Number) as number,
      unit: 'g/cm³',
      confidence: 'standard',
      source: expect.stringContaining('ISO 1183') as string,
    });
  });

  it.each<[string, string[], string, RegExp]>([
    [
      'a field',
      ['rank', '-'],
      '{"format":"hornblende-brief","version":1,"name":"x","sun":"blazing"}',
      /^sun: "blazing" must be one of none, reflected, part, full\n$/,
    ],
    [
      'two fields',
      ['rank', '-', '--json'],
      '{"format":"hornblende-brief","version":1,"name":"","lifeYears":-1}',
      /^name: .*\nlifeYears: .*\n$/,
    ],
    ['text', ['rank', '-'], 'hello', /^file: "-" is not JSON/],
    ['a missing file', ['rank', 'nowhere.json'], '', /^file: "nowhere.json" does not exist\n$/],
    ['a model', ['calc', 'heat.death', '-'], '{}', /^model: "heat.death" must be one of heat.surface/],
    [
      'a NaN',
      ['calc', 'uv.dose', '-'],
      '{"ghiKWhm2Year":null,"exposure":"full","years":5}',
      /^ghiKWhm2Year: null must be a number from 0 to 3000 kWh\/m²\n$/,
    ],
    [
      'a school',
      ['rank', '-', '--school', 'dice'],
      '{}',
      /Allowed choices are weighted, step-up, weakest-link/,
    ],
    ['a port', ['start', '--port', 'x'], '', /a port is a whole number/],
  ])('refuses %s with exit code 2 and a line a problem', async (_, args, input, message) => {
    const r = await run(args, input);
    expect(r.status).toBe(2);
    expect(r.out).toBe('');
    expect(r.err).toMatch(message);
  });
  it('says how sure it is, from a seed that gives the same again', async () => {
    const path = file('sure.json', brief);
    const drawn = async (): Promise<Drawn> =>
      JSON.parse((await run(['rank', path, '--robust', '400', '--seed', '7', '--json'])).out) as Drawn;
    const a = await drawn();
    const b = await drawn();
    expect(a).toEqual(b);
    expect(a.robustness).toEqual({ draws: 400, seed: 7 });
    expect(a.candidates.reduce((s, c) => s + c.robustness.pFirst, 0)).toBeCloseTo(1, 9);
    expect((await run(['rank', path, '--robust', '300'])).out).toMatch(/How sure: leads in \d+ of 100 draws/);
    expect((await run(['rank', path, '--robust', 'many'])).status).toBe(2);
  });
  it('believes outdoors what is logged, and says that nothing is', async () => {
    const sunny = file('sunny.json', { ...brief, lifeYears: 9, water: 'dry' });
    const life = async (...more: string[]): Promise<number> => {
      const r = JSON.parse((await run(['rank', sunny, '--json', ...more])).out) as {
        candidates: { material: string; criteria: { id: string; value: number }[] }[];
      };
      const pla = r.candidates.find(c => c.material === 'pla')!;
      return pla.criteria.find(k => k.id === 'uv')!.value;
    };
    expect(await life('--school', 'field')).toBeGreaterThan(1.5 * (await life()));
    expect((await run(['rank', sunny, '--school', 'field'])).out).toMatch(/no part of yours is logged here/);
  });
  it('takes own grades into the ranking, and refuses a bad row by its line', async () => {
    const good = file('grades.csv', 'name,family,hdt045C,uvHalfDoseMJm2\nWonder PLA,pla,150,9000\n');
    expect((await run(['rank', file('b.json', brief), '--grades', good])).out).toContain('Wonder PLA');
    const bad = await run([
      'rank',
      file('b.json', brief),
      '--grades',
      file('bad.csv', 'name,family\nA,zinc\n'),
    ]);
    expect(bad.status).toBe(2);
    expect(bad.err).toContain('line 2, family: "zinc" must be one of');
  });
  it('asks the spools on the shelf: a damp one is told of, its own facts count, and a slip is named', async () => {
    const spool = { format: 'hornblende-spool', version: 1, material: 'pa6' };
    const damp = { ...spool, events: [{ kind: 'opened', at: '2026-01-01' }] };
    const soft = { ...spool, material: 'tpu-85a', facts: { drive: 'any' } };
    const tube = file('tube.json', {
      format: 'hornblende-printer',
      version: 1,
      name: 'Tube',
      drive: 'bowden',
    });
    const ranked = async (spools: object[]): Promise<{ material: string; gates: object[] }[]> => {
      const shelf = ['--spools', file('spools.json', spools)];
      const { out } = await run(['rank', file('b.json', brief), '--printer', tube, ...shelf, '--json']);
      return (JSON.parse(out) as { candidates: { material: string; gates: object[] }[] }).candidates;
    };
    const found = await ranked([damp, soft]);
    const gatesOf = (key: string): object[] => found.find(c => c.material === key)!.gates;
    expect(gatesOf('pa6')).toContainEqual(
      expect.objectContaining({ id: 'printability.dryer', why: expect.stringContaining('damp') as string }),
    );
    expect(gatesOf('tpu-85a')).toContainEqual(
      expect.objectContaining({ id: 'printability.drive', verdict: 'pass' }),
    );
    const bad = await run(['rank', file('b.json', brief), '--spools', file('spools.json', { no: 'list' })]);
    expect(bad).toMatchObject({ status: 2 });
    expect(bad.err).toContain('must hold a list of spools');
  });
  it('records a decision as JSON, Markdown and HTML, and refuses one that cannot stand', async () => {
    const path = file('d.json', { ...brief, ifItFails: 'injures' });
    const base = [
      'decide',
      path,
      '--first',
      'asa',
      '--second',
      'petg',
      '--reason',
      'Sun.',
      '--by',
      'A. Tester',
      '--draws',
      '200',
    ];
    const refused = await run(base);
    expect(refused.status).toBe(2);
    expect(refused.err).toContain('hazardAcknowledged');
    const record = JSON.parse(
      (await run([...base, '--acknowledge', '--at', '2026-03-14T09:20:00Z', '--json'])).out,
    ) as object;
    expect(record).toMatchObject({
      format: 'hornblende-decision',
      firstChoice: 'asa',
      decidedAt: '2026-03-14T09:20:00Z',
      robustness: { draws: 200, seed: 1 },
      hazardAcknowledged: true,
    });
    expect((await run([...base, '--acknowledge'])).out).toMatch(
      /^# Bracket: ASA, and PETG should it not be had/,
    );
    expect((await run([...base, '--acknowledge', '--as', 'html'])).out).toMatch(
      /^<!doctype html>[\s\S]*<svg/,
    );
    expect((await run([...base, '--acknowledge', '--at', 'soon'])).err).toContain(
      'at: "soon" must be a time',
    );
    expect(
      (await run(['decide', path, '--first', 'zinc', '--reason', 'x', '--by', 'y', '--acknowledge'])).err,
    ).toContain('firstChoice: "zinc" is neither');
  });
});
