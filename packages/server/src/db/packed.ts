import { brotliCompressSync, brotliDecompressSync, constants } from 'node:zlib';

/** Good packing of a third of a megabyte in some ten milliseconds. */
const QUALITY = 5;

/** A text packed. */
export function packed(text: string): Buffer {
  return brotliCompressSync(text, {
    params: {
      [constants.BROTLI_PARAM_QUALITY]: QUALITY,
      [constants.BROTLI_PARAM_MODE]: constants.BROTLI_MODE_TEXT,
    },
  });
}

/** The text of what was packed. */
export function unpackedText(data: Uint8Array): string {
  return brotliDecompressSync(data).toString();
}
