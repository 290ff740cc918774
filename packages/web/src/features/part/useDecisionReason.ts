import { useKept } from '../../stores/browser-store';
import { computed, type WritableComputedRef } from 'vue';
import { useDraft } from './draft';

/** Why the part being worked on is decided as it is; kept in this browser until it is recorded. */
export function useDecisionReason(): WritableComputedRef<string> {
  const draft = useDraft();
  const reasons = useKept<Record<string, string>>('hornblende-reasons', {});
  return computed({
    get: () => reasons.value[draft.id ?? ''] ?? '',
    set: text => {
      const others = Object.entries(reasons.value).filter(([id]) => id !== draft.id);
      reasons.value = Object.fromEntries(text && draft.id ? [...others, [draft.id, text]] : others);
    },
  });
}
