import { InputError, problemLine } from '@hornblende/core/input';
import { readWeatherFile } from '@hornblende/core/weather';

/** Weather as it was read, or what is wrong with the file. */
export type WeatherAnswer = { read: ReturnType<typeof readWeatherFile> } | { problems: string[] };

/** Reads a weather file. */
export async function run(file: File): Promise<WeatherAnswer> {
  try {
    return { read: readWeatherFile(file.name, await file.text()) };
  } catch (e) {
    if (e instanceof InputError) return { problems: e.problems.map(problemLine) };
    throw e;
  }
}
