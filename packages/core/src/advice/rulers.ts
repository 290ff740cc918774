import type { Brief } from '../brief/brief.js';
import type { CriterionId } from '../brief/choices.js';
import { extremeOf } from '../materials/extreme.js';
import { families as libraryFamilies } from '../materials/library.js';
import type { Gate, GateId } from '../score/gate.js';
import { rank } from '../score/rank.js';
import { type Candidate, type Status } from '../score/candidate.js';
import { type RankOptions } from '../score/judge.js';

/** One candidate on a ruler: what it has, from a poor spool to a fine one. */
export interface RulerBar {
  material: string;
  name: string;
  status: Status;
  /** What is needed of this candidate: what is black gets hotter in the sun. */
  need: number;
  low: number;
  typical: number;
  high: number;
}

/** One requirement in its own unit: the need of the first candidate as a line, each candidate a bar. */
export interface Ruler {
  id: CriterionId;
  label: string;
  unit: string;
  need: number;
  needLabel: string;
  better: 'more' | 'less';
  bars: RulerBar[];
}

interface RulerKind {
  id: CriterionId;
  label: string;
  unit: string;
  better: 'more' | 'less';
  read: (c: Candidate) => { need: number; have: number } | null;
  needLabel: (need: number) => string;
}

function ofGate(id: GateId): (c: Candidate) => { need: number; have: number } | null {
  return c => {
    const g: Gate | undefined = c.gates.find(x => x.id === id);
    return g && typeof g.need === 'number' && typeof g.have === 'number' && Number.isFinite(g.have)
      ? { need: g.need, have: g.have }
      : null;
  };
}

const kinds: RulerKind[] = [
  {
    id: 'heat',
    label: 'Heat it bears',
    unit: '°C',
    better: 'more',
    read: ofGate('heat'),
    needLabel: () => 'the part reaches',
  },
  {
    id: 'uv',
    label: 'Sun, years to half',
    unit: 'years',
    better: 'more',
    read: ofGate('uv'),
    needLabel: () => 'years wanted',
  },
  {
    id: 'strength',
    label: 'Stress it may carry',
    unit: 'MPa',
    better: 'more',
    read: c => (c.gates.find(g => g.id === 'strength')?.unit === 'MPa' ? ofGate('strength')(c) : null),
    needLabel: () => 'asked, with safety',
  },
  {
    id: 'strength',
    label: 'Strain it may take',
    unit: '%',
    better: 'more',
    read: c => (c.gates.find(g => g.id === 'strength')?.unit === '% strain' ? ofGate('strength')(c) : null),
    needLabel: () => 'asked',
  },
  {
    id: 'creep',
    label: 'Movement over its life',
    unit: '%',
    better: 'less',
    read: ofGate('creep'),
    needLabel: () => 'at most',
  },
  {
    id: 'impact',
    label: 'Knock it takes',
    unit: 'kJ/m²',
    better: 'more',
    read: ofGate('impact'),
    needLabel: () => 'the knock, with safety',
  },
  {
    id: 'warp',
    label: 'Bow of the part',
    unit: 'mm',
    better: 'less',
    read: c => {
      const k = c.criteria.find(x => x.id === 'warp');
      return k ? { need: k.unacceptable, have: k.value } : null;
    },
    needLabel: () => 'too much',
  },
  {
    id: 'cost',
    label: 'Cost of one',
    unit: '',
    better: 'less',
    read: c => {
      const k = c.criteria.find(x => x.id === 'cost');
      return k ? { need: k.unacceptable, have: k.value } : null;
    },
    needLabel: () => 'too much',
  },
];

/**
 * The margin rulers of a brief: requirements that apply, each candidate from the poor end of its data to the good one.
 * @param materials which candidates, in the order wanted
 */
export function rulers(brief: Brief, options: RankOptions, materials: readonly string[]): Ruler[] {
  const families = (options.families ?? libraryFamilies).filter(f => materials.includes(f.key));
  const at = (list: typeof families): Map<string, Candidate> =>
    new Map(rank(brief, { ...options, families: list }).candidates.map(c => [c.material, c]));
  const typical = at(families);
  const worst = at(families.map(f => extremeOf(f, 'worst')));
  const best = at(families.map(f => extremeOf(f, 'best')));
  return kinds.flatMap(kind => {
    let need: number | null = null;
    const bars = materials.flatMap((key): RulerBar[] => {
      const c = typical.get(key);
      const [t, w, b] = [typical, worst, best].map(m => {
        const x = m.get(key);
        return x ? kind.read(x) : null;
      });
      if (!c || !t || !w || !b) return [];
      need ??= t.need;
      const ends = [w.have, t.have, b.have];
      return [
        {
          material: key,
          name: c.name,
          status: c.status,
          need: t.need,
          low: Math.min(...ends),
          typical: t.have,
          high: Math.max(...ends),
        },
      ];
    });
    return need === null || !bars.length
      ? []
      : [
          {
            id: kind.id,
            label: kind.label,
            unit: kind.unit,
            need,
            needLabel: kind.needLabel(need),
            better: kind.better,
            bars,
          },
        ];
  });
}
