import { computed, shallowReactive } from 'vue';

/** What lists are called where they say that something of them was left out, by their addresses. */
const listNames: Readonly<Record<string, [one: string, several: string]>> = {
  parts: ['part', 'parts'],
  printers: ['printer', 'printers'],
  grades: ['grade', 'grades'],
  spools: ['spool', 'spools'],
  prints: ['print of the log', 'prints of the log'],
  trials: ['trial', 'trials'],
  faults: ['fault', 'faults'],
  placements: ['part in service', 'parts in service'],
  inspections: ['look', 'looks'],
  maps: ['map', 'maps'],
  weathers: ['year of weather', 'years of weather'],
  versions: ['version of a brief', 'versions of a brief'],
  decisions: ['decision', 'decisions'],
  answers: ['answer to a drill', 'answers to drills'],
};

/** Rows that were damaged and left out of a list when it was last read, by the list's address. */
const leftOut = shallowReactive(new Map<string, number>());

/** Notes how many rows of a list were left out. @param path its address below /api */
export function noteLeftOut(path: string, rows: number): void {
  const list = path.replace(/\?.*$/, '');
  if (rows > 0) leftOut.set(list, rows);
  else leftOut.delete(list);
}

/** What was left out of the lists that were read, in words: "2 spools, 1 part"; empty where nothing was. */
export const leftOutWords = computed(() =>
  [...leftOut]
    .map(([path, rows]) => {
      const [one, several] = listNames[path.split('/').at(-1) ?? ''] ?? ['record', 'records'];
      return `${rows} ${rows === 1 ? one : several}`;
    })
    .join(', '),
);
