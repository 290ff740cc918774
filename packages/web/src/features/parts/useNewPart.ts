import type { ListedPart } from '@hornblende/core/api';
import { sayFields, type SaidFields, type StartingPoint } from '@hornblende/core/brief';
import { computed, type ComputedRef, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import { useParts } from '../../stores/parts';
import { usePrinters } from '../../stores/printers';

/** What a new part begins from besides what a line says. */
export interface NewPart {
  name: string;
  /** Another part, whose brief is taken over. */
  from?: ListedPart | null;
  /** A usual kind of part. */
  kind?: StartingPoint | null;
  /** The id that it is to have: begun twice after a lost answer, it is one. */
  id?: string | null;
}

/** A part about to be begun. */
export interface PartBeginning {
  /** What the line says so far; null where there is none. */
  said: ComputedRef<SaidFields | null>;
  /** What the line calls the part; empty where it says nothing. */
  called: ComputedRef<string>;
  /** Makes the part and opens its brief. @throws ApiError */
  begin: (part: NewPart) => Promise<void>;
}

/** @param line what was said of it in a line */
export function useNewPart(line: Ref<string>): PartBeginning {
  const parts = useParts();
  const printers = usePrinters();
  const router = useRouter();
  const said = computed(() =>
    line.value.trim()
      ? sayFields(line.value, { printers: printers.list.map(p => ({ id: p.id, name: p.profile.name })) })
      : null,
  );
  /** What a kind of part fills in: it is marked as filled in, for nobody has said it yet. */
  const filledBy = (kind: StartingPoint | null): object =>
    kind ? { ...kind.brief, filledIn: Object.keys(kind.brief) } : {};
  /** What the line says, less what every brief has by itself. */
  function saidGiven(): object {
    const { format: _format, version: _version, name: _name, ...given } = said.value?.given ?? {};
    return given;
  }
  async function begin({ name, from = null, kind = null, id = null }: NewPart): Promise<void> {
    // Asked for by whoever is quicker than the first page: a part must not go without its printer.
    if (!printers.loaded) await printers.load();
    const named = said.value?.understood.find(u => u.field === 'printer')?.value;
    const printerId = typeof named === 'string' ? named : (printers.usual?.id ?? null);
    const start = { ...filledBy(kind), ...saidGiven() };
    const part = await parts.create(name, printerId, { ...(from ? { from } : {}), start, id });
    await router.push(`/parts/${part.id}/brief`);
  }
  return { said, called: computed(() => (said.value ? String(said.value.given.name) : '')), begin };
}
