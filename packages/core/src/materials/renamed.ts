/** Families that have been renamed: their keys of before, which old files and records still have. */
const renamed: ReadonlyMap<string, string> = new Map([['pa-easy', 'pa-copolymer']]);

/** The key that a family goes by now; any other key as it is. */
export function currentKey(key: string): string {
  return renamed.get(key) ?? key;
}

/** The keys of before, each with the one of now. */
export const renamedKeys: readonly (readonly [before: string, now: string])[] = [...renamed];
