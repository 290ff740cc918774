import { all, either, type Saying } from './lexicon.js';

/** What is said of what a part is for: if it fails, wear, electricity, tightness, and what matters most. */
export const dutySayings: readonly Saying[] = [
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
  ...all('weights.recycling', [[4, 'recycl(?:able|ed|ing)|can be recycled|kind to the planet']]),
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
