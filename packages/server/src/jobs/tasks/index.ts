import { calculateModel, rankBrief } from './compute.js';
import { listCoupons, writeCoupon } from './coupons.js';
import { decisionDrift, decisionReport, workOutDecision } from './decisions.js';
import { layOutDemo } from './demo.js';
import { exportGrades, importGrades, undoImport } from './grades.js';
import {
  importArchive,
  inspectFile,
  lookForDamage,
  previewArchive,
  undoArchive,
  verifyWorkshop,
  writeArchive,
} from './keeping.js';
import {
  listDecisions,
  listDrillAnswers,
  listFaults,
  listGrades,
  listParts,
  listPrinters,
  listPrints,
  listSpools,
  listTrials,
  listVersions,
  listWeathers,
} from './lists.js';
import { calendar, listInspections, listPlacements, serviceEvidence, serviceTable } from './service.js';

/** Everything that threads know how to do, by name. */
export const tasks = {
  calculateModel,
  rankBrief,
  listCoupons,
  writeCoupon,
  workOutDecision,
  decisionDrift,
  decisionReport,
  layOutDemo,
  exportGrades,
  importGrades,
  undoImport,
  listDecisions,
  listDrillAnswers,
  listFaults,
  listGrades,
  listParts,
  listPrinters,
  listPrints,
  listSpools,
  listTrials,
  listVersions,
  listWeathers,
  listPlacements,
  listInspections,
  serviceEvidence,
  calendar,
  serviceTable,
  lookForDamage,
  verifyWorkshop,
  inspectFile,
  writeArchive,
  previewArchive,
  importArchive,
  undoArchive,
};

/** The name of a task. */
export type JobName = keyof typeof tasks;
/** What a task is given. */
export type JobInput<Name extends JobName> = Parameters<(typeof tasks)[Name]['run']>[1];
/** What a task gives. */
export type JobOutput<Name extends JobName> = Awaited<ReturnType<(typeof tasks)[Name]['run']>>;

/** What one thread is told to do, on which database. */
export interface JobCall<Name extends JobName = JobName> {
  file: string;
  name: Name;
  input: JobInput<Name>;
}
