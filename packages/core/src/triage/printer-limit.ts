import type { Printer } from '../workshop/printer.js';

/** A number of a printer's profile that a cause may turn out to bound. */
export type PrinterLimit = 'maxFlowMm3s' | 'linerLimitC' | 'chamberC' | 'bedMaxC' | 'nozzleMaxC';

/** The number of a printer's profile that finding a cause may put right, and how it is asked for. */
export interface LimitOfCause {
  field: PrinterLimit;
  label: string;
  unit: string;
  min: number;
  max: number;
}

const limits: Readonly<Record<string, LimitOfCause>> = {
  'too-fast': {
    field: 'maxFlowMm3s',
    label: 'It melts no more than',
    unit: 'mm³/s',
    min: 0.5,
    max: 100,
  },
  'nozzle-clogged': {
    field: 'maxFlowMm3s',
    label: 'It melts no more than',
    unit: 'mm³/s',
    min: 0.5,
    max: 100,
  },
  'liner-damaged': {
    field: 'linerLimitC',
    label: 'Its liner bears no more than',
    unit: '°C',
    min: 150,
    max: 300,
  },
  'chamber-too-cold': {
    field: 'chamberC',
    label: 'Its air reaches no more than',
    unit: '°C',
    min: 5,
    max: 200,
  },
  'bed-too-cold': { field: 'bedMaxC', label: 'Its bed reaches no more than', unit: '°C', min: 20, max: 200 },
  'nozzle-too-cold': {
    field: 'nozzleMaxC',
    label: 'Its nozzle reaches no more than',
    unit: '°C',
    min: 150,
    max: 500,
  },
};

/** The limit of a printer that a cause has to do with; null where none has. */
export function limitOfCause(cause: string): LimitOfCause | null {
  return limits[cause] ?? null;
}

/** A printer with a limit put right; what else follows from its profile is worked out from it everywhere. */
export function withLimit(printer: Printer, field: PrinterLimit, value: number): Printer {
  return { ...printer, [field]: value };
}
