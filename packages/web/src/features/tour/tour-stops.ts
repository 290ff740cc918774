/** A stop of the tour: a page, what is pointed at there, and what is said. */
export interface TourStop {
  /** The page; `:part` stands for the part that is shown. */
  path: string;
  /** The name that the page gives to what is pointed at, in `data-tour`. */
  at: string;
  title: string;
  says: string;
}

/** The stops, in the order of the work. */
export const tourStops: readonly TourStop[] = [
  {
    path: '/parts',
    at: 'part',
    title: 'Parts',
    says:
      'Each part stands here with its first choice today, and what it only just meets. ' +
      'Enter goes on, Esc leaves.',
  },
  {
    path: '/parts/:part/brief',
    at: 'questions',
    title: 'The brief',
    says:
      'Five sentences say what the part must survive. Change a ' +
      'word that is underlined, and the answer follows.',
  },
  {
    path: '/parts/:part/brief',
    at: 'verdict',
    title: 'The verdict',
    says:
      'On every page: the first choice, how sure it is, and its ' +
      'thinnest margin. Any dotted number opens its working.',
  },
  {
    path: '/parts/:part/rank',
    at: 'strata',
    title: 'The ranking',
    says:
      'A column is a filament, a layer one of your wishes, as thick ' +
      'as it matters. What fails stands beneath, cracked.',
  },
  {
    path: '/parts/:part/card',
    at: 'card',
    title: 'The print card',
    says:
      'All that is set at the machine, each line with its reason; what ' +
      'a print took and how it went is written down here.',
  },
  {
    path: '/service',
    at: 'service',
    title: 'Service',
    says: 'Parts that went out are looked at over the years. How they hold up counts in the next choice.',
  },
  {
    path: '/fix',
    at: 'symptoms',
    title: 'Fix',
    says:
      'When a print fails: press what you see, and the cheapest ' +
      'telling test comes next. The guide (h) tells the rest.',
  },
];
