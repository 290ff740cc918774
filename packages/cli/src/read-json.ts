import { readFileSync } from 'node:fs';
import { InputError } from '@hornblende/core/input';

/** Reads text from a file, or from standard input for "-". @throws InputError when it cannot be read */
export function readText(file: string): string {
  return readBytes(file).toString('utf8');
}

/** Reads a file, or standard input for "-". @throws InputError when it cannot be read */
export function readBytes(file: string): Buffer {
  try {
    return readFileSync(file === '-' ? 0 : file);
  } catch (e) {
    const { code } = e as NodeJS.ErrnoException;
    throw new InputError([
      {
        field: 'file',
        value: file,
        message: code === 'ENOENT' ? 'does not exist' : `cannot be read (${code ?? 'unknown'})`,
      },
    ]);
  }
}

/** Reads JSON from a file, or from standard input for "-". @throws InputError when it cannot be read or is not JSON */
export function readJson(file: string): unknown {
  const text = readText(file);
  try {
    return JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (e) {
    throw new InputError([{ field: 'file', value: file, message: `is not JSON: ${(e as Error).message}` }]);
  }
}
