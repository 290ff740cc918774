import type { StoredPrinter } from '@hornblende/core/api';
import type { Family } from '@hornblende/core/materials';
import { gaugeDoubts } from '@hornblende/core/print';
import { usualGaugeSizes, type Gauge, type GaugeSize } from '@hornblende/core/workshop';
import { useKept } from '../../stores/browser-store';
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter } from 'vue';
import { readings } from './readings';

/** A gauge as it is being typed: readings as text by the id of the size, and how it was printed. */
export type GaugeSheet = Record<string, string>;

/** What is typed of a gauge, and the gauge that it makes. */
export interface LiveGaugeSheet {
  sheet: ComputedRef<GaugeSheet>;
  put: (id: string, text: string) => void;
  clear: () => void;
  /** What is wrong with a size's text; empty when nothing is. */
  problemOf: (id: string) => string;
  /** The gauge, once a size of it is there and nothing is wrong. */
  gauge: ComputedRef<Gauge | null>;
  doubts: ComputedRef<string[]>;
}

/** Where the note stands among the sizes. */
const NOTE = 'note';

/** The sheet of a family's next gauge on a printer. What is typed stays when the page goes away. */
export function useGaugeSheet(
  family: MaybeRefOrGetter<Family>,
  printer: MaybeRefOrGetter<StoredPrinter | null>,
): LiveGaugeSheet {
  const sheets = useKept<Record<string, GaugeSheet>>('hornblende-gauges', {});
  const key = computed(() => toValue(family).grade?.family ?? toValue(family).key);
  const sheet = computed(() => sheets.value[key.value] ?? {});
  const replace = (next: GaugeSheet): void => void (sheets.value = { ...sheets.value, [key.value]: next });
  const problemOf = (id: string): string => {
    const text = (sheet.value[id] ?? '').trim();
    const found = readings(text);
    return text && (!found.length || found.some(r => r <= 0))
      ? 'only numbers over 0, in mm, with spaces between them'
      : '';
  };
  const sizes = computed<GaugeSize[]>(() =>
    usualGaugeSizes.flatMap(({ id, kind, nominalMm }) => {
      const measuredMm = readings(sheet.value[id] ?? '');
      return measuredMm.length ? [{ kind, nominalMm, measuredMm }] : [];
    }),
  );
  const isBad = computed(() => usualGaugeSizes.some(s => problemOf(s.id)));
  return {
    sheet,
    put: (id, text) => replace({ ...sheet.value, [id]: text }),
    clear: () => replace({}),
    problemOf,
    gauge: computed(() =>
      isBad.value || !sizes.value.length || !toValue(printer)
        ? null
        : {
            family: key.value,
            grade: toValue(family).grade ? toValue(family).key : null,
            at: new Date().toISOString().slice(0, 10),
            sizes: sizes.value,
            resolutionMm: 0.02,
            note: (sheet.value[NOTE] ?? '').trim(),
          },
    ),
    doubts: computed(() => (isBad.value ? [] : sizes.value.flatMap(gaugeDoubts))),
  };
}
