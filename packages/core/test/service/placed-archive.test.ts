import { strToU8, zipSync, type Zippable } from 'fflate';
import { describe, expect, it } from 'vitest';
import { familyByKey } from '../../src/materials/library.js';
import { materialFinderByName, readPlacedTable, type PlacedTable } from '../../src/tables.js';

const own = [{ key: 'lowmoor-petg', name: 'Lowmoor PETG' }];
const read = (bytes: Uint8Array, more: object = {}): PlacedTable =>
  readPlacedTable(bytes, {
    existing: [],
    materialNamed: materialFinderByName(own, key => familyByKey(key) !== undefined),
    origin: 'The weather station',
    weight: 0.5,
    today: '2026-03-01',
    ...more,
  });

const record = (data: unknown, id = 'x'): Uint8Array => strToU8(JSON.stringify({ id, data }));
const part = (name: string, change: object = {}): object => ({
  format: 'hornblende-service',
  version: 1,
  name,
  since: '2021-05-01',
  materials: [{ material: 'asa' }],
  place: { where: 'roof', weatherId: 'w-1' },
  ...{ code: 'RF3', partId: 'p-1', partRevision: 4, decisionId: 'd-1', printId: 'r-1', spoolId: 's-1' },
  photos: [{ sha256: 'a'.repeat(64) }],
  ...change,
});
const look = (id: string, at: string, change: object = {}): object => ({
  ...{ id, placementId: 'one', at, verdict: 'fine' },
  ...change,
});
const archive = (files: Zippable): Uint8Array => zipSync({ 'manifest.json': strToU8('{}'), ...files });
const picture = { sha256: 'b'.repeat(64) };

describe('the archive of another workshop, read for its parts in service', () => {
  const bytes = archive({
    'service/one.json': record(part('Vane bracket', { weight: 0.8 }), 'one'),
    'service/two.json': record(
      part('Rain funnel', {
        materials: [
          { material: 'theirs-a', share: 0.5 },
          { material: 'theirs-b', share: 0.5 },
        ],
        ...{ origin: 'The school', photos: [] },
      }),
      'two',
    ),
    'service/three.json': record(part('Odd one', { materials: [{ material: 'nobodys-grade' }], photos: [] })),
    'service/four.json': record(part('Broken', { since: 'soon', photos: [] })),
    'service/five.json': strToU8('not JSON'),
    'grades/theirs-a.json': strToU8(JSON.stringify({ key: 'theirs-a', data: { family: 'petg' } })),
    'grades/theirs-b.json': strToU8(JSON.stringify({ key: 'theirs-b', data: { family: 'petg' } })),
    'inspections/later.json': record(
      look('look-0002', '2024-05-01T12:00:00Z', { verdict: 'failed', mode: 'cracked' }),
    ),
    'inspections/first.json': record(look('look-0001', '2022-05-01T12:00:00Z', { photos: [picture] })),
    'inspections/struck.json': record(look('look-0003', '2023-05-01T12:00:00Z', { struck: true })),
    'inspections/odd.json': record(look('look-0004', 'last week')),
    'parts/p-1.json': record({ name: 'is left' }),
  });
  const table = read(bytes);
  const row = (name: string): PlacedTable['rows'][number] => table.rows.find(r => r.name === name)!;

  it('takes each part with its looks, oldest first, without those struck out and without photographs', () => {
    expect(table.problems).toEqual([]);
    const { verdict, looks } = row('Vane bracket');
    expect(verdict).toBe('add');
    expect(looks.map(l => [l.at.slice(0, 4), l.verdict, l.mode, l.photos.length])).toEqual([
      ['2022', 'fine', null, 0],
      ['2024', 'failed', 'cracked', 0],
    ]);
    expect(looks[0]).not.toHaveProperty('id');
    expect(table.notes).toEqual(['2 looks come with them.', 'One photograph is not taken over.']);
  });
  it('says whose it is and lets it count by its weight, times what it counted there', () => {
    expect(row('Vane bracket').placement).toMatchObject({ origin: 'The weather station', weight: 0.4 });
    expect(row('Rain funnel').placement!.origin).toBe('The school, by The weather station');
  });
  it('keeps no reference to what stayed behind', () => {
    expect(row('Vane bracket').placement).toMatchObject({
      ...{ code: '', partId: null, partRevision: null, decisionId: null, printId: null, spoolId: null },
      photos: [],
    });
    expect(row('Vane bracket').placement!.place.weatherId).toBeNull();
  });
  it('takes a grade that is not known here as its family, two of one family as one', () => {
    expect(row('Rain funnel').placement!.materials).toEqual([{ material: 'petg', share: 1 }]);
    expect(row('Odd one')).toMatchObject({
      verdict: 'reject',
      problems: [{ field: 'material', value: 'nobodys-grade', message: 'is no family or grade here' }],
    });
  });
  it('names what of a part cannot be read', () => {
    expect(row('Broken').problems[0]).toMatchObject({ field: 'since', value: 'soon' });
    expect(table.rows).toHaveLength(4);
  });
  it('leaves out what is out there already', () => {
    const again = read(bytes, {
      existing: [{ name: 'vane bracket', since: '2021-05-01', place: { where: 'Roof' } }],
    });
    expect(again.rows.find(r => r.name === 'Vane bracket')!.verdict).toBe('double');
  });
  it('asks whose it is, and says of a zip that it is no archive, or cut short', () => {
    expect(read(bytes, { origin: '' }).problems[0]!.message).toContain('say whose records they are');
    expect(read(archive({})).problems[0]!.message).toContain('is no archive of a workshop');
    expect(read(bytes.slice(0, 400)).problems[0]!.message).toContain('cut short');
  });
});
