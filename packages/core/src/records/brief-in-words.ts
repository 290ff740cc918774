import { yearsWords } from '../lib/years-text.js';
import { flexWants } from '../brief/choices.js';
import type { Brief } from '../brief/brief.js';
import type { BriefLoad } from '../brief/brief-load.js';
import { printWords } from '../brief/assumptions.js';
import { glassOf, type Conditions } from '../brief/conditions.js';
import { hardnessWanted } from '../brief/hardness.js';
import { looksInWords } from '../brief/looks.js';
import { serviceLoads, type ServiceLoad } from '../brief/service-load.js';
import { sig } from '../lib/figures.js';
import { chemicalList, plateNames } from '../materials/names.js';
import { safetyOf } from '../brief/safety.js';
import type { Printer } from '../workshop/printer.js';

/** A line of a report: what is told, and what is said of it. */
export type Told = [what: string, said: string];

const fails: Record<Brief['ifItFails'], string> = {
  nothing: 'nothing much happens',
  annoys: 'it annoys',
  damages: 'something is damaged',
  injures: 'someone could be hurt',
};
const purposes: Record<Brief['purpose'], string> = {
  functional: 'a working part',
  decorative: 'for looks',
  prototype: 'a prototype',
  'dissolving-support': 'a support to dissolve',
};
const settings: Record<Brief['heat']['setting'], string> = {
  indoors: 'indoors',
  outdoors: 'outdoors',
  'closed-vehicle': 'in a closed vehicle',
  'near-source': 'near something hot',
  custom: 'where its temperature was measured',
};
const suns: Record<Brief['sun'], string> = {
  none: 'out of the sun',
  reflected: 'in reflected light',
  part: 'in the sun half the day',
  full: 'in full sun',
};
const glassWords = {
  none: '',
  window: ', behind a window',
  vehicle: ', behind a vehicle’s glass',
  laminated: ', behind laminated glass',
};
const waters: Record<Brief['water'], string> = {
  dry: 'dry',
  humid: 'in damp air',
  rain: 'in the rain',
  immersed: 'under water',
};
const wants: Record<(typeof flexWants)[number], string> = {
  rigid: 'stays rigid',
  springy: 'springs back',
  hinge: 'folds as a living hinge',
  rubbery: 'is rubbery',
};
const members: Record<BriefLoad['case'], string> = {
  cantilever: 'an arm held at one end',
  'simply-supported': 'a bar on two rests',
  'fixed-fixed': 'a bar held at both ends',
  tension: 'a tie, pulled',
  compression: 'a post, pressed',
  'direct-stress': 'a known stress',
  'snap-fit': 'a snap finger',
  deceleration: 'an arm with a braked mass',
  drop: 'a drop',
  clamp: 'a joint, squeezed',
  insert: 'a heat-set insert, pulled',
};

const electricity: Record<Brief['electrical'], string> = {
  none: 'none',
  'low-voltage': 'low voltage',
  mains: 'mains voltage',
  'static-safe': 'must lead static away',
  radio: 'must let radio through',
};

const mm = (x: number | null): string => (x === null ? '' : `${sig(x, 3)} mm`);

/** The whole brief in plain words, for a report that stands by itself. */
export function briefInWords(brief: Brief, conditions: Conditions): Told[] {
  const loads = serviceLoads(brief);
  const rows: (Told | null)[] = [
    ['What it is', `${purposes[brief.purpose]}; if it fails, ${fails[brief.ifItFails]}`],
    ['It should last', yearsWords(brief.lifeYears)],
    ['Where it lives', placeInWords(brief, conditions)],
    ...brief.loads.map((load, i): Told => [`Load ${i + 1}`, loadInWords(load, loads[i]!)]),
    brief.loads.length ? null : ['Loads', 'none to speak of'],
    ['Bending', bendInWords(brief)],
    contactInWords(brief),
    brief.heat.steamCycles === 0
      ? null
      : ['Steam', `${sig(brief.heat.steamCycles, 3)} times at ${sig(brief.heat.steamC, 3)} °C`],
    brief.wear === 'none' ? null : ['Wear', brief.wear === 'gear' ? 'teeth mesh' : 'something slides on it'],
    brief.electrical === 'none' ? null : ['Electricity', electricity[brief.electrical]],
    brief.seal === 'none' ? null : ['Tightness', `must hold ${brief.seal}`],
    ['Looks', looksInWords(brief)],
    ['Size', sizeInWords(brief)],
    ['Printed with', printWords(brief.print)],
    ['Limits', limitsInWords(brief)],
    ['How many', String(brief.quantity)],
  ];
  return rows.filter(r => r !== null);
}

function placeInWords(brief: Brief, c: Conditions): string {
  const air = `air from ${sig(c.ambientMinC, 3)} to ${sig(c.ambientMaxC, 3)} °C`;
  const part =
    `the part itself from ${sig(c.partMinC, 3)} to ${sig(c.partMaxC, 3)} °C, at its hottest ` +
    `${sig(c.hoursADay, 2)} h a day`;
  const light = `${suns[brief.sun]}${brief.sun === 'none' ? '' : glassWords[glassOf(brief)]}`;
  return `${settings[brief.heat.setting]}, ${light}, ${waters[brief.water]}; ${air}; ${part}`;
}

