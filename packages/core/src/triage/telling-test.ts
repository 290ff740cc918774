/** Something to do or look at that tells causes apart. */
export interface TellingTest {
  id: string;
  /** What to do, ending in a question that yes or no answers. */
  how: string;
  minutes: number;
  /** How likely "yes" is under each cause that it tells of. */
  yes: Record<string, number>;
  /** How likely "yes" is otherwise. */
  otherwise: number;
}

/** Declares a test. */
export const tellingTest = (
  id: string,
  minutes: number,
  how: string,
  yes: Record<string, number>,
  otherwise: number,
): TellingTest => ({ id, minutes, how, yes, otherwise });
