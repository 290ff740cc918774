import type { Asker } from './asker.js';
import type { DrillDraft, DrillKind } from './drill.js';

/** How one kind of drill is made. */
export interface DrillMaker {
  kind: DrillKind;
  /** A drill; null where what was drawn has no clear answer, so that another is drawn. */
  make: (ask: Asker) => DrillDraft | null;
}
