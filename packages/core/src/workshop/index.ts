// The workshop: printers, shelf, settings, what is allowed and what was learnt here.
export { allowedOf, isAllowed } from './allowed.js';
export { Gauge, GaugeSize, gaugeMm, usualGaugeSizes } from './gauge.js';
export { familiesHere } from './here.js';
export { ledgerProblems } from './ledger-problems.js';
export { FamilyStrength, ModelScales, isUnscaled, type ScaleName } from './model-scales.js';
export { OwnPlate } from './own-plate.js';
export { printerPresets, type MachineKind } from './presets.js';
export { PrintRates } from './print-rates.js';
export { PrinterRecord } from './printer-record.js';
export { proposedStrength } from './proposed-strength.js';
export { purchaseName, upgrades, type UpgradeKind } from './purchases.js';
export { shelfMaterials, spoolToUse, withShelf, type ShelfAir, type ShelfMaterial } from './shelf.js';
export { unsaidSettings, USUAL_RATES } from './unsaid.js';
export { WarpBar, warpBarMm } from './warp-bar.js';
