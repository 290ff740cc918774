import {
  computed,
  inject,
  ref,
  type Ref,
  onScopeDispose,
  provide,
  shallowReactive,
  watchEffect,
  type ComputedRef,
} from 'vue';

/** A field in which something stands that cannot be used. */
export interface StandingProblem {
  label: string;
  problem: string;
  /** The id of the field's control. */
  id: string;
}

/** The fields of one form that have a problem. */
export interface FormProblems {
  standing: ComputedRef<StandingProblem[]>;
  /** Whether it was tried to save: until then a field that nobody has touched says nothing. */
  tried: Ref<boolean>;
  /** Moves the focus to the first field with a problem. @returns whether there is one */
  focusFirst: () => boolean;
  put: (key: symbol, problem: StandingProblem | null) => void;
}

const KEY = Symbol('form problems');

/** Makes a component a form: the fields inside tell it what is wrong, so that it neither saves nor closes meanwhile. */
export function provideFormProblems(): FormProblems {
  const found = shallowReactive(new Map<symbol, StandingProblem>());
  const form: FormProblems = {
    standing: computed(() => [...found.values()]),
    tried: ref(false),
    focusFirst: () => {
      form.tried.value = true;
      const first = found.values().next().value;
      if (first) document.getElementById(first.id)?.focus();
      return first !== undefined;
    },
    put: (key, problem) => {
      if (problem) found.set(key, problem);
      else found.delete(key);
    },
  };
  provide(KEY, form);
  return form;
}

/**
 * Tells the form around a field what is wrong with it, as long as it is. Without a form around it, nothing happens.
 * @returns whether it was tried to save the form; true where there is none
 */
export function useFieldProblem(label: () => string, problem: () => string, id: string): Ref<boolean> {
  const form = inject<FormProblems | null>(KEY, null);
  if (!form) return ref(true);
  const key = Symbol(id);
  watchEffect(() => {
    form.put(key, problem() ? { label: label(), problem: problem(), id } : null);
  });
  onScopeDispose(() => form.put(key, null));
  return form.tried;
}
