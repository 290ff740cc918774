import { measuringEffect } from '@hornblende/core/advice';
import type { StoredPrinter } from '@hornblende/core/api';
import type { Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import { computed, ref, toValue, watch, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import { api } from '../../api/client';
import { usePrinters } from '../../stores/printers';
import { useFeedback } from '../../ui/useFeedback';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** What was measured on the printer of the part being worked on. */
export interface MeasuredHere {
  printer: ComputedRef<StoredPrinter | null>;
  familyKey: ComputedRef<string>;
  /** What the last readings changed for this part, in sentences. */
  changed: Ref<string[]>;
  /** Keeps readings in the printer's profile, with a way back. @returns whether that went well */
  keep: (change: Partial<Printer>, said: string) => Promise<boolean>;
}

/** Readings that stand in a printer's profile: kept, taken back, and what they changed. */
export function useMeasured(family: MaybeRefOrGetter<Family>): MeasuredHere {
  const draft = useDraft();
  const printers = usePrinters();
  const { candidates, weather } = useRanking();
  const { attempt, offerUndo } = useFeedback();
  const printer = computed(() => printers.byId(draft.content?.printerId ?? null));
  const familyKey = computed(() => toValue(family).grade?.family ?? toValue(family).key);
  const changed = ref<string[]>([]);
  watch([() => draft.id, familyKey], () => (changed.value = []));

  async function put(profile: Printer): Promise<void> {
    const { value } = printer;
    if (!value) return;
    await api.savePrinter({ ...value, profile });
    await printers.load();
  }
  async function keep(change: Partial<Printer>, said: string): Promise<boolean> {
    const before = printer.value?.profile;
    const { brief } = draft;
    if (!before || !brief) return false;
    const done = await attempt(async () => {
      await put({ ...before, ...change });
      offerUndo(said, async () => {
        await put(before);
        changed.value = [];
      });
    });
    const after = printer.value?.profile;
    if (done && after)
      changed.value = measuringEffect(brief, before, after, familyKey.value, {
        weather: weather.value,
        families: candidates.value,
      });
    return done;
  }
  return { printer, familyKey, changed, keep };
}
