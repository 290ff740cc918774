// What every kept document has.

/** Anything that is kept with a revision: a write names the one it was made from. */
export interface Revisioned {
  revision: number;
  updatedAt: string;
}
