import type { DimensionKey } from '@hornblende/core/units';

/** A figure of a bench sheet, and between what it may lie. */
export interface FigureField {
  /** The name that the sheet keeps it under. */
  key: string;
  label: string;
  min: number;
  max: number;
  whole?: true;
  /** What it measures: it is then typed and shown in the reader’s units; without it, as its label says. */
  dimension?: DimensionKey;
}
