import type { Family } from '../materials/family.js';
import type { PrintEntry } from '../workshop/print-log.js';
import type { PrintCard } from './card.js';

/** How long the models alone expect a print to take, min: what its printer's record is measured against. */
export function expectedMinutes({ hours, time }: Pick<PrintCard, 'hours' | 'time'>): number {
  return Math.max(0.1, 60 * (time?.modelHours ?? hours));
}

/** What a print takes as its card has it, in whole grams. */
export function expectedGrams({ massG, supportG }: Pick<PrintCard, 'massG' | 'supportG'>): number {
  return Math.round(massG + supportG);
}

/** What is told of a print that was made by a card; the rest stands on the card. */
export type PrintByCard = Omit<
  PrintEntry,
  'format' | 'version' | 'part' | 'material' | 'family' | 'expectedMinutes' | 'plate' | 'ownPlate'
>;

/** A print of a card as the log keeps it. */
export function printOfCard(
  card: Pick<PrintCard, 'part' | 'material' | 'hours' | 'time' | 'plate' | 'ownPlate'>,
  family: Family,
  told: PrintByCard,
): PrintEntry {
  return {
    format: 'hornblende-print',
    version: 1,
    part: card.part,
    material: card.material,
    family: family.grade?.family ?? family.key,
    expectedMinutes: expectedMinutes(card),
    plate: card.plate,
    ownPlate: card.ownPlate,
    ...told,
  };
}
