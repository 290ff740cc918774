import { cellPlace, type CellGrid } from './grid.js';

/** Which piece each cell belongs to: cells hang together through their faces. −1 where nothing is. */
export function piecesOf({ counts, filled }: CellGrid): { piece: Int32Array; count: number } {
  const [nx, ny, nz] = counts;
  const piece = new Int32Array(filled.length).fill(-1);
  let count = 0;
  for (let seed = 0; seed < filled.length; seed++) {
    if (filled[seed] === 0 || piece[seed]! >= 0) continue;
    const queue = [seed];
    piece[seed] = count;
    for (let c = queue.pop(); c !== undefined; c = queue.pop()) {
      const [i, j, k] = cellPlace(c, counts);
      const about = [
        i > 0 ? c - 1 : -1,
        i < nx - 1 ? c + 1 : -1,
        j > 0 ? c - nx : -1,
        j < ny - 1 ? c + nx : -1,
        k > 0 ? c - nx * ny : -1,
        k < nz - 1 ? c + nx * ny : -1,
      ];
      for (const next of about)
        if (next >= 0 && filled[next]! > 0 && piece[next]! < 0) {
          piece[next] = count;
          queue.push(next);
        }
    }
    count++;
  }
  return { piece, count };
}
