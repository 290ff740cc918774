import { sig } from '@hornblende/core/lib';
import { familyByKey } from '@hornblende/core/materials';
import type { AcceptedScale } from '@hornblende/core/service';
import type { FamilyStrength, ScaleName } from '@hornblende/core/workshop';
import type { useUnits } from './useUnits';

/** What each scale of a workshop moves, in words. */
const scaleLabels: Record<ScaleName, string> = {
  heatK: 'heat that filaments stand',
  uv: 'life in the sun',
  creep: 'room under creep and in clamps',
  impact: 'knocks they bear',
};

/** A scale of a workshop in words: "heat that filaments stand −6 K", "life in the sun × 1.4". */
export function scaleText({ name, value }: AcceptedScale, show: ReturnType<typeof useUnits>['show']): string {
  const by =
    name === 'heatK' ? `${value > 0 ? '+' : ''}${show(value, 'temperatureStep')}` : `× ${sig(value, 2)}`;
  return `${scaleLabels[name]} ${by}`;
}

/** A family that is stronger or weaker here, in words: "strength of PETG × 0.91". */
export function strengthText({ family, factor }: FamilyStrength): string {
  return `strength of ${familyByKey(family)?.name ?? family} × ${sig(factor, 2)}`;
}
