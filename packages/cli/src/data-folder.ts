import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Where the project's packages are. */
export const root = resolve(dirname(fileURLToPath(import.meta.url)), '../../..');

/** The data folder: as it is given, else the project's own. */
export function dataFolder(given: string | undefined): string {
  return resolve(given ?? join(root, 'data'));
}
