// Advice: what would help, what to reach for, how near to failing.
export { withPrice } from './change-premises.js';
export { changeEffects, type ChangeEffect } from './changes.js';
export { chooserBrief, chooserNeeds, type ChooserNeed } from './chooser-needs.js';
export { chooserCell, type ChooserCell, type ChooserPick } from './chooser.js';
export { compareTwo } from './compare-two.js';
export { ALL_GRADES, contenders } from './contenders.js';
export { inferWeights, tradeQuestions, type TradeAnswer } from './elicit.js';
export { familyCard } from './family-card.js';
export { favouriteTip, favouriteWords, type FavouriteTip } from './favourite.js';
export { firstMachines, type FirstMachine, type UnprintedPart } from './first-machines.js';
export { fitCheck, type CheckPrint } from './fit-check.js';
export type { LayVerdict, ShapeLay } from './lay-verdict.js';
export { easierLay, layChoices, layVerdicts, type LayChoice } from './lay-verdicts.js';
export { liftAtPlace } from './lift-at-place.js';
export { gradesEffect, measuringEffect } from './measuring-effect.js';
export { needsOf } from './needs.js';
export {
  isProvisional,
  openQuestions,
  provisionalReasons,
  provisionalWords,
  type Provisional,
} from './open-questions.js';
export { askedOfAny, askedWords, otherwise } from './otherwise.js';
export { relaxations, type NothingFits } from './relax.js';
export { rulers, type Ruler, type RulerBar } from './rulers.js';
export { schoolViews, type SchoolView } from './schools.js';
export {
  briefWithSettings,
  settingsToTry,
  settingsTrade,
  wallsAgainstInfill,
  type SettingsPoint,
} from './settings-trade.js';
export { tipping, type Tip } from './tipping.js';
export { upgradeHints, type UpgradeHint } from './upgrade-hints.js';
export {
  WorkshopUpgradesInput,
  type MachineOrUpgrades,
  type UpgradeOption,
  type WorkshopUpgradesResult,
} from './upgrade-input.js';
export { UpgradeStandings } from './upgrade-standings.js';
export { weighUpgrades } from './upgrades.js';
export { warpInAirs, type WarpInAir } from './warp-airs.js';
export { filamentMitigations, warpMitigationsFor } from './warp-mitigations.js';
export {
  liftsFromMm,
  warpOutcome,
  warpSentence,
  warpSetup,
  type WarpOutcome,
  type WarpSetup,
} from './warp-outcome.js';
export { cheapestRemedy, warpRemedies, type WarpRemedy } from './warp-remedies.js';
