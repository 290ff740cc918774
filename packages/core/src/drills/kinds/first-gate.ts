import { familyByKey } from '../../materials/library.js';
import { gateLabel, gateNumbers, whyWithRescue, type Gate } from '../../score/gate.js';
import { rank } from '../../score/rank.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';
import { drawScenario } from '../scenario.js';

const drilled = [
  'pla',
  'pla-tough',
  'petg',
  'abs',
  'asa',
  'pc',
  'pa12',
  'pa6',
  'pp',
  'tpu-95a',
  'hips',
  'pet-cf',
];
/** How far a gate must be missed, as a share of what it needs. */
const CLEAR_SHARE = 0.06;
const WRONG_ANSWERS = 3;
/** Most that fails by one requirement alone fails by strength: of that, so much is left out. */
const OFTEN_STRENGTH = 0.4;

/** How far a gate is missed, as a share of its need; null where that is no number. */
function missedBy({ need, have }: Gate): number | null {
  if (typeof need !== 'number' || typeof have !== 'number' || need === 0) return null;
  return Math.abs(have - need) / Math.abs(need);
}

/** A part in a filament: which one requirement does it fail? */
export const firstGate: DrillMaker = {
  kind: 'first-gate',
  make(ask) {
    const scene = drawScenario(ask);
    const family = familyByKey(ask.pick(drilled))!;
    const [candidate] = rank(scene.brief, { families: [family] }).candidates;
    if (!candidate) return null;
    const failed = candidate.gates.filter(g => g.verdict === 'fail');
    const only = failed[0];
    if (!only || failed.length > 1) return null;
    if (only.id === 'strength' && ask.share() < OFTEN_STRENGTH) return null;
    const off = missedBy(only);
    if (off === null || off < CLEAR_SHARE) return null;
    // A gate that is passed by a hair is no clear answer either.
    const passed = candidate.gates.filter(g => g.verdict === 'pass' && !g.id.startsWith('printability'));
    const labels = [...new Set(passed.map(g => gateLabel(g.id)))].filter(l => l !== gateLabel(only.id));
    if (labels.length < WRONG_ANSWERS) return null;
    return {
      question: `In ${family.name}: which requirement does it fail?`,
      given: scene.given,
      ...shuffledOptions(ask, gateLabel(only.id), ask.shuffled(labels).slice(0, WRONG_ANSWERS)),
      why: `${gateLabel(only.id)}: ${gateNumbers(only)}. ${whyWithRescue(only)}`,
      margin: { what: 'it is missed by', off: 100 * off, tolerance: 100 * CLEAR_SHARE, unit: '%' },
      refs: only.working ? [only.working] : [{ model: 'score.rank', inputs: { brief: scene.brief } }],
      lab: 'rank',
    };
  },
};
