/** A node on the plate. */
export interface FootNode {
  node: number;
  x: number;
  y: number;
}

/** Two neighbouring hull corners that turn less than this are one edge, as a sine. */
const STRAIGHT = Math.sin((10 * Math.PI) / 180);

/** The corners of the convex outline of what stands on the plate, counter-clockwise (Andrew’s monotone chain). */
export function outlineOf(foot: readonly FootNode[]): FootNode[] {
  const sorted = [...foot].sort((p, q) => p.x - q.x || p.y - q.y);
  const turn = (o: FootNode, a: FootNode, b: FootNode): number =>
    (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
  const chain = (nodes: readonly FootNode[]): FootNode[] => {
    const kept: FootNode[] = [];
    for (const n of nodes) {
      while (kept.length > 1 && turn(kept.at(-2)!, kept.at(-1)!, n) <= 0) kept.pop();
      kept.push(n);
    }
    return kept.slice(0, -1);
  };
  const hull = [...chain(sorted), ...chain(sorted.reverse())];
  if (hull.length <= 4) return hull;
  // A round foot has many short sides: only clear corners part its edges.
  const corners = hull.filter((n, i) => {
    const before = hull.at(i - 1)!;
    const after = hull[(i + 1) % hull.length]!;
    const lengths = Math.hypot(n.x - before.x, n.y - before.y) * Math.hypot(after.x - n.x, after.y - n.y);
    return turn(before, n, after) > STRAIGHT * lengths;
  });
  return corners.length >= 3 ? corners : hull;
}

/** An edge of the outline, and the nodes that lie along it in order, with how far along each is, 0 to 1. */
export interface FootEdge {
  from: FootNode;
  to: FootNode;
  lengthMm: number;
  along: { node: FootNode; share: number }[];
}

/** The edges of an outline that are worth telling, with what lies along them. @param nearMm half a cell or so */
export function edgesOf(corners: readonly FootNode[], foot: readonly FootNode[], nearMm: number): FootEdge[] {
  return corners.map((from, i) => {
    const to = corners[(i + 1) % corners.length]!;
    const lengthMm = Math.hypot(to.x - from.x, to.y - from.y);
    const along = foot
      .map(node => ({
        node,
        share: ((node.x - from.x) * (to.x - from.x) + (node.y - from.y) * (to.y - from.y)) / lengthMm ** 2,
        off: Math.abs((node.x - from.x) * (to.y - from.y) - (node.y - from.y) * (to.x - from.x)) / lengthMm,
      }))
      .filter(p => p.off <= nearMm && p.share >= -1e-9 && p.share <= 1 + 1e-9)
      .sort((p, q) => p.share - q.share)
      .map(({ node, share }) => ({ node, share }));
    return { from, to, lengthMm, along };
  });
}
