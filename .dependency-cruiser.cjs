/** The house: core <- server, core <- web. Nothing points back down. */
const surfaces = ['studio', 'desk', 'stage', 'handset', 'report'];

/** The rooms of core, from the ground up: each may need those before it, and none after. */
const rooms = [
  'refusal.ts',
  'random',
  'rank',
  'text',
  'time',
  'document',
  'media',
  'question',
  'library',
  'review',
  'formats',
  'show',
  'sitting',
  'preview',
  'practice',
  'report',
  'term',
  'learn',
  'rehearsal',
  'interchange',
  'wire',
];
const isTest = '(\\.test\\.ts$|/test/)';

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { path: '^(server|web|demo|e2e|bench)/' },
    },
    {
      name: 'core-without-node',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    ...rooms.map((room, i) => ({
      name: `core-from-the-ground-up-${room}`,
      severity: 'error',
      from: { path: `^core/src/${room}`, pathNot: isTest },
      to: { path: `^core/src/(${[...rooms.slice(i + 1), 'none'].join('|')})` },
    })),
    {
      name: 'what-is-read-decides-nothing',
      severity: 'error',
      from: { path: '^core/src/sitting/(read|view)/' },
      to: { path: '^core/src/sitting/decide/' },
    },
    {
      name: 'a-format-imports-no-other-format',
      severity: 'error',
      from: { path: '^core/src/formats/([^/]+)/' },
      to: { path: '^core/src/formats/([^/]+)/', pathNot: '^core/src/formats/$1/' },
    },
    {
      name: 'the-engine-knows-no-single-format',
      severity: 'error',
      from: { path: '^core/src/sitting/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/formats/[^/]+/' },
    },
    {
      name: 'parts-of-the-live-surfaces-without-studio',
      severity: 'error',
      from: { path: '^web/src/formats/(.*(Stage|Handset|Desk)\\.vue|(stage|handset|desk|progress)\\.ts)$' },
      to: { path: '^web/src/(studio|desk|stage|handset)/' },
    },
    { name: 'server-not-web', severity: 'error', from: { path: '^server/' }, to: { path: '^web/' } },
    { name: 'web-not-server', severity: 'error', from: { path: '^web/' }, to: { path: '^server/' } },
    {
      name: 'only-db-imports-sequelize',
      severity: 'error',
      from: { path: '^server/src', pathNot: '^server/src/db/' },
      to: { path: 'node_modules/(sequelize|umzug|mariadb)' },
    },
    ...surfaces.map((name) => ({
      name: `surfaces-apart-${name}`,
      severity: 'error',
      from: { path: `^web/src/${name}/` },
      to: { path: `^web/src/(${surfaces.filter((other) => other !== name).join('|')})/.+` },
    })),
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^virtual:' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.js', '.vue', '.json', '.css'],
    },
  },
};
