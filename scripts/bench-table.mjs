// What `npm run bench` found, in one table: measured beside a yardstick of the same run, and what is wanted.

const rows = [];

/**
 * Adds a row.
 * @param what what was measured; @param value how much, in `unit`
 * @param beside the yardstick of the same run, in words; @param ratio value over yardstick, or null where it is none
 * @param wanted the most that is wanted; @param of whether that is said of the ratio or of the value itself
 */
export function found({ what, value, unit = 'ms', beside = '', ratio = null, wanted = null, of = 'value' }) {
  const measured = of === 'ratio' ? ratio : value;
  rows.push({
    what,
    measured: `${round(value)} ${unit}`,
    beside,
    ratio: ratio === null ? '' : `${round(ratio)} ×`,
    wanted: wanted === null ? '' : `under ${wanted}${of === 'ratio' ? ' ×' : ` ${unit}`}`,
    holds: wanted === null ? '' : measured < wanted ? 'holds' : 'MISSED',
  });
}

function round(x) {
  return x >= 100 ? x.toFixed(0) : x.toPrecision(3);
}

/** Prints all of it, columns one under the other. */
export function printTable() {
  const columns = ['what', 'measured', 'beside', 'ratio', 'wanted', 'holds'];
  const widths = columns.map(c => Math.max(c.length, ...rows.map(r => r[c].length)));
  const line = of => columns.map((c, n) => of(c).padEnd(widths[n])).join('  ');
  console.log(line(c => c));
  console.log(widths.map(w => '-'.repeat(w)).join('  '));
  for (const r of rows) console.log(line(c => r[c]).trimEnd());
  const missed = rows.filter(r => r.holds === 'MISSED').length;
  console.log(
    `\n${rows.length} measured, ${missed} over what is wanted. Milliseconds are this machine's; ratios are not.`,
  );
}
