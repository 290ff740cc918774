import {
  cheapestRemedy,
  filamentMitigations,
  liftsFromMm,
  warpInAirs,
  warpMitigationsFor,
  warpOutcome,
  warpRemedies,
  warpSetup,
  type WarpInAir,
  type WarpOutcome,
  type WarpRemedy,
  type WarpSetup,
} from '@hornblende/core/advice';
import type { Family } from '@hornblende/core/materials';
import { warpCalibrationFor, type WarpCalibration } from '@hornblende/core/print';
import { computed, reactive, watch, type ComputedRef, type Ref } from 'vue';
import { useDraft } from '../part/draft';
import { usePickedMaterial } from '../part/usePickedMaterial';
import { useRanking } from '../part/useRanking';

/** What may be tried here without changing the brief; null: as brief and printer have it. */
export interface WhatIf {
  chamberC: number | null;
  bedC: number | null;
  solidPct: number | null;
  lengthMm: number | null;
  heightMm: number | null;
  sharpCorners: number | null;
  filletMm: number | null;
}

/** How the part warps in one filament, live. */
export interface LiveWarp {
  material: Ref<string>;
  materials: ComputedRef<{ value: string; label: string }[]>;
  family: ComputedRef<Family | null>;
  whatIf: WhatIf;
  /** Whether anything is tried. */
  trying: ComputedRef<boolean>;
  setup: ComputedRef<WarpSetup | null>;
  outcome: ComputedRef<WarpOutcome | null>;
  remedies: ComputedRef<WarpRemedy[]>;
  cheapest: ComputedRef<WarpRemedy | null>;
  calibration: ComputedRef<WarpCalibration | null>;
  /** The same part in the filaments that lead the ranking. */
  sideBySide: ComputedRef<{ family: Family; outcome: WarpOutcome }[]>;
  /** The same print in the airs that its printer can give it. */
  airs: ComputedRef<WarpInAir[]>;
  /** The height at which a corner is as likely to have let go as not, mm; null where it holds. */
  liftsFrom: ComputedRef<number | null>;
  reset: () => void;
}

/** Filaments that stand side by side, and those that are offered as a way out. */
const SIDE_BY_SIDE = 6;
const FILAMENTS_OFFERED = 4;

const nothing: WhatIf = {
  chamberC: null,
  bedC: null,
  solidPct: null,
  lengthMm: null,
  heightMm: null,
  sharpCorners: null,
  filletMm: null,
};

/** The warp lab of the part being worked on. */
export function useWarp(): LiveWarp {
  const draft = useDraft();
  const { ranking, candidates, printer } = useRanking();
  const whatIf = reactive<WhatIf>({ ...nothing });
  const reset = (): void => void Object.assign(whatIf, nothing);
  watch(() => draft.id, reset);
  const { material, materials, family } = usePickedMaterial();
  const tried = (f: Family): WarpSetup | null => {
    if (!draft.brief) return null;
    const { geometry } = draft.brief;
    const along = geometry.xMm >= geometry.yMm ? 'xMm' : 'yMm';
    const brief = {
      ...draft.brief,
      geometry: {
        ...geometry,
        [along]: whatIf.lengthMm ?? geometry[along],
        zMm: whatIf.heightMm ?? geometry.zMm,
        sharpCorners: whatIf.sharpCorners ?? geometry.sharpCorners,
      },
    };
    const machine =
      printer.value && whatIf.chamberC !== null
        ? { ...printer.value, chamberC: whatIf.chamberC }
        : printer.value;
    const base = warpSetup(brief, f, machine);
    return {
      ...base,
      solidFraction: whatIf.solidPct === null ? base.solidFraction : whatIf.solidPct / 100,
      tweaks: {
        ...(whatIf.bedC === null ? {} : { bedC: whatIf.bedC }),
        ...(whatIf.filletMm === null ? {} : { filletMm: whatIf.filletMm }),
      },
    };
  };
  const setup = computed(() => (family.value ? tried(family.value) : null));
  const outcome = computed(() => (setup.value ? warpOutcome(setup.value) : null));
  const leaders = computed(() => {
    const running = (ranking.value?.candidates ?? []).filter(c => c.rank !== null);
    const byFamily = new Map(running.map(c => [c.family, c.material] as const).reverse());
    return [...byFamily.values()].reverse().flatMap(key => candidates.value.find(f => f.key === key) ?? []);
  });
  const mitigations = computed(() =>
    setup.value
      ? [
          ...warpMitigationsFor(setup.value),
          ...filamentMitigations(
            leaders.value
              .filter(f => f.key !== material.value && f.grade?.family !== material.value)
              .slice(0, FILAMENTS_OFFERED),
          ),
        ]
      : [],
  );
  return {
    material,
    materials,
    family,
    whatIf,
    trying: computed(() => Object.values(whatIf).some(v => v !== null)),
    setup,
    outcome,
    remedies: computed(() => (setup.value ? warpRemedies(setup.value, mitigations.value) : [])),
    cheapest: computed(() => (setup.value ? cheapestRemedy(setup.value, mitigations.value) : null)),
    calibration: computed(() => (family.value ? warpCalibrationFor(printer.value, family.value) : null)),
    sideBySide: computed(() =>
      leaders.value.slice(0, SIDE_BY_SIDE).flatMap(f => {
        const s = tried(f);
        return s ? [{ family: f, outcome: warpOutcome(s) }] : [];
      }),
    ),
    airs: computed(() => (setup.value ? warpInAirs(setup.value) : [])),
    liftsFrom: computed(() => (setup.value ? liftsFromMm(setup.value) : null)),
    reset,
  };
}
