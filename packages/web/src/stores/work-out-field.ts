import { familyByKey } from '@hornblende/core/materials';
import { fieldEvidence, type FieldEvidence } from '@hornblende/core/service';
import { useLibrary } from './library';
import { useService } from './service';
import { useWeathers } from './weathers';

// A file of its own: the statistics and the library behind it are fetched when a brief asks for the field, not with the
// first page.

/** What the parts in service say of each family outdoors. */
export function workOutField(): FieldEvidence[] {
  const library = useLibrary();
  const weathers = useWeathers();
  return fieldEvidence(
    useService().placed,
    key => familyByKey(library.familyKeyOf(key) ?? '') ?? null,
    id => weathers.list.find(w => w.id === id)?.ghiKWhm2Year ?? null,
  );
}
