import { describe, expect, it } from 'vitest';
import { brief, runningApi } from './running.js';

const { call, server } = runningApi();

interface Stored {
  id: string;
  revision: number;
}
async function made(path: string, body: object): Promise<Stored> {
  const answer = await call('POST', path, body);
  expect(answer.status).toBe(201);
  return answer.body as unknown as Stored;
}
const printer = (): Promise<Stored> =>
  made('/api/printers', { profile: { format: 'hornblende-printer', version: 1, name: 'Shed' } });
const spool = (): Promise<Stored> =>
  made('/api/spools', {
    spool: { format: 'hornblende-spool', version: 1, material: 'petg', netG: 500 },
  });
const print = (printerId: string, change: object = {}): object => ({
  print: {
    format: 'hornblende-print',
    version: 1,
    outcome: 'well',
    at: '2026-05-01T10:00:00Z',
    part: 'Foot',
    printerId,
    material: 'petg',
    family: 'petg',
    grams: 40,
    ...change,
  },
});
async function leftOn(id: string): Promise<{ grams: number | null; print: string | null }[]> {
  const { body } = await call('GET', `/api/spools/${id}`);
  return (body.spool as { events: { grams: number; print: string }[] }).events;
}

describe('the log of prints', () => {
  it('writes what a print took into its spool’s ledger, and takes it back with the print', async () => {
    const { id: printerId } = await printer();
    const { id: spoolId } = await spool();
    const entry = await made('/api/prints', print(printerId, { spoolId }));
    expect(await leftOn(spoolId)).toMatchObject([{ kind: 'printed', grams: 40, print: entry.id }]);
    const changed = await call('PUT', `/api/prints/${entry.id}`, {
      ...print(printerId, { spoolId, grams: 55, outcome: 'failed' }),
      revision: 1,
    });
    expect(changed.status).toBe(200);
    expect(await leftOn(spoolId)).toMatchObject([{ grams: 55, note: 'Foot, failed' }]);
    expect((await call('GET', '/api/prints')).body).toHaveLength(1);
    expect((await call('DELETE', `/api/prints/${entry.id}`)).status).toBe(204);
    expect(await leftOn(spoolId)).toEqual([]);
  });
  it('makes a printer’s record, which its profile has wherever it is read, and which nobody can write', async () => {
    const { id } = await printer();
    const recordOf = async (): Promise<unknown> =>
      ((await call('GET', `/api/printers/${id}`)).body.profile as { record: unknown }).record;
    expect(await recordOf()).toBeNull();
    const timed = { minutes: 120, expectedMinutes: 100 };
    const first = await made('/api/prints', print(id, timed));
    await made(
      '/api/prints',
      print(id, {
        family: 'pla',
        material: 'pla',
        outcome: 'failed',
        plate: 'smooth-pei',
        ownPlate: 'Blue film',
      }),
    );
    const record = {
      timed: 1,
      timeFactor: Math.sqrt(1.2),
      prints: [
        { family: 'petg', well: 1, failed: 0 },
        { family: 'pla', well: 0, failed: 1 },
      ],
      plates: [{ plate: 'smooth-pei', ownPlate: 'Blue film', well: 0, failed: 1 }],
    };
    expect(await recordOf()).toEqual(record);
    const listed = (await call('GET', '/api/printers')).body as unknown as { id: string; profile: object }[];
    expect(listed.find(p => p.id === id)?.profile).toMatchObject({ record });
    // What is sent as a record is not kept: it follows from the log.
    const profile = {
      format: 'hornblende-printer',
      version: 1,
      name: 'Shed',
      record: { timed: 9, timeFactor: 3, prints: [] },
    };
    expect((await call('PUT', `/api/printers/${id}`, { profile, revision: 1 })).status).toBe(200);
    expect(await recordOf()).toEqual(record);
    expect((await call('DELETE', `/api/prints/${first.id}`)).status).toBe(204);
    expect(await recordOf()).toMatchObject({ timed: 0, prints: [{ family: 'pla', failed: 1 }] });
  });
  it('tells with every printer what its hours cost by the settings', async () => {
    const { id } = await printer();
    const ratesOf = async (): Promise<unknown> =>
      ((await call('GET', `/api/printers/${id}`)).body.profile as { rates: unknown }).rates;
    expect(await ratesOf()).toEqual({ machinePerHour: 0.5, labourEach: 1 });
    const settings = { format: 'hornblende-workshop', version: 1, machinePerHour: 2, labourEach: 0 };
    expect((await call('PUT', '/api/workshop', settings)).status).toBe(200);
    expect(await ratesOf()).toEqual({ machinePerHour: 2, labourEach: 0 });
  });
  it('writes neither print nor ledger where there is not so much on the spool', async () => {
    const { id: printerId } = await printer();
    const { id: spoolId } = await spool();
    const before = (await call('GET', '/api/prints')).body as unknown as unknown[];
    const answer = await call('POST', '/api/prints', print(printerId, { spoolId, grams: 900 }));
    expect(answer.status).toBe(400);
    expect(answer.body.errors?.[0]).toMatchObject({ field: 'print.grams', value: 900 });
    expect(await leftOn(spoolId)).toEqual([]);
    expect((await call('GET', '/api/prints')).body).toHaveLength(before.length);
  });
  it('refuses printers, parts and spools that are not there, each by its field', async () => {
    const { id: printerId } = await printer();
    const refused = async (change: object): Promise<unknown> =>
      (await call('POST', '/api/prints', print(printerId, change))).body.errors?.[0]?.field;
    expect(await refused({ printerId: 'none' })).toBe('print.printerId');
    expect(await refused({ partId: 'none' })).toBe('print.partId');
    expect(await refused({ spoolId: 'none' })).toBe('print.spoolId');
    expect(await refused({ outcome: 'splendid' })).toBe('print.outcome');
  });
  it('keeps a file that was timed out of every ledger', async () => {
    const { id: printerId } = await printer();
    const { id: spoolId } = await spool();
    await made('/api/prints', print(printerId, { spoolId, outcome: 'timed', minutes: 60 }));
    expect(await leftOn(spoolId)).toEqual([]);
  });
  it('outlives the part that it was of', async () => {
    const { id: printerId } = await printer();
    const part = await made('/api/parts', { brief: brief() });
    const entry = await made('/api/prints', print(printerId, { partId: part.id }));
    await call('PUT', `/api/parts/${part.id}`, { brief: brief(), archived: true, revision: 1 });
    expect((await call('DELETE', `/api/parts/${part.id}`)).status).toBe(204);
    expect((await call('GET', `/api/prints/${entry.id}`)).status).toBe(200);
  });
});

