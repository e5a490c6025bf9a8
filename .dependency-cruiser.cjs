// The floors of the house. A room of the core imports only from the floors below its own, and the core
// knows nothing of the interface, the browser's storage or the server.
const floors = [
  ['quantity'],
  ['kit', 'plan'],
  ['knit', 'body'],
  ['hand'],
  ['kinds', 'read'],
  ['colour'],
  ['judge', 'convert'],
  ['faults', 'mending', 'tomble'],
  ['series', 'substitute']
];
const core = '^src/lib/core/';
const rules = floors.map((rooms, i) => {
  const above = floors.slice(i + 1).flat();
  return {
    name: `floor-${i + 1}-${rooms.join('-')}`,
    comment: 'a room imports only from its own floor or the floors below',
    severity: 'error',
    from: { path: `${core}(${rooms.join('|')})[/.]`, pathNot: '\\.test\\.ts$' },
    to: { path: above.length ? `${core}(${above.join('|')})[/.]` : '^$' }
  };
});

module.exports = {
  forbidden: [
    ...rules,
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-alone',
      comment: 'the core has no interface code: no Svelte, no DOM helpers, no storage',
      severity: 'error',
      from: { path: core, pathNot: '\\.test\\.ts$' },
      to: {
        path: '^src/(lib/(?!core)|routes|hooks)|node_modules/(svelte|@sveltejs|dexie|d3-selection|bits-ui|mode-watcher)'
      }
    },
    {
      name: 'core-stands-on-few-packages',
      severity: 'error',
      from: { path: core, pathNot: '\\.test\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev'],
        pathNot:
          'node_modules/(zod|culori|@types/culori|d3-array|d3-path|d3-polygon|d3-random|@types/d3-|date-fns|simple-statistics|yalps)'
      }
    },
    {
      name: 'words-stand-between',
      comment: 'the room of words knows the core and nothing above it',
      severity: 'error',
      from: { path: '^src/lib/words/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(lib/(?!core|words)|routes)' }
    },
    {
      name: 'formats-do-not-draw-on-screens',
      severity: 'error',
      from: { path: '^src/lib/(formats|store|draw)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(lib/ui|routes)' }
    },
    {
      name: 'not-to-unresolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^(\\$app|\\$env|\\$service-worker|\\./\\$types|highs/runtime\\?url)' }
    }
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.depcruise.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'svelte', 'types', 'default'] }
  }
};
