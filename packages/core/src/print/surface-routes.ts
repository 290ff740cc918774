import { Choice, Quantity } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { sig } from '../lib/figures.js';
import type { Family, Solvent } from '../materials/family.js';
import { typical } from '../materials/family.js';
import { familyByKey, familyKeys } from '../materials/library.js';
import { model, step } from '../models/model.js';
import { surfaceRouteIds, type SurfaceRouteId, type SurfaceWish } from '../brief/choices.js';

/** A way to a surface for one filament and one part: what it takes, what it gives, and what to beware of. */
export interface SurfaceRoute {
  id: SurfaceRouteId;
  label: string;
  /** What is done, in a sentence. */
  how: string;
  /** Of work by hand, for one part. */
  minutes: number;
  /** What is waited besides, h. */
  waitHours: number;
  /** What is used up, in the workshop’s money. */
  money: number;
  /** What goes from each face, mm; less than nothing where something is put on. */
  lostMm: number;
  /** Up to where it stays as it is, °C: the plastic’s own softening, or what lies on it. */
  keptC: number;
  needs: string[];
  cautions: string[];
  /** The wishes of a brief that it fulfils. */
  gives: SurfaceWish[];
}

/** What a route costs in time, money and size: base and share of the area. Usual workshop figures; estimates. */
interface Effort {
  minutes: number;
  minutesPerCm2?: number;
  waitHours?: number;
  money?: number;
  moneyPerCm2?: number;
  lostMm?: number;
  /** The highest temperature that what lies on it bears, °C. */
  bearsC?: number;
}

interface Way {
  id: SurfaceRouteId;
  label: string;
  effort: Effort;
  needs: string[];
  cautions: string[];
  /** What is done with this filament; null where it does not go. */
  how: (f: Family) => string | null;
  gives: (f: Family) => SurfaceWish[];
}

const VAPOUR = 'Its vapour burns and numbs: outdoors or extracted, gloves on, no flame or spark near.';
const DUST = 'Its dust harms the lungs: sand it wet, or with a mask and extraction.';
const SMOOTHS = ['acetone', 'isopropanol', 'limonene', 'ethyl-acetate'] as const satisfies readonly Solvent[];

/** The solvent that smooths a filament best; null where a workshop has none that does. */
export function smootherOf({ flags }: Pick<Family, 'flags'>): Solvent | null {
  return SMOOTHS.slice(0, 3).find(s => flags.smoothedBy.includes(s)) ?? null;
}

const rigid = (f: Family): boolean => f.flags.structure !== 'elastomer';
const fibrous = (f: Family): boolean =>
  f.filler === 'carbon-fibre' || f.filler === 'glass-fibre' || /-(cf|gf)$/.test(f.key);

