import type { ListedPart } from '@hornblende/core/api';
import { api } from '../../api/client';
import type { useParts } from '../../stores/parts';
import { useFeedback } from '../../ui/useFeedback';

/** Puts a part away, and offers to take that back. */
export async function putAwayWithUndo(parts: ReturnType<typeof useParts>, part: ListedPart): Promise<void> {
  const { attempt, offerUndo } = useFeedback();
  const done = await attempt(async () => parts.setArchived(await api.part(part.id), true));
  if (!done) return;
  offerUndo(`${part.name} is put away: kept, and out of the list.`, async () =>
    parts.setArchived(await api.part(part.id), false),
  );
}
