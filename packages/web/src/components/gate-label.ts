import type { GateId } from '@hornblende/core';

const labels: Record<string, string> = {
  purpose: 'Purpose', heat: 'Heat', strength: 'Strength', creep: 'Creep', impact: 'Knocks', uv: 'Sun', flex: 'Flexibility', water: 'Water', chemicals: 'Chemicals', clarity: 'Clarity', float: 'Floating', mass: 'Mass', cost: 'Cost', build: 'Build size',
  'printability.nozzle': 'Nozzle', 'printability.liner': 'Hot-end liner', 'printability.bed': 'Bed', 'printability.chamber': 'Warm air', 'printability.drive': 'Drive', 'printability.nozzle-metal': 'Nozzle metal', 'printability.plate': 'Plate', 'printability.dryer': 'Drying', 'printability.ventilation': 'Ventilation',
};

const short: Record<string, string> = { flex: 'Flex', clarity: 'Clarity', chemicals: 'Chem.', build: 'Size', purpose: 'Purpose', strength: 'Strength', 'printability.liner': 'Liner', 'printability.nozzle-metal': 'Metal', 'printability.chamber': 'Air', 'printability.ventilation': 'Fumes' };

/** A gate in a word, for under a narrow column. */
export function shortGateLabel(id: GateId): string { return short[id] ?? gateLabel(id); }

/** A gate as people call it. */
export function gateLabel(id: GateId): string { return labels[id] ?? id; }
