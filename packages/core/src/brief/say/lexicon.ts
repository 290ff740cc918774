/** Something that people say, and the field of a brief that it fills. */
export interface Saying {
  /** What is said, as the inside of a regular expression, small letters. */
  said: string;
  field: string;
  value: unknown;
}

/** One or another thing that is said. */
export const either = (...said: readonly string[]): string => said.join('|');

const all = (field: string, table: readonly (readonly [value: unknown, said: string])[]): Saying[] =>
  table.map(([value, said]) => ({ field, value, said }));

/** One of several words, as a group of its own: "(?:car|van)". */
export const oneOf = (...said: readonly string[]): string => `(?:${said.join('|')})`;

const THE = oneOf('a', 'the', 'my', 'our');
const VEHICLE = oneOf('car', 'van', 'truck', 'lorry', 'camper', 'cab', 'vehicle');
const OPEN_PLACE = oneOf(
  ...[
    'garden',
    'yard',
    'orchard',
    'field',
    'allotment',
    'roof',
    'balcony',
    'terrace',
    'patio',
    'boat',
    'deck',
  ],
  ...['greenhouse', 'fence', 'street', 'meadow', 'pond', 'pool'],
);
const ROOM = oneOf(
  ...[
    'house',
    'kitchen',
    'bath ?room',
    'office',
    'living room',
    'bed ?room',
    'workshop',
    'shed',
    'garage',
    'library',
  ],
  ...[
    'basement',
    'cellar',
    'lab(?:oratory)?',
    'classroom',
    'school',
    'desk',
    'wardrobe',
    'closet',
    'fridge',
    'room',
  ],
  ...['hall', 'shop'],
);
const FOOD = oneOf(
  ...[
    'food',
    'drinks?',
    'soup',
    'coffee',
    'tea',
    'honey',
    'syrup',
    'milk',
    'juice',
    'dough',
    'water to drink',
  ],
  'drinking water',
);

