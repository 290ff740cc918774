import type { UpgradeOption, WorkshopUpgradesResult } from '@hornblende/core/advice';
import type { ListedPart, StoredPrinter } from '@hornblende/core/api';
import {
  printerPresets,
  upgrades as catalogue,
  type MachineKind,
  type UpgradeKind,
} from '@hornblende/core/workshop';
import { watchDebounced } from '@vueuse/core';
import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useParts } from '../../stores/parts';
import { usePrintedHere } from '../../stores/printed-here';
import { usePrinters } from '../../stores/printers';
import { useWeathers } from '../../stores/weathers';
import { useWorkshop } from '../../stores/workshop';
import { useJob } from '../../workers/useJob';

/** How long a price rests before it is weighed, ms: it is typed figure by figure. */
const REST_MS = 250;

/** What may be bought, at the price that it is put in with. */
export interface Offer<Kind extends string> {
  kind: Kind;
  name: string;
  price: number;
}

/** The upgrades of one printer, weighed over the parts. */
export interface Upgrades {
  printer: ComputedRef<StoredPrinter | null>;
  printerId: Ref<string | null>;
  /** Whether parts that were decided are weighed too. */
  decidedToo: Ref<boolean>;
  offers: ComputedRef<Offer<UpgradeKind>[]>;
  /** Other machines, to stand beside the printer. */
  machines: ComputedRef<Offer<MachineKind>[]>;
  /** Offers that are left out. */
  left: Ref<(UpgradeKind | MachineKind)[]>;
  parts: ComputedRef<ListedPart[]>;
  result: ComputedRef<WorkshopUpgradesResult | null>;
  /** The sets that no cheaper one gains as much as. */
  worth: ComputedRef<UpgradeOption[]>;
  progress: Ref<number | null>;
  failed: Ref<string>;
  cancel: () => void;
}

/**
 * Weighs every affordable set of upgrades for a printer, and other machines beside it, over the parts that are still
 * to decide.
 */
export function useUpgrades(): Upgrades {
  const printers = usePrinters();
  const parts = useParts();
  const workshop = useWorkshop();
  const weathers = useWeathers();
  const library = useLibrary();
  const here = usePrintedHere();
  const job = useJob('upgrades');
  const ready = ref(false);
  const printerId = ref<string | null>(null);
  const decidedToo = ref(false);
  const left = ref<(UpgradeKind | MachineKind)[]>([]);

  const printer = computed(() => printers.byId(printerId.value) ?? printers.list[0] ?? null);
  const offers = computed<Offer<UpgradeKind>[]>(() =>
    catalogue
      .filter(u => printer.value && u.apply(printer.value.profile) !== null)
      .map(u => ({ kind: u.kind, name: u.name, price: workshop.settings.upgradePrices[u.kind] ?? u.price })),
  );
  const machines = computed<Offer<MachineKind>[]>(() =>
    printerPresets.map(({ key, name, price }) => ({
      kind: key,
      name,
      price: workshop.settings.machinePrices[key] ?? price,
    })),
  );
  const weighed = computed(() => parts.list.filter(p => decidedToo.value || !p.decision));

  onMounted(async () => {
    await Promise.allSettled([parts.loadAll(), printers.load(), here.load(), library.load()]);
    await Promise.allSettled(parts.list.map(p => weathers.ensure(p.weatherId)));
    // The least able printer has the most to gain.
    printerId.value ??= printers.list.find(p => !p.isDefault)?.id ?? printers.list[0]?.id ?? null;
    ready.value = true;
  });
  const question = computed(() => {
    if (!ready.value || !printer.value) return null;
    return {
      input: {
        printer: printer.value.profile,
        upgrades: offers.value.filter(o => !left.value.includes(o.kind)),
        machines: machines.value
          .filter(o => !left.value.includes(o.kind))
          .map(({ kind, price }) => ({ machine: kind, price })),
        parts: weighed.value.map(p => ({
          name: p.name,
          brief: p.brief,
          quoteEach: workshop.quotes[p.id] ?? null,
        })),
        budget: workshop.settings.upgradeBudget,
      },
      families: here.families,
      weathers: weighed.value.map(p => weathers.byId(p.weatherId)),
    };
  });
  watchDebounced(question, q => q && job.ask(q), { debounce: REST_MS });

  const result = computed(() => job.answer.value);
  return {
    printer,
    printerId,
    decidedToo,
    offers,
    machines,
    left,
    parts: weighed,
    result,
    worth: computed(() => result.value?.options.filter(o => o.pareto) ?? []),
    progress: job.progress,
    failed: job.failed,
    cancel: job.cancel,
  };
}
