/**
 * The arrows of the house: app → features → trade, web, print, data, ui, messages, core;
 * trade → web, data, ui, messages, core; web → data, ui, messages, core;
 * print → ui, messages, core; data → core; devices → core; core → core only. A feature imports no other feature.
 */
const room = (name) => `^src/${name}/`;
const only = (name, from, allowed, extra = {}) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.tsx?$', ...extra },
  to: { path: '^src/', pathNot: allowed },
});

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-orphan-imports', severity: 'error', from: {}, to: { couldNotResolve: true } },
    only('core-stands-alone', room('core'), [room('core')]),
    {
      name: 'core-packages',
      comment: 'Zod and Temporal, and what reckons chance and colour, are the core’s only dependencies.',
      severity: 'error',
      from: { path: room('core'), pathNot: '\\.test\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core'],
        pathNot: 'node_modules/(zod|temporal-polyfill|jstat|culori|@types/culori|pure-rand)/',
      },
    },
    {
      name: 'rooms-by-their-door',
      comment: 'Other rooms of the core are entered through their index; a test may ask for what only tests need.',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/', pathNot: ['^src/core/$1/', '^src/core/[^/]+/index\\.ts$'] },
    },
    {
      name: 'core-by-its-doors',
      severity: 'error',
      from: {
        path: '^(src/(app|features|trade|web|print|data|ui|messages|devices|cli|solvers|workers)|e2e|bench)/',
        pathNot: '\\.test\\.tsx?$',
      },
      to: { path: '^src/core/', pathNot: '^src/core/[^/]+/index\\.ts$' },
    },
    only('messages-know-core', room('messages'), [room('messages'), room('core')]),
    only('devices-know-core', room('devices'), [room('devices'), room('core')]),
    only('data-knows-core', room('data'), [room('data'), room('core')]),
    only('ui-knows-no-trade', room('ui'), [
      room('ui'),
      '^src/messages/screens/(ui|shared)\\.ts$',
      '^src/core/(quantity|batch)/index\\.ts$',
    ]),
    only('solvers-know-core', room('solvers'), [room('solvers'), room('core')]),
    only('workers-know-core-and-solvers', room('workers'), [room('workers'), room('core'), room('solvers')]),
    only('cli-knows-core-and-data', room('cli'), [room('cli'), room('core'), room('messages'), room('data'), room('solvers')]),
    only('web-knows-how-pages-work', room('web'), [
      room('web'),
      '^src/threads/jobs\\.ts$',
      '^src/workers/serve\\.ts$',
      room('devices'),
      room('data'),
      room('ui'),
      room('messages'),
      room('core'),
    ]),
    only('trade-is-shared-by-stations', room('trade'), [
      room('trade'),
      room('web'),
      room('devices'),
      room('data'),
      room('ui'),
      room('messages'),
      room('core'),
    ]),
    only('print-knows-what-is-drawn', room('print'), [room('print'), room('ui'), room('messages'), room('core')]),
    {
      name: 'stations-stand-alone',
      comment: 'A feature imports no other feature: what two share goes down, into web, print, ui, messages or the core.',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    only('features-know', room('features'), [
      room('features'),
      room('trade'),
      room('web'),
      room('print'),
      room('data'),
      room('ui'),
      room('messages'),
      room('core'),
      room('devices'),
      room('workers'),
    ]),
    only('threads-do-work-of-others', room('threads'), [
      room('threads'),
      room('features'),
      room('print'),
      room('data'),
      room('core'),
    ]),
    {
      name: 'threads-are-asked-by-name',
      comment: 'What runs in a thread is loaded there; the server knows its jobs by their types alone.',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/threads/' },
      to: { path: '^src/threads/', dependencyTypesNot: ['type-only'] },
    },
    only('app-composes', room('app'), [
      room('app'),
      room('features'),
      room('trade'),
      room('web'),
      room('ui'),
      '^src/messages/screens/(app|shared)\\.ts$',
      '\\.css$',
    ]),
    {
      name: 'data-stays-on-the-server',
      comment: 'Components reach data by queries and actions of their station.',
      severity: 'error',
      from: { path: '^src/(features/[^/]+/components|ui)/' },
      to: { path: '^src/data/', dependencyTypesNot: ['type-only'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    exclude: { path: '^\\.next' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default', 'types'] },
  },
};
