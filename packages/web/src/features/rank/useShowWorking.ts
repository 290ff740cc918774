import { sig } from '@hornblende/core/lib';
import {
  criterionLabels,
  scoreWorking,
  successWorking,
  type Candidate,
  type Criterion,
  type Ranking,
} from '@hornblende/core/score';
import { useWorking } from '../../stores/working';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';

/** Opens the working of a ranking's numbers. */
export interface ShowWorking {
  criterion: (c: Candidate, k: Criterion) => void;
  score: (c: Candidate) => void;
  cost: (c: Candidate) => void;
}

/** @param ranking the one that is shown */
export function useShowWorking(ranking: () => Ranking | null): ShowWorking {
  const working = useWorking();
  const draft = useDraft();
  const { convert } = useUnits();
  const shown = (v: number, unit: string): string => sig(convert(v, unit).value, 3);
  return {
    criterion: (c, k) => {
      const label = criterionLabels[k.id];
      const points = {
        value: k.value,
        unacceptable: k.unacceptable,
        comfortable: k.comfortable,
        log: k.log ?? false,
      };
      const toWorth = Number.isFinite(k.value) ? [{ model: 'score.desirability', inputs: points }] : [];
      working.show({
        title: `${label.label}, ${c.name}`,
        note:
          `${label.measure}: ${shown(k.value, k.unit)} ${convert(k.value, k.unit).unit}; unacceptable at ` +
          `${shown(k.unacceptable, k.unit)}, comfortable at ${shown(k.comfortable, k.unit)}.`,
        ...(k.id === 'printability' ? { steps: successWorking(c) } : {}),
        refs: [...(k.working ? [k.working] : []), ...toWorth],
        weatherId: draft.content?.weatherId ?? null,
      });
    },
    score: c => {
      const { school } = ranking() ?? {};
      if (school) working.show({ title: `Score of ${c.name}`, steps: scoreWorking(c, school) });
    },
    cost: c => {
      const k = c.criteria.find(x => x.id === 'cost');
      if (k?.working) working.show({ title: `Mass, time and cost in ${c.name}`, refs: [k.working] });
    },
  };
}
