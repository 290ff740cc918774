import { colourWords } from '../materials/colours.js';
import { capital } from '../lib/capital.js';
import type { Brief } from '../brief/brief.js';
import { parseBrief } from '../brief/parse-brief.js';
import { printerPresets, type MachineKind } from '../workshop/presets.js';
import type { Printer } from '../workshop/printer.js';
import type { Asker } from './asker.js';

/** A part of a drill: its brief, and what it must bear in sentences. */
export interface Scenario {
  brief: Brief;
  /** What the part is called, with its article. */
  part: string;
  given: string[];
}

type Place = 'shed' | 'garden' | 'car' | 'oven';

const things: readonly { part: string; places: readonly Place[] }[] = [
  { part: 'a shelf bracket', places: ['shed', 'garden'] },
  { part: 'a hose clip', places: ['shed', 'garden'] },
  { part: 'a sensor mount', places: ['garden', 'car', 'oven'] },
  { part: 'a phone clip', places: ['car'] },
  { part: 'a gate latch', places: ['garden', 'shed'] },
  { part: 'a cable guide', places: ['shed', 'oven', 'car'] },
  { part: 'a lamp arm', places: ['shed', 'oven'] },
];

/** How long it serves, and what comes of it when it does not. */
const YEARS = [1, 2, 3, 5, 8, 10];

/** Draws a part that carries a load somewhere, with what it must bear. */
export function drawScenario(ask: Asker): Scenario {
  const thing = ask.pick(things);
  const place = ask.pick(thing.places);
  const years = ask.pick(YEARS);
  const surroundings = drawSurroundings(ask, place);
  const load = drawLoad(ask);
  const ifItFails = ask.pick(['annoys', 'damages'] as const);
  const brief = parseBrief({
    format: 'hornblende-brief',
    version: 1,
    name: thing.part.replace(/^an? /, ''),
    lifeYears: years,
    ifItFails,
    geometry: { xMm: 70, yMm: 40, zMm: 25, wallMm: 3, sharpCorners: 4, solidFraction: 0.4 },
    ...surroundings.fields,
    loads: load.loads,
  });
  return {
    brief,
    part: thing.part,
    given: [
      `${capital(thing.part)}, ${surroundings.said}, for ` + `${years} ${years === 1 ? 'year' : 'years'}.`,
      load.said,
      ifItFails === 'annoys' ? 'If it fails it annoys.' : 'If it fails something is damaged.',
    ],
  };
}

function drawSurroundings(ask: Asker, place: Place): { fields: object; said: string } {
  switch (place) {
    case 'shed':
      return { fields: { heat: { setting: 'indoors' }, water: 'dry' }, said: 'indoors, dry' };
    case 'garden': {
      const sun = ask.pick(['part', 'full'] as const);
      const colour = ask.pick(['white', 'mid', 'black'] as const);
      const airC = ask.stepped(28, 38, 2);
      return {
        fields: { heat: { setting: 'outdoors', ambientMaxC: airC }, sun, water: 'rain', looks: { colour } },
        said:
          `outdoors in ${sun === 'full' ? 'full sun' : 'sun half the day'} and rain, ` +
          `${colourWords[colour]} if it can be, air up to ${airC} °C`,
      };
    }
    case 'car': {
      const airC = ask.stepped(28, 38, 2);
      return {
        fields: {
          heat: { setting: 'closed-vehicle', ambientMaxC: airC },
          sun: 'none',
          looks: { colour: 'black' },
        },
        said: `in a parked car out of the sun, air outside up to ${airC} °C`,
      };
    }
    case 'oven': {
      const sourceC = ask.stepped(50, 130, 5);
      return {
        fields: { heat: { setting: 'near-source', sourceC } },
        said: `beside something hot that brings it to ${sourceC} °C`,
      };
    }
  }
}

function drawLoad(ask: Asker): { loads: object[]; said: string } {
  // Loads of everyday parts: a heavy one makes every question one of strength.
  const forceN = ask.stepped(5, 35, 5);
  const lengthMm = ask.stepped(20, 60, 10);
  const heightMm = ask.pick([6, 8, 10, 12]);
  const isHeld = ask.share() < 0.5;
  const arm = { case: 'cantilever', forceN, lengthMm, widthMm: 20, heightMm, acrossLayers: false };
  return {
    loads: [isHeld ? { ...arm, kind: 'sustained', hours: 20_000 } : { ...arm, kind: 'short' }],
    said:
      `An arm of ${lengthMm} mm, 20 mm wide and ${heightMm} mm high, carries ${forceN} N at its end, ` +
      (isHeld ? 'held all the while.' : 'a moment at a time.'),
  };
}

/** Machines that are common enough to be drilled on. */
const machines: readonly MachineKind[] = ['open-remote', 'open-direct', 'cabinet', 'warm-cabinet'];

/** Draws a common kind of printer. */
export function drawPrinter(ask: Asker): Printer {
  const key = ask.pick(machines);
  return printerPresets.find(p => p.key === key)!.profile;
}