const ways: readonly Way[] = [
  {
    id: 'as-printed',
    label: 'As printed',
    effort: { minutes: 0 },
    needs: [],
    cautions: [],
    how: f => `Leave it as it is: ${f.flags.sheen}.`,
    gives: f => [
      ...(f.flags.sheen === 'glossy' ? (['gloss'] as const) : []),
      ...(f.flags.sheen === 'matt' ? (['matt'] as const) : []),
    ],
  },
  {
    id: 'smooth-plate',
    label: 'The plate’s gloss',
    effort: { minutes: 0 },
    needs: ['a smooth plate or glass, clean'],
    cautions: [],
    // What is foamed or filled stays matt on any plate.
    how: f =>
      f.flags.sheen !== 'matt' && (f.adhesion['smooth-pei'] || f.adhesion.glass)
        ? 'Lay the face that is seen on a smooth plate or glass.'
        : null,
    gives: () => ['gloss'],
  },
  {
    id: 'textured-plate',
    label: 'The plate’s texture',
    effort: { minutes: 0 },
    needs: ['a textured plate, or a textured film on it'],
    cautions: [],
    how: f => (f.adhesion['textured-pei'] ? 'Lay the face that is seen on a textured plate.' : null),
    gives: () => ['textured', 'matt'],
  },
  {
    id: 'roughened-skin',
    label: 'A roughened skin',
    effort: { minutes: 0, lostMm: -0.15 },
    needs: ['the slicer’s setting that lets the outer wall tremble, 0.2 to 0.3 mm'],
    cautions: ['Not on faces that must fit or seal.'],
    how: f => (rigid(f) ? 'Let the outer wall tremble: it hides lines and fingerprints.' : null),
    gives: () => ['matt', 'textured'],
  },
  {
    id: 'thin-layers',
    label: 'Thinner layers',
    effort: { minutes: 0 },
    needs: ['twice the printing time, at half the layer height'],
    cautions: [],
    how: () => 'Print at half the layer height: lines are still there, but finer.',
    gives: () => [],
  },
  {
    id: 'tight-walls',
    label: 'Walls without gaps',
    effort: { minutes: 0 },
    needs: ['four walls', 'slow printing, a little more flow', 'a test with water'],
    cautions: [],
    how: () => 'Print its walls so that no gap is left between them.',
    gives: () => ['sealed'],
  },
  {
    id: 'sanded',
    label: 'Sand and fill',
    effort: { minutes: 10, minutesPerCm2: 0.5, waitHours: 4, money: 0.5, moneyPerCm2: 0.01, lostMm: 0.1 },
    needs: ['paper from 120 to 600', 'filler or filling primer'],
    cautions: [DUST],
    how: f => {
      if (f.flags.sanding === 'no') return null;
      return f.flags.sanding === 'well'
        ? 'Sand, fill, and sand again, finer each time.'
        : 'Sand wet and slowly, for it softens; fill, and sand again.';
    },
    gives: () => ['line-free'],
  },
  {
    id: 'solvent',
    label: 'Solvent or its vapour',
    effort: { minutes: 15, minutesPerCm2: 0.02, waitHours: 24, money: 1.5, lostMm: 0.05 },
    needs: ['a closed vessel that the solvent does not eat', 'a day of airing until it is hard again'],
    cautions: [VAPOUR, 'Fine edges and small holes round off.'],
    how: f => {
      const solvent = smootherOf(f);
      return solvent ? `Hang it in the vapour of ${solvent}, or brush it on thinly, until it shines.` : null;
    },
    gives: () => ['line-free', 'gloss', 'smoothable', 'sealed'],
  },
  {
    id: 'flamed',
    label: 'A passing flame',
    effort: { minutes: 4, minutesPerCm2: 0.05 },
    needs: ['a hot-air gun or a small torch', 'a steady hand'],
    cautions: [
      'Fire: nothing that burns near, and never on a part that smells of solvent.',
      'Thin walls bow.',
    ],
    how: f =>
      rigid(f) && f.flags.burning !== 'freely' && f.flags.clarity !== 'opaque' && !fibrous(f)
        ? 'Pass a flame over it, quickly: strings go, and cut edges clear.'
        : null,
    gives: f => (f.flags.clarity === 'clear' ? ['gloss'] : []),
  },
  {
    id: 'painted',
    label: 'Paint',
    effort: {
      minutes: 15,
      minutesPerCm2: 0.1,
      waitHours: 24,
      money: 1,
      moneyPerCm2: 0.015,
      lostMm: -0.1,
      bearsC: 90,
    },
    needs: ['primer', 'two coats'],
    cautions: ['Sprays need air and a mask; their mist burns.', 'Not on faces that must fit.'],
    how: f => {
      if (f.flags.paint === 'poorly') return null;
      return f.flags.paint === 'well'
        ? 'Clean it, then spray two thin coats.'
        : 'Prime it with a primer made for such plastics, then spray two thin coats.';
    },
    gives: () => ['paintable', 'gloss', 'matt'],
  },
  {
    id: 'dyed',
    label: 'Dye',
    effort: { minutes: 10, waitHours: 1, money: 1.5 },
    needs: ['acid or disperse dye', 'a bath at 60 to 80 °C'],
    cautions: ['Hot water, and a pot that is not used for food.'],
    how: f =>
      f.flags.dyes && f.flags.colours === 'any'
        ? 'Lay it in a warm bath of dye, in its natural colour.'
        : null,
    gives: () => ['dyeable'],
  },
  {
    id: 'coated',
    label: 'A coat of resin',
    effort: {
      minutes: 15,
      minutesPerCm2: 0.1,
      waitHours: 24,
      money: 1,
      moneyPerCm2: 0.03,
      lostMm: -0.25,
      bearsC: 60,
    },
    needs: ['a thin epoxy for brushing'],
    cautions: ['Uncured resin sensitises skin: gloves and air.', 'Not on faces that must fit.'],
    how: f =>
      rigid(f) && f.flags.paint !== 'poorly' ? 'Brush on a thin epoxy: it levels the lines and seals.' : null,
    gives: () => ['sealed', 'line-free', 'gloss'],
  },
];

