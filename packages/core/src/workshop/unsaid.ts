import type { PrintRates } from './print-rates.js';

// A file of its own, of plain values: the first page needs them before it needs what reads and checks formats.

/** What printing is taken to cost where nobody has said it. */
export const USUAL_RATES: Readonly<PrintRates> = { machinePerHour: 0.5, labourEach: 1 };

/** The settings of a workshop that has said none. */
export const unsaidSettings = {
  format: 'hornblende-workshop' as const,
  version: 1 as const,
  currency: '€',
  roomRhPct: 50,
  ...USUAL_RATES,
  allowed: [],
  scales: { heatK: 0, uv: 1, creep: 1, impact: 1, strengths: [] },
  upgradePrices: {},
  machinePrices: {},
  upgradeBudget: null as number | null,
};
