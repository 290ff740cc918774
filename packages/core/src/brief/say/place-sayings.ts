import { all, either, oneOf, type Saying } from './lexicon.js';

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
const OPEN_WATER = oneOf(
  ...['pond', 'pool', 'well', 'trough', 'water butt', 'rain barrel', 'lake', 'river', 'stream'],
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
/** What is said of where a part is: its sun, its air, its water. */
export const placeSayings: readonly Saying[] = [
  // Before water, for the sea is both: what it does to a plastic is the salt’s.
  {
    said: '(?:in|under) (?:the )?(?:salt ?water|sea ?water|sea)',
    field: 'contact.chemicals',
    value: 'salt-water',
    implies: [['water', 'immersed']],
  },
  ...all('contact.chemicals', [['salt-water', '(?:by )?(?:the )?(?:salt ?water|sea ?water)|brine|marine']]),
  // What is in a pond is wet and outdoors; what is for one may stand beside it.
  {
    said: `(?:in|under|below) ${THE} (?:drinking |water |garden )?${OPEN_WATER}`,
    field: 'water',
    value: 'immersed',
    implies: [['heat.setting', 'outdoors']],
  },
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
        `in (?:an|${THE}) (?:aquarium|(?:fish |water )?tank|cistern|bucket)`,
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
  // A float is there to float, whatever else is said of it; a floating shelf hangs on a wall.
  {
    said: '(?:must|should|has to|needs to|that) floats?|floating(?! shel)|stays afloat|buoyant|floats?|buoys?',
    field: 'mustFloat',
    value: true,
    implies: [['water', 'immersed']],
  },
];
