import { computed, ref, watch, type Ref, type WritableComputedRef } from 'vue';
import { browserStore } from '../stores/browser-store';

/** A form that is being filled in: what is typed stays in this browser until it is saved or given up. */
export interface KeptForm<T extends object> {
  form: Ref<T>;
  /** One field of it. */
  field: <K extends keyof T>(name: K) => WritableComputedRef<T[K]>;
  /** Whether what stands in it was typed before the page went away. */
  restored: Ref<boolean>;
  /** An id for what is made of it: sent twice, after an answer that was lost, it is one. */
  id: Ref<string>;
  /** Begins from another start, and brings back what was typed over it. */
  begin: (initial: T) => void;
  /** Gives up what was typed. */
  discard: () => void;
  /** Forgets what was typed: it is saved. */
  done: () => void;
}

interface Kept<T> {
  id: string;
  form: T;
}

/**
 * @param key what it is kept under: of what exists, with its id and the revision that it is typed over
 * @param initial the form as it begins
 */
export function useKeptForm<T extends object>(key: string, initial: T): KeptForm<T> {
  const storeKey = `hornblende-form-${key}`;
  const plain = (value: T): string => JSON.stringify(value);
  let start = initial;
  const form = ref(initial) as Ref<T>;
  const restored = ref(false);
  const id = ref<string>(crypto.randomUUID());

  function begin(from: T): void {
    start = from;
    const kept = readKept<T>(storeKey);
    restored.value = kept !== null && plain(kept.form) !== plain(from);
    form.value = restored.value ? { ...from, ...kept!.form } : from;
    if (kept) id.value = kept.id;
  }
  function write(): void {
    if (plain(form.value) === plain(start)) browserStore.removeItem(storeKey);
    else browserStore.setItem(storeKey, JSON.stringify({ id: id.value, form: form.value } satisfies Kept<T>));
  }
  function done(): void {
    start = form.value;
    restored.value = false;
    id.value = crypto.randomUUID();
    browserStore.removeItem(storeKey);
  }
  function discard(): void {
    form.value = start;
    done();
  }
  begin(initial);
  watch(form, write, { deep: true, flush: 'sync' });
  return {
    form,
    field: name =>
      computed({
        get: () => form.value[name],
        set: value => {
          form.value = { ...form.value, [name]: value };
        },
      }),
    restored,
    id,
    begin,
    discard,
    done,
  };
}

function readKept<T>(key: string): Kept<T> | null {
  try {
    const kept = JSON.parse(browserStore.getItem(key) ?? 'null') as Kept<T> | null;
    return kept && typeof kept.id === 'string' ? kept : null;
  } catch {
    browserStore.removeItem(key);
    return null;
  }
}
