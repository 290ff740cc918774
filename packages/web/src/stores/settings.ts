import type { UnitSystem } from '@hornblende/core/units';
import { usePreferredDark } from '@vueuse/core';
import { useKept } from './browser-store';
import { defineStore } from 'pinia';
import { computed } from 'vue';

/** The theme as it is chosen. */
export type ThemeChoice = 'light' | 'dark' | 'system';

/** What this browser prefers; kept in it, not in the workshop. */
export const useSettings = defineStore('settings', () => {
  const units = useKept<UnitSystem>('hornblende-units', 'metric');
  const themeChoice = useKept<ThemeChoice>('hornblende-theme', 'system');
  const who = useKept<string>('hornblende-who', '');
  const systemDark = usePreferredDark();
  const systemTheme = computed(() => (systemDark.value ? 'dark' : 'light'));
  const theme = computed<'light' | 'dark'>(() =>
    themeChoice.value === 'system' ? systemTheme.value : themeChoice.value,
  );
  return { units, themeChoice, theme, who };
});
