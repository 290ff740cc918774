import type { Due } from '../service/due.js';
import type { EvidenceGroup } from '../service/evidence.js';
import type { FieldEvidence } from '../service/field-evidence.js';
import type { Happened, HappenedTally } from '../service/happened.js';
import type { Inspection, InspectionVerdict } from '../service/inspection.js';
import type { ModelCalibration } from '../service/model-calibration.js';
import type { PlaceMap } from '../service/place-map.js';
import type { Placement } from '../service/placement.js';
import type { ServiceStanding } from '../service/standing.js';
import type { Revisioned } from './revisioned.js';

// Parts in service, where they are, and what they tell.

/** A map of places. */
export interface StoredMap extends Revisioned {
  id: string;
  map: PlaceMap;
}

/** A part in service. */
export interface StoredPlacement extends Revisioned {
  id: string;
  placement: Placement;
}

/** A part in service in a list: how it stands, and when it is due. */
export interface ListedPlacement extends StoredPlacement {
  standing: ServiceStanding;
  /** Null where its service has ended. */
  due: Due | null;
  /** How it was found, look by look, the oldest first: the last ones of many. */
  seen: SeenLook[];
}

/** How a part was found at a look: years after it went out, not counting the time that it was taken in. */
export interface SeenLook {
  years: number;
  verdict: InspectionVerdict;
}

/** A photograph that is kept. */
export interface StoredPhoto {
  sha256: string;
  type: 'image/jpeg' | 'image/png';
  width: number;
  height: number;
  bytes: number;
}

/** What parts in service tell, as the server works it out. */
export interface ServiceEvidence {
  groups: EvidenceGroup[];
  /** What the parts are called that groups stand for, by their ids; empty for other groups. */
  parts: Record<string, string>;
  field: FieldEvidence[];
  /** How often the models were right. */
  record: HappenedTally;
  calibration: ModelCalibration;
}

/** What the models say of a part in service beside what happened, in a list. */
export interface ListedHappened extends Happened {
  name: string;
  /** The filament that it is of. */
  material: string;
}

/** A table of parts to place: `POST /api/service/import`. */
export interface PlacedImport {
  parts: { placement: Placement; looks: Omit<Inspection, 'id' | 'placementId'>[] }[];
}

/** The parts that an import placed, in its order. */
export interface PlacedImportResult {
  ids: string[];
}

/** What of an import could not be taken back, and why. */
export interface PlacedImportUndone {
  left: { id: string; why: string }[];
}
