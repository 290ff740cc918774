// Records: decisions, reports, sheets, and what changed since.
export { driveInWords, plateList } from './brief-in-words.js';
export { cardHtml } from './card-html.js';
export { cardMarkdown } from './card-markdown.js';
export { cardAmounts, cardDoubts, cardRecord, cardStages } from './card-words.js';
export { printCard, type CardLesson, type PrintCard } from './card.js';
export { choiceDoubts } from './choice-doubts.js';
export { chooserSheet, chooserWords } from './chooser-sheet.js';
export { decide, type DecisionGround } from './decide.js';
export { DecisionInput } from './decision-input.js';
export { premisedCandidates } from './premises.js';
export { expectedGrams, expectedMinutes, printOfCard } from './print-of-card.js';
export { recordDrift, type RecordDrift } from './record-drift.js';
export { recordHtml } from './record-html.js';
export { recordMarkdown } from './record-markdown.js';
export type { DecisionRecord } from './record.js';
export { sheetHtml, sheetMarkdown, type Sheet } from './sheet.js';
