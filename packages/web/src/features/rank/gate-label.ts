import { gateLabel, type GateId } from '@hornblende/core/score';

const short: Record<string, string> = {
  flex: 'Flex',
  clarity: 'Clarity',
  chemicals: 'Chem.',
  build: 'Size',
  purpose: 'Purpose',
  strength: 'Strength',
  'printability.liner': 'Liner',
  'printability.nozzle-metal': 'Metal',
  'printability.chamber': 'Air',
  'printability.ventilation': 'Fumes',
};

/** A gate in a word, for under a narrow column. */
export function shortGateLabel(id: GateId): string {
  return short[id] ?? gateLabel(id);
}
