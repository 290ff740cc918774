import { yearsWords } from '../lib/years-text.js';
import type { Brief } from '../brief/brief.js';
import type { BriefLoad } from '../brief/brief-load.js';
import { typical } from '../materials/family.js';
import { sig } from '../lib/figures.js';
import type { Candidate } from '../score/candidate.js';
import { type Premises, scaledLoad, withPartC, withPrice } from './change-premises.js';

/** A requirement that can be turned from its present value to either end. */
export interface Dial {
  id: string;
  now: number;
  low: number;
  high: number;
  unit: string;
  /** Steps are ratios rather than differences. */
  log: boolean;
  /** The change that counts as a distance of 1: a difference, or a ratio. */
  scale: number;
  at: (x: number) => Premises;
  say: (x: number) => string;
}

/** Every requirement that a ranking can be turned by, with its present value and its ends. */
export function requirementDials(now: Premises, first: Candidate): Dial[] {
  const partMaxC = first.partC;
  const { brief, printer, families } = now;
  const withBrief = (change: Partial<Brief>): Premises => ({ ...now, brief: { ...brief, ...change } });
  const list: Dial[] = [
    {
      id: 'heat',
      now: partMaxC,
      low: Math.min(partMaxC - 5, 15),
      high: Math.min(430, partMaxC + 90),
      unit: '°C',
      log: false,
      scale: 50,
      at: x => ({ ...now, brief: withPartC(brief, x) }),
      say: x => `If the part reached ${sig(x, 3)} °C instead of ${sig(partMaxC, 3)} °C`,
    },
    {
      id: 'life',
      now: brief.lifeYears,
      low: Math.max(0.05, brief.lifeYears / 10),
      high: Math.min(50, brief.lifeYears * 8),
      unit: 'years',
      log: true,
      scale: 5,
      at: x => withBrief({ lifeYears: x }),
      say: x => `If it had to last ${yearsWords(x, 3)} instead of ${sig(brief.lifeYears, 3)}`,
    },
    {
      id: 'tolerance',
      now: brief.toleranceMm,
      low: 0.03,
      high: 3,
      unit: 'mm',
      log: true,
      scale: 5,
      at: x => withBrief({ toleranceMm: x }),
      say: x => `If it had to be true to ${sig(x, 3)} mm instead of ${sig(brief.toleranceMm, 3)} mm`,
    },
  ];
  if (brief.loads.length)
    list.push({
      id: 'load',
      now: 1,
      low: 0.1,
      high: 10,
      unit: '×',
      log: true,
      scale: 5,
      at: s => withBrief({ loads: brief.loads.map(l => scaledLoad(l, s)) }),
      say: s => `With ${sig(s, 3)} times the load`,
    });
  if (brief.loads.some(bearsBySection)) list.push(...printDials(brief, withBrief));
  if (printer) {
    list.push({
      id: 'chamber',
      now: printer.chamberC,
      low: 15,
      high: 90,
      unit: '°C',
      log: false,
      scale: 40,
      at: x => ({
        ...now,
        printer: {
          ...printer,
          chamberC: x,
          chamber: x > 55 ? 'heated' : x > 32 ? 'enclosed' : printer.chamber,
        },
      }),
      say: x => `With ${sig(x, 3)} °C around the print instead of ${sig(printer.chamberC, 3)} °C`,
    });
  }
  const leading = families.find(f => f.key === first.material);
  if (leading?.properties.pricePerKg) {
    const price = typical(leading, 'pricePerKg');
    list.push({
      id: 'price',
      now: price,
      low: price,
      high: price * 12,
      unit: 'per kg',
      log: true,
      scale: 5,
      at: x => ({ ...now, families: families.map(f => (f.key === leading.key ? withPrice(f, x) : f)) }),
      say: x => `If ${leading.name} cost ${sig(x, 3)} a kilogram instead of ${sig(price, 3)}`,
    });
  }
  return list;
}

/** Whether a load is carried by a section that walls and infill make. */
function bearsBySection(load: BriefLoad): boolean {
  return load.case !== 'snap-fit' && load.case !== 'drop';
}

/** More or fewer walls, denser or lighter inside: what the printer does about strength. */
function printDials(brief: Brief, withBrief: (change: Partial<Brief>) => Premises): Dial[] {
  const { print } = brief;
  const walls = (x: number): number => Math.round(x);
  const share = (x: number): string => `${sig(100 * x, 2)} %`;
  const dials: Dial[] = [
    {
      id: 'walls',
      now: print.walls,
      low: 1,
      high: Math.max(12, print.walls),
      unit: '',
      log: false,
      scale: 10,
      at: x => withBrief({ print: { ...print, walls: walls(x) } }),
      say: x => `With ${walls(x)} walls instead of ${print.walls}`,
    },
  ];
  if (print.pattern !== 'solid')
    dials.push({
      id: 'infill',
      now: print.infill,
      low: 0.05,
      high: 1,
      unit: '',
      log: false,
      scale: 1,
      at: x => withBrief({ print: { ...print, infill: x } }),
      say: x => `With ${share(x)} infill instead of ${share(print.infill)}`,
    });
  return dials;
}
