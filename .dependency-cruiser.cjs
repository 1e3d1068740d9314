/** Layers: app -> features -> store -> storage/workers -> core; features -> ui. */
const outside = (name, from, to, comment) => ({ name, severity: 'error', comment, from, to });

/** The rooms of the core from the ground up: each knows those before it, for types too, and none behind it (042). */
const ROOMS = [
  'units',
  'language',
  'house',
  'journal',
  'trade',
  'survey',
  'estimating',
  'planning',
  'money',
  'records',
  'log',
  'files',
  'forecast',
  'testing',
];
const roomsIn = (rooms) => `^src/core/(${rooms.join('|')})/`;

const oneWay = ROOMS.slice(0, -1).map((room, at) =>
  outside(
    `core-${room}-knows-no-later-room`,
    { path: roomsIn([room]) },
    { path: [roomsIn(ROOMS.slice(at + 1)), '^src/core/index\\.ts$'] },
    `What a room after ${room} knows is handed in.`,
  ),
);

module.exports = {
  forbidden: [
    ...oneWay,
    outside(
      'core-rooms-are-listed',
      { path: '^src/core/[^/]+/', pathNot: roomsIn(ROOMS) },
      {},
      'A new room finds its place in the list first.',
    ),
    outside(
      'core-ground-knows-no-room',
      { path: '^src/core/(result|random|in-steps|remembering)\\.ts$' },
      { path: roomsIn(ROOMS) },
      'Small things that everything uses use nothing.',
    ),
    outside(
      'test-houses-stay-in-tests',
      { path: '^src/', pathNot: '^src/core/testing/' },
      { path: '^src/core/testing/' },
      'What houses and lines are drawn for tests is no part of the program.',
    ),
    outside(
      'no-cycles',
      {},
      { circular: true, dependencyTypesNot: ['type-only'] },
      'A cycle has no first file to read.',
    ),
    outside(
      'core-is-pure',
      { path: '^src/core' },
      { pathNot: ['^src/core', '^node_modules/(zod|immer|fflate|fast-check)'] },
      'The core may import zod, immer for its reductions, fflate for its zip, and nothing else.',
    ),
    outside(
      'owners-live-by-their-own-dice',
      { path: '^src/core/testing/owners/(life|population)' },
      { pathNot: ['^src/core/testing/owners/', '^src/core/(units|random)'] },
      'Owners who check the forecast know nothing of how it is made (docs/decisions/033).',
    ),
    outside(
      'ui-knows-no-domain',
      { path: '^src/ui' },
      { path: '^src/(core|store|storage|workers|features|app)' },
      'The design system knows no house.',
    ),
    outside(
      'storage-below-store',
      { path: '^src/(storage|workers)' },
      { path: '^src/(store|features|app|ui)' },
      'Storage and workers know only the core.',
    ),
    outside(
      'store-below-features',
      { path: '^src/store' },
      { path: '^src/(features|app|ui)' },
      'The store knows no screen.',
    ),
    outside(
      'features-below-app',
      { path: '^src/features' },
      { path: '^src/app' },
      'Features know no routes file.',
    ),
    outside(
      'features-by-index',
      // The table of late screens names each screen's own file.
      { path: '^src/features/([^/]+)/', pathNot: '^src/features/shell/late/' },
      {
        path: '^src/features/([^/]+)/',
        pathNot: ['^src/features/$1/', '^src/features/.+/index\\.ts$'],
      },
      'A feature reaches another only through its index.',
    ),
    outside(
      'server-uses-core-only',
      { path: '^server' },
      { path: '^src/(?!core)' },
      'The server uses only the core.',
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '(^|/)[^/]+\\.test\\.tsx?$' },
  },
};
