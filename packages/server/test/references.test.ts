import { describe, expect, it } from 'vitest';
import { brief, printer, runningApi, type Body } from './running.js';

const api = runningApi();
const call = (method: string, path: string, body?: object): ReturnType<typeof api.call> =>
  api.call(method, `/api${path}`, body);
const made = async (path: string, body: object): Promise<Body & { id: string }> => {
  const answer = await call('POST', path, body);
  expect(answer.status, JSON.stringify(answer.body)).toBe(201);
  return answer.body as Body & { id: string };
};
const addPrinter = (): Promise<{ id: string }> => made('/printers', { profile: printer(), isDefault: false });
const addPart = (): Promise<{ id: string }> => made('/parts', { brief: brief(), printerId: null });
const addSpool = (): Promise<{ id: string }> =>
  made('/spools', { spool: { format: 'hornblende-spool', version: 1, material: 'petg' } });
const removePart = async (id: string): Promise<void> => {
  const { revision } = (await call('GET', `/parts/${id}`)).body;
  await call('PUT', `/parts/${id}`, { brief: brief(), archived: true, revision });
  expect((await call('DELETE', `/parts/${id}`)).status).toBe(204);
};
const print = (of: object): object => ({
  format: 'hornblende-print',
  version: 1,
  outcome: 'well',
  at: '2026-05-02',
  part: 'Bracket',
  material: 'petg',
  family: 'petg',
  grams: 12,
  ...of,
});

describe('a print whose part, printer or spool is gone', () => {
  it('forgets them, and is saved again as it was fetched before', async () => {
    const machine = await addPrinter();
    const part = await addPart();
    const spool = await addSpool();
    const of = { partId: part.id, printerId: machine.id, spoolId: spool.id };
    const { id } = await made('/prints', { print: print(of) });
    const before = (await call('GET', `/prints/${id}`)).body as Body & { print: object };
    await removePart(part.id);
    expect((await call('DELETE', `/printers/${machine.id}`)).status).toBe(204);
    expect((await call('DELETE', `/spools/${spool.id}`)).status).toBe(204);
    const gone = { partId: null, printerId: null, spoolId: null };
    expect((await call('GET', `/prints/${id}`)).body).toMatchObject({ print: gone });
    // A page that was opened before they went still names them.
    const again = await call('PUT', `/prints/${id}`, {
      print: { ...before.print, note: 'Still good.' },
      revision: 1,
    });
    expect(again.status, JSON.stringify(again.body)).toBe(200);
    expect(again.body).toMatchObject({ print: { ...gone, note: 'Still good.' } });
  });

  it('is refused where it names what was never there', async () => {
    const machine = await addPrinter();
    const answer = await call('POST', '/prints', {
      print: print({ printerId: machine.id, partId: 'nowhere' }),
    });
    expect(answer.status).toBe(400);
    expect(answer.body.errors?.[0]).toMatchObject({ field: 'print.partId', value: 'nowhere' });
    const { id } = await made('/prints', { print: print({ printerId: machine.id }) });
    const changed = await call('PUT', `/prints/${id}`, { print: print({ printerId: 'x' }), revision: 1 });
    expect(changed.body.errors?.[0]).toMatchObject({ field: 'print.printerId', value: 'x' });
  });
});

