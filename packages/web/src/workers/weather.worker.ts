import { InputError } from '@hornblende/core';
import { readWeatherFile, type ReadWeather } from '@hornblende/core/weather';

export type WeatherAnswer = { read: ReadWeather } | { problems: string[] };

/** Reads a weather file off the main thread. */
self.onmessage = async (e: MessageEvent<File>) => {
  let answer: WeatherAnswer;
  try {
    answer = { read: readWeatherFile(e.data.name, await e.data.text()) };
  } catch (err) {
    answer = {
      problems:
        err instanceof InputError
          ? err.problems.map(
              p =>
                `${p.field}: ${typeof p.value === 'string' ? p.value : JSON.stringify(p.value)} ${p.message}`,
            )
          : [(err as Error).message],
    };
  }
  self.postMessage(answer);
};
