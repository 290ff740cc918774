import { hardnessWanted } from '../brief/hardness.js';
import type { Brief } from '../brief/brief.js';
import { sig } from '../lib/figures.js';
import { type Family, typical } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import { scaledLoad } from './change-premises.js';

interface Dial {
  requirement: string;
  /** The brief or printer with a share (0…1) of the requirement given up; null when there is nothing to give up. */
  at: (share: number) => { brief?: Brief; printer?: Printer | null } | null;
  say: (share: number) => string;
}

/** The requirements that can be eased, each on its own scale from nothing to all of it. */
export function dials(
  brief: Brief,
  printer: Printer | null,
  families: readonly Family[],
  partMaxC: number,
): Dial[] {
  const list: Dial[] = [
    {
      requirement: 'heat',
      at: s => ({
        brief: {
          ...brief,
          heat: { ...brief.heat, setting: 'custom', partC: partMaxC - s * Math.max(0, partMaxC - 20) },
        },
      }),
      say: s =>
        `Keep the part under ${sig(partMaxC - s * Math.max(0, partMaxC - 20), 3)} °C instead of ${sig(partMaxC, 3)} °C`,
    },
    {
      requirement: 'life',
      at: s => ({ brief: { ...brief, lifeYears: Math.max(0.01, brief.lifeYears * (1 - s)) } }),
      say: s =>
        `Replace it every ${sig(Math.max(0.01, brief.lifeYears * (1 - s)), 2)} years instead of ${sig(brief.lifeYears, 2)}`,
    },
  ];
  if (brief.loads.length)
    list.push({
      requirement: 'load',
      at: s => ({ brief: { ...brief, loads: brief.loads.map(l => scaledLoad(l, 1 - s)) } }),
      say: s =>
        `Load it with ${sig(100 * (1 - s), 2)} % of what the brief says, or thicken the section to match`,
    });
  if (brief.sun !== 'none')
    list.push({
      requirement: 'sun',
      at: s =>
        s < 0.5 && brief.sun === 'full'
          ? { brief: { ...brief, sun: 'part' } }
          : { brief: { ...brief, sun: 'none' } },
      say: s => (s < 0.5 && brief.sun === 'full' ? 'Shade it for half of the day' : 'Keep it out of the sun'),
    });
  if (brief.flex.want === 'rubbery')
    list.push({
      requirement: 'hardness',
      at: s => {
        const [a, b] = hardnessWanted(brief);
        return {
          brief: {
            ...brief,
            flex: { ...brief.flex, shoreA: [Math.max(10, a - 60 * s), Math.min(100, b + 60 * s)] },
          },
        };
      },
      say: s => {
        const [a, b] = hardnessWanted(brief);
        return `Accept a hardness from ${sig(Math.max(10, a - 60 * s), 2)} to ${sig(Math.min(100, b + 60 * s), 3)} A`;
      },
    });
  else if (brief.flex.want !== 'rigid')
    list.push({
      requirement: 'flexibility',
      at: s => (s < 0.5 ? null : { brief: { ...brief, flex: { ...brief.flex, want: 'rigid' } } }),
      say: () => 'Let it be rigid, with a pin or a metal spring',
    });
  if (brief.water !== 'dry')
    list.push({
      requirement: 'water',
      at: s => (s < 0.5 ? null : { brief: { ...brief, water: 'dry' } }),
      say: () => 'Keep it dry',
    });
  if (brief.contact.chemicals.length)
    list.push({
      requirement: 'chemicals',
      at: s => (s < 0.5 ? null : { brief: { ...brief, contact: { ...brief.contact, chemicals: [] } } }),
      say: () => `Keep ${brief.contact.chemicals.join(', ')} off it`,
    });
  if (brief.looks.clear)
    list.push({
      requirement: 'clarity',
      at: s => (s < 0.5 ? null : { brief: { ...brief, looks: { ...brief.looks, clear: false } } }),
      say: () => 'Let it be opaque',
    });
  if (brief.mustFloat)
    list.push({
      requirement: 'floating',
      at: s => (s < 0.5 ? null : { brief: { ...brief, mustFloat: false } }),
      say: () => 'Let something else make it float',
    });
  const { maxMassG, maxCostEach } = brief;
  if (maxMassG !== null)
    list.push({
      requirement: 'mass',
      at: s => ({ brief: { ...brief, maxMassG: maxMassG * (1 + 9 * s) } }),
      say: s => `Let it weigh ${sig(maxMassG * (1 + 9 * s), 3)} g`,
    });
  if (maxCostEach !== null)
    list.push({
      requirement: 'cost',
      at: s => ({ brief: { ...brief, maxCostEach: maxCostEach * (1 + 9 * s) } }),
      say: s => `Let it cost ${sig(maxCostEach * (1 + 9 * s), 3)}`,
    });
  if (printer) list.push(...printerDials(printer, families));
  return list;
}

