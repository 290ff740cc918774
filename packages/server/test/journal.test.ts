import { appendFileSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { backUp, restore, startServer } from '../src/index.js';
import { Journal } from '../src/workplace/journal.js';

const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'hornblende-journal-'));
  folders.push(made);
  return made;
};
afterAll(() => {
  for (const f of folders) rmSync(f, { recursive: true, force: true });
});

describe('the journal', () => {
  it('tells the newest first, is its owner’s alone, and stands a line that was cut off', () => {
    const dataDir = folder();
    const journal = new Journal(dataDir);
    expect(journal.last(10)).toEqual([]);
    journal.write('paired', 'Una’s', '2026-11-01T10:00:00Z');
    journal.write('withdrawn', 'Una’s', '2026-11-02T10:00:00Z');
    appendFileSync(join(dataDir, 'journal.jsonl'), '{"at":"2026-11-03T10');
    expect(journal.last(10).map(e => e.kind)).toEqual(['withdrawn', 'paired']);
    expect(statSync(join(dataDir, 'journal.jsonl')).mode & 0o777).toBe(0o600);
  });
  it('writes a refusal of an address down once an hour', () => {
    const journal = new Journal(folder());
    const minute = 60_000;
    for (const at of [0, 1, 30, 59, 61]) journal.refusal('key-refused', '192.168.1.9', at * minute);
    journal.refusal('key-refused', '192.168.1.10', 2 * minute);
    expect(journal.last(10)).toHaveLength(3);
  });
  it('loses its older half where it grows too large', () => {
    const journal = new Journal(folder());
    const long = 'x'.repeat(2000);
    for (let i = 0; i < 300; i++) journal.write('imported', `${i} ${long}`);
    const kept = journal.last(1000);
    expect(kept.length).toBeLessThan(280);
    expect(kept[0]!.what.startsWith('299 ')).toBe(true);
  });
  it('has what phones and restores did, and a restore does not take it back', async () => {
    const dataDir = folder();
    const share = { host: '127.0.0.2', plain: true };
    const server = await startServer({ dataDir, port: 0, share });
    const code = async (): Promise<string> => {
      const answer = await fetch(`${server.url}/api/phones/code`, { method: 'POST' });
      return ((await answer.json()) as { code: string }).code;
    };
    const pair = (given: string): Promise<Response> =>
      fetch(`${server.sharedUrl!}/api/pair`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ code: given, name: 'Una’s' }),
      });
    const good = await code();
    expect((await pair(good === '000000' ? '000001' : '000000')).status).toBe(403);
    expect((await pair(good)).status).toBe(201);
    const guessed = { headers: { cookie: 'hornblende-phone=guessed' } };
    expect((await fetch(`${server.sharedUrl!}/api/placements`, guessed)).status).toBe(401);
    const phones = (await (await fetch(`${server.url}/api/phones`)).json()) as { phones: { id: string }[] };
    const withdrawal = `${server.url}/api/phones/${phones.phones[0]!.id}/withdrawal`;
    expect((await fetch(withdrawal, { method: 'POST' })).status).toBe(204);
    const read = async (): Promise<{ kind: string; what: string }[]> =>
      (await (await fetch(`${server.url}/api/journal`)).json()) as { kind: string; what: string }[];
    expect((await read()).map(e => e.kind)).toEqual([
      'withdrawn',
      'key-refused',
      'paired',
      'pairing-refused',
    ]);
    expect((await read())[2]!.what).toMatch(/^Una’s, .*127\.0\.0\./);
    await server.close();
    const { name } = await backUp(dataDir);
    await restore(join(dataDir, 'backups', name), dataDir);
    expect(new Journal(dataDir).last(2).map(e => e.kind)).toEqual(['restored', 'withdrawn']);
  });
});
