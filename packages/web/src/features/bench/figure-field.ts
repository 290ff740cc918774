/** A figure of a bench sheet, and between what it may lie. */
export interface FigureField {
  /** The name that the sheet keeps it under. */
  key: string;
  label: string;
  min: number;
  max: number;
  whole?: true;
}
