/** The floors of the core, lowest first; a floor imports only itself and what lies below. */
const floors = [
  ['units', 'anatomy'],
  ['movements'],
  ['kit', 'strength'],
  ['mechanics'],
  ['session', 'clock', 'set-model'],
  ['schools', 'dose', 'loads'],
  ['measure'],
  ['choosing'],
  ['examples'],
  ['review'],
  ['log', 'evidence', 'ordering', 'block'],
  ['lifter', 'sticking', 'documents'],
  ['shorthand', 'formats'],
  ['contract'],
];

/** The floors of the server, lowest first; main.ts stands on top of all. */
const serverFloors = [
  ['problems'],
  ['database'],
  ['access', 'documents'],
  ['queries'],
  ['store'],
  ['appraising', 'backup', 'demo'],
  ['house'],
  ['commands', 'http'],
];

/** The floors of the screens, lowest first. */
const webFloors = ['look', 'parts', 'drawings', 'data', 'state', 'screens'];

const above = (level) => floors.slice(level + 1).flat();

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    ...floors.slice(0, -1).map((rooms, level) => ({
      name: `floor-${level + 1}-looks-down`,
      severity: 'error',
      from: { path: `^core/src/(${rooms.join('|')})/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^core/src/(${above(level).join('|')})/` },
    })),
    {
      name: 'rooms-by-their-doors',
      severity: 'error',
      comment: 'A room is entered by its index. What is missing there is missing in the door.',
      from: { path: '^core/src/(?:([^/]+)/|[^/]+$)', pathNot: '(\\.test\\.ts$|^core/src/testing/)' },
      to: {
        path: '^core/src/[^/]+/',
        pathNot: ['^core/src/$1/', '^core/src/[^/]+/((teaching|pages)/)?index\\.ts$'],
      },
    },
    {
      name: 'front-door-is-on-top',
      severity: 'error',
      comment: 'Only formats may use the appraisal; nothing below it may.',
      from: {
        path: '^core/src/(units|anatomy|movements|kit|strength|mechanics|session|clock|set-model|dose|loads|schools|measure|choosing|review|log|block|lifter|shorthand)/',
        pathNot: '\\.test\\.ts$',
      },
      to: { path: '^core/src/(appraise|index)\\.ts$' },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '(\\.test\\.ts$|^core/src/testing/)' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'npm-optional', 'npm-peer', 'core'],
        pathNot: 'node_modules/(zod|fast-deep-equal|@internationalized/date|ical\\.js)/',
      },
    },
    {
      name: 'core-imports-no-room',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(server|web|e2e)/' },
    },
    ...serverFloors.slice(0, -1).map((rooms, level) => ({
      name: `server-floor-${level + 1}-looks-down`,
      severity: 'error',
      from: { path: `^server/src/(${rooms.join('|')})/`, pathNot: '\\.test\\.ts$' },
      to: {
        path: `^server/src/(${serverFloors
          .slice(level + 1)
          .flat()
          .join('|')})/`,
      },
    })),
    {
      name: 'server-root-is-empty',
      severity: 'error',
      comment: 'Beside main.ts nothing lies loose.',
      from: { path: '^server/src/[^/]+\\.ts$', pathNot: '^server/src/main\\.ts$' },
      to: {},
    },
    ...webFloors.slice(0, -1).map((room, level) => ({
      name: `web-${room}-looks-down`,
      severity: 'error',
      from: { path: `^web/src/${room}/`, pathNot: '\\.test\\.tsx?$' },
      to: { path: `^web/src/(${webFloors.slice(level + 1).join('|')})/` },
    })),
    {
      name: 'parts-know-no-trade',
      severity: 'error',
      comment: 'A part draws controls; what they are about belongs to the screens.',
      from: { path: '^web/src/parts/' },
      to: { path: '^(core/|web/src/(data|state|drawings)/)' },
    },
    {
      name: 'drawings-do-not-fetch',
      severity: 'error',
      from: { path: '^web/src/drawings/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^web/src/data/' },
    },
    { name: 'server-not-web', severity: 'error', from: { path: '^server/' }, to: { path: '^(web|e2e)/' } },
    { name: 'web-not-server', severity: 'error', from: { path: '^web/' }, to: { path: '^(server|e2e)/' } },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
    {
      name: 'product-code-not-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|/testing/)' },
      to: { path: '(\\.test\\.tsx?$|/testing/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
    },
  },
};
