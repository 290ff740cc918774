import { describe, expect, it } from 'vitest';
import { favouriteTip, favouriteWords, type FavouriteTip } from '../../src/advice/favourite.js';
import type { Brief } from '../../src/brief/brief.js';
import { rank } from '../../src/score/rank.js';
import { brief, enclosedPrinter } from '../cases.js';

const tipOf = (b: Brief): FavouriteTip | null =>
  favouriteTip(b, rank(b, { printer: enclosedPrinter }), { printer: enclosedPrinter });
const held = (fields: object = {}): Brief =>
  brief({
    heat: { setting: 'indoors' },
    lifeYears: 5,
    loads: [{ kind: 'sustained', case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 20, heightMm: 5 }],
    ...fields,
  });

describe('what would let an easier filament lead', () => {
  it('is a requirement that alone keeps it back, in millimetres at the tip, and letting it go does let it lead', () => {
    const tip = tipOf(held())!;
    expect(tip.condition).toMatch(/^[\d.]+ mm at its tip are acceptable$/);
    expect(favouriteWords(tip)).toBe(`${tip.name} leads if ${tip.condition}.`);
    const mm = Number(/^[\d.]+/.exec(tip.condition)![0]);
    const eased = held({ deflectionLimitPct: Math.min(100, (1.1 * 100 * mm) / 60 / 0.4) });
    expect(rank(eased, { printer: enclosedPrinter }).candidates[0]!.family).toBe(tip.material);
  });
  it('is nothing where the easiest leads already, and nothing where there is no first choice', () => {
    expect(tipOf(brief({ heat: { setting: 'indoors' }, loads: [] }))).toBeNull();
    expect(tipOf(brief({ heat: { setting: 'custom', partC: 380 } }))).toBeNull();
  });
});
