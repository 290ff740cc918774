import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Request, Response } from 'express';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { DeskSessions } from '../src/http/desk-sessions.js';
import { backUp, forgetPhrase, restore, startServer } from '../src/index.js';
import { DeskPhrase, ownerHeaders } from '../src/workplace/desk-phrase.js';
import { runningApi } from './running.js';

const PHRASE = 'honey in the shed';
const api = runningApi();
const file = (): string => join(api.dataDir, 'desk-phrase.json');
/** A browser of its own: it keeps its cookie. */
class Browser {
  cookie = '';
  async ask(
    method: string,
    path: string,
    body?: object,
    headers = {},
  ): Promise<{ status: number; body: unknown }> {
    const answer = await fetch(`${api.server().url}/api${path}`, {
      method,
      headers: { ...headers, Cookie: this.cookie, 'Content-Type': 'application/json' },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    const set = answer.headers.get('set-cookie');
    if (set) this.cookie = set.split(';')[0]!;
    const text = await answer.text();
    return { status: answer.status, body: text ? (JSON.parse(text) as unknown) : null };
  }
}
beforeEach(() => rmSync(file(), { force: true }));

describe('the pass phrase of the desk', () => {
  it('is asked for nowhere until one is set', async () => {
    const one = new Browser();
    expect((await one.ask('GET', '/parts')).status).toBe(200);
    expect((await one.ask('GET', '/desk')).body).toEqual({ phrase: false, open: true });
  });

  it('lets the browser that set it go on, and no other until it gives it', async () => {
    const one = new Browser();
    const other = new Browser();
    expect((await one.ask('PUT', '/desk/phrase', { phrase: PHRASE })).status).toBe(204);
    expect((await one.ask('GET', '/parts')).status).toBe(200);
    expect(await other.ask('GET', '/parts')).toEqual({
      status: 401,
      body: { errors: [{ field: '(desk)', value: null, message: 'is locked: give its pass phrase' }] },
    });
    // Not even how the workshop is, nor by which file, is told; that it runs and is locked is.
    expect((await other.ask('GET', '/health')).body).toEqual({
      status: 'ok',
      version: expect.any(String),
      locked: true,
    });
    for (const [method, path] of [
      ['PUT', '/desk/phrase'],
      ['POST', '/parts'],
      ['GET', '/photos/0'],
      ['GET', '/journal'],
    ])
      expect([path, (await other.ask(method!, path!, method === 'GET' ? undefined : {})).status]).toEqual([
        path,
        401,
      ]);
    expect((await other.ask('POST', '/desk/session', { phrase: 'honey in the sheds' })).status).toBe(403);
    expect((await other.ask('POST', '/desk/session', { phrase: PHRASE })).status).toBe(204);
    expect((await other.ask('GET', '/parts')).status).toBe(200);
    expect((await other.ask('GET', '/desk')).body).toEqual({ phrase: true, open: true });
    // Locked in one, it stays open in the other.
    await other.ask('DELETE', '/desk/session');
    expect((await other.ask('GET', '/parts')).status).toBe(401);
    expect((await one.ask('GET', '/parts')).status).toBe(200);
    const { body } = await one.ask('GET', '/journal');
    expect((body as { kind: string }[]).map(e => e.kind).slice(0, 2)).toEqual(['desk-refused', 'phrase-set']);
  });

  it('is changed and taken away by whoever knows it; then everybody gives the new one', async () => {
    const one = new Browser();
    const other = new Browser();
    await one.ask('PUT', '/desk/phrase', { phrase: PHRASE });
    await other.ask('POST', '/desk/session', { phrase: PHRASE });
    const wrong = await one.ask('PUT', '/desk/phrase', { phrase: 'another one', old: 'a guess or two' });
    expect(wrong.status).toBe(403);
    expect((await one.ask('PUT', '/desk/phrase', { phrase: 'short', old: PHRASE })).body).toEqual({
      errors: [{ field: 'phrase', value: null, message: 'must have at least 8 letters' }],
    });
    expect((await one.ask('PUT', '/desk/phrase', { phrase: 'another one', old: PHRASE })).status).toBe(204);
    expect((await one.ask('GET', '/parts')).status).toBe(200);
    expect((await other.ask('GET', '/parts')).status).toBe(401);
    expect((await other.ask('POST', '/desk/session', { phrase: PHRASE })).status).toBe(403);
    expect((await one.ask('PUT', '/desk/phrase', { phrase: null, old: 'another one' })).status).toBe(204);
    expect(existsSync(file())).toBe(false);
    expect((await other.ask('GET', '/parts')).status).toBe(200);
  });

  it('stands beside the workshop, its owner’s alone, and holds no phrase', async () => {
    const one = new Browser();
    await one.ask('PUT', '/desk/phrase', { phrase: PHRASE });
    expect(statSync(file()).mode & 0o777).toBe(0o600);
    expect(readFileSync(file(), 'utf8')).not.toContain('honey');
    // Whoever may read the file is the owner: their programs are heard.
    const other = new Browser();
    const heard = await other.ask('GET', '/parts', undefined, ownerHeaders(api.dataDir));
    expect(heard.status).toBe(200);
    expect((await other.ask('GET', '/parts', undefined, { Authorization: 'Bearer 00' })).status).toBe(401);
    // And takes it away, with the server running.
    expect(forgetPhrase(api.dataDir)).toBe(true);
    expect(forgetPhrase(api.dataDir)).toBe(false);
    expect(ownerHeaders(api.dataDir)).toEqual({});
    expect((await other.ask('GET', '/parts')).status).toBe(200);
  });
});

describe('a pass phrase that is guessed', () => {
  it('is not heard any more after ten wrong ones, right or wrong', async () => {
    const one = new Browser();
    await one.ask('PUT', '/desk/phrase', { phrase: PHRASE });
    const guesser = new Browser();
    const answers: number[] = [];
    for (let i = 0; i < 12; i++)
      answers.push((await guesser.ask('POST', '/desk/session', { phrase: `guess ${i}` })).status);
    expect(answers.at(-1)).toBe(429);
    expect(answers.slice(0, 5)).toEqual([403, 403, 403, 403, 403]);
    expect((await guesser.ask('POST', '/desk/session', { phrase: PHRASE })).status).toBe(429);
    // Who is in stays in.
    expect((await one.ask('GET', '/parts')).status).toBe(200);
  });
});

describe('what goes with a workshop', () => {
  const folders: string[] = [];
  const folder = (): string => {
    const made = mkdtempSync(join(tmpdir(), 'hornblende-desk-'));
    folders.push(made);
    return made;
  };
  afterAll(() => {
    for (const f of folders) rmSync(f, { recursive: true, force: true });
  });

  it('a restore and a start neither open nor shut the desk', async () => {
    const dataDir = folder();
    await (await startServer({ dataDir, port: 0 })).close();
    const backup = await backUp(dataDir);
    await new DeskPhrase(dataDir).set(PHRASE);
    await restore(join(dataDir, 'backups', backup.name), dataDir);
    const server = await startServer({ dataDir, port: 0 });
    expect((await fetch(`${server.url}/api/parts`)).status).toBe(401);
    await server.close();
  });
  it('the same letters are the same phrase, however a keyboard puts them together', async () => {
    const phrase = new DeskPhrase(folder());
    expect(await phrase.is('anything')).toBe(true);
    await phrase.set('Büsche am Weg');
    expect(await phrase.is('Bu\u0308sche am Weg')).toBe(true);
    expect(await phrase.is('Busche am Weg')).toBe(false);
  });
  it('a file that somebody damaged leaves the desk shut, in words, until it is taken away', async () => {
    const dataDir = folder();
    writeFileSync(join(dataDir, 'desk-phrase.json'), '{"salt":');
    await expect(startServer({ dataDir, port: 0 })).rejects.toThrow(
      /pass phrase of the desk cannot be read\. Take it away with hornblende unlock/,
    );
    forgetPhrase(dataDir);
    await (await startServer({ dataDir, port: 0 })).close();
  });
});

describe('browsers that were let in', () => {
  /** What a browser is given, as its next request brings it. */
  const given = (sessions: DeskSessions): Pick<Request, 'headers'> => {
    let cookie = '';
    const answer = { cookie: (name: string, value: string) => (cookie = `${name}=${value}`) };
    sessions.begin(answer as unknown as Response);
    return { headers: { cookie: `a=b; ${cookie}` } };
  };
  const HOUR_MS = 3_600_000;

  it('are asked again after eight hours in which they asked for nothing', () => {
    let now = 0;
    const sessions = new DeskSessions(() => now);
    const browser = given(sessions);
    now = 7 * HOUR_MS;
    expect(sessions.has(browser)).toBe(true);
    now = 14 * HOUR_MS;
    expect(sessions.has(browser)).toBe(true);
    now = 23 * HOUR_MS;
    expect(sessions.has(browser)).toBe(false);
    expect(sessions.has(browser)).toBe(false);
    expect(sessions.has({ headers: {} })).toBe(false);
  });
  it('are a hundred at most: the one that was idle longest goes', () => {
    const sessions = new DeskSessions();
    const browsers = Array.from({ length: 100 }, () => given(sessions));
    expect(sessions.has(browsers[0]!)).toBe(true);
    given(sessions);
    expect([sessions.has(browsers[0]!), sessions.has(browsers[1]!)]).toEqual([true, false]);
  });
});
