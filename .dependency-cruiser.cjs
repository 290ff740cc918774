/**
 * Arrows of import. Inside core each room may reach those listed before it, never those after it, and nothing may go
 * round in a circle, types included.
 */
const coreRooms = [
  ['lib', 'palette\\.ts'],
  ['input'],
  ['units', 'materials', 'climate', 'geometry'],
  ['models'],
  ['brief', 'workshop'],
  ['print'],
  ['score'],
  ['advice'],
  ['records'],
  ['trials', 'service', 'triage', 'drills'],
];

/** A room may not reach a room of a later row. */
const downwards = coreRooms.flatMap((row, i) =>
  row.map(room => ({
    name: `core-${room}-downwards`,
    severity: 'error',
    from: { path: `^packages/core/src/${room}/` },
    to: {
      path: `^packages/core/src/(${[...coreRooms.slice(i + 1).flat(), 'registry\\.ts', 'api\\.ts', 'index\\.ts'].join('|')})`,
    },
  })),
);

/** Packages import only downwards; e2e imports nothing of ours. */
const packages = [
  ['core', 'server|web|cli'],
  ['server', 'web|cli'],
  ['web', 'server|cli'],
  ['cli', 'web'],
].map(([from, to]) => ({
  name: `${from}-downwards`,
  severity: 'error',
  from: { path: `^packages/${from}/src/` },
  to: { path: `^packages/(${to})/` },
}));

module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    ...downwards,
    ...packages,
    {
      name: 'e2e-alone',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^packages/' },
    },
    {
      name: 'features-apart',
      comment: 'One feature of the web does not reach into another but through its parts that are shared.',
      severity: 'error',
      from: { path: '^packages/web/src/(ui|charts|theme|stores|api|workers)/' },
      to: { path: '^packages/web/src/(features|app)/' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js', '.mjs'] },
    tsConfig: { fileName: 'tsconfig.base.json' },
  },
};
