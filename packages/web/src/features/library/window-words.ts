import type { WindowName } from '@hornblende/core';

/** What the process windows are called; those with a measure are temperatures and take units as typed. */
export const windowWords: Record<WindowName, { label: string; unit: string; measure: boolean }> = {
  nozzleC: { label: 'Nozzle', unit: '°C', measure: true },
  bedC: { label: 'Bed', unit: '°C', measure: true },
  chamberC: { label: 'Air around it', unit: '°C', measure: true },
  speedMmS: { label: 'Speed', unit: 'mm/s', measure: false },
  fanPct: { label: 'Cooling', unit: '%', measure: false },
  retractionMm: { label: 'Retraction', unit: 'mm', measure: false },
};
