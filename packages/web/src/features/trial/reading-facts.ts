import type { Trial, TrialReading } from '@hornblende/core/formats';

/** What is said of a piece beside its figure: kept from one reading to the next of the same criterion. */
export type ReadingFacts = Pick<TrialReading, 'broke' | 'door' | 'state' | 'thicknessMm'>;

/** Nothing said of a piece yet. */
export const noFacts = (): ReadingFacts => ({ broke: null, door: null, state: null, thicknessMm: null });

/** What a reading of a criterion is worth nothing without, as a question; empty where nothing is missing. */
export function missingFact(criterion: string, facts: ReadingFacts): string {
  return criterion === 'movement' && facts.thicknessMm === null
    ? 'say how thick the strip is: its hours are worth nothing without'
    : '';
}

/** Which piece is read now: "piece 2 of 3", or that all are read. */
export function pieceWords(printNow: number, replicates: number): string {
  return printNow > replicates ? `all ${replicates} read` : `piece ${printNow} of ${replicates}`;
}

/** A reading that was taken, as one reads it back: "ASA, mass: 12.4 g". */
export function takenWords(
  trial: Trial,
  nameOf: (material: string) => string,
  { material, reading }: { material: string; reading: TrialReading },
): string {
  const criterion = trial.criteria.find(c => c.id === reading.criterion);
  const unit = criterion?.unit ? ` ${criterion.unit}` : '';
  return `${nameOf(material)}, ${criterion?.label.toLowerCase() ?? reading.criterion}: ${reading.value}${unit}`;
}
