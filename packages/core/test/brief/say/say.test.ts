import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseBrief } from '../../../src/brief/parse-brief.js';
import { say } from '../../../src/brief/say/say.js';
import { briefSaying } from '../../../src/brief/say/words.js';
import { rank } from '../../../src/score/rank.js';
import { sentences } from './sentences.js';

const at = (object: unknown, path: string): unknown =>
  path.split('.').reduce<unknown>((o, key) => (o as Record<string, unknown> | undefined)?.[key], object);

describe('a sentence that says what a part is for', () => {
  it.each(sentences)('%s', (sentence, means) => {
    const { brief } = say(sentence);
    for (const [path, value] of Object.entries(means))
      expect([path, at(brief, path)]).toEqual([
        path,
        typeof value === 'number' ? expect.closeTo(value, 2) : value,
      ]);
  });
  it('says of each word what it was taken for, in the order that it was said, and the field holds it', () => {
    for (const [sentence] of sentences) {
      const { brief, understood } = say(sentence);
      let from = 0;
      for (const { text, field, value } of understood) {
        expect(sentence).toContain(text);
        const found = sentence.indexOf(text);
        expect(found).toBeGreaterThanOrEqual(0);
        from = Math.max(from, found);
        if (field !== 'printer' && !Array.isArray(at(brief, field)) && field !== 'loads.0.case')
          expect([field, at(brief, field)]).toEqual([field, value]);
      }
    }
  });
  it('asks about what it does not know, in the words that were said', () => {
    const { understood, unclear } = say('hook outside, frobnicated twice, with a nice zorb');
    expect(understood.map(u => u.text)).toEqual(['hook', 'outside']);
    expect(unclear).toEqual(['frobnicated twice', 'nice zorb']);
    expect(say('hook outside').unclear).toEqual([]);
  });
  it('marks numbers that it put in as not said, so that they are asked for', () => {
    const [load] = say('hook, 3 kg').brief.loads;
    expect(load!.assumed).toEqual(['lengthMm', 'widthMm', 'heightMm']);
    expect(say('hook, 3 kg on a 60 mm arm, 20 x 8 mm').brief.loads[0]).toMatchObject({
      ...{ widthMm: 20, heightMm: 8, assumed: [] },
    });
  });
  it('finds the printer that is named, where one alone can be meant', () => {
    const printers = [
      { id: 'a', name: 'Shed bench, open' },
      { id: 'b', name: 'Honey-house cabinet' },
    ];
    const named = (text: string): unknown =>
      say(text, { printers }).understood.find(u => u.field === 'printer')?.value;
    expect(named('hook on the shed printer')).toBe('a');
    expect(named('hook on my cabinet machine')).toBe('b');
    expect(named('hook on the attic printer')).toBeUndefined();
    expect(say('hook on the attic printer', { printers }).unclear).toEqual(['attic printer']);
    // Where none are known, what was said stands for itself.
    expect(say('hook on the attic printer').understood.at(-1)).toMatchObject({
      field: 'printer',
      value: 'attic',
    });
  });
  it('leaves out what no part can be, and says so', () => {
    const { brief, unclear } = say('hook for 900 years');
    expect(brief.lifeYears).toBe(5);
    expect(unclear).toEqual(['for 900 years']);
  });
  it('comes to a brief that ranks, whatever is said, and never throws', () => {
    const words = sentences.flatMap(([s]) => s.split(/,? /));
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(fc.constantFrom(...words), { maxLength: 12 }).map(w => w.join(' ')),
        ),
        text => {
          const { brief } = say(text);
          expect(parseBrief(JSON.parse(JSON.stringify(brief)))).toEqual(brief);
        },
      ),
      { numRuns: 150 },
    );
    expect(
      rank(say('hook outside in the sun, 3 kg on a 60 mm arm, ten years').brief).firstChoice,
    ).not.toBeNull();
  });
  it('is told in the words of the brief', () => {
    expect(briefSaying({ field: 'loads.0.forceN', value: 29.42 })).toBe('Load 1, force, N: 29.42');
    expect(briefSaying({ field: 'flex.shoreA', value: [80, 90] })).toContain('80 to 90');
    expect(briefSaying({ field: 'heat.setting', value: 'closed-vehicle' })).toBe(
      'Where it lives: closed vehicle',
    );
  });
});

describe('what is denied', () => {
  it.each([
    ['hook, not in the sun', 'sun', 'not in the sun'],
    ['hook that never gets wet, not white', 'looks', 'not white'],
    ['box without any oil', 'contact', 'without any oil'],
    ["clip that isn't flexible", 'flex', "isn't flexible"],
  ])('%s is asked about, and not taken for its opposite', (sentence, field, unclear) => {
    const { brief } = say('hook');
    const denied = say(sentence);
    expect(at(denied.brief, field)).toEqual(at(brief, field));
    expect(denied.unclear.join('; ')).toContain(unclear);
  });
  it('leaves what denies by itself as it is', () => {
    expect(say('hook, never wet, no sun').brief).toMatchObject({ water: 'dry', sun: 'none' });
    expect(say('hook, no more than 40 g').brief.maxMassG).toBe(40);
  });
});
