import { ref, watch, type Ref } from 'vue';

/**
 * What a field of the kit that opens a list leaves unsaid: whether the list is open. It also points at a list that is
 * not there while it is shut; screen readers need both put right.
 * @param root the field, by its template ref
 * @returns whether its list is open, to be told by the field
 */
export function useListPointers(root: Ref<{ $el: HTMLElement } | null>): Ref<boolean> {
  const open = ref(false);
  /** What points at the list, with what stands there while it is open. */
  const pointers = new Map<string, string | null>(
    ['aria-controls', 'aria-owns', 'aria-activedescendant'].map(name => [name, null]),
  );
  watch(
    [root, open],
    () => {
      const box = root.value?.$el.querySelector('[role=combobox]');
      if (!box) return;
      box.setAttribute('aria-expanded', String(open.value));
      for (const [name, kept] of pointers) {
        if (open.value && kept !== null) box.setAttribute(name, kept);
        if (open.value) continue;
        pointers.set(name, box.getAttribute(name) ?? kept);
        box.removeAttribute(name);
      }
    },
    { flush: 'post' },
  );
  return open;
}
