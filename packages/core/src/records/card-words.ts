import { sig } from '../lib/figures.js';
import { hoursText } from '../lib/hours-text.js';
import { recipeGroupNames, recipeGroups, type RecipeLine } from '../print/recipe/recipe-line.js';
import type { PrintCard } from './card.js';

/** The lines of a card stage by stage. */
export function cardStages(card: Pick<PrintCard, 'lines'>): { title: string; lines: RecipeLine[] }[] {
  return recipeGroups.flatMap(group => {
    const lines = card.lines.filter(l => l.group === group);
    return lines.length ? [{ title: recipeGroupNames[group], lines }] : [];
  });
}

/** Where it is printed, what it takes and what it asks for: the first words of a card on paper. */
export function cardLead(card: PrintCard, currency: string): string {
  const where = card.printer === null ? 'On no printer in particular' : `On ${card.printer}`;
  return [`${where}.`, cardAmounts(card, currency), cardRecord(card), cardDoubts(card)]
    .filter(Boolean)
    .join(' ');
}

/** What one part takes, in a sentence. */
export function cardAmounts(card: PrintCard, currency: string): string {
  const { massG, supportG, hours, costEach, quantity } = card;
  const each = quantity > 1 ? ' each' : '';
  const some = `${quantity} of them ${sig(massG * quantity, 3)} g in ${hoursText(hours * quantity)}`;
  const supports = supportG < 0.05 ? '' : ` and ${sig(supportG, 2)} g cut away`;
  const chance = Math.round(100 * card.success);
  return (
    `${sig(massG, 3)} g${supports}, ${hoursText(hours)}, ${currency}${costEach.toFixed(2)}${each}` +
    `${quantity > 1 ? `; ${some}` : ''}. The next print succeeds ${chance} times in 100.`
  );
}

/** What this printer's own log has changed in those figures, in sentences; empty where it says nothing. */
export function cardRecord({ record, time, success }: PrintCard): string {
  const went = record
    ? `By this printer’s log: ${record.well} of ${record.well + record.failed} of these prints went well, ` +
      `so ${Math.round(100 * success)} times in 100 where the models alone say ` +
      `${Math.round(100 * record.modelSuccess)}. `
    : '';
  const took = time
    ? `Prints here take ${sig(time.factor, 3)} times what is expected (${time.timed} timed): ` +
      `${hoursText(time.modelHours)} by the models.`
    : '';
  return `${went}${took}`.trim();
}

/** What lowers the chance of the first print, in a sentence; empty where nothing does to speak of. */
export function cardDoubts({ doubts }: Pick<PrintCard, 'doubts'>): string {
  const named = doubts.slice(0, 4).map(d => `${d.label} (× ${sig(d.factor, 2)})`);
  return named.length ? `What it asks for: ${named.join(', ')}.` : '';
}
