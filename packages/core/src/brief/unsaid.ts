/** Fields that say what a document is, not what a part must survive. */
const identity: ReadonlySet<string> = new Set(['format', 'version', 'name', 'filledIn']);

/** Fields of a brief that a kind of part may fill in before anybody has said them. */
export const fillable = [
  'purpose',
  'lifeYears',
  'ifItFails',
  'geometry',
  'loads',
  'heat',
  'sun',
  'water',
  'mustFloat',
  'contact',
  'flex',
  'looks',
  'wear',
  'electrical',
  'seal',
  'print',
  'toleranceMm',
  'quantity',
] as const;

/** A field that a kind of part may fill in. */
export type Fillable = (typeof fillable)[number];

/** What a brief opens with, by key. */
export type OpeningQuestion = 'failing' | 'place' | 'sun' | 'water' | 'load';

/** The questions that a brief opens with, and the fields that answer each. */
const openings: readonly { unknown: string; fields: readonly Fillable[] }[] = [
  { unknown: 'what it is and what happens if it fails', fields: ['purpose', 'ifItFails', 'lifeYears'] },
  { unknown: 'where it lives', fields: ['heat', 'sun', 'water'] },
  { unknown: 'what it carries', fields: ['loads'] },
  { unknown: 'whether it bends', fields: ['flex'] },
  { unknown: 'how large it is', fields: ['geometry'] },
];

/** Whether a brief says nothing yet but its name: no ranking of it means anything. @param given before defaults */
export function isUntouched(given: object): boolean {
  return Object.keys(given).every(field => identity.has(field));
}

/** What a brief leaves open of the questions it opens with, in words. @param given before defaults */
export function stillUnknown(given: object): string[] {
  return openings.filter(q => !q.fields.some(f => f in given)).map(q => q.unknown);
}

/** A brief before its defaults, as far as its opening questions go. */
interface Given {
  purpose?: unknown;
  ifItFails?: unknown;
  lifeYears?: unknown;
  sun?: unknown;
  water?: unknown;
  loads?: unknown;
  heat?: { setting?: unknown; climate?: unknown };
}

/**
 * Which of the opening questions that may decide nobody has answered. Indoors answers sun and water as well; near a
 * source or at a temperature of its own the sun is no question.
 * @param given the brief before defaults
 * @param filledIn what a kind of part filled in: that is no answer
 */
export function unanswered(given: object, filledIn: readonly Fillable[] = []): OpeningQuestion[] {
  const kind = new Set<string>(filledIn);
  const said = Object.fromEntries(Object.entries(given).filter(([field]) => !kind.has(field))) as Given;
  const setting = said.heat?.setting ?? (said.heat?.climate ? 'outdoors' : undefined);
  const answers: Record<OpeningQuestion, boolean> = {
    failing: 'purpose' in said || 'ifItFails' in said || 'lifeYears' in said,
    place: setting !== undefined,
    sun: 'sun' in said || (setting !== undefined && setting !== 'outdoors' && setting !== 'closed-vehicle'),
    water: 'water' in said || setting === 'indoors' || setting === 'closed-vehicle',
    load: 'loads' in said,
  };
  return (Object.keys(answers) as OpeningQuestion[]).filter(id => !answers[id]);
}
