import type { StoredPrinter } from '@hornblende/core/api';
import { OPEN_AIR_C } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import { warpBarMm, type WarpBar } from '@hornblende/core/workshop';
import { useKept } from '../../stores/browser-store';
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter } from 'vue';
import { readings } from './readings';

/** A bar as it is being typed: readings as text, several of one place with spaces between. */
export interface BarSheet {
  lengthMm: number;
  heightMm: number;
  solidPct: number;
  bedC: number | null;
  chamberC: number | null;
  endA: string;
  endB: string;
  middle: string;
  note: string;
}

/** What is typed of a bar, and the bar that it makes. */
export interface LiveBarSheet {
  sheet: ComputedRef<BarSheet>;
  put: (change: Partial<BarSheet>) => void;
  /** The bar, once all of it is there. */
  bar: ComputedRef<WarpBar | null>;
  /** Whether something stands there that is no reading. */
  bad: ComputedRef<boolean>;
  /** What is still to be read, once anything is. */
  missing: ComputedRef<string[]>;
  /** Where it is printed, unless said otherwise. */
  usual: ComputedRef<{ bedC: number; chamberC: number }>;
}

const empty: BarSheet = {
  lengthMm: warpBarMm.length,
  heightMm: warpBarMm.height,
  solidPct: 30,
  bedC: null,
  chamberC: null,
  endA: '',
  endB: '',
  middle: '',
  note: '',
};

/** The sheet of a family's next bar on a printer. What is typed stays when the page goes away. */
export function useBarSheet(
  family: MaybeRefOrGetter<Family>,
  printer: MaybeRefOrGetter<StoredPrinter | null>,
): LiveBarSheet {
  const sheets = useKept<Record<string, BarSheet>>('hornblende-warp-bars', {});
  const key = computed(() => toValue(family).grade?.family ?? toValue(family).key);
  const sheet = computed(() => ({ ...empty, ...sheets.value[key.value] }));
  const usual = computed(() => {
    const { low, high } = toValue(family).windows.bedC;
    const profile = toValue(printer)?.profile;
    return {
      bedC: Math.min((low + high) / 2, profile?.bedMaxC ?? Infinity),
      chamberC: profile?.chamberC ?? OPEN_AIR_C,
    };
  });
  const bar = computed<WarpBar | null>(() => {
    const s = sheet.value;
    const endAMm = readings(s.endA);
    const endBMm = readings(s.endB);
    const middleMm = readings(s.middle);
    if (!endAMm.length || !endBMm.length || !middleMm.length || !toValue(printer)) return null;
    return {
      family: key.value,
      grade: toValue(family).grade ? toValue(family).key : null,
      at: new Date().toISOString().slice(0, 10),
      lengthMm: s.lengthMm,
      heightMm: s.heightMm,
      solidFraction: s.solidPct / 100,
      bedC: s.bedC ?? usual.value.bedC,
      chamberC: s.chamberC ?? usual.value.chamberC,
      endAMm,
      endBMm,
      middleMm,
      resolutionMm: 0.02,
      note: s.note.trim(),
    };
  });
  return {
    sheet,
    put: change => (sheets.value = { ...sheets.value, [key.value]: { ...sheet.value, ...change } }),
    bar,
    bad: computed(() =>
      [sheet.value.endA, sheet.value.endB, sheet.value.middle].some(t => t.trim() && !readings(t).length),
    ),
    missing: computed(() => {
      const places = {
        'one end': sheet.value.endA,
        'the middle': sheet.value.middle,
        'the other end': sheet.value.endB,
      };
      const empty = Object.entries(places).flatMap(([name, text]) => (text.trim() ? [] : [name]));
      return empty.length < 3 ? empty : [];
    }),
    usual,
  };
}
