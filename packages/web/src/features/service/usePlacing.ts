import { parsePlacement, PLACE_UNSAID, type Placement, type PlacedMaterial } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import { computed, type ComputedRef, type Ref } from 'vue';

/** A part in service as it is being written. */
export interface PlacingDraft {
  name: string;
  code: string;
  partId: string;
  printId: string;
  decisionId: string | null;
  first: string;
  /** Another that it may be instead; empty where it is known. */
  other: string;
  spoolId: string | null;
  colour: Placement['colour'];
  walls: number | null;
  place: Placement['place'];
  partRevision: number | null;
  pauses: Placement['pauses'];
  replacementPrice: number | null;
  freshBreakN: number | null;
  since: string;
  sinceRough: boolean;
  ifItFails: Placement['ifItFails'];
  lifeYears: number;
  status: Placement['status'];
  photos: Placement['photos'];
  note: string;
}

/** A part placed, or changed: its form, what is wrong with it, and what it comes to. */
export interface Placing {
  problems: ComputedRef<Map<string, string>>;
  /** Null while something is wrong. */
  placement: ComputedRef<Placement | null>;
}

/** The form of a new part, or of one that is changed. */
export function placingDraft(of: Placement | null): PlacingDraft {
  const today = new Date().toISOString().slice(0, 10);
  const empty: PlacingDraft = {
    name: '',
    code: '',
    partId: '',
    printId: '',
    decisionId: null,
    first: '',
    other: '',
    spoolId: null,
    colour: 'mid',
    walls: null,
    place: {
      where: '',
      heat: 'outdoors',
      sun: 'none',
      aspect: 'any',
      water: 'dry',
      load: 'none',
      partMaxC: null,
      climate: null,
      airMaxC: null,
      frostsAYear: null,
      heatingsAYear: null,
      weatherId: null,
    },
    partRevision: null,
    pauses: [],
    replacementPrice: null,
    freshBreakN: null,
    since: today,
    sinceRough: false,
    ifItFails: 'annoys',
    lifeYears: 5,
    status: null,
    photos: [],
    note: '',
  };
  if (!of) return empty;
  const { materials, partId, printId, format: _, version: __, archived: ___, ...rest } = of;
  return {
    ...empty,
    ...rest,
    place: { ...of.place },
    partId: partId ?? '',
    printId: printId ?? '',
    first: materials[0]?.material ?? '',
    other: materials[1]?.material ?? '',
  };
}

/** Fields that cannot stay empty, with what to do about it. */
function emptyFields({ name, first, since }: PlacingDraft): Map<string, string> {
  return new Map([
    ...(name.trim() ? [] : [['name', 'say what it is called'] as const]),
    ...(first ? [] : [['materials', 'say what it is made of'] as const]),
    ...(since ? [] : [['since', 'say since when'] as const]),
  ]);
}

/** @param draft the form, as it is being filled in */
export function usePlacing(draft: Ref<PlacingDraft>): Placing {
  const read = computed((): { placement: Placement | null; problems: Map<string, string> } => {
    const { first, other, partId, printId, ...rest } = draft.value;
    const keys = [first, other].filter(Boolean);
    const materials: PlacedMaterial[] = keys.map(material => ({ material, share: 1 / keys.length }));
    const empty = emptyFields(draft.value);
    if (empty.size) return { placement: null, problems: empty };
    try {
      const plain = {
        format: 'hornblende-service',
        version: 1,
        ...rest,
        partId: partId || null,
        printId: printId || null,
        materials,
        place: { ...rest.place, where: rest.place.where.trim() || PLACE_UNSAID },
      };
      return { placement: parsePlacement(JSON.parse(JSON.stringify(plain))), problems: new Map() };
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
      return { placement: null, problems: new Map(e.problems.map(p => [p.field, p.message])) };
    }
  });
  return {
    problems: computed(() => read.value.problems),
    placement: computed(() => read.value.placement),
  };
}

/** A part like one that is out there: of the same filament, at the same place, to be named anew. */
export function placingLike(of: Placement): PlacingDraft {
  const { since, sinceRough } = placingDraft(null);
  return {
    ...placingDraft(of),
    name: '',
    code: '',
    since,
    sinceRough,
    photos: [],
    pauses: [],
    note: '',
    printId: '',
  };
}
