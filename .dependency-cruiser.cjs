/*
 * The layers of the core and of the server, from the ground up: a room imports those before it and none after it, and no
 * file leads back to itself. Tests may look at all of them.
 */
const core = [
  'numbers|spaces|house-style',
  'working|analysis|bars',
  'schemes',
  'skill',
  'methods|strategies|marking',
  'skills',
  'catalogue',
  'papers|exchange',
  'exams|results',
  'quick'
];
const server = [
  'database',
  'http|pictures|print|archive',
  'jobs',
  'printing|exams|backup|contexts',
  'api'
];
const database = ['tables', 'base', 'records', 'papers', 'exams', 'sittings', 'marking', 'people'];

const TEST = '\\.test(-helper)?\\.ts$';

/** A rule for each floor of a house: it imports nothing of the floors above it. */
const upwards = (name, folder, floors) =>
  floors.slice(0, -1).map((rooms, at) => ({
    name: `${name}: ${rooms} stands below ${floors.slice(at + 1).join(', ')}`,
    severity: 'error',
    from: { path: `^${folder}/(${rooms})/`, pathNot: TEST },
    to: { path: `^${folder}/(${floors.slice(at + 1).join('|')})/` }
  }));

module.exports = {
  forbidden: [
    { name: 'no circles', severity: 'error', from: { pathNot: TEST }, to: { circular: true } },
    {
      name: 'a skill touches its folder alone',
      severity: 'error',
      from: { path: '^core/skills/([^/]+)/([^/]+)/', pathNot: TEST },
      to: { path: '^core/skills/', pathNot: '^core/skills/$1/$2/' }
    },
    {
      name: 'only the catalogue knows the skills',
      severity: 'error',
      from: { path: '^(core/(?!skills/|catalogue/)|src/)', pathNot: TEST },
      to: { path: '^core/skills/(?!own-question/)' }
    },
    {
      name: 'the core is pure',
      severity: 'error',
      from: { path: '^core/', pathNot: TEST },
      to: { path: '^(src|scripts|e2e)/' }
    },
    {
      name: 'the core uses nothing of Node.js',
      severity: 'error',
      from: { path: '^core/', pathNot: TEST },
      to: { dependencyTypes: ['core'] }
    },
    {
      name: 'server and workers know nothing of the interface',
      severity: 'error',
      from: { path: '^src/lib/(server|workers)/', pathNot: TEST },
      to: { path: '^src/(lib/ui|routes)/' }
    },
    {
      name: 'the interface knows nothing of the server',
      severity: 'error',
      from: { path: '^src/lib/ui/', pathNot: TEST },
      to: { path: '^src/lib/server/' }
    },
    {
      name: 'the contract knows neither of the sides that speak by it',
      severity: 'error',
      from: { path: '^src/lib/contract/', pathNot: TEST },
      to: { path: '^src/(routes|lib/(?!contract/))' }
    },
    ...upwards('core', 'core', core),
    ...upwards('server', 'src/lib/server', server),
    ...upwards('database', 'src/lib/server/database', database)
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(build|\\.svelte-kit|node_modules)/' },
    tsConfig: { fileName: 'tsconfig.json' },
    // Imports of types count as well: who reads one file has to know the other.
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.svelte.ts', '.js', '.svelte'] }
  }
};
