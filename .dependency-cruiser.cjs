/**
 * Arrows of import. Inside core and inside the server each room may reach those listed before it, never those after
 * it, and nothing may go round in a circle, types included.
 */
const rows = {
  core: [
    ['lib', 'palette\\.ts'],
    ['input'],
    ['units', 'materials', 'climate', 'geometry'],
    ['models'],
    ['brief', 'workshop'],
    ['print', 'field'],
    ['score'],
    ['advice'],
    ['records'],
    ['trials', 'service', 'triage', 'drills'],
    ['registry\\.ts', 'formats\\.ts', 'api', 'index\\.ts', 'tables\\.ts', 'units\\.ts'],
  ],
  server: [
    ['lib'],
    ['http'],
    ['backup'],
    ['db'],
    ['share', 'archive', 'demo'],
    ['jobs'],
    ['workplace'],
    ['routes'],
    ['start'],
    ['index\\.ts'],
  ],
};

/** A room may not reach a room of a later row. */
const downwards = Object.entries(rows).flatMap(([pack, list]) =>
  list.slice(0, -1).flatMap((row, i) =>
    row.map(room => ({
      name: `${pack}-${room}-downwards`,
      severity: 'error',
      from: { path: `^packages/${pack}/src/${room}(/|$)` },
      to: {
        path: `^packages/${pack}/src/(${list
          .slice(i + 1)
          .flat()
          .join('|')})(/|$)`,
      },
    })),
  ),
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

/** Which features of the web may reach into which others; `part` is what all pages of a part share. */
const reaches = {
  bench: ['shape'],
  brief: ['part', 'shape'],
  card: ['part', 'shape'],
  decision: ['part'],
  drills: ['bench'],
  fix: ['bench'],
  library: ['chooser'],
  rank: ['part', 'brief', 'trial'],
  shape: ['part'],
  trial: ['part', 'bench'],
  warp: ['part', 'shape', 'bench'],
};
const features = [
  ...Object.entries(reaches).map(([feature, allowed]) => ({
    name: `web-${feature}-reaches`,
    severity: 'error',
    from: { path: `^packages/web/src/features/${feature}/` },
    to: {
      path: '^packages/web/src/features/',
      pathNot: `^packages/web/src/features/(${[feature, ...allowed].join('|')})/`,
    },
  })),
  {
    name: 'web-other-features-apart',
    severity: 'error',
    from: {
      path: '^packages/web/src/features/([^/]+)/',
      pathNot: `^packages/web/src/features/(${Object.keys(reaches).join('|')})/`,
    },
    to: { path: '^packages/web/src/features/', pathNot: '^packages/web/src/features/$1/' },
  },
];

module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    ...downwards,
    ...packages,
    ...features,
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