describe('what else refers to what is gone', () => {
  it('a fault forgets its print, printer and spool', async () => {
    const machine = await addPrinter();
    const spool = await addSpool();
    const { id: printId } = await made('/prints', { print: print({ printerId: machine.id }) });
    const of = { name: 'Bracket', printId, printerId: machine.id, spoolId: spool.id, partId: null };
    const fault = { format: 'hornblende-fault', version: 1, symptoms: ['strings'], of };
    const { id } = await made('/faults', { fault });
    await call('DELETE', `/prints/${printId}`);
    await call('DELETE', `/printers/${machine.id}`);
    await call('DELETE', `/spools/${spool.id}`);
    const { body } = await call('GET', `/faults/${id}`);
    expect(body).toMatchObject({ fault: { of: { printId: null, printerId: null, spoolId: null } } });
    expect((await call('PUT', `/faults/${id}`, { fault, revision: 1 })).status).toBe(200);
  });

  it('a part in service forgets its print and spool; a trial forgets a filament’s spool', async () => {
    const machine = await addPrinter();
    const spool = await addSpool();
    const { id: printId } = await made('/prints', { print: print({ printerId: machine.id }) });
    const placement = {
      format: 'hornblende-service',
      version: 1,
      name: 'Foot',
      since: '2020-03-01',
      materials: [{ material: 'petg' }],
      place: { where: 'Orchard' },
      printId,
      spoolId: spool.id,
    };
    const placed = await made('/placements', { placement });
    const entrants = [{ material: 'petg', spoolId: spool.id }];
    const trial = { format: 'hornblende-trial', version: 1, name: 'Two', criteria: [], entrants };
    const tried = await made('/trials', { trial });
    await call('DELETE', `/prints/${printId}`);
    await call('DELETE', `/spools/${spool.id}`);
    expect((await call('GET', `/placements/${placed.id}`)).body).toMatchObject({
      placement: { printId: null, spoolId: null },
    });
    expect((await call('GET', `/trials/${tried.id}`)).body).toMatchObject({
      trial: { entrants: [{ material: 'petg', spoolId: null }] },
    });
    expect((await call('GET', '/trials')).headers.get('Unreadable-Rows')).toBeNull();
  });
});

describe('a rule of the database', () => {
  it('that two writers break at once is said with its field, not as a failure', async () => {
    const placement = (name: string): object => ({
      placement: {
        format: 'hornblende-service',
        version: 1,
        name,
        code: 'RACE',
        since: '2020-03-01',
        materials: [{ material: 'petg' }],
        place: { where: 'Orchard' },
      },
    });
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) => call('POST', '/placements', placement(`Foot ${i}`))),
    );
    const statuses = answers.map(a => a.status).sort();
    expect(statuses.filter(s => s === 201)).toHaveLength(1);
    expect(statuses.every(s => s === 201 || s === 400 || s === 409)).toBe(true);
    const refused = answers.find(a => a.status !== 201)!;
    expect(refused.body.errors?.[0]?.field).toMatch(/code$/);
  });

  it('a part that goes while a decision on it is worked out leaves no failure behind', async () => {
    const { id } = await addPart();
    const { revision } = (await call('GET', `/parts/${id}`)).body;
    await call('PUT', `/parts/${id}`, { brief: brief(), archived: true, revision });
    const deciding = call('POST', `/parts/${id}/decisions`, {
      firstChoice: 'pla',
      reason: 'Easy and stiff.',
      decidedBy: 'A. N.',
    });
    const removed = await call('DELETE', `/parts/${id}`);
    expect(removed.status).toBe(204);
    expect((await deciding).status).toBe(404);
  });
});

describe('a search', () => {
  it('finds parts and parts in service by their words, beyond the first page', async () => {
    for (let i = 0; i < 3; i++) await made('/parts', { brief: brief({ name: `Float ${i} for the trough` }) });
    await made('/parts', { brief: brief({ name: '100 % sure_thing' }) });
    const names = async (search: string): Promise<string[]> => {
      const answer = await call('GET', `/parts?limit=2&search=${encodeURIComponent(search)}`);
      return (answer.body as unknown as { name: string }[]).map(p => p.name);
    };
    expect(await names('trough float')).toHaveLength(2);
    expect(await names('FLOAT 1')).toEqual(['Float 1 for the trough']);
    expect(await names('0 % sure_')).toEqual(['100 % sure_thing']);
    expect(await names('% sure%')).toEqual([]);
    expect((await call('GET', `/parts?search=${'x'.repeat(200)}`)).body.errors?.[0]?.field).toBe('search');
    const found = await call('GET', '/placements?search=orchard%20foot');
    expect((found.body as unknown as object[]).length).toBeGreaterThan(0);
  });
});
