import { readGcode, type GcodeReport } from '@hornblende/core/print';

/** Reads a program's file of a print: how long it takes and what goes in. @throws InputError */
export function run({ bytes }: { bytes: Uint8Array }): GcodeReport {
  return readGcode(new TextDecoder().decode(bytes));
}
