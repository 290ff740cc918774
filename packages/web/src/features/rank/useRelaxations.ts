import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import { watch } from 'vue';
import { useJob, type JobTask } from '../../workers/useJob';

/** What to ask less of when nothing fits, worked out in a worker; a newer brief abandons the older question. */
export function useRelaxations(
  brief: () => Brief | null,
  printer: () => Printer | null,
  weather: () => Weather | null,
  candidates: () => Family[],
): JobTask<'relax'> {
  const job = useJob('relax');
  watch(
    [brief, printer, weather, candidates],
    ([b, p, w, c]) => {
      if (b) job.ask({ brief: b, printer: p, weather: w, candidates: c });
    },
    { immediate: true },
  );
  return job;
}
