import { families } from '@hornblende/core/materials';

/** Filaments that something lasting is made of, as the options of a select: none that water dissolves. */
export const filamentOptions = families
  .filter(f => !f.flags.soluble)
  .map(f => ({ value: f.key, label: f.name }))
  .sort((a, b) => a.label.localeCompare(b.label));
