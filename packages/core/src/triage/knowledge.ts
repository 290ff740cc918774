import type { Cause } from './cause.js';
import { designCauses } from './causes/design.js';
import { filamentCauses } from './causes/filament.js';
import { machineCauses } from './causes/machine.js';
import { roomCauses } from './causes/room.js';
import { slicingCauses } from './causes/slicing.js';
import { symptomIds, type SymptomId } from './symptoms.js';
import type { TellingTest } from './telling-test.js';
import { tellingTests } from './telling-tests.js';

/** Every cause, by domain. */
export const causes: readonly Cause[] = [
  ...designCauses,
  ...filamentCauses,
  ...slicingCauses,
  ...machineCauses,
  ...roomCauses,
];

/** How likely a symptom shows under a cause that is not known to bring it. */
export const BY_CHANCE = 0.03;

/** How likely a symptom shows under a cause. */
export function likelihood(cause: Cause, symptom: SymptomId): number {
  return cause.shows[symptom] ?? BY_CHANCE;
}

/** How likely a test says yes under a cause. */
export function yesLikelihood(test: TellingTest, cause: Cause): number {
  return test.yes[cause.id] ?? test.otherwise;
}

/** A symptom shows at least so often for it to be called one of a cause's own. */
const OWN = 0.3;

/**
 * What is missing in the knowledge, in sentences; empty where it is whole: every cause has a symptom of its own, a test
 * that tells of it and a remedy; every symptom has a cause; nothing names what is not there.
 */
export function knowledgeGaps(): string[] {
  const ids = new Set(causes.map(c => c.id));
  return [
    ...causes.flatMap(c => [
      ...(Object.values(c.shows).some(p => p >= OWN) ? [] : [`${c.id} has no symptom`]),
      ...(tellingTests.some(t => (t.yes[c.id] ?? 0) > 2 * t.otherwise) ? [] : [`${c.id} has no test`]),
      ...(c.remedies.length ? [] : [`${c.id} has no remedy`]),
    ]),
    ...symptomIds.flatMap(s => (causes.some(c => (c.shows[s] ?? 0) >= OWN) ? [] : [`${s} has no cause`])),
    ...tellingTests.flatMap(t =>
      Object.keys(t.yes).flatMap(id => (ids.has(id) ? [] : [`${t.id} tells of ${id}, which is no cause`])),
    ),
    ...(ids.size < causes.length ? ['a cause stands there twice'] : []),
    ...(new Set(tellingTests.map(t => t.id)).size < tellingTests.length ? ['a test stands there twice'] : []),
  ];
}
