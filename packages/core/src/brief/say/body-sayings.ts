import { all, either, oneOf, type Saying } from './lexicon.js';

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

/** What is said of a part itself: how it bends, what touches it, how it looks. */
export const bodySayings: readonly Saying[] = [
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
    ['textured', 'textured(?: surface| face)?|grippy surface'],
    ['sealed', 'sealed(?: surface)?'],
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
];
