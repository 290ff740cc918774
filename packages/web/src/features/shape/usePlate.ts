import type { Family, Plate } from '@hornblende/core/materials';
import { bestAdhesion, freshPlace, plateUse, type PlatePlace, type PlateUse } from '@hornblende/core/print';
import { computed, onMounted, toValue, type ComputedRef, type MaybeRefOrGetter } from 'vue';
import { usePrinters } from '../../stores/printers';
import { usePrints } from '../../stores/prints';
import { useDraft } from '../part/draft';

/** The plate that the part is printed on. */
export interface LivePlate {
  printerName: ComputedRef<string | null>;
  /** Which plate it is; null where that is not known. */
  plate: ComputedRef<Plate | null>;
  plateMm: ComputedRef<readonly [number, number]>;
  /** Where earlier prints stood; null without a printer. */
  use: ComputedRef<PlateUse | null>;
  /** The freshest place for a part of a size; null where it does not fit, or there is no printer. */
  placeFor: (sizeMm: readonly [number, number]) => PlatePlace | null;
}

/** A plate that stands in where no printer is named, mm. */
const USUAL_MM: readonly [number, number] = [220, 220];

/**
 * The plate of the part's printer that a filament is printed on, with the wear that the log of prints tells of.
 * @param family the filament; its best plate on this printer is meant
 */
export function usePlate(family: MaybeRefOrGetter<Family | null>): LivePlate {
  const draft = useDraft();
  const printers = usePrinters();
  const prints = usePrints();
  onMounted(() => {
    if (prints.state !== 'ready') prints.load().catch(() => undefined);
  });
  const printer = computed(() => printers.byId(draft.content?.printerId ?? null));
  const plateMm = computed<readonly [number, number]>(() => {
    const [x, y] = printer.value?.profile.buildMm ?? USUAL_MM;
    return [x ?? USUAL_MM[0], y ?? USUAL_MM[1]];
  });
  const foothold = computed(() => {
    const f = toValue(family);
    return printer.value && f ? bestAdhesion(f, printer.value.profile) : null;
  });
  const plate = computed(() => foothold.value?.plate ?? null);
  const use = computed(() => {
    if (!printer.value) return null;
    const on = { plate: plate.value, ownPlate: foothold.value?.name ?? null };
    return plateUse(prints.entries, printer.value.id, plateMm.value, on);
  });
  return {
    plate,
    printerName: computed(() => printer.value?.profile.name ?? null),
    plateMm,
    use,
    placeFor: size => (use.value ? freshPlace(use.value, plateMm.value, size) : null),
  };
}
