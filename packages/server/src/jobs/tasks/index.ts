import type { MessagePort } from 'node:worker_threads';

/** Everything that threads know how to do, by name. A thread loads what it is asked for, when it is first asked. */
export const tasks = {
  calculateModel: () => import('./compute.js').then(m => m.calculateModel),
  rankBrief: () => import('./compute.js').then(m => m.rankBrief),
  listCoupons: () => import('./coupons.js').then(m => m.listCoupons),
  writeCoupon: () => import('./coupons.js').then(m => m.writeCoupon),
  writePlate: () => import('./coupons.js').then(m => m.writePlate),
  workOutDecision: () => import('./decisions.js').then(m => m.workOutDecision),
  decisionDrift: () => import('./decisions.js').then(m => m.decisionDrift),
  decisionReport: () => import('./decisions.js').then(m => m.decisionReport),
  layOutDemo: () => import('./demo.js').then(m => m.layOutDemo),
  stressOnShape: () => import('./fields.js').then(m => m.stressOnShape),
  warpOfShape: () => import('./fields.js').then(m => m.warpOfShape),
  exportGrades: () => import('./grades.js').then(m => m.exportGrades),
  importGrades: () => import('./grades.js').then(m => m.importGrades),
  undoImport: () => import('./grades.js').then(m => m.undoImport),
  listDocuments: () => import('./lists.js').then(m => m.listDocuments),
  listParts: () => import('./lists.js').then(m => m.listParts),
  listVersions: () => import('./lists.js').then(m => m.listVersions),
  listDecisions: () => import('./lists.js').then(m => m.listDecisions),
  listDrillAnswers: () => import('./lists.js').then(m => m.listDrillAnswers),
  listWeathers: () => import('./lists.js').then(m => m.listWeathers),
  search: () => import('./search.js').then(m => m.search),
  listPlacements: () => import('./service.js').then(m => m.listPlacements),
  listInspections: () => import('./service.js').then(m => m.listInspections),
  listHappened: () => import('./service.js').then(m => m.listHappened),
  happenedToPart: () => import('./service.js').then(m => m.happenedToPart),
  serviceEvidence: () => import('./service.js').then(m => m.serviceEvidence),
  keepService: () => import('./service.js').then(m => m.keepService),
  importPlaced: () => import('./placed-import.js').then(m => m.importPlaced),
  undoPlaced: () => import('./placed-import.js').then(m => m.undoPlaced),
  calendar: () => import('./service.js').then(m => m.calendar),
  serviceTable: () => import('./service.js').then(m => m.serviceTable),
  lookForDamage: () => import('./keeping.js').then(m => m.lookForDamage),
  forgetPhotos: () => import('./keeping.js').then(m => m.forgetPhotos),
  damageOfFile: () => import('./keeping.js').then(m => m.damageOfFile),
  verifyWorkshop: () => import('./keeping.js').then(m => m.verifyWorkshop),
  copyPhotosTo: () => import('./keeping.js').then(m => m.copyPhotosTo),
  sweepPhotoCopies: () => import('./keeping.js').then(m => m.sweepPhotoCopies),
  prepareRestore: () => import('./keeping.js').then(m => m.prepareRestore),
  copyDatabase: () => import('./keeping.js').then(m => m.copyDatabase),
  inspectFile: () => import('./keeping.js').then(m => m.inspectFile),
  writeArchive: () => import('./archive.js').then(m => m.writeArchive),
  previewArchive: () => import('./archive.js').then(m => m.previewArchive),
  importArchive: () => import('./archive.js').then(m => m.importArchive),
  undoArchive: () => import('./archive.js').then(m => m.undoArchive),
};

/** The name of a task. */
export type JobName = keyof typeof tasks;
type TaskOf<Name extends JobName> = Awaited<ReturnType<(typeof tasks)[Name]>>;
/** What a task is given. */
export type JobInput<Name extends JobName> = Parameters<TaskOf<Name>['run']>[1];
/** What a task gives. */
export type JobOutput<Name extends JobName> = Awaited<ReturnType<TaskOf<Name>['run']>>;

/** What one thread is told to do, on which database. */
export interface JobCall<Name extends JobName = JobName> {
  file: string;
  name: Name;
  input: JobInput<Name>;
  /** Where it says how far it is; none where nobody listens. */
  port?: MessagePort;
}
