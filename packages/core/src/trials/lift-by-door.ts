import { mean } from 'simple-statistics';
import { doors, pieceStates, type Door, type PieceState, type Trial } from './trial.js';

/** The mean of what was read of a filament under one door, in one state of the piece. */
export interface LiftCell {
  door: Door;
  state: PieceState;
  meanMm: number;
  readings: number;
}

/** How far the corners of a filament's pieces lifted, by how the door stood. */
export interface LiftByDoor {
  material: string;
  cells: LiftCell[];
  /** The door under which its released pieces lifted least, where two doors at least were tried; else null. */
  best: Door | null;
}

/** How far corners lifted, filament by door and state: a table whose empty cells nobody has tried yet. */
export function liftByDoor(trial: Pick<Trial, 'entrants'>): LiftByDoor[] {
  return trial.entrants.flatMap(({ material, readings }) => {
    const said = readings.filter(r => r.criterion === 'lift' && !r.struck && r.door !== null);
    const cells = doors.flatMap(door =>
      pieceStates.flatMap((state): LiftCell[] => {
        const values = said
          .filter(r => r.door === door && (r.state ?? 'released') === state)
          .map(r => r.value);
        return values.length ? [{ door, state, meanMm: mean(values), readings: values.length }] : [];
      }),
    );
    if (!cells.length) return [];
    const released = cells.filter(c => c.state === 'released').sort((a, b) => a.meanMm - b.meanMm);
    return [{ material, cells, best: released.length > 1 ? released[0]!.door : null }];
  });
}
