import { acrossWhenLaid, lyingNow } from '@hornblende/core/brief';
import type { Xyz } from '@hornblende/core/geometry';
import { ref, type Ref } from 'vue';
import { useDraft } from '../part/draft';
import { placedAs, withPlaces } from './placed-load';

/** A place of a load that waits to be pointed at: which load, which end, and which of its places. */
export interface Pointing {
  load: number;
  end: 'held' | 'acts';
  index: number;
}

/** Says on the part where its loads are held and where they act. */
export interface Placing {
  pointing: Ref<Pointing | null>;
  /** Waits for a place to be pointed at; asked again, it waits no more. */
  point: (of: Pointing) => void;
  /** The place that was pointed at, in the axes of the file. */
  pick: (at: Xyz) => void;
  setPlaces: (load: number, end: 'held' | 'acts', places: readonly Xyz[]) => void;
}

/** Where the loads of the part being worked on are held and act. */
export function usePlacing(): Placing {
  const draft = useDraft();
  const pointing = ref<Pointing | null>(null);

  function setPlaces(load: number, end: 'held' | 'acts', places: readonly Xyz[]): void {
    const brief = draft.brief;
    const before = brief?.loads[load];
    if (!brief || !before) return;
    const placed = withPlaces(before, end === 'held' ? { heldAt: places } : { actsAt: places });
    const now = lyingNow(brief);
    draft.set(`loads.${load}`, { ...placed, acrossLayers: acrossWhenLaid(placed, now, now) });
  }
  function point(of: Pointing): void {
    const was = pointing.value;
    const same = was?.load === of.load && was.end === of.end && was.index === of.index;
    pointing.value = same ? null : of;
  }
  function pick(at: Xyz): void {
    const of = pointing.value;
    const load = of && draft.brief?.loads[of.load];
    if (!of || !load) return;
    const places = [...placedAs(load)[of.end === 'held' ? 'heldAt' : 'actsAt']];
    places[of.index] = at.map(v => Number(v.toFixed(2))) as [number, number, number];
    setPlaces(of.load, of.end, places);
    pointing.value = null;
  }
  return { pointing, point, pick, setPlaces };
}
