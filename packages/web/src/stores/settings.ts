import type { UnitSystem } from '@hornblende/core/units';
import { useLocalStorage, usePreferredDark } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';

export type ThemeChoice = 'light' | 'dark' | 'system';

/** What this browser prefers; kept in it, not in the workshop. */
export const useSettings = defineStore('settings', () => {
  const units = useLocalStorage<UnitSystem>('hornblende-units', 'metric');
  const themeChoice = useLocalStorage<ThemeChoice>('hornblende-theme', 'light');
  const who = useLocalStorage('hornblende-who', '');
  const systemDark = usePreferredDark();
  const theme = computed<'light' | 'dark'>(() =>
    themeChoice.value === 'system' ? (systemDark.value ? 'dark' : 'light') : themeChoice.value,
  );
  return { units, themeChoice, theme, who };
});
