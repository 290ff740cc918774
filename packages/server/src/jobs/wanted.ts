// A flag that both sides of a job see: whoever asked may go away while it writes, and then nothing is kept.

/** A flag that says: still wanted. */
export function wantedFlag(): SharedArrayBuffer {
  return new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT);
}

/** Says that the work is no longer wanted. */
export function drop(flag: SharedArrayBuffer): void {
  Atomics.store(new Int32Array(flag), 0, 1);
}

/** Whether the work is still wanted. */
export function isWanted(flag: SharedArrayBuffer): boolean {
  return Atomics.load(new Int32Array(flag), 0) === 0;
}
