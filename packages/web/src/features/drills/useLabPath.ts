import type { DrillLab } from '@hornblende/core/drills';
import { computed, type ComputedRef } from 'vue';
import { useCurrentPart } from '../../stores/current-part';
import { useParts } from '../../stores/parts';

/** Where what was drilled can be felt: a page of the application, and what it is called. */
export interface Lab {
  to: string;
  label: string;
}

const rooms: Partial<Record<DrillLab, Lab>> = {
  bench: { to: '/workshop/bench', label: 'Try it at the bench' },
  shelf: { to: '/workshop/spools', label: 'See it at your spools' },
  service: { to: '/service', label: 'See it with your own parts' },
  fix: { to: '/fix', label: 'Try it in Fix' },
  library: { to: '/library', label: 'Look it up in the library' },
};
const pages: Partial<Record<DrillLab, string>> = {
  brief: 'See it move in a brief',
  rank: 'See it in a ranking',
  warp: 'Turn it in the warp lab',
  card: 'See it on a print card',
};

/** @returns the lab of a drill; a part's page is that of the part at hand, or of the first */
export function useLabPath(lab: () => DrillLab | null): ComputedRef<Lab | null> {
  const part = useCurrentPart();
  const parts = useParts();
  return computed(() => {
    const key = lab();
    if (key === null) return null;
    const label = pages[key];
    if (!label) return rooms[key] ?? null;
    const id = part.id ?? parts.list[0]?.id;
    return id ? { to: `/parts/${id}/${key}`, label } : { to: '/parts', label };
  });
}
