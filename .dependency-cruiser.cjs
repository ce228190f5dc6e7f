// The layers: core knows nobody, and inside it a module uses only those above it in this list.
const ORDER = [
  'academy',
  'units',
  'maths',
  'line',
  'delivery',
  'impact',
  'flight',
  'intake',
  'inverse',
  'reading',
  'plan',
  'causes',
  'drills',
  'proof',
  'record',
  'aim',
  'lesson',
  'words',
  'changes',
];

const downwards = ORDER.slice(0, -1).map((name, index) => ({
  name: `core-${name}-uses-only-what-is-above`,
  severity: 'error',
  from: { path: `^core/src/${name}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/src/(?:${ORDER.slice(index + 1).join('|')})/` },
}));

/** The rooms of intake, in the order a file is read. */
const READ_IN = ['table', 'columns', 'rows', 'checks', 'questions'];
const asItIsRead = READ_IN.slice(0, -1).map((name, index) => ({
  name: `intake-${name}-knows-nothing-of-what-comes-after`,
  severity: 'error',
  from: { path: `^core/src/intake/${name}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/src/intake/(?:${READ_IN.slice(index + 1).join('|')})/` },
}));

module.exports = {
  forbidden: [
    ...downwards,
    ...asItIsRead,
    {
      name: 'core-knows-nobody',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^core/src/|node_modules/(papaparse|fflate|read-excel-file|@?date-fns)' },
    },
    {
      name: 'through-the-front-door',
      comment: 'Other parts import the core, and the server, by name.',
      severity: 'error',
      from: { path: '^(server|web|demo|e2e|simulators)/' },
      to: { path: '^core/src/(?!index\\.ts$)' },
    },
    {
      name: 'web-and-server-apart',
      severity: 'error',
      from: { path: '^web/src/' },
      to: { path: '^(server|demo|simulators)/' },
    },
    {
      name: 'server-knows-no-screen',
      severity: 'error',
      from: { path: '^server/src/', pathNot: '\\.test\\.ts$' },
      to: { path: '^(web|demo|simulators)/' },
    },
    {
      name: 'controllers-do-http-only',
      severity: 'error',
      from: { path: '^server/src/.*\\.controller\\.ts$', pathNot: 'health' },
      to: { path: '\\.repository\\.ts$|/db/' },
    },
    {
      name: 'drawing-is-pure',
      severity: 'error',
      from: { path: '^web/src/drawing/[^/]*\\.ts$', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/react|^web/src/(?:api|app|features|ui|workers)/' },
    },
    {
      name: 'features-apart',
      comment: 'What two places need lives in ui, drawing, page or core.',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/' },
      to: { path: '^web/src/features/', pathNot: '^web/src/features/$1/' },
    },
    {
      name: 'the-page-has-no-coach-code',
      severity: 'error',
      from: { path: '^web/src/(?:page|ui|drawing)/' },
      to: { path: '^web/src/features/' },
    },
    {
      name: 'no-circles',
      comment: 'Imports of types count: a circle of types is one to whoever reads.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '/dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['loxos/source', 'import', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'],
    },
  },
};
