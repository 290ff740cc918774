/** Bytes that lie together in memory, in pieces of this length. */
const PIECE = 1 << 20;

/**
 * Small pieces of bytes gathered into large ones: hundreds of thousands of them, each an object of its own, would
 * take far more memory than their bytes.
 */
export class GatheredBytes {
  private readonly full: Uint8Array[] = [];
  private piece = new Uint8Array(0);
  private used = 0;

  add(bytes: Uint8Array): void {
    if (bytes.length > this.piece.length - this.used) {
      this.full.push(this.piece.subarray(0, this.used));
      this.piece = new Uint8Array(Math.max(PIECE, bytes.length));
      this.used = 0;
    }
    this.piece.set(bytes, this.used);
    this.used += bytes.length;
  }

  /** What was added, one piece after the other. */
  pieces(): Uint8Array[] {
    return [...this.full, this.piece.subarray(0, this.used)];
  }
}
