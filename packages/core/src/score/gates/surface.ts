import type { SurfaceWish } from '../../brief/choices.js';
import { surfaceWishWords } from '../../brief/looks.js';
import type { Family } from '../../materials/family.js';
import { smootherOf } from '../../print/surface-routes.js';
import type { Assessment } from '../assess.js';
import type { Context } from '../context.js';
import { worst, type Gate, type Verdict } from '../gate.js';

/** How a filament comes to what is wished of its surface. */
interface Route {
  verdict: Verdict;
  /** How much at ease where it only just passes: what is one pass with sandpaper or a can is nearly as good. */
  ease: number;
  why: string;
  rescue: string | null;
}

/** How much at ease a surface is that takes a little work, or much. */
const EASE = { little: 0.8, work: 0.5 };

const asPrinted = (why: string): Route => ({ verdict: 'pass', ease: 1, why, rescue: null });
const after = (ease: number, why: string, rescue: string): Route => ({
  verdict: 'marginal',
  ease,
  why,
  rescue,
});
const never = (why: string, rescue: string | null = null): Route => ({
  verdict: 'fail',
  ease: 0,
  why,
  rescue,
});

/** What sanding makes of a filament: a route, or none. */
function sanded({ name, flags }: Family): Route {
  if (flags.sanding === 'no') return never(`${name} cannot be sanded: it smears or furs.`);
  return flags.sanding === 'well'
    ? after(EASE.work, `${name} sands and fills well.`, 'sand it, fill it, sand it again')
    : after(
        EASE.work / 2,
        `${name} softens under dry sanding.`,
        'sand it wet and slowly, fill it, sand again',
      );
}

const routes: Record<SurfaceWish, (f: Family) => Route> = {
  gloss: f => {
    const { sheen } = f.flags;
    if (sheen === 'glossy') return asPrinted(`${f.name} comes off the nozzle glossy.`);
    const solvent = smootherOf(f);
    if (solvent)
      return after(EASE.work, `${f.name} turns glossy in ${solvent}.`, `smooth it with ${solvent}`);
    if (sheen === 'matt' && f.flags.paint === 'poorly')
      return never(`${f.name} is matt, and varnish does not hold.`);
    return f.flags.paint === 'poorly'
      ? after(EASE.work / 2, `${f.name} is satin.`, 'glossy on the face that lay on smooth PEI or glass')
      : after(EASE.work, `${f.name} is ${sheen}.`, 'a coat of gloss varnish');
  },
  matt: f =>
    f.flags.sheen === 'matt'
      ? asPrinted(`${f.name} comes off the nozzle matt.`)
      : after(
          f.flags.sheen === 'satin' ? EASE.little : EASE.work,
          `${f.name} is ${f.flags.sheen}.`,
          'a textured plate and a roughened skin, or a matt varnish',
        ),
  'line-free': f => {
    const solvent = smootherOf(f);
    return solvent
      ? after(EASE.little, `${f.name} loses its lines in ${solvent}.`, `smooth it with ${solvent}`)
      : sanded(f);
  },
  textured: f =>
    f.adhesion['textured-pei']
      ? asPrinted(`${f.name} takes the texture of the plate on the face that lies on it.`)
      : after(EASE.little, `${f.name} does not hold on a textured plate.`, 'a roughened skin'),
  sealed: f => {
    const solvent = smootherOf(f);
    if (solvent)
      return after(EASE.little, `${solvent} closes the layers of ${f.name}.`, `smooth it with ${solvent}`);
    return f.flags.paint === 'poorly' || f.flags.structure === 'elastomer'
      ? after(
          EASE.work / 2,
          `No coat holds on ${f.name}; only walls without gaps seal.`,
          'four walls, slow, and a test with water',
        )
      : after(EASE.work, `A coat of resin seals ${f.name}.`, 'brush on a thin epoxy');
  },
  paintable: f => {
    if (f.flags.paint === 'well') return asPrinted(`Paint holds on ${f.name} once it is sanded and clean.`);
    return f.flags.paint === 'primed'
      ? after(EASE.little, `Paint holds on ${f.name} over a primer made for it.`, 'prime it first')
      : never(`Paint comes off ${f.name}.`);
  },
  dyeable: f => {
    if (!f.flags.dyes)
      return never(`${f.name} takes up no dye that it would survive.`, 'paint it, or buy the colour');
    return f.flags.colours === 'any'
      ? asPrinted(`${f.name} in its natural colour takes dye from a warm bath.`)
      : never(`${f.name} is sold dark: dye does not show.`);
  },
  smoothable: f => {
    const solvent = smootherOf(f);
    if (!solvent)
      return never(`No solvent that a workshop may use smooths ${f.name}.`, 'sand it, or paint it');
    return asPrinted(`${f.name} is smoothed with ${solvent}.`);
  },
};

const byWish = (f: Family, wishes: readonly SurfaceWish[]): Route[] => wishes.map(wish => routes[wish](f));

/** How much at ease a filament comes to what is wished of its surface, 0 to 1, by the worst of the wishes. */
export function surfaceEase(f: Family, wishes: readonly SurfaceWish[]): number {
  return Math.min(1, ...byWish(f, wishes).map(r => r.ease));
}

/** What is wished of the surface besides its fairness, by the worst of the wishes. */
export function surfaceGate(ctx: Context, a: Assessment): Gate | null {
  const { wishes } = ctx.brief.looks;
  if (!wishes.length) return null;
  const found = byWish(a.family, wishes);
  const short = wishes.filter((_, i) => found[i]!.verdict !== 'pass');
  const rescues = [...new Set(found.flatMap(r => r.rescue ?? []))];
  return {
    id: 'surface',
    verdict: worst(found.map(r => r.verdict)),
    ease: surfaceEase(a.family, wishes),
    need: wishes.map(w => surfaceWishWords[w]).join(', '),
    have: short.length
      ? `as printed not ${short.map(w => surfaceWishWords[w]).join(', ')}`
      : 'all of it as printed',
    unit: '',
    why: [...new Set(found.map(r => r.why))].join(' '),
    rescue: rescues.length ? rescues.join('; ') : null,
  };
}
