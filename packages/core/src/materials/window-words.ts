import type { DimensionKey } from '../units/dimensions.js';
import type { WindowName } from './family.js';

/** What the process windows are called, their unit, and the measure that another unit is read by where there is one. */
export const windowWords: Record<WindowName, { label: string; unit: string; measure: DimensionKey | null }> =
  {
    nozzleC: { label: 'Nozzle', unit: '°C', measure: 'temperature' },
    bedC: { label: 'Bed', unit: '°C', measure: 'temperature' },
    chamberC: { label: 'Air around it', unit: '°C', measure: 'temperature' },
    speedMmS: { label: 'Print speed', unit: 'mm/s', measure: null },
    fanPct: { label: 'Part cooling', unit: '%', measure: null },
    // Small lengths of machines are told in millimetres everywhere.
    retractionMm: { label: 'Retraction', unit: 'mm', measure: null },
  };
