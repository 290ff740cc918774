import { parsePlacement } from '@hornblende/core/formats';
import { materialWords, standingWords, type Due, type ServiceStanding } from '@hornblende/core/service';
import { ref } from 'vue';
import { describe, expect, it } from 'vitest';
import { placingDraft, placingLike, usePlacing } from '../../../src/features/service/usePlacing';
import { dueWords, standingMark } from '../../../src/features/service/words';

const placement = parsePlacement({
  format: 'hornblende-service',
  version: 1,
  name: 'Gate',
  since: '2024-05-01',
  materials: [
    { material: 'petg', share: 0.5 },
    { material: 'pla', share: 0.5 },
  ],
  place: { where: 'Orchard', sun: 'part' },
});

describe('a part being placed', () => {
  it('says what is missing, all of it at once, and comes to a placement when nothing is', () => {
    const draft = ref(placingDraft(null));
    const { problems, placement: made } = usePlacing(draft);
    expect([...problems.value.values()]).toEqual(['say what it is called', 'say what it is made of']);
    draft.value = { ...draft.value, name: 'Gate', first: 'pp' };
    expect(problems.value.size).toBe(0);
    expect(made.value!.place.where).toBe('not said');
    expect(made.value).toMatchObject({ name: 'Gate', materials: [{ material: 'pp', share: 1 }] });
    draft.value = { ...draft.value, other: 'pp' };
    expect([...problems.value.keys()]).toEqual(['materials[1].material']);
  });

  it('like another has its filament and place, and a name and a day of its own', () => {
    const like = placingLike(placement);
    expect(like).toMatchObject({
      name: '',
      code: '',
      first: 'petg',
      place: { where: 'Orchard', sun: 'part' },
    });
    expect(like.since).toBe(new Date().toISOString().slice(0, 10));
  });

  it('that is changed begins as it is, with both filaments that it may be of', () => {
    const draft = ref(placingDraft(placement));
    const { placement: made } = usePlacing(draft);
    expect(draft.value).toMatchObject({ first: 'petg', other: 'pla', since: '2024-05-01' });
    expect(made.value).toEqual(placement);
  });
});

describe('a part in service in words', () => {
  const standing = (change: Partial<ServiceStanding>): ServiceStanding => ({
    verdict: 'fine',
    ended: false,
    mode: null,
    years: 3,
    seenYears: 2,
    soundYears: 2,
    lastLookAt: '2026-05-01T10:00:00Z',
    looks: 2,
    ...change,
  });
  it('says how it is, with a sign beside the colour', () => {
    expect(standingWords(standing({}))).toBe('fine after 2 years');
    expect(standingWords(standing({ verdict: 'failed', mode: 'brittle', ended: true }))).toBe(
      'gone brittle after 2 years',
    );
    expect(standingWords(standing({ verdict: 'lost', ended: true }))).toBe('lost, sound, after 2 years');
    expect(standingWords(standing({ looks: 0, verdict: null }))).toBe('not looked at yet');
    expect(standingMark(standing({ verdict: 'worn' }))).toEqual({ sign: '◐', tone: 'marginal' });
    expect(standingMark(standing({ verdict: 'removed', ended: true })).tone).toBe('soft');
  });

  it('says when it is due, and what it may be of', () => {
    const due = (inDays: number): { due: Due } => ({ due: { on: '', inDays, everyDays: 30, because: [] } });
    expect([-5, -1, 0, 1, 20, 120].map(n => dueWords(due(n)))).toEqual([
      '5 days ago',
      'yesterday',
      'today',
      'tomorrow',
      'in 20 days',
      'in 4 months',
    ]);
    expect(dueWords({ due: null })).toBe('');
    expect(materialWords(placement, key => key.toUpperCase())).toBe('PETG or PLA, medium');
  });
});
