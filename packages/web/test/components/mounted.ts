import { fireEvent, within, type BoundFunctions, type queries } from '@testing-library/dom';
import { createPinia, setActivePinia, type Pinia } from 'pinia';
import { createApp, h, nextTick, shallowReactive, type App, type Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';

/** A component in a document in memory: found by what a reader finds, and what it said. */
export interface Mounted extends BoundFunctions<typeof queries> {
  element: HTMLElement;
  /** What it emitted, by name, each with its arguments. */
  said: Record<string, unknown[][]>;
  /** Gives it other props, and waits until they are seen. */
  give: (props: Record<string, unknown>) => Promise<void>;
  press: (element: Element) => Promise<void>;
  type: (element: Element, text: string) => Promise<void>;
  /** Chooses an entry of a select, as somebody does who opens it. */
  choose: (label: string | RegExp, option: string) => Promise<void>;
}

const apps: App[] = [];
let made = 0;
/** Takes down all that was mounted, and what it left in the document. */
export function unmountAll(): void {
  for (const app of apps.splice(0)) app.unmount();
  document.body.innerHTML = '';
}

/** Events of Vue: `onUpdate:modelValue` says `update:modelValue`. */
const listener = (name: string): string => `on${name[0]!.toUpperCase()}${name.slice(1)}`;

/**
 * Mounts a component with its stores and a router of no pages.
 * @param emits the events to listen to
 */
export function mounted(
  component: Component,
  props: Record<string, unknown> = {},
  { emits = [], pinia = createPinia() }: { emits?: readonly string[]; pinia?: Pinia } = {},
): Mounted {
  setActivePinia(pinia);
  const given = shallowReactive({ ...props });
  const said: Record<string, unknown[][]> = Object.fromEntries(emits.map(name => [name, []]));
  const listeners = Object.fromEntries(
    emits.map(name => [listener(name), (...args: unknown[]) => void said[name]!.push(args)]),
  );
  const element = document.body.appendChild(document.createElement('div'));
  const app = createApp({ render: () => h(component, { ...given, ...listeners }) });
  // Ids of one application are none of another's that stood in the document before it.
  app.config.idPrefix = `app${++made}`;
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:any(.*)*', component: { render: () => null } }],
  });
  app.use(pinia).use(router).mount(element);
  apps.push(app);
  const query = within(element);
  return {
    ...query,
    element,
    said,
    async give(more) {
      Object.assign(given, more);
      await nextTick();
    },
    async press(target) {
      await fireEvent.click(target);
      await nextTick();
    },
    async type(target, text) {
      (target as HTMLInputElement).value = text;
      await fireEvent.input(target);
      await nextTick();
    },
    async choose(label, option) {
      const box = query.getByRole('combobox', { name: label });
      await fireEvent.mouseDown(box);
      await nextTick();
      // A list that is shut may linger in the document: the newest is the one that was opened.
      const lists = [...document.querySelectorAll('.ant-select-dropdown')];
      const entry = [...(lists.at(-1)?.querySelectorAll('.ant-select-item-option') ?? [])].find(
        o => o.textContent.trim() === option,
      );
      if (!entry) throw new Error(`no entry “${option}”`);
      await fireEvent.click(entry);
      await nextTick();
    },
  };
}
