/** Arrows point one way: core ← contract ← server, web. */
const only = (name, from, allowed, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from },
  to: { path: '^(core|contract|server|web|e2e|bench|command)/', pathNot: allowed },
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    only('core-alone', '^core/', '^core/', 'The computation knows nobody.'),
    only('contract-on-core', '^contract/', '^(contract|core)/', 'The contract knows the core.'),
    only(
      'server-below',
      '^server/',
      '^(server|contract|core)/',
      'The server knows contract and core.',
    ),
    only('web-below', '^web/', '^(web|contract|core)/', 'The site knows contract and core.'),
    {
      name: 'core-is-pure',
      comment: 'No I/O and no packages in the computation.',
      severity: 'error',
      from: { path: '^core/src', pathNot: '(\\.test\\.ts$|^core/src/testing/)' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'] },
    },
    {
      name: 'features-do-not-mix',
      comment: 'A feature of the site knows no other.',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/' },
      to: { path: '^web/src/features/', pathNot: '^web/src/features/$1/' },
    },
    {
      name: 'features-not-upward',
      comment: 'The frame knows the features, never the reverse.',
      severity: 'error',
      from: {
        path: '^web/src/(features|desk|parts|drawing|api|look)/',
        pathNot: '\\.test\\.tsx?$',
      },
      to: { path: '^web/src/app/' },
    },
    {
      name: 'parts-not-upward',
      comment: 'What features share knows no feature.',
      severity: 'error',
      from: { path: '^web/src/(desk|parts|drawing|api|look)/' },
      to: { path: '^web/src/features/' },
    },
    {
      name: 'tests-are-leaves',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|/testing/|^e2e/)' },
      to: { path: '(\\.test\\.tsx?$|/testing/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(/dist/|/dist-types/)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'node', 'default'],
    },
  },
};
