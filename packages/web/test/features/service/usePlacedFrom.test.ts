import { parsePrintEntry, parseSpool } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { ref, type Ref } from 'vue';
import { placingDraft, type PlacingDraft } from '../../../src/features/service/usePlacing';
import { usePlacedFrom, type PlacedFrom } from '../../../src/features/service/usePlacedFrom';
import { usePrints } from '../../../src/stores/prints';
import { useShelf } from '../../../src/stores/shelf';
import { stubPartServer } from '../../part-server';

const decision = { firstChoice: 'asa', secondChoice: null, decidedAt: '2026-01-02T00:00:00Z', reason: '' };
const given = {
  lifeYears: 7,
  heat: { setting: 'outdoors', ambientMaxC: 31, climate: 'own' },
  sun: 'full',
  looks: { colour: 'black' },
  print: { walls: 4 },
};
const print = parsePrintEntry({
  format: 'hornblende-print',
  version: 1,
  part: 'Bracket',
  printerId: null,
  family: 'petg',
  grams: 20,
  material: 'petg',
  spoolId: 's1',
  at: '2026-03-04T10:00:00Z',
  outcome: 'well',
});
const spool = parseSpool({ format: 'hornblende-spool', version: 1, material: 'petg', colour: 'white, matt' });
let draft: Ref<PlacingDraft>;

function begin(decisions: object[] = []): PlacedFrom {
  setActivePinia(createPinia());
  stubPartServer(given, {
    '/api/parts/p1/decisions': decisions,
    '/api/prints': [{ id: 'l1', print, revision: 1, updatedAt: '' }],
    '/api/spools': [{ id: 's1', spool, revision: 1, updatedAt: '' }],
  });
  return usePlacedFrom(draft, change => (draft.value = { ...draft.value, ...change }));
}
beforeEach(() => {
  draft = ref(placingDraft(null));
});

describe('a part that goes out', () => {
  it('takes from its brief and its decision that stands what they say', async () => {
    const withdrawn = {
      id: 'd2',
      ...decision,
      firstChoice: 'pla',
      withdrawn: { at: '', reason: 'slip', by: '' },
    };
    const from = begin([withdrawn, { id: 'd1', ...decision, withdrawn: null }]);
    await from.ofPart('p1');
    expect(from.part.value?.id).toBe('p1');
    expect(draft.value).toMatchObject({
      partId: 'p1',
      name: 'Bracket',
      decisionId: 'd1',
      first: 'asa',
      colour: 'black',
      walls: 4,
      lifeYears: 7,
      // Weather of one's own belongs to the part, not to the place.
      place: { heat: 'outdoors', sun: 'full', airMaxC: 31, climate: null },
    });
  });
  it('keeps what was typed already, and names nothing where nothing is decided', async () => {
    const from = begin();
    draft.value = { ...draft.value, name: 'The left one', first: 'pp' };
    await from.ofPart('p1');
    expect(draft.value).toMatchObject({ name: 'The left one', first: 'pp', decisionId: null });
  });
  it('is filled in from the part that was chosen last, not from the one that answers last', async () => {
    const from = begin();
    const slow = from.ofPart('p1');
    draft.value = { ...draft.value, partId: 'p2' };
    await slow;
    expect(from.part.value).toBeNull();
    expect(draft.value.name).toBe('');
  });
  it('takes from a logged print its filament, its spool’s colour and its day', async () => {
    const from = begin();
    await Promise.all([usePrints().load(), useShelf().load()]);
    from.ofPrint('l1');
    expect(draft.value).toMatchObject({
      printId: 'l1',
      first: 'petg',
      spoolId: 's1',
      since: '2026-03-04',
      colour: 'white',
    });
    from.ofPrint('gone');
    expect(draft.value.printId).toBe('');
  });
});
