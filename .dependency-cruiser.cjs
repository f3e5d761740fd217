const only = (from, allowed, name, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: '\\.(test|spec)\\.tsx?$' },
  to: {
    path: '^(app|ui|wording|data|workers|core|cli|server|demo|e2e|scripts)/',
    pathNot: `^(${[from, ...allowed].join('|')})/`,
  },
});

/**
 * The rooms of the core, in order: each may use those before it, by value or by type, and none after it. Rooms of one
 * line know nothing of each other.
 */
const ROOMS = [
  ['base'],
  ['water'],
  ['sky', 'tide', 'cautions'],
  ['stations'],
  ['tackle'],
  ['simulation'],
  ['lures'],
  ['holdtable'],
  ['mood'],
  ['ranking'],
  ['learning'],
  ['planning/cadence', 'planning/hookset'],
  ['planning/beat', 'planning/calibrate'],
  ['planning/task'],
  ['planning/below'],
  ['planning/plan'],
  ['planning/head'],
  ['schemas'],
  ['records'],
  ['box', 'log'],
  ['trip'],
  ['lessons', 'forecast', 'rods'],
  ['castplan'],
  ['diary'],
  ['exchange'],
];

const inRooms = (rooms) => `^core/(${rooms.join('|')})/`;
const oneWay = ROOMS.flatMap((line, i) =>
  line.map((room) => ({
    name: `one-way-from-${room.replace('/', '-')}`,
    comment: 'rooms of the core use the rooms before them, never those after (docs/ARCHITECTURE.md)',
    severity: 'error',
    from: { path: inRooms([room]), pathNot: '\\.test\\.ts$' },
    to: { path: inRooms([...line.filter((r) => r !== room), ...ROOMS.slice(i + 1).flat()]) },
  })),
);

module.exports = {
  forbidden: [
    { name: 'no-cycles', comment: 'by value or by type', severity: 'error', from: {}, to: { circular: true } },
    only('core', [], 'core-imports-nothing-of-ours', 'core stands alone'),
    only('wording', ['core'], 'wording-over-core', 'sentences are made from codes and facts'),
    only('demo', ['core'], 'demo-over-core', 'the sample world is typed core data'),
    only('data', ['core', 'demo'], 'data-over-core', 'storage knows records, not screens'),
    only('workers', ['core'], 'workers-over-core', 'workers expose core functions'),
    only('cli', ['core', 'wording'], 'cli-over-core-and-wording', 'the headless command'),
    only('server', ['core'], 'server-over-core', 'the server serves'),
    only('app', ['ui'], 'routes-only-re-export', 'routes hold nothing'),
    only('ui', ['wording', 'data', 'workers', 'core'], 'ui-direction', 'ui is the outermost layer of logic'),
    {
      name: 'nothing-uses-scripts-or-browser-tests',
      severity: 'error',
      from: { pathNot: '^(scripts|e2e)/' },
      to: { path: '^(scripts|e2e)/' },
    },
    {
      name: 'every-room-has-its-place',
      comment: 'a room of the core that is not in the order above',
      severity: 'error',
      from: {},
      to: { path: '^core/', pathNot: `${inRooms([...ROOMS.flat(), 'fixtures'])}` },
    },
    ...oneWay,
    {
      name: 'core-npm-allow-list',
      comment: 'core takes from npm only what is listed here',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: 'node_modules/(zod|suncalc|@types/suncalc|jstat)/' },
    },
    {
      name: 'no-zod-in-computation',
      comment: 'only schemas, records and exchange validate; computation and worker chunks stay free of the validator',
      severity: 'error',
      from: { path: '^(core/(?!schemas|records|exchange|fixtures)[a-z]+|workers)/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/zod/' },
    },
    {
      name: 'no-records-in-workers',
      comment: 'the worker of files alone looks through what it has read; it is fetched only when a file is',
      severity: 'error',
      from: { path: '^workers/', pathNot: '^workers/(files|client|files\\.worker)\\.ts$' },
      to: { path: '^core/(schemas|records|exchange)/', reachable: true },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.app.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(node_modules/(?!zod|suncalc|jstat))' },
  },
};
