import type { Part } from '@hornblende/core/api';
import { colourByWords } from '@hornblende/core/materials';
import { shallowRef, type Ref, type ShallowRef } from 'vue';
import { api } from '../../api/client';
import { usePrints } from '../../stores/prints';
import { useShelf } from '../../stores/shelf';
import type { PlacingDraft } from './usePlacing';

/** What is already known of a part that goes out, from what it is one of. */
export interface PlacedFrom {
  /** The part that it is one of, where that is known. */
  part: ShallowRef<Part | null>;
  /** Takes over what a part's brief and its decision already say. @throws ApiError */
  ofPart: (id: string) => Promise<void>;
  /** Takes over what a logged print already says; an unknown one is none. */
  ofPrint: (id: string) => void;
}

/**
 * Fills a draft in from the part or the print that it is one of; what was typed stays.
 * @param put changes the draft
 */
export function usePlacedFrom(
  draft: Readonly<Ref<PlacingDraft>>,
  put: (change: Partial<PlacingDraft>) => void,
): PlacedFrom {
  const prints = usePrints();
  const shelf = useShelf();
  const part = shallowRef<Part | null>(null);

  async function ofPart(id: string): Promise<void> {
    put({ partId: id });
    const [found, decisions] = await Promise.all([api.part(id), api.decisions(id, null)]);
    // Another one was chosen meanwhile.
    if (draft.value.partId !== id) return;
    part.value = found;
    const { brief } = found;
    const decision = decisions.items.find(d => !d.withdrawn) ?? null;
    const now = draft.value;
    put({
      name: now.name || brief.name,
      decisionId: decision?.id ?? null,
      first: now.first || (decision?.firstChoice ?? ''),
      place: {
        ...now.place,
        heat: brief.heat.setting,
        sun: brief.sun,
        water: brief.water,
        partMaxC: brief.heat.partC ?? brief.heat.sourceC,
        climate: brief.heat.climate === 'own' ? null : brief.heat.climate,
        airMaxC: brief.heat.ambientMaxC,
      },
      colour: brief.looks.colour,
      walls: brief.print.walls,
      ifItFails: brief.ifItFails,
      lifeYears: brief.lifeYears,
    });
  }
  function ofPrint(id: string): void {
    const print = prints.list.find(p => p.id === id)?.print;
    if (!print) {
      put({ printId: '' });
      return;
    }
    const spool = shelf.rows.find(r => r.id === print.spoolId)?.spool;
    const colour = spool ? colourByWords(spool.colour) : null;
    put({
      printId: id,
      first: print.material,
      spoolId: print.spoolId,
      since: print.at.slice(0, 10),
      ...(colour ? { colour } : {}),
    });
  }
  return { part, ofPart, ofPrint };
}
