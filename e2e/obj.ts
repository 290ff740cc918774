/** A shape as an OBJ file that a page takes: its corners "x y z", mm, and its faces by the numbers of their corners. */
export function objFile(
  name: string,
  corners: readonly string[],
  faces: readonly string[],
): { name: string; mimeType: string; buffer: Buffer } {
  const lines = [...corners.map(c => `v ${c}`), ...faces.map(f => `f ${f}`)];
  return { name, mimeType: 'model/obj', buffer: Buffer.from(lines.join('\n')) };
}
