import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { startServer } from '@hornblende/server';
import { runIn, testFolder, type Ran } from './run-command.js';

const { dir } = testFolder();
const data = join(dir, 'workshop');
const run = (...args: string[]): Promise<Ran> => runIn(dir, ['printed', ...args, '--data', data]);

interface Logged {
  id: string;
  print: Record<string, unknown>;
}
/** The workshop served for the while. */
async function served<T>(work: (url: string) => Promise<T>): Promise<T> {
  const running = await startServer({ dataDir: data, port: 0, demo: false });
  try {
    return await work(running.url);
  } finally {
    await running.close();
  }
}
async function post(url: string, path: string, body: object): Promise<{ id: string }> {
  const headers = { 'content-type': 'application/json' };
  const answer = await fetch(url + path, { method: 'POST', headers, body: JSON.stringify(body) });
  expect(answer.status, await answer.clone().text()).toBe(201);
  return (await answer.json()) as { id: string };
}
const get = async <T>(url: string, path: string): Promise<T> => (await (await fetch(url + path)).json()) as T;
/** A record of a format that is at its first version. */
const format = (name: string, fields: object): object => ({
  format: `hornblende-${name}`,
  version: 1,
  ...fields,
});

beforeAll(() =>
  served(async url => {
    const profile = format('printer', { name: 'Shed', nozzleMaxC: 280 });
    const { id: printerId } = await post(url, '/api/printers', { profile });
    await post(url, '/api/spools', {
      spool: format('spool', { material: 'petg', code: 'A-1', netG: 500 }),
    });
    const geometry = { xMm: 40, yMm: 40, zMm: 20, volumeCm3: 20 };
    await post(url, '/api/parts', { printerId, brief: format('brief', { name: 'Foot', geometry }) });
    await post(url, '/api/parts', { brief: format('brief', { name: 'Loose', geometry }) });
  }),
);

describe('hornblende printed', () => {
  it('writes a print down with what its card expects, takes it off its spool, and finds a fresh place', async () => {
    const first = await run('foot', '--spool', 'a-1');
    expect(first.err).toBe('');
    expect(first.out).toMatch(/^Foot in PETG on Shed went well: written down\. \d+ g came off A-1\.\n$/);
    const grams = Number(/(\d+) g/.exec(first.out)![1]);
    // 20 cm³ of PETG, hollow.
    expect(grams).toBeGreaterThan(4);
    expect(grams).toBeLessThan(25);
    const second = JSON.parse(
      (await run('Foot', '--spool', 'A-1', '--minutes', '95', '--json')).out,
    ) as Logged;
    expect(second.print).toMatchObject({ outcome: 'well', minutes: 95, material: 'petg', grams });
    await served(async url => {
      const log = await get<Logged[]>(url, '/api/prints');
      expect(log).toHaveLength(2);
      expect(log[0]!.print.placeMm).not.toEqual(log[1]!.print.placeMm);
      const [spool] = await get<{ spool: { events: { grams: number }[] } }[]>(url, '/api/spools');
      expect(spool!.spool.events.map(e => e.grams)).toEqual([grams, grams]);
    });
  });
  it('goes through the server that has the folder', async () => {
    await served(async url => {
      const ran = await run('Foot', '--material', 'pla', '--failed', 'a corner lifted', '--at', '2026-05-04');
      expect(ran).toMatchObject({ status: 0, out: 'Foot in PLA on Shed failed: written down.\n' });
      const log = await get<Logged[]>(url, '/api/prints');
      expect(log.map(l => l.print)).toContainEqual(
        expect.objectContaining({ outcome: 'failed', note: 'a corner lifted', at: '2026-05-04' }),
      );
    });
  });
  it('says what is not there, and writes nothing', async () => {
    const refusals: [string[], string][] = [
      [['Foo', '--material', 'pla'], 'part: "Foo" must be one of '],
      [['Foot', '--material', 'zinc'], 'material: "zinc" must be one of '],
      [['Foot'], 'material: (missing) is needed: the part is not decided, and no spool is named'],
      [['Loose', '--material', 'pla'], 'printer: (missing) is needed: the part is for none'],
      [['Foot', '--spool', 'B-9'], 'spool: "B-9" must be one of A-1'],
      [['Foot', '--spool', 'A-1', '--material', 'pla'], 'is not on that spool, which holds petg'],
      [['Foot', '--material', 'pla', '--at', 'noon'], 'must be a date such as'],
    ];
    for (const [args, line] of refusals) {
      const ran = await run(...args);
      expect(ran.status, line).toBe(2);
      expect(ran.err).toContain(line);
    }
    expect((await run('Foot', '--material', 'pla', '--grams', 'few')).err).toContain(
      'is a number above zero',
    );
    await served(async url => expect(await get<Logged[]>(url, '/api/prints')).toHaveLength(3));
    const nowhere = await runIn(dir, ['printed', 'Foot', '--data', join(dir, 'nothing')]);
    expect(nowhere).toMatchObject({ status: 1 });
    expect(nowhere.err).toContain('there is no workshop here');
  });
});

describe('at a desk with a pass phrase', () => {
  it('is heard by whoever owns the folder, and takes the phrase away', async () => {
    const running = await startServer({ dataDir: data, port: 0, demo: false });
    const headers = { 'content-type': 'application/json' };
    const body = JSON.stringify({ phrase: 'honey in the shed' });
    await fetch(`${running.url}/api/desk/phrase`, { method: 'PUT', headers, body });
    expect((await fetch(`${running.url}/api/prints`)).status).toBe(401);
    const ran = await run('Loose', '--printer', 'Shed', '--material', 'petg');
    expect([ran.err, ran.out]).toEqual(['', expect.stringContaining('Loose in PETG on Shed went well')]);
    const unlocked = await runIn(dir, ['unlock', '--data', data]);
    expect(unlocked.out).toBe('The desk has no pass phrase any more.\n');
    expect((await fetch(`${running.url}/api/prints`)).status).toBe(200);
    expect((await runIn(dir, ['unlock', '--data', data])).out).toBe('The desk had no pass phrase.\n');
    await running.close();
  });
});
