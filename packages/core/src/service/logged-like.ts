import type { Brief } from '../brief/brief.js';
import { effectiveColour } from '../brief/looks.js';
import { lowerShare } from '../lib/distributions.js';
import { yearsText } from '../lib/years-text.js';
import { isDark } from '../materials/colours.js';
import { failureModeWords } from './modes.js';
import type { Placed } from './placed.js';
import { isOwn, knownMaterial, type Placement } from './placement.js';

/** What a log says of parts that are like one that is asked for. */
export interface LoggedCount {
  parts: number;
  standing: number;
  failed: number;
  /** Years that all that stand have stood, at least. */
  years: number;
}

/** Logged parts of one family in a place like the one asked for, one's own and others'. */
export interface LoggedLike {
  family: string;
  own: LoggedCount;
  others: LoggedCount;
  /** In what they are alike besides family, sun, air and water. */
  alike: ('colour' | 'load')[];
  /** Share of such parts that stand that long, at least, with 95 % confidence; others' count by their weight. */
  lowerBound95: number;
  /** All of it in a sentence or two. */
  words: string;
}

/** What bears on a part out there, by the kind of load that a brief asks it to carry. */
const borne: Record<Brief['loads'][number]['kind'], Placement['place']['load']> = {
  sustained: 'held',
  short: 'moving',
  cyclic: 'moving',
  impact: 'knocks',
};

/** The load of a place that a brief's loads are like: several where it asks several. */
function loadsAsked({ loads }: Pick<Brief, 'loads'>): ReadonlySet<Placement['place']['load']> {
  return new Set(loads.length ? loads.map(l => borne[l.kind]) : ['none']);
}

/**
 * Logged parts of a family where it is as sunny, as wet and as hot as a brief says, and as dark and as loaded where
 * there are such; null of none that was ever looked at.
 * @param familyOf the key of the family of a grade or family
 */
export function loggedLike(
  placed: readonly Placed[],
  family: string,
  brief: Pick<Brief, 'sun' | 'water' | 'heat' | 'looks' | 'loads'>,
  familyOf: (key: string) => string | null,
): LoggedLike | null {
  const there = placed.filter(({ placement, standing }) => {
    const key = knownMaterial(placement);
    const { sun, heat, water } = placement.place;
    return (
      key !== null &&
      familyOf(key) === family &&
      standing.looks > 0 &&
      sun === brief.sun &&
      heat === brief.heat.setting &&
      (water === 'immersed') === (brief.water === 'immersed')
    );
  });
  const loads = loadsAsked(brief);
  const dark = isDark(effectiveColour(brief));
  const asDark = (p: Placed): boolean => isDark(p.placement.colour) === dark;
  const asLoaded = (p: Placed): boolean => loads.has(p.placement.place.load);
  const tries: [LoggedLike['alike'], Placed[]][] = [
    [['colour', 'load'], there.filter(p => asDark(p) && asLoaded(p))],
    [['load'], there.filter(asLoaded)],
    [['colour'], there.filter(asDark)],
    [[], there],
  ];
  const found = tries.find(([, list]) => list.length > 0);
  if (!found) return null;
  const [alike, like] = found;
  const own = like.filter(p => isOwn(p.placement));
  const others = like.filter(p => !isOwn(p.placement));
  return {
    family,
    own: countOf(own),
    others: countOf(others),
    alike,
    lowerBound95: boundOf(like),
    words: [saidOf(own, 'of yours', alike), saidOf(others, 'that others logged', alike)]
      .filter(Boolean)
      .join(' '),
  };
}

const isUpright = ({ standing }: Placed): boolean => standing.verdict !== 'failed';

function countOf(list: readonly Placed[]): LoggedCount {
  const upright = list.filter(isUpright);
  return {
    parts: list.length,
    standing: upright.length,
    failed: list.length - upright.length,
    years: upright.length ? Math.min(...upright.map(p => p.standing.seenYears)) : 0,
  };
}

/** The exact one-sided bound, each part counted by its weight. */
function boundOf(list: readonly Placed[]): number {
  const weigh = (of: readonly Placed[]): number => of.reduce((sum, p) => sum + p.placement.weight, 0);
  const all = weigh(list);
  return all > 0 ? lowerShare(weigh(list.filter(isUpright)), all, 0.95) : 0;
}

/** What one log says, in a sentence; empty where it says nothing. */
function saidOf(list: readonly Placed[], whose: string, alike: LoggedLike['alike']): string {
  const { parts, standing, failed, years } = countOf(list);
  if (!parts) return '';
  const like = ['like this', ...(alike.length === 2 ? [', as dark and as loaded,'] : [])].join('');
  const first = list
    .filter(p => !isUpright(p))
    .map(p => p.standing)
    .sort((a, b) => a.seenYears - b.seenYears)[0];
  const halves = [
    ...(standing
      ? [`${standing} ${whose} ${like} ${standing === 1 ? 'has' : 'have'} stood ${yearsText(years)}`]
      : []),
    ...(first
      ? [
          `${failed} ${standing ? '' : `${whose} ${like} `}failed, the first ` +
            `${first.mode ? failureModeWords[first.mode] : 'failed'} after ${yearsText(first.seenYears)}`,
        ]
      : []),
  ];
  return `${halves.join('; ')}.`;
}
