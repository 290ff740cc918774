import {
  parseTrial,
  type Trial,
  type TrialCriterion,
  type TrialEntrant,
  type TrialForeign,
} from '@hornblende/core/formats';
import type { Candidate } from '@hornblende/core/score';
import {
  benchCriteria,
  criteriaFor,
  foreignKey,
  trialCriterionOf,
  trialDoubts,
  trialSection,
} from '@hornblende/core/trials';
import { computed, type ComputedRef } from 'vue';
import { useLibrary } from '../../stores/library';
import { useShelf } from '../../stores/shelf';
import { useKeptForm, type KeptForm } from '../../ui/useKeptForm';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import type { LiveTrial } from './useTrial';

/** Filaments that are ticked to begin with. */
const FILAMENTS_TICKED = 5;
/** From so many on those that only just do are not ticked. */
const FEWEST_TICKED = 3;
/** Those that are offered at once; more can be added. */
const FILAMENTS_OFFERED = 14;

/** What somebody wants of a criterion that is not as the brief asks it. */
export type Wanted = Pick<TrialCriterion, 'limit' | 'band' | 'lessIsBetter' | 'weight'>;

/** What is typed while a trial is planned. */
export interface TrialPlanForm {
  filaments: string[] | null;
  /** The filament that is printed to lose. */
  baseline: string;
  foreign: (TrialForeign & { material: string })[];
  measured: string[] | null;
  wanted: Record<string, Wanted>;
  own: TrialCriterion[];
  infills: Record<string, number>;
  /** The spool of a filament, where another is meant than the first on the shelf. */
  spools: Record<string, string>;
  name: string | null;
  heldSame: string;
  replicates: number;
  pieceIs: Trial['pieceIs'];
}

/** A filament or a criterion that may be ticked. */
interface Choosable {
  value: string;
  label: string;
}

/** A trial while it is planned. */
export interface TrialPlan {
  kept: KeptForm<TrialPlanForm>;
  put: (change: Partial<TrialPlanForm>) => void;
  /** Filaments that are offered: those in the running, the first choice first, and whatever was added besides. */
  offered: ComputedRef<Choosable[]>;
  /** Whether anything is in the running for the brief. */
  anyRuns: ComputedRef<boolean>;
  picked: ComputedRef<string[]>;
  /** Any family or grade besides, also one that the ranking has out. */
  others: ComputedRef<Choosable[]>;
  addForeign: (foreign: TrialForeign) => void;
  measured: ComputedRef<string[]>;
  /** Everything that is measured, as it is wanted; own criteria among it. */
  criteria: ComputedRef<TrialCriterion[]>;
  /** What a criterion is as the brief asks it. */
  asBrief: (id: string) => TrialCriterion;
  /** The spools of a filament that are on the shelf, and the one that is used. */
  spoolsOf: (material: string) => Choosable[];
  spoolOf: (material: string) => string | null;
  usualName: ComputedRef<string>;
  trial: ComputedRef<Trial>;
  doubts: ComputedRef<string[]>;
  /** Why it cannot begin; empty where it can. */
  bad: ComputedRef<string>;
}

