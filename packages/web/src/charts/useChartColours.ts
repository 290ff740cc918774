import { computed, type ComputedRef } from 'vue';
import { useSettings } from '../stores/settings';

/** The theme's colours as values, for charts that cannot read CSS variables; renewed when the theme changes. */
export function useChartColours(): ComputedRef<
  Record<'ink' | 'soft' | 'rule' | 'ground' | 'panel' | 'out' | 'heat' | 'uv' | 'info' | 'strength', string>
> {
  const settings = useSettings();
  return computed(() => {
    // Read so that a change of theme is a change here.
    const dark = settings.theme === 'dark';
    const style = getComputedStyle(document.documentElement);
    const of = (name: string): string => style.getPropertyValue(name).trim() || (dark ? '#fff' : '#000');
    return {
      ink: of('--ink'),
      soft: of('--soft'),
      rule: of('--rule'),
      ground: of('--ground'),
      panel: of('--panel'),
      out: of('--out'),
      heat: of('--s-heat'),
      uv: of('--s-uv'),
      info: of('--info'),
      strength: of('--s-strength'),
    };
  });
}
