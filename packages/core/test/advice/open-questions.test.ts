import { describe, expect, it } from 'vitest';
import {
  openQuestions,
  provisionalReasons,
  provisionalWords,
  type Provisional,
} from '../../src/advice/open-questions.js';
import { assumptions } from '../../src/brief/assumptions.js';
import { conditionsOf } from '../../src/brief/conditions.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { onceSaid } from '../../src/brief/saying.js';
import { startingPoints } from '../../src/brief/starting-points.js';
import { unanswered } from '../../src/brief/unsaid.js';
import { enclosedPrinter } from '../cases.js';

const asked = (fields: object): Provisional => {
  const given = { format: 'hornblende-brief', version: 1, name: 'Bracket', ...fields };
  return openQuestions(parseBrief(given), given, { printer: enclosedPrinter });
};
const hangs = { kind: 'sustained', case: 'cantilever', forceN: 20, lengthMm: 60, widthMm: 20, heightMm: 6 };

describe('questions that are open', () => {
  it('a holder in a closed vehicle of which nobody said the sun is provisional: the sun would change it', () => {
    const found = asked({ heat: { setting: 'closed-vehicle' }, loads: [], lifeYears: 3 });
    expect(found).toMatchObject({ answered: 4, of: 5, provisional: true });
    expect(provisionalWords(found)).toBe('4 of 5 answered; the sun would change it');
    expect(provisionalReasons(found)[0]).toMatch(/^Out of the sun, .+ would lead\.$/);
  });
  it('once all five are answered nothing is provisional', () => {
    const found = asked({
      heat: { setting: 'outdoors' },
      loads: [hangs],
      lifeYears: 5,
      water: 'rain',
      sun: 'full',
    });
    expect(found).toEqual({ answered: 5, of: 5, open: [], provisional: false });
    expect(provisionalWords(found)).toBe('5 of 5 answered');
  });
  it('indoors answers sun and water as well, and a place near a source the sun', () => {
    expect(unanswered({ heat: { setting: 'indoors' } })).toEqual(['failing', 'load']);
    expect(unanswered({ heat: { setting: 'near-source' } })).toEqual(['failing', 'water', 'load']);
    expect(unanswered({ heat: { climate: 'hill' } })).toEqual(['failing', 'sun', 'water', 'load']);
    expect(unanswered({})).toHaveLength(5);
  });
  it('an answer that changes nothing but the order of equals does not make it provisional', () => {
    const found = asked({ heat: { setting: 'indoors' }, loads: [], lifeYears: 1, ifItFails: 'nothing' });
    expect(found.open).toEqual([]);
    for (const q of asked({ sun: 'full', water: 'immersed', loads: [hangs], lifeYears: 3 }).open)
      expect(q.id).toBe('place');
  });
  it('what a kind fills in counts, but is no answer until it is said', () => {
    const kind = startingPoints.find(s => s.key === 'bracket')!;
    const given = {
      format: 'hornblende-brief',
      version: 1,
      name: 'Shelf bracket',
      ...kind.brief,
      filledIn: Object.keys(kind.brief),
    };
    const brief = parseBrief(given);
    expect(unanswered(given, brief.filledIn)).toContain('load');
    const shown = assumptions(given, brief, conditionsOf(brief)).filter(
      a => a.shown === 'as usual for its kind',
    );
    expect(shown.map(a => a.label)).toEqual(['size', 'load']);
    const said = onceSaid(brief, { ...brief, loads: [{ ...brief.loads[0]!, forceN: 9 }] }, 'loads.0.forceN');
    expect(said.filledIn).toEqual(['geometry']);
    expect(unanswered(given, said.filledIn)).not.toContain('load');
  });
});
