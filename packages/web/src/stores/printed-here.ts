import { families } from '@hornblende/core/materials';
import { familiesHere, withShelf } from '@hornblende/core/workshop';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { useShelf } from './shelf';
import { useWorkshop } from './workshop';

/** The families that this workshop prints: those it allows, each as the spool on its shelf that would be used. */
export const usePrintedHere = defineStore('printed-here', () => {
  const shelf = useShelf();
  const workshop = useWorkshop();
  const list = computed(() => familiesHere(withShelf(families, shelf.materials), workshop.settings));
  async function load(): Promise<void> {
    await Promise.allSettled([shelf.load(), workshop.load()]);
  }
  return { families: list, load };
});
