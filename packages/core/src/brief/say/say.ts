import { InputError } from '../../input/parse.js';
import type { Brief } from '../brief.js';
import { parseBrief } from '../parse-brief.js';
import { readCounts, readHardness, readMoney, readSizes } from './figures.js';
import { sayings } from './sayings.js';
import { loadsOf, readLoads } from './loads.js';
import { capital, Reading, type Understood } from './reading.js';
import { readTemperatures } from './temperatures.js';
import { readTimes } from './times.js';

/** A sentence as it was understood. */
export interface Said {
  brief: Brief;
  understood: Understood[];
  /** What was not understood, in the words that it was said in. */
  unclear: string[];
}

/** The same with the fields alone that were said: what a part begins with. */
export interface SaidFields extends Omit<Said, 'brief'> {
  given: Record<string, unknown>;
}

/** What a sentence is read with. */
export interface SayOptions {
  /** The workshop’s printers, to find the one that is named. */
  printers?: readonly { id: string; name: string }[];
}

/**
 * Reads a sentence that says what a part is for into a brief, word by word, by a lexicon: "hook outside in the sun,
 * 3 kg on a 60 mm arm, ten years, white". What it does not understand it says.
 * @example say('gasket, 80 to 90 A, in the rain').understood // shoreA [80, 90], water rain, …
 */
export function say(sentence: string, options: SayOptions = {}): Said {
  const { given, understood, unclear } = sayFields(sentence, options);
  return { brief: parseBrief(given), understood, unclear };
}

/** The same as the fields that were said, for a brief to begin with. */
export function sayFields(sentence: string, options: SayOptions = {}): SaidFields {
  const r = new Reading(sentence);
  readPrinter(r, options);
  readSizes(r);
  readHardness(r);
  readTemperatures(r);
  readCounts(r);
  readMoney(r);
  const name = readNoun(r);
  readSayings(r);
  readTimes(r);
  readLoads(r);
  r.blankNouns();
  const loads = loadsOf(r);
  const brief = {
    ...r.plain,
    format: 'hornblende-brief',
    version: 1,
    name: name ?? nameFrom(sentence),
    ...(loads.length ? { loads } : {}),
  };
  return valid(brief, r);
}

function readPrinter(r: Reading, { printers = [] }: SayOptions): void {
  r.each('(?:on|with|by) (?:the|my|our) ((?:[\\w-]+ ){0,4}?)(?:3d )?(?:printer|machine)', m => {
    const words = (m[1] ?? '').trim().split(/\s+/).filter(Boolean);
    if (!words.length) return null;
    // Where no printers are known what was said stands for itself.
    if (!printers.length) return [['printer', words.join(' ')]];
    const found = printers.filter(p => words.every(w => p.name.toLowerCase().includes(w)));
    return found.length === 1 ? [['printer', found[0]!.id]] : null;
  });
}

function readSayings(r: Reading): void {
  const implied: { text: string; at: number; field: string; value: unknown }[] = [];
  for (const { said, field, value, implies = [] } of sayings)
    r.each(said, m => {
      for (const [other, follows] of implies)
        implied.push({ text: m[0].trim(), at: m.index, field: other, value: follows });
      return [r.set(field, value)];
    });
  // Whatever else is said of it comes first, wherever in the sentence it stands.
  for (const follows of implied) if (!r.has(follows.field)) r.imply(follows);
}

/** What a part is called: the first words of the sentence that name one. */
function readNoun(r: Reading): string | null {
  const noun = r.firstNoun();
  if (!noun) return null;
  r.nounCase = noun.loadCase;
  r.understood.push({ text: noun.text, field: 'name', value: capital(noun.text.trim()), at: noun.at });
  return capital(noun.text.trim());
}

/** A name of the first words, where no part is named. */
function nameFrom(sentence: string): string {
  const words = sentence
    .trim()
    .split(/[\s,;]+/)
    .filter(Boolean)
    .slice(0, 4)
    .join(' ');
  return capital(words.slice(0, 120)) || 'A part';
}

/** The brief as it can be used: what is out of its limits is told as not understood. */
function valid(plain: Record<string, unknown>, r: Reading): SaidFields {
  const heat = plain.heat as Record<string, unknown> | undefined;
  if (heat?.setting === 'near-source' && heat.sourceC === undefined)
    Object.assign(heat, { sourceC: 60, assumed: ['sourceC'] });
  const understood = r.understood.sort((a, b) => a.at - b.at);
  // What was said of a load where there is none in the end fills nothing.
  const refused = new Set(
    plain.loads ? [] : understood.map(u => u.field).filter(field => field.startsWith('loads.')),
  );
  for (let tries = 0; tries < 10; tries++)
    try {
      parseBrief(plain);
      return {
        given: plain,
        understood: understood
          .filter(u => !refused.has(u.field))
          .map(({ text, field, value }) => ({ text, field, value: finalOf(plain, field) ?? value })),
        unclear: [...new Set(understood.filter(u => refused.has(u.field)).map(u => u.text)), ...r.unclear()],
      };
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
      for (const { field } of e.problems) {
        refused.add(field.replace(/\[(\d+)\]/g, '.$1'));
        drop(plain, field.replace(/\[(\d+)\]/g, '.$1').split('.'));
      }
    }
  const { format, version, name } = plain;
  return { given: { format, version, name }, understood: [], unclear: [] };
}

/** What stands in a field in the end: of two things that were said of one, one counts. */
function finalOf(plain: Record<string, unknown>, field: string): unknown {
  if (field === 'contact.chemicals' || field === 'looks.wishes' || field === 'printer') return undefined;
  return field
    .split('.')
    .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], plain);
}

/** Takes a field out of a plain object; a load goes whole, for half of one says nothing. */
function drop(plain: Record<string, unknown>, path: readonly string[]): void {
  if (path[0] === 'loads') {
    delete plain.loads;
    return;
  }
  let at = plain;
  for (const key of path.slice(0, -1)) at = (at[key] ?? {}) as Record<string, unknown>;
  delete at[path.at(-1)!];
}
