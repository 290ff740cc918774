import { FamilyKey } from '../materials/material-key.js';
import { familyByKey } from '../materials/library.js';
import { parseBrief } from '../brief/parse-brief.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';
import { families, ScoreInput } from '../score/score-input.js';
import { warpMitigationsFor } from './warp-mitigations.js';
import { warpOutcome, warpSetup } from './warp-outcome.js';
import { cheapestRemedy, warpRemedies } from './warp-remedies.js';

/** Input of `warp.mitigate`. */
export class WarpMitigateInput extends ScoreInput {
  @FamilyKey({ doc: 'The family it is printed in.' }) family!: string;
}

/** `warp.mitigate`: what helps against the warping of a part, each by a rerun. */
export const warpMitigate = model({
  id: 'warp.mitigate',
  title: 'What helps against warping',
  source:
    'Each a change of inputs of warp.bow and warp.lift-off, run again; ordered by gain for effort: chance of trouble ' +
    'left out, and bow in two tolerances; the least set by all sets of up to three',
  validity: `${families} Without a printer in the air that the family asks for.`,
  Input: WarpMitigateInput,
  compute(i: WarpMitigateInput) {
    const family = familyByKey(i.family)!;
    const setup = warpSetup(parseBrief(i.brief), family, i.printer);
    const mitigations = warpMitigationsFor(setup);
    const { bowMm, pTrouble } = warpOutcome(setup);
    const remedies = warpRemedies(setup, mitigations);
    return {
      result: { bowMm, pTrouble, remedies, cheapest: cheapestRemedy(setup, mitigations) },
      warnings: [],
      steps: [
        step('bow', 'warp.bow', 'as it is', bowMm, 'mm'),
        step('p', '1 − (1 − p_lift)·(1 − p_plate)·(1 − p_split)', 'as it is', pTrouble, ''),
        ...remedies.map(r =>
          step(
            r.label,
            'p − p′ + (bow − bow′)/(2·tolerance)',
            `${sig(pTrouble)} − ${sig(r.pTrouble)} + ` +
              `(${sig(bowMm)} − ${sig(r.bowMm)})/${sig(2 * setup.brief.toleranceMm)}`,
            r.gain,
            '',
          ),
        ),
      ],
    };
  },
});