/** Where a filament itself softens: what it keeps its shape to, unloaded, °C. */
const ownC = (f: Family): number => (f.properties.unloadedC ? typical(f, 'unloadedC') : typical(f, 'vicatC'));

/**
 * Every way to a surface that a filament takes, the least work first.
 * @param areaCm2  outer surface of the part
 */
export function surfaceRoutes(f: Family, areaCm2: number): SurfaceRoute[] {
  return ways
    .flatMap(({ id, label, effort: e, needs, cautions, how, gives }) => {
      const said = how(f);
      if (said === null) return [];
      return {
        ...{ id, label, how: said, needs, cautions, gives: gives(f) },
        minutes: e.minutes + (e.minutesPerCm2 ?? 0) * areaCm2,
        waitHours: e.waitHours ?? 0,
        money: (e.money ?? 0) + (e.moneyPerCm2 ?? 0) * areaCm2,
        lostMm: e.lostMm ?? 0,
        keptC: Math.min(ownC(f), e.bearsC ?? Infinity),
      };
    })
    .sort((a, b) => a.minutes - b.minutes || a.money - b.money);
}

/** What a route takes, in a sentence: “12 min by hand, 24 h to wait.” Empty where it takes nothing. */
export function routeAmounts({ minutes, waitHours }: Pick<SurfaceRoute, 'minutes' | 'waitHours'>): string {
  const parts = [
    ...(minutes >= 0.5 ? [`${Math.round(minutes)} min by hand`] : []),
    ...(waitHours > 0 ? [`${sig(waitHours, 2)} h to wait`] : []),
  ];
  return parts.length ? `${parts.join(', ')}.` : '';
}

/** What a route does to the size, in a sentence; empty where it does nothing to it. */
export function routeSize({ lostMm }: Pick<SurfaceRoute, 'lostMm'>): string {
  if (lostMm === 0) return '';
  return lostMm > 0
    ? `It takes about ${sig(lostMm, 2)} mm off each face: make faces that must fit as much larger.`
    : `It puts about ${sig(-lostMm, 2)} mm on each face: leave it off those that must fit.`;
}

/** Input of `print.surface`. */
export class PrintSurfaceInput {
  @Choice(familyKeys, { doc: 'Family.' }) family!: string;
  @Quantity({ min: 0.1, max: 1e5, unit: 'cm²', doc: 'Outer surface of the part.' }) areaCm2!: number;
  @Choice(surfaceRouteIds, { optional: true, nullable: true, doc: 'One route only; default all.' })
  route: SurfaceRouteId | null = null;
}

/** `print.surface`: ways to a surface, with the work, the money and the size that each takes. */
export const printSurfaceModel = model({
  id: 'print.surface',
  title: 'Ways to a surface',
  source: 'Base and share of the area for each way: usual workshop figures, estimates',
  validity: 'For one part worked by hand by somebody who has done it before; the first takes twice as long.',
  Input: PrintSurfaceInput,
  compute({ family, areaCm2, route }: PrintSurfaceInput) {
    const f = familyByKey(family)!;
    const all = surfaceRoutes(f, areaCm2);
    const routes = route === null ? all : all.filter(r => r.id === route);
    if (!routes.length)
      throw new InputError([
        {
          field: 'route',
          value: route,
          message: `does not go with ${f.name}: ${all.map(r => r.id).join(', ')} do`,
        },
      ]);
    return {
      result: { routes },
      warnings: [...new Set(routes.flatMap(r => r.cautions))],
      steps: routes.map(r => {
        const { minutes, minutesPerCm2 = 0 } = ways.find(w => w.id === r.id)!.effort;
        return step(
          `t(${r.label})`,
          't₀ + t_A·A',
          `${sig(minutes)} + ${sig(minutesPerCm2)}·${sig(areaCm2)}`,
          r.minutes,
          'min',
        );
      }),
    };
  },
});
