/** The questions that a brief opens with, and the fields that answer each. */
const questions: readonly { unknown: string; fields: readonly string[] }[] = [
  { unknown: 'what it is and what happens if it fails', fields: ['purpose', 'ifItFails', 'lifeYears'] },
  { unknown: 'where it lives', fields: ['heat', 'sun', 'water'] },
  { unknown: 'what it carries', fields: ['loads'] },
  { unknown: 'whether it bends', fields: ['flex'] },
  { unknown: 'how large it is', fields: ['geometry'] },
];

/** Fields that say what a document is, not what a part must survive. */
const identity: ReadonlySet<string> = new Set(['format', 'version', 'name']);

/** Whether a brief says nothing yet but its name: no ranking of it means anything. @param given before defaults */
export function isUntouched(given: object): boolean {
  return Object.keys(given).every(field => identity.has(field));
}

/** What a brief leaves open of the questions it opens with, in words. @param given before defaults */
export function stillUnknown(given: object): string[] {
  return questions.filter(q => !q.fields.some(f => f in given)).map(q => q.unknown);
}
