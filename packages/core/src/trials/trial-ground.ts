import type { Brief } from '../brief/brief.js';
import type { Family } from '../materials/family.js';
import type { RankOptions } from '../score/judge.js';

/** What a trial is judged on: the brief, its printer and weather, and the filaments as the library has them. */
export interface TrialGround {
  brief: Brief;
  options: Omit<RankOptions, 'families'>;
  find: (material: string) => Family | undefined;
}
