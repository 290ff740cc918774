import {
  weighUpgrades,
  type Weather,
  type WorkshopUpgradesInput,
  type WorkshopUpgradesResult,
} from '@hornblende/core';

export interface UpgradesQuestion {
  input: WorkshopUpgradesInput;
  weathers: (Weather | null)[];
}
export type UpgradesAnswer =
  { done: number; total: number } | { result: WorkshopUpgradesResult } | { failed: string };

/** Weighs every affordable set of upgrades over the open parts. */
self.onmessage = (e: MessageEvent<UpgradesQuestion>) => {
  try {
    const result = weighUpgrades(e.data.input, {
      weathers: e.data.weathers,
      progress: (done, total) => {
        if (done % 8 === 0 || done === total) self.postMessage({ done, total } satisfies UpgradesAnswer);
      },
    });
    self.postMessage({ result } satisfies UpgradesAnswer);
  } catch (error) {
    self.postMessage({ failed: (error as Error).message } satisfies UpgradesAnswer);
  }
};
