/** Arrows point one way: core ← contract ← server, web. */
const only = (name, from, allowed, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from },
  to: { path: '^(core|contract|server|web|e2e|bench|command)/', pathNot: allowed },
});

/**
 * The rooms of the core, from the ground up. A room knows those below it, types
 * included, and none above.
 */
const rooms = [
  ['base', 'base/format'],
  ['rules', 'rules/limits'],
  ['spec/choices', 'spec/days', 'spec'],
  ['paces'],
  [
    'sessions/shorthand/ways',
    'sessions/shorthand',
    'sessions/breakdown',
    'sessions/progressions',
    'sessions/library',
    'sessions',
  ],
  ['record', 'record/activities'],
  ['layout/block', 'layout/past', 'layout/events', 'layout/written', 'layout/schools'],
  ['layout/context', 'layout/wished'],
  [
    'layout/phases',
    'layout/taper',
    'layout/frame',
    'layout/volume',
    'layout/longrun',
    'layout/load',
  ],
  ['layout/week', 'layout/sessions', 'layout/fill', 'layout/resolve', 'layout/validate', 'layout'],
  ['checks/common', 'checks/care', 'checks/events', 'checks/longrun', 'checks/paces'],
  ['checks/phases', 'checks/recovery', 'checks/sessions', 'checks/taper', 'checks/volume'],
  ['checks/week', 'checks'],
  [
    'edit/written',
    'edit/answers',
    'edit',
    'edit/week',
    'edit/fixes',
    'edit/paces',
    'edit/sheet',
    'edit/plan/forms',
    'edit/plan',
  ],
  ['review/done', 'review/patterns', 'review/proposals', 'review'],
  ['solve'],
  [
    'present/figures',
    'present/findings',
    'present/compare',
    'present/why',
    'present/sheet',
    'present/handout',
    'present/athlete-page',
    'present/review',
    'present',
  ],
].flat();
const inTests = '(\\.test\\.ts$|^core/src/testing/)';
const files = (room) => `^core/src/${room}/[^/]+\\.ts$`;
const floors = rooms.slice(0, -1).map((room, index) => ({
  name: `${room}-not-upward`,
  comment: 'Arrows of the core point down, room by room.',
  severity: 'error',
  from: { path: files(room), pathNot: inTests },
  to: {
    path: [...rooms.slice(index + 1).map(files), '^core/src/[^/]+\\.ts$'],
    pathNot: inTests,
  },
}));
/** Every room stands in the list above. */
const anyRoom = rooms.map(files);

module.exports = {
  forbidden: [
    ...floors,
    {
      name: 'every-room-has-its-floor',
      comment: 'A new folder of the core is given its place among the rooms.',
      severity: 'error',
      from: { path: '^core/src/.+/', pathNot: [...anyRoom, inTests] },
      to: {},
    },
    {
      name: 'by-the-face',
      comment: 'A floor of the core is known by its face alone.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: inTests },
      to: { path: '^core/src/[^/]+/', pathNot: ['^core/src/$1/', '/index\\.ts$'] },
    },
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
        path: '^web/src/(features|editor|components|drawing|api|theme)/',
        pathNot: '\\.test\\.tsx?$',
      },
      to: { path: '^web/src/app/' },
    },
    {
      name: 'components-not-upward',
      comment: 'What features share knows no feature.',
      severity: 'error',
      from: { path: '^web/src/(editor|components|drawing|api|theme)/' },
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
