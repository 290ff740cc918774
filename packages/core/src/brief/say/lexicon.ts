/** Something that people say, and the field of a brief that it fills. */
export interface Saying {
  /** What is said, as the inside of a regular expression, small letters. */
  said: string;
  field: string;
  value: unknown;
  /** What follows from it where nothing else is said of that: what is in a pond is outdoors. */
  implies?: readonly (readonly [field: string, value: unknown])[];
}

/** One or another thing that is said. */
export const either = (...said: readonly string[]): string => said.join('|');

/** Every value of one field, with what is said for it. */
export const all = (field: string, table: readonly (readonly [value: unknown, said: string])[]): Saying[] =>
  table.map(([value, said]) => ({ field, value, said }));

/** One of several words, as a group of its own: "(?:car|van)". */
export const oneOf = (...said: readonly string[]): string => `(?:${said.join('|')})`;

/** Words that say nothing by themselves. */
export const fillers: ReadonlySet<string> = new Set(
  [
    'a an the this that these those my our your its it i we you is are be was will shall should must may',
    'can could would need needs needed want wants wanted have has had do does for of on in at to from',
    'with and or but so as by into onto up out off over which who where when while there then',
    'than also too very really quite just some any something about around roughly approximately ca circa',
    'please make makes made print printed printing part piece thing put use used using gets get got go',
    'goes per each one ones if more most least less long live lives last lasts lasting stand stands',
    'standing keep keeps between against under above below near next',
  ].flatMap(line => line.split(' ')),
);

/** Numbers in words. */
export const numberWords: Readonly<Record<string, number>> = Object.fromEntries([
  ...['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'].map(
    (word, i): [string, number] => [word, i + 1],
  ),
  ...Object.entries({
    a: 1,
    an: 1,
    half: 0.5,
    'half a': 0.5,
    'a couple of': 2,
    'a few': 3,
    'a dozen': 12,
    dozen: 12,
  }),
  ...Object.entries({ fifteen: 15, twenty: 20, thirty: 30, forty: 40, fifty: 50 }),
  ...Object.entries({ hundred: 100, 'a hundred': 100, 'a thousand': 1000 }),
]);