/** What is said in so many words, the more particular before the plainer. */
export const sayings: readonly Saying[] = [
  // Before water, for the sea is both: what it does to a plastic is the salt’s.
  ...all('contact.chemicals', [
    ['salt-water', '(?:in |by |under )?(?:the )?(?:salt ?water|sea ?water)|brine|in the sea|marine'],
  ]),
  ...all('sun', [
    [
      'none',
      either(
        'no sun(?:light)?',
        'out of the sun(?:light)?',
        'never (?:sees|gets) (?:the )?sun',
        'in (?:the |full )?shade',
        'shaded',
        'away from (?:the )?(?:sun|daylight)',
      ),
    ],
    [
      'reflected',
      either(
        'indirect (?:sun)?light',
        'indirect sun',
        'reflected (?:sun|light)',
        'on (?:the|a) north (?:side|wall)',
        'north[- ]facing',
      ),
    ],
    [
      'part',
      either(
        "(?:half|part) (?:of )?(?:the|a) day(?:(?:'s)? (?:of |in (?:the )?)?sun)?",
        'half a day of sun',
        '(?:part(?:ial)?|half|some|morning|afternoon|evening) (?:sun(?:shine|light)?|shade)',
        'partly (?:sunny|shaded)',
        'a few hours of sun',
      ),
    ],
    [
      'full',
      either(
        '(?:(?:in|under) )?(?:the )?(?:full|direct|blazing|hot|strong|burning|all[- ]day|constant) sun(?:shine|light)?',
        '(?:in|under) the (?:sun(?:shine|light)?)',
        'sun all day',
        'sunny',
        'sunlit',
        'south[- ]facing',
        'on (?:a|the) south (?:side|wall)',
        'sunshine',
        'exposed to (?:the )?sun',
        'uv',
      ),
    ],
  ]),
  ...all('heat.setting', [
    [
      'closed-vehicle',
      either(
        `(?:in|inside|for|on) ${THE} (?:hot |parked |closed )*${VEHICLE}(?: boot)?`,
        '(?:on|under) (?:the|a|my) (?:dash(?:board)?|windscreen|windshield)',
        '(?:hot|parked) (?:car|van)',
        'glove ?box',
        'dashboard',
        'car interior',
      ),
    ],
    [
      'outdoors',
      either(
        'outdoors?',
        'outside',
        `(?:in|for|on) ${THE} (?:back ?)?${OPEN_PLACE}`,
        'out in the open',
        'on (?:the|a) bicycle',
        'on (?:the|my|a) bike',
        'garden',
      ),
    ],
    [
      'indoors',
      either(
        'indoors?',
        'inside',
        `(?:in|for|on) ${THE} ${ROOM}`,
        'at home',
        'on (?:my|the|a) (?:desk|shelf|table)',
      ),
    ],
  ]),
  ...all('water', [
    ['dry', '(?:stays|kept|always|keeps) dry|never (?:gets )?wet|no water'],
    [
      'immersed',
      either(
        '(?:under ?|in |below )(?:the |sea |salt ?)?water(?: all the time)?',
        'immersed',
        'submerged',
        'always wet',
        'in (?:a|the|my) (?:pond|pool|aquarium|fish tank|water tank|cistern|well|sea)',
        'stands in water',
        '(?:stays|is always|always) wet',
        'wet all the time',
      ),
    ],
    [
      'rain',
      either(
        '(?:in|through|and) (?:the )?(?:rain|wind and rain|weather|snow)',
        'rained on',
        'gets (?:rained on|wet)',
        'rain(?:y|s)?',
        'all weathers',
        'splashed',
        'splash(?:es)?',
      ),
    ],
    ['humid', 'humid|damp|moist|steamy (?:bath|shower)? ?room|condensation'],
  ]),
  ...all('mustFloat', [
    [true, '(?:must|should|has to|needs to|that) floats?|floating|stays afloat|buoyant|floats'],
  ]),
  ...all('flex.want', [
    ['hinge', 'living hinges?|folds? (?:open|over and over|again and again)|hinge that folds'],
    [
      'springy',
      either(
        'springy',
        'spring(?:s)? back',
        'snaps? (?:on|in|over|shut)',
        'elastic clip',
        'flexes (?:a little|and returns)',
      ),
    ],
    [
      'rubbery',
      either(
        'rubber(?:y|like)?',
        'like rubber',
        'soft(?: and bendy)?',
        'squishy',
        'flexible',
        'bendy',
        'bends like rubber',
        'cushion(?:s|ing|ed)?',
        'stretchy',
        'grippy',
      ),
    ],
    ['rigid', 'rigid|stiff|must not bend|not flexible|hard and stiff'],
  ]),
  ...all('contact.food', [
    [
      'wet',
      either(
        `(?:touches|for|holds|with|in contact with) (?:wet |hot |moist )?${FOOD}`,
        'food[- ]safe',
        'food contact',
        'next to food',
        'cup',
        'mug',
        'cookie cutter',
      ),
    ],
    [
      'dry',
      either(
        '(?:touches|for|holds|with) dry (?:food|goods)',
        '(?:for|holds) (?:flour|rice|grain|pasta|sugar|biscuits|seeds)',
      ),
    ],
  ]),
  ...all('contact.skin', [
    [
      true,
      either(
        '(?:on|against|touches|worn on) (?:the |your |my )?skin',
        'worn (?:all day|on the body|by a person)',
        'hand[- ]?held',
        'wearable',
      ),
    ],
  ]),
  ...all('contact.chemicals', [
    ['petrol', 'petrol|gasoline|gas tank|fuel|diesel|kerosene|paraffin'],
    ['oil', '(?:engine |motor |machine |hot )?oil|grease|greasy|oily|lubricant'],
    ['alcohol', 'alcohol|ethanol|isopropanol|ipa|spirits|disinfectant|sanitiser|sanitizer'],
    ['acetone', 'acetone|nail polish remover|lacquer thinner'],
    ['strong-acid', 'strong acid|battery acid|sulph?uric acid|hydrochloric acid|sulfuric acid'],
    ['weak-acid', 'acid|vinegar|citric|lemon juice'],
    ['alkali', 'alkali(?:ne)?|lye|caustic|bleach|ammonia|drain cleaner|cement|concrete|plaster'],
  ]),
  ...all('looks.clear', [[true, 'clear|transparent|see[- ]through|translucent|light pipe|lens|window pane']]),
  ...all('looks.colour', [
    ['black', 'black'],
    ['white', 'white'],
    ['dark', 'dark(?: (?:grey|gray|blue|green|brown|red))?|brown|navy|charcoal|purple'],
    [
      'light',
      either(
        'light (?:grey|gray|blue|green|colou?r(?:ed)?)',
        'pale',
        'beige',
        'cream',
        'yellow',
        'pink',
        'natural colou?r',
      ),
    ],
    ['mid', 'grey|gray|red|green|blue|orange|silver'],
  ]),
  ...all('looks.wishes', [
    ['gloss', 'gloss(?:y)?|shiny'],
    ['matt', 'matte?'],
    ['line-free', '(?:no|without|free of|hide) (?:visible )?layer lines|smooth surface|perfectly smooth'],
    ['paintable', 'paint(?:able|ed)|to be painted|will be painted|i (?:will|want to) paint it'],
    ['dyeable', 'dye(?:able|d)|to be dyed'],
    ['smoothable', 'smooth(?:able|ed)|vapou?r smoothed'],
  ]),
  ...all('looks.finish', [
    [
      'fine',
      either(
        '(?:very |really )?(?:pretty|beautiful|handsome)',
        'looks (?:great|perfect|beautiful)',
        'show ?piece',
        'fine surface',
        'presentable',
      ),
    ],
    ['fair', 'looks? (?:good|nice|decent|tidy)|nice looking|good looking|neat|tidy'],
  ]),
  ...all('purpose', [
    [
      'decorative',
      either(
        'decorati(?:ve|on)',
        'ornament(?:al)?',
        'just (?:for )?(?:looks|show)',
        'only to look at',
        'figurine',
        'statue',
        'vase',
      ),
    ],
    ['prototype', 'prototype|fit[- ]?check|test fit|mock[- ]?up|first try|try[- ]?out'],
    ['dissolving-support', 'soluble supports?|supports? that (?:wash|dissolve)s?(?: away)?'],
  ]),
  ...all('ifItFails', [
    [
      'injures',
      either(
        '(?:could|can|may|might|would) (?:hurt|injure|kill|fall on) (?:someone|somebody|people|a person|a child|me)',
        'someone (?:could|can|might|may) (?:be|get) hurt',
        'safety[- ]critical',
        'dangerous if it (?:fails|breaks)',
        '(?:over|above) (?:people|heads)',
        'life depends',
      ),
    ],
    [
      'damages',
      either(
        '(?:would|could|can|will|may) (?:damage|break|ruin|wreck|flood) (?:things|something|other things|the \\w+|it)',
        'expensive if it (?:fails|breaks)',
        'must not fail',
        'damage if it (?:fails|breaks)',
      ),
    ],
    [
      'nothing',
      either(
        "(?:no matter|does not matter|doesn't matter|nothing happens|no harm|who cares) if it (?:fails|breaks)",
        'nothing happens',
        'no consequences?',
        'disposable',
        'throw[- ]?away',
      ),
    ],
    [
      'annoys',
      either(
        '(?:annoying|a nuisance|only annoying|annoys(?: me)?) if it (?:fails|breaks)',
        'just a nuisance',
        'nuisance',
      ),
    ],
  ]),
  ...all('wear', [
    ['gear', 'gears?(?: (?:teeth|wheel))?|cogs?|sprockets?|pinion'],
    [
      'sliding',
      either(
        '(?:slides?|rubs?|sliding|rubbing)(?: (?:on|against|over|along) (?:the )?\\w+)?',
        'bushing',
        'bearing',
        'glides?',
      ),
    ],
  ]),
  ...all('electrical', [
    [
      'mains',
      either(
        'mains',
        '230 ?v(?:olts?)?',
        '120 ?v(?:olts?)?',
        '240 ?v(?:olts?)?',
        '110 ?v(?:olts?)?',
        'line voltage',
        'wall (?:power|socket|outlet)',
      ),
    ],
    ['static-safe', 'esd(?:[- ]safe)?|anti[- ]?static|static[- ]safe|for (?:circuit )?boards'],
    ['radio', 'antenna|radio|wi-?fi|lets? (?:the )?radio through|gps'],
    [
      'low-voltage',
      either(
        'low voltage',
        '(?:5|9|12|24) ?v(?:olts?)?',
        'battery(?:[- ]powered)?',
        'electronics',
        'circuit board',
        'pcb',
        'leds?',
      ),
    ],
  ]),
  ...all('seal', [
    ['fuel', '(?:holds?|tank for|seals?) (?:petrol|fuel|gasoline|diesel)|fuel[- ]tight'],
    ['gas', 'air ?tight|gas ?tight|holds? (?:air|gas|vacuum|pressure)|pneumatic'],
    [
      'water',
      either(
        'water ?tight',
        'water ?proof',
        'leak[- ]?proof',
        'must not leak',
        'holds? water',
        'keeps? (?:the )?water (?:in|out)',
      ),
    ],
  ]),
  ...all('weights.cost', [[4, '(?:as )?cheap(?:ly)?(?: as possible)?|low cost|inexpensive|on a budget']]),
  ...all('weights.mass', [
    [4, '(?:as )?light(?:weight| weight)?(?: as possible)|lightweight|light weight|must be light'],
  ]),
  ...all('weights.printability', [
    [4, '(?:very )?easy to print|simple to print|my first print|first print|for a beginner'],
  ]),
  ...all('weights.accuracy', [
    [
      4,
      either(
        '(?:very )?(?:precise|accurate|exact|true to size|dimensionally stable)(?:ly)?',
        'high precision',
      ),
    ],
  ]),
  ...all('weights.impact', [[4, 'tough|unbreakable|must not shatter|hard to break']]),
  ...all('weights.stiffness', [[4, 'very stiff|as stiff as possible']]),
];

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
