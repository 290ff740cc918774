import {
  drillKinds,
  kindsInTurn,
  kindStandings,
  makeDrill,
  plannedRound,
  seedOfWord,
  sureness,
  type Drill,
  type DrillKind,
  type PlannedDrill,
} from '@hornblende/core/drills';
import type { DrillAnswer } from '@hornblende/core/formats';
import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue';
import { useDrills } from '../../stores/drills';

/** An answer of this round beside its drill. */
export interface Answered {
  drill: Drill;
  chosen: number;
  sure: number;
}

/** Five minutes of drills: one after another, each answered with how sure one is. */
export interface Round {
  /** Whether one runs. */
  isOn: ComputedRef<boolean>;
  isOver: ComputedRef<boolean>;
  /** The word that a class shares; empty for a round of one's own. */
  word: Ref<string>;
  planned: Ref<readonly PlannedDrill[]>;
  at: Ref<number>;
  drill: ComputedRef<Drill | null>;
  chosen: Ref<number | null>;
  /** What was said of it, once it was answered. */
  said: Ref<number | null>;
  /** How sure one may be of this one: less than a guess would be is none. */
  levels: ComputedRef<number[]>;
  answered: Ref<readonly Answered[]>;
  begin: (kind?: DrillKind) => void;
  beginClass: (word: string) => void;
  choose: (option: number) => void;
  say: (sure: number) => void;
  next: () => void;
  stop: () => void;
}

/** Seeds of a day's own round begin somewhere in here. */
const SEEDS = 1_000_000_000;

/** @returns the round of whoever sits here */
export function useRound(): Round {
  const drills = useDrills();
  const word = ref('');
  const planned = shallowRef<readonly PlannedDrill[]>([]);
  const at = ref(0);
  const chosen = ref<number | null>(null);
  const said = ref<number | null>(null);
  const answered = shallowRef<readonly Answered[]>([]);

  const drill = computed(() => {
    const now = planned.value[at.value];
    return now ? makeDrill(now.seed, now.kind) : null;
  });
  const levels = computed(() => {
    const options = drill.value?.options.length ?? 1;
    return sureness.filter(s => s >= 1 / options - 1e-9);
  });
  function plan(list: readonly PlannedDrill[], shared: string): void {
    word.value = shared;
    planned.value = list;
    at.value = 0;
    answered.value = [];
    chosen.value = null;
    said.value = null;
  }
  const ownSeed = (): number => Math.floor(Math.random() * SEEDS);
  function begin(kind?: DrillKind): void {
    const turn = kind ? [kind] : kindsInTurn(kindStandings(drills.mine), new Date().toISOString());
    plan(plannedRound(turn, ownSeed()), '');
  }
  function say(sure: number): void {
    const asked = drill.value;
    if (!asked || chosen.value === null || said.value !== null) return;
    said.value = sure;
    answered.value = [...answered.value, { drill: asked, chosen: chosen.value, sure }];
    const answer: DrillAnswer = {
      format: 'hornblende-drill-answer',
      version: 1,
      id: crypto.randomUUID?.() ?? `${Date.now()}-${asked.seed}`,
      kind: asked.kind,
      seed: asked.seed,
      sure,
      right: chosen.value === asked.right,
      at: new Date().toISOString(),
      who: drills.who,
    };
    drills.add(answer);
  }
  return {
    isOn: computed(() => planned.value.length > 0),
    isOver: computed(() => planned.value.length > 0 && at.value >= planned.value.length),
    word,
    planned,
    at,
    drill,
    chosen,
    said,
    levels,
    answered,
    begin,
    beginClass: shared => plan(plannedRound(drillKinds, seedOfWord(shared)), shared),
    choose: option => {
      if (said.value === null && option < (drill.value?.options.length ?? 0)) chosen.value = option;
    },
    say,
    next: () => {
      if (said.value === null) return;
      at.value++;
      chosen.value = null;
      said.value = null;
    },
    stop: () => plan([], ''),
  };
}
