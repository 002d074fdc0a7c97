// Who may know whom. Rooms of the core are in the order of the work: a lower room
// never reaches up.
const rooms = [
  'quantity',
  'catalog',
  'brief',
  'recipe',
  'mixture',
  'limits',
  'drops',
  'advice',
  'scent',
  'making',
  'batch',
  'stock',
  'label',
  'reading',
  'planning',
  'words',
  'exchange',
];

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...rooms.slice(0, -1).map((room, index) => ({
      name: `${room}-does-not-reach-up`,
      severity: 'error',
      from: { path: `^core/src/${room}/` },
      to: { path: `^core/src/(${rooms.slice(index + 1).join('|')})/` },
    })),
    {
      name: 'rooms-through-their-doors',
      comment:
        'What a room keeps to itself is not behind its index.ts. Tests share what they build.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/' },
      to: {
        path: '^core/src/[^/]+/',
        pathNot: '^core/src/$1/|^core/src/[^/]+/index\\.ts$|testing\\.ts$|\\.json$',
      },
    },
    {
      name: 'the-solver-knows-numbers-only',
      severity: 'error',
      from: { path: '^core/src/drops/solver/' },
      to: { path: '^core/src/', pathNot: '^core/src/(drops/solver|quantity)/' },
    },
    {
      name: 'the-clock-knows-numbers-only',
      severity: 'error',
      from: { path: '^core/src/planning/schedule/' },
      to: { path: '^core/src/', pathNot: '^core/src/planning/schedule/' },
    },
    {
      name: 'the-core-knows-no-shell',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(web|server|scripts|e2e)/' },
    },
    {
      name: 'the-core-has-few-packages',
      comment: 'No React, no browser, no Node.',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$|testing\\.ts$' },
      to: { path: 'node_modules', pathNot: 'node_modules/(zod|minisearch|date-fns|htmlparser2)/' },
    },
    {
      name: 'the-core-through-its-doors',
      severity: 'error',
      from: { path: '^(web|server|scripts|e2e)/' },
      to: { path: '^core/src/', pathNot: '^core/src/[^/]+/index\\.ts$|testing\\.ts$' },
    },
    {
      name: 'web-and-server-apart',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^server/' },
    },
    {
      name: 'server-and-web-apart',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^web/' },
    },
    {
      name: 'the-protocol-knows-nobody',
      comment: 'What web and server say to each other, as schemas.',
      severity: 'error',
      from: { path: '^protocol/' },
      to: { path: '^(core|web|server|scripts|e2e)/' },
    },
    {
      name: 'the-core-knows-no-protocol',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^protocol/' },
    },
    {
      name: 'devices-know-no-screen',
      severity: 'error',
      from: { path: '^web/src/devices/' },
      to: { path: '^web/src/(screens|app|store)/' },
    },
    {
      name: 'screens-apart',
      severity: 'error',
      from: { path: '^web/src/screens/([^/]+)/' },
      to: { path: '^web/src/screens/', pathNot: '^web/src/screens/$1/' },
    },
    {
      name: 'the-kit-stands-alone',
      severity: 'error',
      // Pieces that know nothing of blends: of the core they read numbers and say them.
      from: { path: '^web/src/ui/' },
      to: {
        path: '^(web/src/(parts|store|workers|devices|screens|app)/|core/src/)',
        pathNot: '^core/src/(quantity|words)/index',
      },
    },
    {
      name: 'parts-and-store-know-no-screen',
      severity: 'error',
      from: { path: '^web/src/(ui|parts|store|workers)/' },
      to: { path: '^web/src/(screens|app)/' },
    },
    {
      name: 'the-store-knows-no-parts',
      severity: 'error',
      from: { path: '^web/src/store/' },
      to: { path: '^web/src/parts/' },
    },
    {
      name: 'testing-only-in-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?|testing\\.ts|^scripts/(bench|benchCores|fixtures)\\.ts)$' },
      to: { path: 'testing\\.ts$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(dist|\\.json$)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs'],
    },
  },
};
