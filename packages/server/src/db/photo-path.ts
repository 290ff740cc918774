import { dirname, join } from 'node:path';

/** The folder that a database's photographs stand in, beside it. */
export function photoFolder(databaseFile: string): string {
  return join(dirname(databaseFile), 'photos');
}

/** The path of a photograph, in a folder by its first two figures. */
export function photoPath(folder: string, { sha256, type }: { sha256: string; type: string }): string {
  return join(folder, sha256.slice(0, 2), `${sha256}.${type === 'image/png' ? 'png' : 'jpg'}`);
}

/** The path of a photograph inside its folder. */
export function pathInFolder(photo: { sha256: string; type: string }): string {
  return photoPath('', photo);
}
