import { sig } from '../lib/figures.js';
import { printedSection, type SectionPrintedInput } from '../models/section-printed.js';
import type { Trial, TrialEntrant } from './trial.js';

/** A factor that brings readings of one entrant to how the others were printed. */
export interface TrialCorrection {
  material: string;
  criterion: string;
  factor: number;
  /** Why, in a sentence. */
  why: string;
}

/** What infill changes of a criterion, by `section.printed`. */
const byInfill = {
  mass: 'massRatio',
  price: 'massRatio',
  break: 'strengthRatio',
  stress: 'strengthRatio',
} as const;

/**
 * Corrections for infill that is not that of the others: masses and loads go with the printed section of either
 * (`section.printed`). Empty where the trial does not say what section it is.
 */
export function trialCorrections(trial: Trial): TrialCorrection[] {
  const { section } = trial;
  return section === null ? [] : trial.entrants.flatMap(e => ofEntrant(trial, e, section));
}

/** What was said of how an entrant's pieces differ, which no model brings to how the others were printed. */
export interface TrialDifference {
  material: string;
  words: string;
}

/** Differences that nothing is corrected for: whoever compares the readings has to know of them. */
export function trialDifferences({ entrants }: Trial): TrialDifference[] {
  return entrants.flatMap(({ material, differs }) => (differs ? [{ material, words: differs }] : []));
}

function ofEntrant(
  trial: Trial,
  { material, infill }: TrialEntrant,
  section: SectionPrintedInput,
): TrialCorrection[] {
  if (infill === null || infill === section.infill) return [];
  const others = printedSection(section);
  const own = printedSection({ ...section, infill });
  return trial.criteria.flatMap(({ id }) => {
    const ratio = byInfill[id as keyof typeof byInfill];
    if (!ratio || own[ratio] <= 0) return [];
    const factor = others[ratio] / own[ratio];
    const why =
      `printed ${Math.round(100 * infill)} % full, the others ${Math.round(100 * section.infill)} %: ` +
      `× ${sig(factor, 3)} by its section`;
    return [{ material, criterion: id, factor, why }];
  });
}
