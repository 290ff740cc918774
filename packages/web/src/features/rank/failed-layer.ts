import type { CriterionId } from '@hornblende/core/lib';
import type { GateId, PrintCheck } from '@hornblende/core/score';

/** Gates of the service and the budget: neither a check of the printer nor a limit of one's own. */
type OwnGate = Exclude<GateId, `limit.${CriterionId}` | `printability.${PrintCheck}`>;

/** The layer that each gate cracks: that of the criterion which stands for it; null where none does. */
const layers: Readonly<Record<OwnGate, CriterionId | null>> = {
  purpose: null,
  heat: 'heat',
  ageing: 'ageing',
  strength: 'strength',
  stiffness: 'stiffness',
  creep: 'creep',
  clamp: 'clamp',
  impact: 'impact',
  uv: 'uv',
  flex: 'flex',
  wear: 'wear',
  water: 'moisture',
  chemicals: 'chemicals',
  contact: 'contact',
  electrical: null,
  seal: null,
  set: null,
  steam: 'moisture',
  surface: 'finish',
  air: 'air',
  looks: null,
  clarity: null,
  float: null,
  mass: 'mass',
  cost: 'cost',
  build: 'printability',
};

const LIMIT = 'limit.';

/** The layer of the strata chart at which a failed gate cracks the column; null where no criterion measures it. */
export function failedLayer(id: GateId): CriterionId | null {
  if (id.startsWith(LIMIT)) return id.slice(LIMIT.length) as CriterionId;
  return id in layers ? layers[id as OwnGate] : 'printability';
}