/** What one load is: how it is held, what it is, for how long, and what it comes to in the member as printed. */
export function loadInWords(load: BriefLoad, service: ServiceLoad): string {
  const section =
    load.widthMm !== null && load.heightMm !== null
      ? `section ${mm(load.widthMm)} × ${mm(load.heightMm)}`
      : '';
  const told = [
    members[load.case],
    load.lengthMm === null ? '' : `${mm(load.lengthMm)} long`,
    section,
    forceInWords(load),
    timeInWords(service),
    load.case === 'clamp' ? '' : load.acrossLayers ? 'across the layers' : 'along the layers',
  ].filter(x => x !== '');
  return `${told.join(', ')}: ${feltInWords(service)}`;
}

function forceInWords(load: BriefLoad): string {
  const { forceN, forceLowN, massKg, decelerationG, heightM, undercutMm, thicknessMm, areaMm2 } = load;
  const said = [
    forceN === null ? '' : `${forceLowN === null ? '' : `${sig(forceLowN, 3)} to `}${sig(forceN, 3)} N`,
    areaMm2 === null ? '' : `on ${sig(areaMm2, 3)} mm²`,
    massKg === null ? '' : `${sig(massKg, 3)} kg`,
    decelerationG === null ? '' : `braked at ${sig(decelerationG, 3)} g₀`,
    heightM === null ? '' : `from ${sig(heightM, 3)} m`,
    thicknessMm === null ? '' : `${mm(thicknessMm)} thick`,
    undercutMm === null ? '' : `moved ${mm(undercutMm)}`,
  ];
  return said.filter(x => x !== '').join(' ');
}

function timeInWords(s: ServiceLoad): string {
  if (s.kind === 'sustained') return `held ${sig(s.hours, 3)} h`;
  if (s.kind === 'cyclic') return `${sig(s.cycles, 3)} times`;
  return s.kind === 'impact' ? 'a knock' : 'now and then';
}

function feltInWords(s: ServiceLoad): string {
  if (s.severityKJm2 !== null) return `${sig(s.severityKJm2, 2)} kJ/m² at the weak section`;
  if (s.strainPct !== null) return `${sig(s.strainPct, 2)} % strain`;
  const printed =
    `as printed the member is ${sig(100 * s.printed.strength, 2)} % as strong and ` +
    `${sig(100 * s.printed.stiffness, 2)} % as stiff as a solid one`;
  return `${sig(s.stressMPa ?? 0, 3)} MPa; ${printed}`;
}

function bendInWords(brief: Brief): string {
  const { want } = brief.flex;
  if (want !== 'rubbery') return wants[want];
  const [low, high] = hardnessWanted(brief);
  return `${wants[want]}, ${low} to ${high} Shore A`;
}

function contactInWords({ contact, mustFloat }: Brief): Told | null {
  const touches = [
    contact.food === 'none' ? '' : `${contact.food} food`,
    contact.skin ? 'skin' : '',
    chemicalList(contact.chemicals),
    mustFloat ? 'and it must float' : '',
  ].filter(x => x !== '');
  return touches.length ? ['Touches', touches.join(', ')] : null;
}

function sizeInWords({ geometry: g, toleranceMm }: Brief): string {
  const volume = g.volumeCm3 === null ? '' : `, ${sig(g.volumeCm3, 3)} cm³`;
  return (
    `${sig(g.xMm, 3)} × ${sig(g.yMm, 3)} × ${sig(g.zMm, 3)} mm${volume}, walls ${mm(g.wallMm)}, ` +
    `${g.sharpCorners} sharp corners; true to ${mm(toleranceMm)}`
  );
}

function limitsInWords(brief: Brief): string {
  const { minMassG, maxMassG, targetMassG, maxCostEach, deflectionLimitPct } = brief;
  const said = [
    `factor of safety ${sig(safetyOf(brief), 3)}`,
    deflectionLimitPct === null ? '' : `moves at most ${sig(deflectionLimitPct, 3)} %`,
    minMassG === null ? '' : `at least ${sig(minMassG, 3)} g`,
    maxMassG === null ? '' : `at most ${sig(maxMassG, 3)} g`,
    targetMassG === null ? '' : `should weigh ${sig(targetMassG, 3)} g`,
    maxCostEach === null ? '' : `costs at most ${sig(maxCostEach, 3)}`,
  ];
  return said.filter(x => x !== '').join(', ');
}

/** The plates of a printer, its own ones by name. */
export function plateList({ plates, ownPlates }: Pick<Printer, 'plates' | 'ownPlates'>): string {
  return [...plates.map(x => plateNames[x]), ...ownPlates.map(p => p.name)].join(', ');
}

/** The drive of a printer: where the feeder sits, how it leads filament, from where it grips. */
export function driveInWords({ drive, path, gears }: Pick<Printer, 'drive' | 'path' | 'gears'>): string {
  const led = path === 'guided' ? ' that leads filament closely' : '';
  const grip = gears === 'both-sides' ? ', gears on both sides' : '';
  return `${drive === 'bowden' ? 'remote' : 'direct'} drive${led}${grip}`;
}

/** A printer in plain words. */
export function printerInWords(p: Printer | null): string {
  if (!p) return 'No printer in particular.';
  const plates = plateList(p);
  return (
    `${p.name}: nozzle of ${sig(p.nozzleMm, 2)} mm, to ${sig(p.nozzleMaxC, 3)} °C (${p.nozzleMetal}), ` +
    `bed to ${sig(p.bedMaxC, 3)} °C, ` +
    `${p.chamber} air of ${sig(p.chamberC, 3)} °C, ${driveInWords(p)}, ` +
    `${p.linerLimitC === null ? 'all-metal hot end' : `lined hot end to ${sig(p.linerLimitC, 3)} °C`}, ` +
    `plates: ${plates || 'none'}; ${p.dryerMaxC === null ? 'no dryer' : `dryer to ${sig(p.dryerMaxC, 3)} °C`}.`
  );
}
