import { briefWithSettings, settingsToTry, type SettingsPoint } from '@hornblende/core/advice';
import { fieldOf, hasPlaces, type LoadField } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { useJob } from '../../workers/useJob';
import { useDraft } from '../part/draft';
import { fieldQuestion } from '../shape/field-question';
import { reserveOf, useJudging } from '../shape/useLoadsJudged';
import { useShape } from '../shape/useShape';

/** A way to print the part with what its own shape carries so. */
export interface SettingOnShape {
  point: SettingsPoint;
  /** What the filament carries over what is asked, safety included, of the load that it carries least. */
  reserve: number;
}

/** Walls and infill worked out on the part's own shape. */
export interface SettingsOnShape {
  /** Whether a load names its places, and there is a shape: only then it can be worked out. */
  can: ComputedRef<boolean>;
  rows: ComputedRef<SettingOnShape[]>;
  /** 0 to 1; null while it rests. */
  progress: ComputedRef<number | null>;
  failed: Ref<string>;
  work: () => void;
  stop: () => void;
}

/** Ways that are compared, and the cells of each: enough to tell them apart, few enough not to wait long. */
const WAYS = 6;
const CELLS = 12_000;

/** Works out what walls and infill do to the loads on the part's own shape, one way after the other. */
export function useSettingsOnShape(
  points: () => readonly SettingsPoint[],
  family: () => Family,
): SettingsOnShape {
  const draft = useDraft();
  const part = useShape();
  const judge = useJudging();
  const job = useJob('loadField');
  const left = ref<{ point: SettingsPoint; load: number }[]>([]);
  const total = ref(0);
  const found = ref<{ point: SettingsPoint; load: number; field: LoadField }[]>([]);

  const placed = computed(() =>
    (draft.brief?.loads ?? []).flatMap((load, i) => (hasPlaces(load) ? [i] : [])),
  );
  const printedSo = (point: SettingsPoint): Brief => briefWithSettings(draft.brief!, point);
  function next(): void {
    const [first] = left.value;
    const question = first && fieldQuestion(part, printedSo(first.point), first.load, CELLS);
    if (question) job.ask(question);
    else stop();
  }
  function work(): void {
    found.value = [];
    left.value = settingsToTry(points(), WAYS).flatMap(point => placed.value.map(load => ({ point, load })));
    total.value = left.value.length;
    next();
  }
  function stop(): void {
    left.value = [];
    job.cancel();
  }
  watch(job.answer, answer => {
    const [first, ...others] = left.value;
    if (!answer || !first) return;
    found.value = [...found.value, { ...first, field: answer.field }];
    left.value = others;
    next();
  });
  // A brief that has moved on asks for something else.
  watch([() => draft.brief, family], () => {
    stop();
    found.value = [];
  });

  /** The least that is carried of any load that names its places; null until all of them are known. */
  function reserveWith(point: SettingsPoint): number | null {
    const brief = printedSo(point);
    const fields = new Map(found.value.filter(f => f.point === point).map(f => [f.load, f.field]));
    if (placed.value.some(i => !fields.has(i))) return null;
    const loads = brief.loads.map((load, i) => ({ ...load, field: fields.get(i) ?? load.field }));
    const judged = judge({ ...brief, loads }, family()).loads;
    return Math.min(
      ...placed.value.filter(i => fieldOf(brief, loads[i]!)).map(i => reserveOf(judged[i]) ?? Infinity),
    );
  }
  return {
    can: computed(() => placed.value.length > 0 && part.shape.value !== null),
    rows: computed(() =>
      [...new Set(found.value.map(f => f.point))].flatMap(point => {
        const reserve = reserveWith(point);
        return reserve === null ? [] : [{ point, reserve }];
      }),
    ),
    progress: computed(() =>
      left.value.length ? (total.value - left.value.length + (job.progress.value ?? 0)) / total.value : null,
    ),
    failed: job.failed,
    work,
    stop,
  };
}