/** A trial that is planned for the part being worked on: what is typed stays in the browser until it is begun. */
export function useTrialPlan(live: LiveTrial): TrialPlan {
  const draft = useDraft();
  const library = useLibrary();
  const shelf = useShelf();
  const { ranking } = useRanking();
  const kept = useKeptForm<TrialPlanForm>(`trial-${draft.id ?? ''}`, {
    filaments: null,
    baseline: '',
    foreign: [],
    measured: null,
    wanted: {},
    own: [],
    infills: {},
    spools: {},
    name: null,
    heldSame: '',
    replicates: 3,
    pieceIs: 'part',
  });
  const { form } = kept;
  const put = (change: Partial<TrialPlanForm>): void => {
    form.value = { ...form.value, ...change };
  };

  const running = computed(() => {
    const inOrder = (ranking.value?.candidates ?? []).filter(c => c.rank !== null);
    const sorted = [...inOrder].sort((a, b) => a.rank! - b.rank!);
    const isOwn = (c: Candidate): boolean => c.material !== c.family;
    return sorted.filter((c, n) => n < FILAMENTS_OFFERED || isOwn(c));
  });
  /** Of each family one: what is ahead, with room where enough have it. */
  const ticked = computed(() => {
    const families = new Set<string>();
    const first = running.value.filter(c => !families.has(c.family) && families.add(c.family));
    const fitting = first.filter(c => c.status === 'fits');
    const of = fitting.length >= FEWEST_TICKED ? fitting : first;
    return of.slice(0, FILAMENTS_TICKED).map(c => c.material);
  });
  const offered = computed(() => {
    const known = running.value.map(c => ({ value: c.material, label: c.name }));
    const added = (form.value.filaments ?? []).filter(key => !known.some(o => o.value === key));
    return [...known, ...added.map(key => ({ value: key, label: library.nameOf(key) }))];
  });
  const picked = computed(() => form.value.filaments ?? ticked.value);
  const others = computed(() =>
    library.everything
      .filter(f => !offered.value.some(o => o.value === f.key))
      .map(f => ({ value: f.key, label: f.name })),
  );

  const weights = computed(() =>
    Object.fromEntries((ranking.value?.candidates[0]?.criteria ?? []).map(c => [c.id, c.weight])),
  );
  const usual = computed(() => (live.asks.value ? criteriaFor(weights.value, live.asks.value) : []));
  const measured = computed(() => form.value.measured ?? usual.value.map(c => c.id));
  const asBrief = (id: string): TrialCriterion =>
    usual.value.find(u => u.id === id) ?? trialCriterionOf(benchCriteria.find(c => c.id === id)!);
  const criteria = computed(() => [
    ...benchCriteria
      .filter(c => measured.value.includes(c.id))
      .map(c => ({ ...asBrief(c.id), ...form.value.wanted[c.id] })),
    ...form.value.own,
  ]);

  const usualName = computed(() => `${picked.value.length} filaments for the ${draft.brief?.name ?? 'part'}`);
  const spoolsOf = (material: string): Choosable[] =>
    shelf.rows
      .filter(r => r.spool.material === material && !r.spool.archived && r.leftG > 0)
      .map(r => ({
        value: r.id,
        label: `${r.spool.colour || 'no colour said'}, ${Math.round(r.leftG)} g left`,
      }));
  const spoolOf = (material: string): string | null => {
    const all = spoolsOf(material).map(s => s.value);
    const said = form.value.spools[material];
    return said !== undefined && all.includes(said) ? said : (all[0] ?? null);
  };
  const entrants = computed((): Partial<TrialEntrant>[] => [
    ...picked.value.map(material => ({
      material,
      spoolId: spoolOf(material),
      infill: form.value.infills[material] ?? null,
      baseline: form.value.baseline === material,
    })),
    ...form.value.foreign.map(({ material, ...foreign }) => ({ material, foreign })),
  ]);
  const trial = computed(() =>
    parseTrial({
      format: 'hornblende-trial',
      version: 1,
      name: (form.value.name ?? usualName.value).slice(0, 120) || usualName.value,
      partId: draft.id,
      piece: (form.value.pieceIs === 'part' ? (draft.brief?.name ?? 'the part') : 'a test piece').slice(
        0,
        120,
      ),
      pieceIs: form.value.pieceIs,
      heldSame: form.value.heldSame,
      replicates: form.value.replicates,
      seed: Math.floor(Date.now() / 1000) % 1e9,
      criteria: criteria.value,
      section: draft.brief ? trialSection(draft.brief) : null,
      entrants: entrants.value,
    }),
  );
  const doubts = computed(() =>
    trialDoubts(
      trial.value,
      key => library.find(key) ?? null,
      key => shelf.rows.find(r => r.id === key)?.spool ?? null,
    ),
  );
  const bad = computed(() => {
    if (entrants.value.length < 2) return 'A trial wants two filaments at least.';
    if (picked.value.length === 1 && picked.value[0] === form.value.baseline)
      return 'The only filament is printed to lose: add one that may win.';
    return criteria.value.length ? '' : 'Say what is measured.';
  });
  return {
    kept,
    put,
    offered,
    anyRuns: computed(() => running.value.length > 0),
    picked,
    others,
    addForeign: foreign => {
      const material = foreignKey(form.value.foreign);
      put({ foreign: [...form.value.foreign, { ...foreign, material }] });
    },
    measured,
    criteria,
    asBrief,
    usualName,
    trial,
    spoolsOf,
    spoolOf,
    doubts,
    bad,
  };
}
