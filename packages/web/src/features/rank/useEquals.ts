import { asGoodNames, type AsGood } from '@hornblende/core/score';
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter } from 'vue';
import { useShelf } from '../../stores/shelf';
import { useUnits } from '../../ui/useUnits';
import { useRanking } from '../part/useRanking';

/** Who cannot be told from the first choice, and what speaks for one of them here. */
export interface Equals {
  /** The first of the group; null where it stands alone. */
  first: ComputedRef<AsGood | null>;
  /** The others by name. */
  others: ComputedRef<string>;
  /** Who of the group is on the shelf, with how much of it is left. */
  onShelf: ComputedRef<string[]>;
  /** Who of the group came out more often than not on this printer. */
  printedWell: ComputedRef<string[]>;
}

/** What of a group of equals is at hand: on the shelf, or printed well on the part's printer before. */
export function useEquals(group: MaybeRefOrGetter<readonly AsGood[]>): Equals {
  const shelf = useShelf();
  const { printer } = useRanking();
  const { show } = useUnits();
  return {
    first: computed(() => (toValue(group).length > 1 ? toValue(group)[0]! : null)),
    others: computed(() => asGoodNames(toValue(group))),
    onShelf: computed(() =>
      toValue(group)
        .flatMap(g => [g, ...g.variants])
        .flatMap(({ material, name }) => {
          const leftG = shelf.stock.get(material) ?? 0;
          return leftG > 0 ? [`${name} (${show(leftG, 'mass')})`] : [];
        }),
    ),
    printedWell: computed(() =>
      toValue(group).flatMap(({ family, name }) => {
        const record = printer.value?.record?.prints.find(p => p.family === family);
        return record && record.well > record.failed
          ? [`${name} (${record.well} of ${record.well + record.failed})`]
          : [];
      }),
    ),
  };
}
