import { sig } from '../lib/figures.js';
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
  return `${where}. ${cardAmounts(card, currency)} ${cardDoubts(card)}`.trim();
}

/** What one part takes, in a sentence. */
export function cardAmounts(card: PrintCard, currency: string): string {
  const { massG, hours, costEach, success, quantity } = card;
  const each = quantity > 1 ? ' each' : '';
  const some = `${quantity} of them ${sig(massG * quantity, 3)} g in ${hoursText(hours * quantity)}`;
  return (
    `${sig(massG, 3)} g, ${hoursText(hours)}, ${currency}${costEach.toFixed(2)}${each}` +
    `${quantity > 1 ? `; ${some}` : ''}. The first print succeeds ${Math.round(100 * success)} times in 100.`
  );
}

function hoursText(hours: number): string {
  return hours < 1 ? `${Math.max(1, Math.round(60 * hours))} min` : `${sig(hours, 2)} h`;
}

/** What lowers the chance of the first print, in a sentence; empty where nothing does to speak of. */
export function cardDoubts({ doubts }: Pick<PrintCard, 'doubts'>): string {
  const named = doubts.slice(0, 4).map(d => `${d.label} (× ${sig(d.factor, 2)})`);
  return named.length ? `What it asks for: ${named.join(', ')}.` : '';
}
