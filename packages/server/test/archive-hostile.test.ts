import { strFromU8 } from 'fflate';
import { createHash, randomBytes } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it, vi } from 'vitest';
import { archivesOf, changed } from './archives.js';
import { png } from './pictures.js';
import { brief, runningApi } from './running.js';

const api = runningApi();
const { call, dataDir } = api;

const { exported, previewed, addPart } = archivesOf(api);

describe('a hostile archive', () => {
  it('with a page for a photograph is refused before anything is written, and none is served as one', async () => {
    const sent = await fetch(`${api.server().url}/api/photos`, {
      method: 'POST',
      body: new Uint8Array(png(99)),
    });
    const { sha256 } = (await sent.json()) as { sha256: string };
    const zip = await exported();
    const html = Buffer.from('<script>document.title = "taken over"</script>');
    const name = createHash('sha256').update(html).digest('hex');
    const asPage = changed(zip, files => {
      const row = JSON.parse(strFromU8(files[`photos/${sha256}.json`]!)) as object;
      files[`photos/${name}.bin`] = html;
      files[`photos/${name}.json`] = Buffer.from(
        JSON.stringify({ ...row, sha256: name, type: 'text/html', bytes: html.length }),
      );
    });
    const refused = await previewed(asPage);
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.[0]?.message).toContain('no JPEG or PNG');
    const liar = changed(zip, files => {
      const row = JSON.parse(strFromU8(files[`photos/${sha256}.json`]!)) as object;
      files[`photos/${sha256}.json`] = Buffer.from(JSON.stringify({ ...row, type: 'image/jpeg' }));
    });
    expect((await previewed(liar)).body.errors?.[0]?.message).toContain('not of the type that it says');
    const served = await fetch(`${api.server().url}/api/photos/${sha256}`);
    expect(served.headers.get('Content-Security-Policy')).toBe("sandbox; default-src 'none'");
    // An archive that was fetched is removed once it has gone out.
    await vi.waitFor(() => expect(readdirSync(join(dataDir, 'imports'))).toEqual([]));
  });

  it('with records of what is nowhere, or a code that stands here, is found by the preview', async () => {
    const place = async (name: string, code: string): Promise<string> => {
      const placement = {
        format: 'hornblende-service',
        version: 1,
        name,
        code,
        since: '2020-03-01',
        materials: [{ material: 'petg' }],
        place: { where: 'Orchard' },
      };
      return String((await call('POST', '/api/placements', { placement })).body.id);
    };
    const id = await place('Tagged', 'TAG1');
    const zip = await exported();
    await call('DELETE', `/api/placements/${id}`);
    await place('Tagged anew', 'TAG1');
    const twin = await previewed(zip);
    expect(twin.status).toBe(400);
    expect(twin.body.errors?.[0]?.message).toContain('code TAG1');
    const part = await addPart('Parent');
    const loose = changed(await exported(), files => {
      delete files[`parts/${part}.json`];
    });
    // It stands here: that is enough.
    expect((await previewed(loose)).status).toBe(201);
    const { revision } = (await call('GET', `/api/parts/${part}`)).body;
    await call('PUT', `/api/parts/${part}`, { brief: brief({ name: 'Parent' }), archived: true, revision });
    await call('DELETE', `/api/parts/${part}`);
    const orphan = await previewed(loose);
    expect(orphan.status).toBe(400);
    expect(orphan.body.errors?.[0]?.message).toContain('neither in it nor here');
  });

  it('with a decision whose record is no JSON is refused, though its checksum here would fit', async () => {
    const id = await addPart('Decided');
    const sent = { firstChoice: 'pla', reason: 'Easy and stiff.', decidedBy: 'A. N.' };
    const decision = String((await call('POST', `/api/parts/${id}/decisions`, sent)).body.id);
    const broken = changed(await exported(), files => {
      const path = `decisions/${decision}.json`;
      const row = JSON.parse(strFromU8(files[path]!)) as object;
      files[path] = Buffer.from(JSON.stringify({ ...row, record: '{"pieces":' }));
    });
    const refused = await previewed(broken);
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.[0]?.message).toContain(`has decisions ${decision} that cannot be used`);
  });

  it('with a column that is not known, or a bomb, is refused by name', async () => {
    const id = await addPart('Columns');
    const strange = changed(await exported(), files => {
      const row = JSON.parse(strFromU8(files[`parts/${id}.json`]!)) as object;
      files[`parts/${id}.json`] = Buffer.from(JSON.stringify({ ...row, '"; drop table parts; --': 1 }));
    });
    expect((await previewed(strange)).body.errors?.[0]?.message).toContain('which is not known');
    const bomb = changed(await exported(), files => {
      files['pieces/big.json'] = new Uint8Array(80 * 2 ** 20);
      // What does not compress: the whole is then no bomb by its ratio, and the file is found by its size.
      files['pieces/noise.json'] = randomBytes(2 ** 20);
    });
    expect((await previewed(bomb)).body.errors?.[0]?.message).toMatch(/larger than|one file may have/);
    expect((await call('GET', `/api/parts/${id}`)).status).toBe(200);
  });
});
