const only = (from, allowed, name, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: '^(app|ui|wording|data|workers|core|cli|server|demo|e2e|scripts)/', pathNot: `^(${[from, ...allowed].join('|')})/` },
});

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
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
      name: 'core-npm-allow-list',
      comment: 'core takes from npm only what is listed here',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: 'node_modules/(zod|suncalc|@types/suncalc|jstat)/' },
    },
    {
      name: 'no-zod-in-computation',
      comment: 'only records and exchange validate; computation and worker chunks stay free of the validator',
      severity: 'error',
      from: { path: '^(core/(water|mood|lures|retrieve|rods|strikes|lessons|sky)|workers)/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/zod/' },
    },
    {
      name: 'no-records-in-workers',
      severity: 'error',
      from: { path: '^workers/' },
      to: { path: '^core/(records|exchange)/', reachable: true },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.app.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(node_modules/(?!zod|suncalc|jstat))' },
  },
};