/** Changes to the machine, as single purchases; a better one of everything comes last. */
function printerDials(printer: Printer, families: readonly Family[]): Dial[] {
  const dial = (requirement: string, sentence: string, change: Partial<Printer>, cost: number): Dial => ({
    requirement,
    at: s => (s < cost ? null : { printer: { ...printer, ...change } }),
    say: () => sentence,
  });
  const list: Dial[] = [];
  if (printer.chamber === 'open')
    list.push(
      dial(
        'printer: enclosure',
        'Put the printer in an enclosure (45 °C)',
        { chamber: 'enclosed', chamberC: 45 },
        0.3,
      ),
    );
  const hot = { nozzleMaxC: Math.max(300, printer.nozzleMaxC), linerLimitC: null };
  if (printer.nozzleMaxC < 300 || printer.linerLimitC !== null)
    list.push(dial('printer: hot end', 'Fit an all-metal hot end for 300 °C', hot, 0.35));
  if (printer.nozzleMetal === 'brass')
    list.push(dial('printer: nozzle', 'Fit a hardened nozzle', { nozzleMetal: 'hardened' }, 0.1));
  if (printer.drive === 'bowden')
    list.push(dial('printer: drive', 'Fit a direct drive', { drive: 'direct' }, 0.35));
  if (printer.bedMaxC < 110) list.push(dial('printer: bed', 'Fit a bed for 110 °C', { bedMaxC: 110 }, 0.4));
  const dryer = Math.max(...families.map(f => typical(f, 'dryC')));
  if (printer.dryerMaxC === null || printer.dryerMaxC < dryer)
    list.push(dial('printer: dryer', `Get a dryer for ${sig(dryer, 3)} °C`, { dryerMaxC: dryer }, 0.2));
  list.push(
    dial(
      'printer: plate',
      'Get a textured plate and glue',
      {
        plates: [...new Set([...printer.plates, 'textured-pei' as const])],
        adhesives: [...new Set([...printer.adhesives, 'glue-stick' as const])],
      },
      0.15,
    ),
  );
  list.push(
    dial(
      'printer: build size',
      'Use a printer with twice the build size',
      { buildMm: [printer.buildMm[0] * 2, printer.buildMm[1] * 2, printer.buildMm[2] * 2] },
      0.8,
    ),
  );
  list.push(
    dial(
      'printer: another',
      'Print it on an enclosed machine with a 300 °C all-metal hot end, direct drive, hardened nozzle, heated plate and dryer',
      {
        ...hot,
        chamber: 'enclosed',
        chamberC: 45,
        drive: 'direct',
        nozzleMetal: 'hardened',
        bedMaxC: Math.max(110, printer.bedMaxC),
        dryerMaxC: dryer,
        plates: ['smooth-pei', 'textured-pei', 'garolite'],
        adhesives: ['glue-stick', 'pp-tape'],
        buildMm: [
          Math.max(250, printer.buildMm[0]),
          Math.max(250, printer.buildMm[1]),
          Math.max(250, printer.buildMm[2]),
        ],
      },
      0.9,
    ),
  );
  return list;
}
