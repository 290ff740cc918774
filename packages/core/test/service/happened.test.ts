import { describe, expect, it } from 'vitest';
import { conditionsOf } from '../../src/brief/conditions.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { familyByKey } from '../../src/materials/library.js';
import {
  briefAsPlaced,
  happened,
  happenedTally,
  lessonPlace,
  modelRecord,
  modelRecordWords,
  type Happened,
} from '../../src/service/happened.js';
import { placeText } from '../../src/service/place-words.js';
import { placed } from './placed.js';

describe('what was predicted, and what happened', () => {
  const pla = familyByKey('pla')!;

  it('foresees a PLA part that bent in a hot car', () => {
    const bent = placed({
      material: 'pla',
      heat: 'closed-vehicle',
      years: 0.5,
      verdict: 'failed',
      mode: 'deformed',
    });
    const h = happened(bent, pla, null)!;
    expect(h).toMatchObject({ predicted: 'fails', verdict: 'foreseen', failed: true });
    expect(h.by.map(b => b.id)).toContain('heat');
  });

  it('is right of one that stands indoors, and misses one that the models trusted', () => {
    expect(happened(placed({ material: 'pla', heat: 'indoors', years: 3 }), pla, null)).toMatchObject({
      predicted: 'holds',
      verdict: 'right',
    });
    const chewed = placed({ material: 'pla', heat: 'indoors', years: 3, verdict: 'failed', mode: 'chewed' });
    expect(happened(chewed, pla, null)).toMatchObject({ verdict: 'missed' });
  });

  it('was too dark of one that stands though it was said to fail', () => {
    const hot = placed({ material: 'pla', heat: 'closed-vehicle', years: 3 });
    expect(happened(hot, pla, null)).toMatchObject({ predicted: 'fails', verdict: 'too dark' });
  });

  it('takes the place and the years as they were, not as the brief had them', () => {
    const of = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Lid',
      lifeYears: 10,
      sun: 'none',
    });
    const brief = briefAsPlaced(placed({ material: 'pla', sun: 'full', years: 2, partMaxC: 55 }), of);
    expect(brief).toMatchObject({ name: 'Lid', sun: 'full', heat: { setting: 'custom', partC: 55 } });
    expect(brief.lifeYears).toBeCloseTo(2, 1);
  });

  it('has the air and the weather of its own place, where they are known', () => {
    const out = placed({ material: 'petg', sun: 'full', years: 2 });
    const put = (place: object): ReturnType<typeof briefAsPlaced> =>
      briefAsPlaced(
        { ...out, placement: { ...out.placement, place: { ...out.placement.place, ...place } } },
        null,
      );
    expect(put({}).heat).toMatchObject({ climate: null });
    expect(put({ climate: 'desert', airMaxC: 41 }).heat).toMatchObject({
      climate: 'desert',
      ambientMaxC: 41,
    });
    // Hotter air, hotter part: what held before may not hold there.
    const warm = (airMaxC: number): number => conditionsOf(put({ airMaxC })).partMaxC!;
    expect(warm(41)).toBeGreaterThan(warm(30) + 9);
    expect(placeText({ place: { ...out.placement.place, climate: 'hill', airMaxC: 31 } })).toContain(
      'air up to 31 °C',
    );
  });

  it('takes a place that is colder than the brief of its part has it', () => {
    const of = parseBrief({
      format: 'hornblende-brief',
      version: 1,
      name: 'Warm bracket',
      heat: { setting: 'outdoors', ambientMinC: 10, ambientMaxC: 40, partMinC: 12 },
    });
    const out = placed({ material: 'petg', years: 2 });
    const put = (place: object): ReturnType<typeof briefAsPlaced> =>
      briefAsPlaced(
        { ...out, placement: { ...out.placement, place: { ...out.placement.place, ...place } } },
        of,
      );
    expect(put({ airMaxC: 5 }).heat).toMatchObject({ ambientMinC: 5, ambientMaxC: 5 });
    expect(put({ partMaxC: 4 }).heat).toMatchObject({ setting: 'custom', partC: 4, partMinC: 4 });
    expect(put({}).heat).toMatchObject({ ambientMinC: 10, ambientMaxC: 40, partMinC: 12 });
    const cold = { ...out, placement: { ...out.placement, place: { ...out.placement.place, airMaxC: 5 } } };
    expect(happened(cold, familyByKey('petg')!, of)).not.toBeNull();
  });

  it('shows misses first', () => {
    const of = (verdict: Happened['verdict']): Happened => ({
      id: verdict,
      predicted: 'holds',
      by: [],
      failed: false,
      mode: null,
      years: 1,
      verdict,
      ...{ pHolds: 1, claims: [], foreseenBy: [], weight: 1 },
    });
    const shuffled = [
      of('too soon'),
      of('right'),
      of('no claim'),
      of('foreseen'),
      of('missed'),
      of('too dark'),
    ];
    const byLesson = [...shuffled].sort((a, b) => lessonPlace(a.verdict) - lessonPlace(b.verdict));
    expect(byLesson.map(h => h.verdict)).toEqual([
      'missed',
      'too dark',
      'foreseen',
      'right',
      'no claim',
      'too soon',
    ]);
    const { telling, right, lowerBound95 } = modelRecord(happenedTally(shuffled));
    expect({ telling, right }).toEqual({ telling: 4, right: 2 });
    // Clopper and Pearson, one-sided: two of four.
    expect(lowerBound95).toBeCloseTo(0.0976, 4);
    expect(modelRecordWords(happenedTally(shuffled))).toBe(
      'Of 4 parts that tell, the models had 2 right, missed 1, said 1 would fail that stand. A record of this size ' +
        'proves that they are right for at least 9 in 100 such parts (95 % confidence). Not counted: 1 part of them ' +
        'stood for less than a season or a tenth of the wanted life; of 1 part the models said “only just”, which ' +
        'is no claim.',
    );
    expect(modelRecordWords(happenedTally([of('too soon')]))).toMatch(/none tells yet/);
  });

  it('counts nothing of a part that was placed today, and of one that was said to hold only just', () => {
    expect(happened(placed({ material: 'pla', heat: 'indoors', years: 0 }), pla, null)?.verdict).toBe(
      'too soon',
    );
    expect(happened(placed({ material: 'pla', heat: 'indoors', years: 0.2 }), pla, null)?.verdict).toBe(
      'too soon',
    );
    expect(happened(placed({ material: 'pla', heat: 'indoors', years: 0.3 }), pla, null)?.verdict).toBe(
      'right',
    );
    // Somewhere between what PLA bears with ease and what it does not bear, it holds only just.
    const warm = Array.from({ length: 30 }, (_, i) =>
      happened(placed({ material: 'pla', heat: 'indoors', years: 3, partMaxC: 40 + i }), pla, null),
    );
    const onlyJust = warm.filter(h => h?.predicted === 'only just');
    expect(onlyJust.length).toBeGreaterThan(0);
    expect(new Set(onlyJust.map(h => h?.verdict))).toEqual(new Set(['no claim']));
  });
});
