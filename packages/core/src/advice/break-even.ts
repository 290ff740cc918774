import { sig } from '../lib/figures.js';
import type { Candidate } from '../score/candidate.js';
import { purchaseName } from '../workshop/purchases.js';
import { UpgradePart, type UpgradeOption, type BreakEven } from './upgrade-input.js';

/** From how many parts on printing it oneself, with the cheapest purchase that makes it possible, beats the quote. */
export function breakEven(
  part: UpgradePart,
  index: number,
  first: Candidate | null,
  options: readonly UpgradeOption[],
): BreakEven {
  const quoteEach = part.quoteEach ?? 0;
  const { quantity } = part.brief;
  if (first) {
    const ownEach = first.printing.costEach;
    const savingEach = quoteEach - ownEach;
    return {
      index,
      part: part.name,
      quoteEach,
      ownEach,
      savingEach,
      breakEvenQuantity: savingEach > 0 ? 1 : null,
      quantity,
      note:
        savingEach > 0
          ? 'This printer makes it already, for less.'
          : 'This printer makes it already, but the service is cheaper.',
    };
  }
  const opening = options.flatMap(o => {
    const u = o.unlocked.find(x => x.index === index && x.firstAfter !== null);
    return u ? [{ o, u }] : [];
  })[0];
  if (!opening)
    return {
      index,
      part: part.name,
      quoteEach,
      ownEach: null,
      savingEach: null,
      breakEvenQuantity: null,
      quantity,
      note: 'No purchase here makes it: order it.',
    };
  const ownEach = opening.u.costAfter;
  const savingEach = ownEach === null ? null : quoteEach - ownEach;
  return {
    index,
    part: part.name,
    quoteEach,
    ownEach,
    savingEach,
    quantity,
    breakEvenQuantity: savingEach !== null && savingEach > 0 ? Math.ceil(opening.o.cost / savingEach) : null,
    note:
      savingEach !== null && savingEach > 0
        ? `With ${purchaseName(opening.o)} for ${sig(opening.o.cost, 4)}, printing pays from ` +
          `${Math.ceil(opening.o.cost / savingEach)} on; ${quantity} ${quantity === 1 ? 'is' : 'are'} ` +
          'wanted.'
        : 'The service is cheaper even once the printer can make it.',
  };
}
