import { basename } from 'node:path';
import { parseBrief } from '@hornblende/core/brief';
import type { Weather } from '@hornblende/core/climate';
import { parsePrinter, parseSpool, type Brief, type Grade, type Printer } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import { materialFinder } from '@hornblende/core/materials';
import { shelfMaterials, type ShelfMaterial } from '@hornblende/core/workshop';
import { readWeatherFile } from '@hornblende/core/weather';
import { readGradesFile } from './read-grades.js';
import { readJson, readText } from './read-json.js';

/** The files that a ranking or a decision rests on. */
export interface GroundOptions {
  printer?: string;
  weather?: string;
  grades?: string;
  spools?: string;
  humidity: number;
}

/** What those files say, but for a brief. */
export interface Surroundings {
  printer: Printer | null;
  weather: Weather | null;
  grades: Grade[];
  /** What is on the shelf, as it is now. */
  shelf: ShelfMaterial[];
}

/** What they say with a brief. `given` is the brief as it stood in its file. */
export interface Ground extends Surroundings {
  brief: Brief;
  given: unknown;
}

/** Reads a brief and what goes with it; notes on the weather go to standard error. @throws InputError */
export function ground(file: string, o: GroundOptions): Ground {
  const given = readJson(file);
  const brief = parseBrief(given);
  const around = surroundings(o);
  if (around.weather && brief.heat.climate === null) brief.heat.climate = 'own';
  return { brief, given, ...around };
}

/** Reads what a ranking rests on beside a brief; notes on the weather go to standard error. @throws InputError */
export function surroundings(o: GroundOptions): Surroundings {
  const printer = o.printer ? parsePrinter(readJson(o.printer)) : null;
  const read = o.weather ? readWeatherFile(basename(o.weather), readText(o.weather)) : null;
  for (const note of read?.notes ?? []) process.stderr.write(`${note}\n`);
  const weather = read?.weather ?? null;
  const grades = o.grades ? readGradesFile(o.grades).filter(g => !g.archived) : [];
  return { printer, weather, grades, shelf: o.spools ? shelfOf(o.spools, grades, printer, o) : [] };
}

/** The filaments of a list of spools, each by the spool that would be used. @throws InputError */
function shelfOf(
  file: string,
  grades: readonly Grade[],
  printer: Printer | null,
  { humidity }: GroundOptions,
): ShelfMaterial[] {
  const list = readJson(file);
  if (!Array.isArray(list))
    throw new InputError([{ field: 'spools', value: file, message: 'must hold a list of spools' }]);
  return shelfMaterials(
    list.map(plain => parseSpool(plain)),
    materialFinder(grades),
    { now: new Date().toISOString(), rhPct: humidity, dryerMaxC: printer?.dryerMaxC ?? null },
  );
}
