/** What may be done so that a print holds, by key. */
export const printAids = ['brim', 'ears', 'first-layer', 'preheat', 'cool', 'dried'] as const;

/** Something that is done so that a print holds: once ticked it counts in gate, success, grams, minutes and price. */
export type PrintAid = (typeof printAids)[number];

/** What each is called, and how it is done. */
export const printAidWords: Readonly<Record<PrintAid, { label: string; how: string }>> = {
  brim: { label: 'a brim of 8 mm', how: 'A rim of one layer round it, trimmed off afterwards.' },
  ears: {
    label: 'discs at its corners',
    how: 'Thin discs that its corners stand on, cut off afterwards; the page of its shape gives them as a file.',
  },
  'first-layer': { label: 'a slower first layer', how: 'Half the speed and no fan: it lies down and holds.' },
  preheat: {
    label: 'the bed heated for half an hour before',
    how: 'In a closed printer the frame and the air come up with it.',
  },
  cool: {
    label: 'cooling on the plate',
    how: 'Taken off hot it bends freely; held down it keeps more of its shape.',
  },
  dried: {
    label: 'the spool dried just before',
    how: 'In whatever dryer or oven there is, then used at once.',
  },
};