describe('a part’s file', () => {
  const put = (id: string, query: string, bytes: Uint8Array): Promise<Response> =>
    fetch(`${server().url}/api/parts/${id}/shape?${query}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: bytes as BodyInit,
    });
  it('is kept as it was given, in place of any other, and goes with the part', async () => {
    const { id } = await made('/api/parts', { brief: brief() });
    expect((await call('GET', `/api/parts/${id}/shape`)).body).toMatchObject({ text: 'null' });
    await put(id, 'name=old.stl', new Uint8Array([1, 2, 3]));
    const bytes = Uint8Array.from({ length: 700_000 }, (_, i) => (i * 7) % 251);
    const kept = (await (await put(id, 'name=new.3mf&unit=inch', bytes)).json()) as object;
    expect(kept).toMatchObject({ partId: id, name: 'new.3mf', unit: 'inch', bytes: 700_000 });
    const back = await fetch(`${server().url}/api/parts/${id}/shape/file`);
    expect(new Uint8Array(await back.arrayBuffer())).toEqual(bytes);
    expect((await call('DELETE', `/api/parts/${id}/shape`)).status).toBe(204);
    expect((await call('GET', `/api/parts/${id}/shape/file`)).status).toBe(404);
  });
  it('is refused without a name, with a unit that is none, empty, too large, or for no part', async () => {
    const { id } = await made('/api/parts', { brief: brief() });
    const one = new Uint8Array([1]);
    const field = async (r: Response): Promise<string | undefined> =>
      ((await r.json()) as { errors: { field: string }[] }).errors[0]?.field;
    expect(await field(await put(id, '', one))).toBe('name');
    expect(await field(await put(id, 'name=a.stl&unit=cubit', one))).toBe('unit');
    expect(await field(await put(id, 'name=a.stl', new Uint8Array()))).toBe('(file)');
    expect((await put(id, 'name=a.stl', new Uint8Array(49 * 2 ** 20))).status).toBe(413);
    expect((await put('none', 'name=a.stl', one)).status).toBe(404);
  });
});
