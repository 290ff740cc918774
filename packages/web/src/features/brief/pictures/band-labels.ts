/** A level with the names that share it. */
export interface BandLabel {
  at: number;
  text: string;
}

/**
 * Labels of levels that a chart's reader can tell apart: those nearer to each other than `apart` share one line.
 * @param levels names with where they stand, in the axis's units
 * @param write the figure as it is shown
 */
export function bandLabels(
  levels: readonly { name: string; at: number }[],
  apart: number,
  write: (at: number) => string,
): BandLabel[] {
  const groups: { name: string; at: number }[][] = [];
  for (const level of [...levels].sort((a, b) => b.at - a.at)) {
    const last = groups.at(-1);
    const near = last?.[0] && last[0].at - level.at < apart;
    if (near) last.push(level);
    else groups.push([level]);
  }
  return groups.map(group => ({ at: group[0]!.at, text: line(group, write) }));
}

function line(group: readonly { name: string; at: number }[], write: (at: number) => string): string {
  const figures = new Set(group.map(l => write(l.at)));
  if (group.length === 1 || figures.size > 1)
    return group.map((l, i) => `${l.name} ${i === 0 ? 'bears ' : ''}${write(l.at)}`).join(', ');
  return `${group.map(l => l.name).join(', ')} bear ${write(group[0]!.at)}`;
}
