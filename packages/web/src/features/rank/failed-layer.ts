import type { CriterionId, GateId } from '@hornblende/core';

/** The layer of the strata chart at which a failed gate cracks the column; null where no criterion measures it. */
export function failedLayer(id: GateId): CriterionId | null {
  if (id.startsWith('printability') || id === 'build') return 'printability';
  if (id === 'water') return 'moisture';
  if (id === 'purpose' || id === 'chemicals' || id === 'clarity' || id === 'float') return null;
  return id as CriterionId;
}
