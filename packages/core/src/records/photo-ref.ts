import { Text } from '../input/fields.js';
import type { Problem } from '../input/parse.js';

/** A photograph, kept under the hash of its bytes. */
export class PhotoRef {
  @Text({ maxLength: 64, doc: 'SHA-256 of the file, in hexadecimal.' }) sha256!: string;
  @Text({ maxLength: 120, optional: true, allowEmpty: true, doc: 'What it shows; default nothing.' })
  caption = '';
}

/** What is wrong with references to photographs. */
export function photoProblems(photos: readonly PhotoRef[]): Problem[] {
  return photos.flatMap(({ sha256 }, n) =>
    /^[0-9a-f]{64}$/.test(sha256)
      ? []
      : [{ field: `photos[${n}].sha256`, value: sha256, message: 'must be 64 hexadecimal figures' }],
  );
}
