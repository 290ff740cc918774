/**
 * Text of a file in UTF-8 (with or without its mark), UTF-16 with its mark, or else Windows Latin, as
 * spreadsheets save it.
 * @returns the text, and a note where it was not plain UTF-8
 */
export function decodeText(bytes: Uint8Array): { text: string; note: string | null } {
  const mark = ((bytes[0] ?? 0) << 8) | (bytes[1] ?? 0);
  if (mark === 0xfffe || mark === 0xfeff)
    return {
      text: new TextDecoder(mark === 0xfffe ? 'utf-16le' : 'utf-16be').decode(bytes),
      note: 'Read as UTF-16.',
    };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), note: null };
  } catch {
    return {
      text: new TextDecoder('windows-1252').decode(bytes),
      note: 'This is not UTF-8; it was read as Western European (Windows Latin). Check accented letters.',
    };
  }
}
