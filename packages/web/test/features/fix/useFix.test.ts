import { parsePrintEntry, parseSpool } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { useFix, type LiveFix } from '../../../src/features/fix/useFix';
import { stubPartServer } from '../../part-server';

const print = parsePrintEntry({
  ...{ format: 'hornblende-print', version: 1, part: 'Bracket', partId: 'p1', printerId: null },
  ...{ family: 'petg', material: 'petg', spoolId: 's1', grams: 20 },
  ...{ at: '2026-03-04T10:00:00Z', outcome: 'failed', note: 'it stopped' },
});
const spool = parseSpool({
  ...{ format: 'hornblende-spool', version: 1, material: 'petg', colour: 'white' },
  facts: { drive: 'direct', fibrePct: 10 },
});
let fix: LiveFix;
const chanceOf = (id: string): number => fix.result.value.causes.find(c => c.id === id)!.probability;

beforeEach(() => {
  setActivePinia(createPinia());
  stubPartServer(
    { geometry: { xMm: 80, yMm: 120, sharpCorners: 3 } },
    {
      '/api/prints': [{ id: 'l1', print, revision: 1, updatedAt: '' }],
      '/api/spools': [{ id: 's1', spool, revision: 1, updatedAt: '' }],
      '/api/faults': [],
    },
  );
  fix = useFix();
  fix.clear();
});

describe('a fault in hand', () => {
  it('begins with what the failed print, its part and its spool say', async () => {
    expect(await fix.fromPrint('l1')).toBe(true);
    expect(fix.sheet.value).toMatchObject({
      ...{ family: 'petg', lengthMm: 120, sharpCorners: 3, partId: 'p1', spoolId: 's1', name: 'Bracket' },
      from: 'Bracket, 4 Mar 2026: it stopped',
    });
    expect(fix.sheet.value.liftChance).toBeGreaterThanOrEqual(0);
    expect(fix.fault.value.of).toMatchObject({ printId: 'l1', partId: 'p1', spoolId: 's1', printerId: null });
  });

  it('heeds what is stated of the spool', async () => {
    await fix.fromPrint('l1');
    fix.put({ seen: ['jam'] });
    expect(fix.fault.value.context.facts).toMatchObject({ drive: 'direct', fibrePct: 10 });
    const heeding = chanceOf('remote-drive-soft');
    fix.put({ facts: null });
    expect(heeding).toBeGreaterThan(5 * chanceOf('remote-drive-soft'));
  });

  it('of a print that is not in the log leaves what was there', async () => {
    fix.put({ seen: ['strings'], family: 'pla' });
    expect(await fix.fromPrint('gone')).toBe(false);
    expect(fix.sheet.value).toMatchObject({ seen: ['strings'], family: 'pla', printId: '' });
  });

  it('turns a symptom to seen, to absent, to unknown', () => {
    const states = [1, 2, 3].map(() => {
      fix.turn('strings');
      return fix.stateOf('strings');
    });
    expect(states).toEqual(['seen', 'absent', 'unknown']);
  });

  it('keeps one answer a test, and takes it back', () => {
    fix.put({ seen: ['strings'] });
    const { id } = fix.result.value.nextTests[0]!;
    fix.answer(id, 'no');
    fix.answer(id, 'yes');
    expect(fix.fault.value.tried).toEqual([{ test: id, outcome: 'yes' }]);
    fix.takeBack(id);
    expect(fix.fault.value.tried).toEqual([]);
  });
});
